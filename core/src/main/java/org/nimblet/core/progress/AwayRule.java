package org.nimblet.core.progress;

import java.time.LocalDate;
import java.util.OptionalInt;
import org.nimblet.core.exercise.Ladder;

/** How far days without work at a place lower a rung (model section 5; common practice). */
final class AwayRule {

  private AwayRule() {}

  /** The lower rung that is left of a footing on a date; empty if time away leaves it as it is. */
  static OptionalInt lower(Ladder ladder, Footing footing, WorkedDates worked, LocalDate date) {
    OptionalInt away = worked.daysAwayOn(date);
    boolean pinned = footing.word().filter(word -> word == Overruling.Word.PIN).isPresent();
    if (away.isEmpty() || pinned) {
      return OptionalInt.empty();
    }
    int days = away.getAsInt();
    LocalDate last = date.minusDays(days);
    if (footing.changed().filter(changed -> changed.isAfter(last)).isPresent()) {
      return OptionalInt.empty();
    }
    int lower = rung(ladder, footing.rung(), days, worked.isSeldomOn(date));
    return lower < footing.rung() ? OptionalInt.of(lower) : OptionalInt.empty();
  }

  /**
   * The rung that is left.
   *
   * @param rung where the person stood
   * @param days since the place was last worked
   * @param seldom whether it is done less often than every four days anyway
   */
  static int rung(Ladder ladder, int rung, int days, boolean seldom) {
    int one = seldom ? ProgressRules.AWAY_ONE_SELDOM : ProgressRules.AWAY_ONE;
    int two = seldom ? ProgressRules.AWAY_TWO_SELDOM : ProgressRules.AWAY_TWO;
    if (days < one) {
      return rung;
    } else if (days < two) {
      return Math.max(0, rung - 1);
    }
    int lower = Math.max(0, rung - 2);
    return days < ProgressRules.AWAY_LONG ? lower : Math.min(lower, share(ladder, rung));
  }

  /** The highest rung with at most a share of the dose; the first if none has so little. */
  private static int share(Ladder ladder, int rung) {
    long most = ladder.volume(rung) * ProgressRules.AWAY_PERCENT;
    int found = 0;
    for (int i = 1; i < rung; i++) {
      if (ladder.volume(i) * ProgressRules.WHOLE_PERCENT <= most) {
        found = i;
      }
    }
    return found;
  }
}
