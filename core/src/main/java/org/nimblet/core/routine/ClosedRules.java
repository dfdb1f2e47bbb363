package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.routine.Finding.Repair;

/** Steps that a referral sign, a clinician, a condition, age or pain closes. */
final class ClosedRules {

  private ClosedRules() {}

  static List<Finding> sign(CheckedRoutine routine) {
    return closed(routine, RoutineRule.REFERRAL_SIGN, Gate.SIGN);
  }

  static List<Finding> clinician(CheckedRoutine routine) {
    return closed(routine, RoutineRule.EXCLUDED_REGION, Gate.CLINICIAN);
  }

  static List<Finding> condition(CheckedRoutine routine) {
    return closed(routine, RoutineRule.KNOWN_CONDITION, Gate.CONDITION);
  }

  static List<Finding> pain(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>(closed(routine, RoutineRule.PAIN_DOSE, Gate.PAIN));
    findings.addAll(DoseFindings.each(routine, RoutineRule.PAIN_DOSE, DoseRules::levelHeld));
    return findings;
  }

  private static List<Finding> closed(CheckedRoutine routine, RoutineRule rule, Gate gate) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < routine.steps().size(); i++) {
      int index = i;
      Step step = routine.steps().get(i);
      Set<Side> closed = routine.closedSides(step, EnumSet.of(gate));
      if (!closed.isEmpty()) {
        Side side = closed.iterator().next();
        String why =
            gate.closed(step.exercise(), side, routine.plan(), routine.asked())
                .orElseThrow()
                .sentence(step.exercise());
        findings.add(
            new Finding(
                rule,
                step.exercise().title() + ": " + why,
                List.of(i),
                () -> openSideOnly(routine, index)));
      }
    }
    return findings;
  }

  private static Repair openSideOnly(CheckedRoutine routine, int index) {
    Step step = routine.steps().get(index);
    Set<Side> open = EnumSet.copyOf(step.sides());
    open.removeAll(routine.closedSides(step, Gate.OF_THE_PERSON));
    if (!step.dose().laterality().sidesApart() || open.size() != 1) {
      return routine.leaveOut(index);
    }
    Side side = open.iterator().next();
    return routine.replace("the " + side.word() + " side only", index, step.on(side));
  }
}
