package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Kind;

/** The seconds that are left when a routine is chosen, given to rests and to the last stretch. */
final class Slack {

  private static final int WHOLE_SECOND = 1000;

  /** A hold or a rest is lengthened to seconds that one says and remembers (ours). */
  private static final int ROUND_SECONDS = 5;

  private final PurposePlan plan;
  private final RoutineRequest request;

  Slack(PurposePlan plan, RoutineRequest request) {
    this.plan = plan;
    this.request = request;
  }

  /** Fills what is left: rests to their greatest, then the last stretch. */
  List<Step> filled(List<Step> chosen) {
    List<Step> steps = new ArrayList<>(chosen);
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      Dose dose = step.dose();
      int rests = dose.rests();
      if (rests > 0 && !request.pinned().contains(step)) {
        DosePlan own = step.exercise().planOf(dose, request.facts().method());
        int more =
            Math.min(own.greatestRestSeconds() - dose.restSeconds(), slackSeconds(steps) / rests);
        int longest = dose.restSeconds() + more;
        int rest = Math.max(dose.restSeconds(), longest - longest % ROUND_SECONDS);
        Step rested = step.withDose(dose.withRest(rest));
        if (DoseRules.unsound(rested, request).isEmpty()) {
          steps.set(i, rested);
        }
      }
    }
    for (int i = steps.size() - 1; i >= 0; i--) {
      if (steps.get(i).exercise().kind() == Kind.STRETCH) {
        steps.set(i, lengthened(steps, i));
        break;
      }
    }
    return steps;
  }

  private Step lengthened(List<Step> steps, int index) {
    Step step = steps.get(index);
    Dose dose = step.dose();
    if (!(dose.form() instanceof DoseForm.Hold) || request.pinned().contains(step)) {
      return step;
    }
    Target main = step.exercise().service().main();
    int held =
        steps.stream()
            .filter(s -> s.exercise().kind() == Kind.STRETCH)
            .filter(s -> s.exercise().service().main() == main)
            .mapToInt(s -> s.dose().heldSecondsPerSide(request.facts().pace()))
            .sum();
    int perSide = dose.repetitions() * dose.sets() * dose.units().count();
    int most =
        Math.min(
            step.exercise().planOf(dose, request.facts().method()).bounds().greatest()
                - dose.quantity(),
            (request.heldSecondsPerTissue(plan) - held) / perSide);
    // A second more of hold takes as many seconds as there are repetitions over all sides; a
    // release may come on top, which is looked at afterwards.
    int fitting = slackSeconds(steps) / dose.totalRepetitions();
    for (int more = Math.min(most, fitting); more > 0; more--) {
      if ((dose.quantity() + more) % ROUND_SECONDS != 0) {
        continue;
      }
      List<Step> longer = new ArrayList<>(steps);
      longer.set(index, step.withDose(dose.withQuantity(dose.quantity() + more)));
      if (slackSeconds(longer) >= 0 && DoseRules.unsound(longer.get(index), request).isEmpty()) {
        return longer.get(index);
      }
    }
    return step;
  }

  private int slackSeconds(List<Step> steps) {
    long length = RoutineTime.of(steps, request.facts().pace()).lengthMillis();
    return (int)
        Math.floorDiv(request.budgetSeconds() * (long) WHOLE_SECOND - length, WHOLE_SECOND);
  }
}
