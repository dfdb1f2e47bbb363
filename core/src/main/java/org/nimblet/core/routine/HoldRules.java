package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.routine.Finding.Repair;

/** How long is held, and that a hold is let go of. */
final class HoldRules {

  private HoldRules() {}

  static List<Finding> overCap(CheckedRoutine routine) {
    List<Finding> findings =
        new ArrayList<>(
            DoseFindings.each(routine, RoutineRule.HOLD_OVER_CAP, DoseRules::singleFinger));
    Pace pace = routine.asked().facts().pace();
    int cap = routine.asked().heldSecondsPerTissue(routine.plan());
    Map<SidedTarget, List<Integer>> stretches = new LinkedHashMap<>();
    for (int i : routine.where(step -> step.exercise().kind() == Kind.STRETCH)) {
      Step step = routine.steps().get(i);
      for (Side side : step.sides()) {
        stretches
            .computeIfAbsent(
                new SidedTarget(step.exercise().service().main(), side), t -> new ArrayList<>())
            .add(i);
      }
    }
    List<List<Integer>> named = new ArrayList<>();
    stretches.forEach(
        (target, steps) -> {
          int held =
              steps.stream()
                  .mapToInt(i -> routine.steps().get(i).dose().heldSecondsOn(target.side(), pace))
                  .sum();
          if (held > cap && !named.contains(steps)) {
            named.add(steps);
            findings.add(
                new Finding(
                    RoutineRule.HOLD_OVER_CAP,
                    "The %s are held for %d s on the %s; %d s a side are the most in %s."
                        .formatted(
                            target.target().word(),
                            held,
                            target.side().word(),
                            cap,
                            routine.plan().purpose().withArticle()),
                    steps,
                    () -> shorter(routine, steps, held - cap, target.side())));
          }
        });
    return findings;
  }

  /** The last of the stretches shortened by so many seconds, or left out. */
  private static Repair shorter(
      CheckedRoutine routine, List<Integer> steps, int excess, Side side) {
    int last = steps.get(steps.size() - 1);
    Step step = routine.steps().get(last);
    Pace pace = routine.asked().facts().pace();
    Dose dose = step.dose();
    int least = step.exercise().planOf(dose, routine.asked().facts().method()).bounds().least();
    int wanted = dose.heldSecondsOn(side, pace) - excess;
    for (int quantity = dose.quantity() - 1; quantity >= least; quantity--) {
      Dose shorter = dose.withException(Optional.empty()).withQuantity(quantity);
      if (shorter.heldSecondsOn(side, pace) <= wanted) {
        return routine.replace(
            "hold %d s a side".formatted(shorter.heldSecondsOn(side, pace)),
            last,
            step.withDose(shorter));
      }
    }
    return routine.leaveOut(last);
  }

  static List<Finding> noRelease(CheckedRoutine routine) {
    Pace pace = routine.asked().facts().pace();
    List<Integer> settles = routine.where(step -> step.exercise().kind() == Kind.SETTLE);
    List<Finding> findings = new ArrayList<>();
    for (int i : routine.where(s -> StepTime.hasRelease(s.dose(), pace) && !s.released())) {
      if (settles.stream().noneMatch(settle -> settle > i)) {
        Step step = routine.steps().get(i);
        findings.add(
            new Finding(
                RoutineRule.NO_RELEASE_AFTER_HOLD,
                "%s is held for %d s, and nothing lets go of it afterwards."
                    .formatted(step.exercise().title(), step.dose().form().heldSeconds(pace)),
                List.of(i),
                () ->
                    routine.replace(
                        "a release, %d s".formatted(StepTime.RELEASE_SECONDS),
                        i,
                        step.withRelease(true))));
      }
    }
    return findings;
  }
}
