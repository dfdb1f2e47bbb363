package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.Finding.Repair;

/** Stretches and deep release stand in warm hands. */
final class WarmthRules {

  private WarmthRules() {}

  static List<Finding> coldStretch(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < routine.steps().size(); i++) {
      int index = i;
      Exercise exercise = routine.steps().get(i).exercise();
      if (Warmth.isNeededFor(exercise) && !routine.isWarmAt(i)) {
        findings.add(
            new Finding(
                RoutineRule.COLD_STRETCH,
                "%s comes after %d s of heat and mobilising; %d s are wanted before it."
                    .formatted(
                        exercise.title(), routine.warmingSecondsBefore(i), Warmth.WARMING_SECONDS),
                List.of(i),
                () -> repair(routine, index)));
      }
    }
    return findings;
  }

  private static Repair repair(CheckedRoutine routine, int cold) {
    for (int after = cold + 1; after < routine.steps().size(); after++) {
      if (routine.isWarmAt(after + 1)) {
        List<Step> moved = new ArrayList<>(routine.steps());
        moved.add(after, moved.remove(cold));
        return routine.whole("after " + routine.steps().get(after).exercise().title(), moved);
      }
    }
    return warmed(routine).orElseGet(() -> routine.leaveOut(cold));
  }

  /** The routine with one thing that warms put first, if one is allowed and fits. */
  private static Optional<Repair> warmed(CheckedRoutine routine) {
    long free = routine.asked().budgetSeconds() * 1000L - routine.time().lengthMillis();
    return routine.library().exercises().stream()
        .filter(exercise -> exercise.kind() != Kind.PLAY && Warmth.warms(exercise))
        .filter(e -> routine.steps().stream().noneMatch(s -> s.exercise().equals(e)))
        .sorted(Comparator.comparing(Exercise::kind).thenComparing(Exercise::id))
        .flatMap(exercise -> routine.usualStep(exercise).stream())
        .flatMap(step -> first(routine, step, free).stream())
        .findFirst();
  }

  private static Optional<Repair> first(CheckedRoutine routine, Step step, long freeMillis) {
    List<Step> more = new ArrayList<>(routine.steps());
    more.add(0, step);
    long added =
        RoutineTime.of(more, routine.asked().facts().pace()).lengthMillis()
            - routine.time().lengthMillis();
    return added > freeMillis
        ? Optional.empty()
        : Optional.of(
            routine.whole(
                "add %s, %s".formatted(step.exercise().title(), TimeWords.words(added / 1000)),
                more));
  }
}
