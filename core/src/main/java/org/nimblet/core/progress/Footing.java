package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Where one side stands on a ladder.
 *
 * @param rung the rung, from 0
 * @param streak how many times in a row it went well on this rung
 * @param changed when the rung last changed
 * @param counted the last date on which the streak grew
 * @param holds how many dates in a row it held
 * @param held the last date on which it held
 * @param lowered whether even the easiest rung is done at a share of it
 * @param state whether it goes on
 * @param word what the coach has said of it and not taken back
 * @param steppedDown when each rung was last stepped down from
 * @param effort the effort of the last time
 */
record Footing(
    int rung,
    int streak,
    Optional<LocalDate> changed,
    Optional<LocalDate> counted,
    int holds,
    Optional<LocalDate> held,
    boolean lowered,
    State state,
    Optional<Overruling.Word> word,
    Map<Integer, LocalDate> steppedDown,
    OptionalInt effort) {

  /** Whether an exercise goes on. */
  public enum State {
    GOING_ON,
    /** Until it is cleared. */
    STOPPED,
    /** Until the coach allows it again. */
    PAUSED
  }

  static Footing on(int rung) {
    return new Footing(
        rung,
        0,
        Optional.empty(),
        Optional.empty(),
        0,
        Optional.empty(),
        false,
        State.GOING_ON,
        Optional.empty(),
        Map.of(),
        OptionalInt.empty());
  }

  /** How many times in a row it has to go well before the next step. */
  int need(LocalDate date) {
    LocalDate down = steppedDown.get(rung + 1);
    boolean backToIt =
        down != null && ChronoUnit.DAYS.between(down, date) <= ProgressRules.STEPPED_DOWN_DAYS;
    return backToIt ? ProgressRules.NEED_AFTER_A_STEP_DOWN : ProgressRules.NEED;
  }

  boolean changedOn(LocalDate date) {
    return changed.filter(date::equals).isPresent();
  }

  /** Whether enough days have passed since the last change. */
  boolean mayRise(LocalDate date) {
    return changed
        .filter(last -> ChronoUnit.DAYS.between(last, date) < ProgressRules.DAYS_BETWEEN_STEPS)
        .isEmpty();
  }

  Footing movedTo(int other, LocalDate date) {
    Map<Integer, LocalDate> downs = new HashMap<>(steppedDown);
    for (int left = other + 1; left <= rung; left++) {
      downs.put(left, date);
    }
    return new Footing(
        other,
        0,
        Optional.of(date),
        counted,
        0,
        Optional.empty(),
        lowered && other <= rung,
        state,
        word,
        Map.copyOf(downs),
        effort);
  }

  Footing begunOn(int other) {
    return new Footing(
        other, 0, changed, counted, holds, held, lowered, state, word, steppedDown, effort);
  }

  Footing withStreak(int other, LocalDate date) {
    return new Footing(
        rung,
        other,
        changed,
        Optional.of(date),
        0,
        Optional.empty(),
        lowered,
        state,
        word,
        steppedDown,
        effort);
  }

  Footing holding(boolean beginAgain, LocalDate date) {
    boolean again = held.filter(date::equals).isPresent();
    return new Footing(
        rung,
        beginAgain ? 0 : streak,
        changed,
        counted,
        again ? holds : holds + 1,
        Optional.of(date),
        lowered,
        state,
        word,
        steppedDown,
        effort);
  }

  Footing atShare(boolean share, LocalDate date) {
    return new Footing(
        rung,
        0,
        Optional.of(date),
        counted,
        0,
        Optional.empty(),
        share,
        state,
        word,
        steppedDown,
        effort);
  }

  Footing in(State other) {
    return new Footing(
        rung, 0, changed, counted, holds, held, lowered, other, word, steppedDown, effort);
  }

  Footing told(Optional<Overruling.Word> other) {
    return new Footing(
        rung, streak, changed, counted, holds, held, lowered, state, other, steppedDown, effort);
  }

  Footing withEffort(OptionalInt other) {
    return new Footing(
        rung, streak, changed, counted, holds, held, lowered, state, word, steppedDown, other);
  }
}
