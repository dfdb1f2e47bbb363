package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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
            () -> shortened(routine)));
  }

  private static Repair shortened(CheckedRoutine routine) {
    Shortening shortening = new Shortening(routine);
    shortening.until(routine.asked().budgetSeconds() * 1000L);
    return routine.whole(
        "shorten to " + TimeWords.words(shortening.lengthMillis() / 1000), shortening.steps);
  }

  /** A routine that gets shorter step by step. */
  private static final class Shortening {
    private final RoutineRequest asked;
    private final List<Step> steps;
    private final List<Long> work;

    /** Each step a level lower, where there is one. */
    private final List<Optional<Step>> lower = new ArrayList<>();

    private final List<Boolean> warms = new ArrayList<>();

    Shortening(CheckedRoutine routine) {
      this.asked = routine.asked();
      this.steps = new ArrayList<>(routine.steps());
      this.work = new ArrayList<>(routine.time().workMillis());
      for (Step step : steps) {
        lower.add(lowered(step, asked));
        warms.add(Warmth.warms(step.exercise()));
      }
    }

    long lengthMillis() {
      return RoutineTime.of(steps, work).lengthMillis();
    }

    void until(long budgetMillis) {
      while (lengthMillis() > budgetMillis) {
        Optional<Integer> longest = mostExpendable(true);
        if (longest.isPresent()) {
          putLower(longest.get());
        } else {
          leaveOut(mostExpendable(false).orElseThrow());
        }
      }
    }

    /** The longest step; what warms the hands only if nothing else is left. */
    private Optional<Integer> mostExpendable(boolean thatCanBeLowered) {
      return IntStream.range(0, steps.size())
          .filter(i -> !thatCanBeLowered || lower.get(i).isPresent())
          .boxed()
          .min(
              Comparator.<Integer, Boolean>comparing(warms::get)
                  .thenComparing(i -> -work.get(i))
                  .thenComparing(Comparator.reverseOrder()));
    }

    private void putLower(int place) {
      Step step = lower.get(place).orElseThrow();
      steps.set(place, step);
      work.set(place, StepTime.millis(step, asked.facts().pace()));
      lower.set(place, lowered(step, asked));
    }

    private void leaveOut(int place) {
      steps.remove(place);
      work.remove(place);
      lower.remove(place);
      warms.remove(place);
    }
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
}
