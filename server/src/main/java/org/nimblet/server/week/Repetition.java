package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.transform.recurrence.Frequency;

/** Recurrence rules of RFC 5545, section 3.3.10, as ical4j expands them. */
public final class Repetition {

  /** A rule that is too long to have been meant. */
  private static final int LONGEST = 200;

  private Repetition() {}

  /**
   * A rule that comes round every so many weeks.
   *
   * @param days on which days of the week, as RFC 5545 writes them; none if it is no weekly rule
   * @param weeks every so many weeks
   * @param until its last day; null if it has no end
   */
  public record Weekly(List<String> days, int weeks, @Schema(nullable = true) LocalDate until) {}

  /** How a rule comes round by the week. */
  static Weekly weekly(String rule) {
    Recur<LocalDate> recur = new Recur<>(rule);
    boolean byTheWeek = recur.getFrequency() == Frequency.WEEKLY;
    return new Weekly(
        byTheWeek
            ? recur.getDayList().stream().map(day -> day.getDay().name()).toList()
            : List.of(),
        Math.max(1, recur.getInterval()),
        recur.getUntil());
  }

  /**
   * When a rule comes round.
   *
   * @param rule such as {@code FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,WE;UNTIL=20270131}
   * @param first the first time, which the rule should meet
   * @param last nothing after it is given, however long the rule goes on
   * @return in ascending order
   * @throws IllegalArgumentException if it is no rule
   */
  public static <T extends Temporal & Comparable<? super T>> List<T> times(
      String rule, T first, T last) {
    if (rule.length() > LONGEST) {
      throw new IllegalArgumentException(
          "a rule (%d characters) must not be longer than %d".formatted(rule.length(), LONGEST));
    }
    try {
      return new Recur<T>(rule)
          .getDates(first, first, last).stream()
              .filter(time -> time.compareTo(first) >= 0 && time.compareTo(last) <= 0)
              .distinct()
              .sorted()
              .toList();
    } catch (IllegalArgumentException | DateTimeException e) {
      throw new IllegalArgumentException(
          "rule (%s) must be a recurrence rule such as FREQ=WEEKLY;BYDAY=MO,WE;UNTIL=20270131"
              .formatted(rule),
          e);
    }
  }
}
