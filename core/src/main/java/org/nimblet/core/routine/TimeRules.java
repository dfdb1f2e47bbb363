package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.routine.Finding.Repair;

/** The time there is. */
final class TimeRules {

  /** The lower levels of the usual dose, per cent, the nearest first. */
  private static final List<Integer> LOWER_LEVELS = List.of(100, 80, 60);

  private TimeRules() {}

  static List<Finding> overBudget(CheckedRoutine routine) {
    long over = routine.time().lengthMillis() - routine.asked().budgetSeconds() * 1000L;
    if (over <= 0) {
      return List.of();
    }
    return List.of(
        new Finding(
            RoutineRule.OVER_BUDGET,
            "The routine takes %s, %s more than there is."
                .formatted(
                    TimeWords.words((routine.time().lengthMillis() + 999) / 1000),
                    TimeWords.words((over + 999) / 1000)),
            List.of(),
            Optional.of(shortened(routine))));
  }

  private static Repair shortened(CheckedRoutine routine) {
    List<Step> steps = new ArrayList<>(routine.steps());
    List<Long> work = new ArrayList<>(routine.time().workMillis());
    long budget = routine.asked().budgetSeconds() * 1000L;
    while (RoutineTime.of(steps, work).lengthMillis() > budget) {
      if (!lowerOne(steps, work, routine.asked())) {
        int least = indices(steps).min(expendable(steps, work)).orElseThrow();
        steps.remove(least);
        work.remove(least);
      }
    }
    return routine.whole(
        "shorten to " + TimeWords.words(RoutineTime.of(steps, work).lengthMillis() / 1000), steps);
  }

  /** Lowers the longest step that can be lowered; what warms the hands only if nothing else can. */
  private static boolean lowerOne(List<Step> steps, List<Long> work, RoutineRequest asked) {
    Optional<Integer> longest =
        indices(steps)
            .sorted(expendable(steps, work))
            .filter(i -> lowered(steps.get(i), asked).isPresent())
            .findFirst();
    longest.ifPresent(
        i -> {
          steps.set(i, lowered(steps.get(i), asked).orElseThrow());
          work.set(i, StepTime.millis(steps.get(i), asked.facts().pace()));
        });
    return longest.isPresent();
  }

  /** The step at a lower level of its usual dose, if there is one. */
  static Optional<Step> lowered(Step step, RoutineRequest asked) {
    DosePlan own = step.exercise().planOf(step.dose(), asked.facts().method());
    Dose dose = step.dose();
    return LOWER_LEVELS.stream()
        .map(level -> own.usual().atLevel(level, own.bounds()).quantity())
        .filter(quantity -> quantity < dose.quantity())
        .findFirst()
        .map(q -> step.withDose(dose.withException(Optional.empty()).withQuantity(q)));
  }

  /**
   * What warms is kept longest; the longer goes before the shorter, the later before the earlier.
   */
  private static Comparator<Integer> expendable(List<Step> steps, List<Long> work) {
    Comparator<Integer> warming = Comparator.comparing(i -> Warmth.warms(steps.get(i).exercise()));
    Comparator<Integer> length = Comparator.comparing(i -> -work.get(i));
    return warming.thenComparing(length).thenComparing(Comparator.reverseOrder());
  }

  private static Stream<Integer> indices(List<Step> steps) {
    return IntStream.range(0, steps.size()).boxed();
  }
}
