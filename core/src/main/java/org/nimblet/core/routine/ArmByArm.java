package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Laterality;

/**
 * What each side does by itself, on one arm first and then on the other: an order of the same work
 * (common practice, no source).
 */
public final class ArmByArm {

  private ArmByArm() {}

  /**
   * A routine in which the stretch about a step goes arm by arm: the steps of its kind that follow
   * each other and that each side does by itself.
   *
   * @param index the step; its first side goes first
   * @throws IllegalArgumentException if its sides do not work one after the other, or it stands in
   *     a circuit
   */
  public static List<Step> of(List<Step> steps, int index) {
    if (index < 0 || index >= steps.size() || !goes(steps.get(index), steps.get(index))) {
      throw new IllegalArgumentException(
          "step (%d) must be done on each side, and not in a circuit, to go arm by arm"
              .formatted(index + 1));
    }
    Step chosen = steps.get(index);
    int from = index;
    while (from > 0 && goes(steps.get(from - 1), chosen)) {
      from--;
    }
    int until = index + 1;
    while (until < steps.size() && goes(steps.get(until), chosen)) {
      until++;
    }
    Side first = chosen.firstSide();
    List<Step> all = new ArrayList<>(steps.subList(0, from));
    for (Side side : List.of(first, first.other())) {
      steps.subList(from, until).forEach(step -> all.add(step.on(side)));
    }
    all.addAll(steps.subList(until, steps.size()));
    return List.copyOf(all);
  }

  private static boolean goes(Step step, Step chosen) {
    return step.exercise().kind() == chosen.exercise().kind()
        && step.circuit() == 0
        && step.dose().laterality() == Laterality.EACH;
  }
}
