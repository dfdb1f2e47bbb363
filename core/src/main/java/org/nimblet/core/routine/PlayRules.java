package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.routine.Finding.Repair;

/** What tires stands away from play, and heavy work has a day of rest around it. */
final class PlayRules {

  private static final long MINUTE = 60_000;

  private PlayRules() {}

  static List<Finding> tiringBeforePlay(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    for (int i : routine.where(step -> SafetyRules.minutesBeforePlay(step.exercise()) > 0)) {
      Exercise exercise = routine.steps().get(i).exercise();
      int wanted = SafetyRules.minutesBeforePlay(exercise);
      OptionalInt minutes = minutesToPlay(routine, i);
      if (minutes.isPresent() && minutes.getAsInt() < wanted) {
        findings.add(
            new Finding(
                RoutineRule.TIRING_BEFORE_PLAY,
                "%s %s what is used %s; at least %d min are wanted between."
                    .formatted(
                        exercise.title(),
                        exercise.demands().tires() ? "tires" : "strongly stretches",
                        minutes.getAsInt() == 0 ? "right after" : minutes.getAsInt() + " min later",
                        wanted),
                List.of(i),
                () -> afterPlay(routine, i, wanted)));
      }
    }
    return findings;
  }

  /** Whole minutes from the end of a step to the next play; empty if none is near. */
  private static OptionalInt minutesToPlay(CheckedRoutine routine, int step) {
    for (int i = step + 1; i < routine.steps().size(); i++) {
      if (CheckedRoutine.isPlay(routine.steps().get(i))) {
        long between = routine.time().starts().get(i) - routine.time().endMillis(step);
        return OptionalInt.of((int) (between / MINUTE));
      }
    }
    if (routine.steps().get(step).exercise().demands().tires() && !routine.plan().mayTire()) {
      return OptionalInt.of(0);
    }
    OptionalInt after = routine.asked().around().minutesToPlay();
    if (after.isEmpty()) {
      return after;
    }
    long rest = routine.time().lengthMillis() - routine.time().endMillis(step);
    return OptionalInt.of(after.getAsInt() + (int) (rest / MINUTE));
  }

  /** Behind the last gap for playing where that helps, else left out. */
  private static Repair afterPlay(CheckedRoutine routine, int step, int wanted) {
    List<Integer> plays = routine.where(CheckedRoutine::isPlay);
    boolean playComes = plays.stream().anyMatch(play -> play > step);
    boolean freeAfter =
        routine.plan().mayTire()
            && routine.asked().around().minutesToPlay().stream().allMatch(m -> m >= wanted);
    if (!playComes || !freeAfter) {
      return routine.leaveOut(step);
    }
    List<Step> moved = new ArrayList<>(routine.steps());
    moved.add(plays.get(plays.size() - 1), moved.remove(step));
    return routine.whole("after playing", moved);
  }

  static List<Finding> sameTissue(CheckedRoutine routine) {
    return resting(routine, RoutineRule.SAME_TISSUE_WITHIN_48H, Rejection.NeedsRest.class);
  }

  static List<Finding> beforePerformance(CheckedRoutine routine) {
    return resting(
        routine, RoutineRule.TOO_MUCH_BEFORE_PERFORMANCE, Rejection.BeforePerformance.class);
  }

  private static List<Finding> resting(
      CheckedRoutine routine, RoutineRule rule, Class<? extends Rejection.Reason> kind) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < routine.steps().size(); i++) {
      int index = i;
      Step step = routine.steps().get(i);
      Gate.REST
          .closed(step.exercise(), step.firstSide(), routine.plan(), routine.asked())
          .filter(kind::isInstance)
          .ifPresent(
              reason ->
                  findings.add(
                      new Finding(
                          rule,
                          step.exercise().title() + ": " + reason.sentence(step.exercise()),
                          List.of(index),
                          () -> routine.leaveOut(index))));
    }
    return findings;
  }
}
