package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Method;

/**
 * How far a routine serves what is wanted.
 *
 * @param target what is wanted, on a side
 * @param given what the routine gives, per cent; 100 is one full dose of something that is wholly
 *     for it every three minutes (ours)
 * @param wanted the weight of the target, per cent of the greatest weight
 */
public record Coverage(SidedTarget target, int given, int wanted) {

  private static final int FULL = 100;
  private static final int GREATEST_CONTRIBUTION = 10;
  private static final int SECONDS_A_DOSE = 180;

  /**
   * What a routine gives to every target that has a weight, the most wanted first.
   *
   * @param budgetSeconds the time that there is for it
   */
  public static List<Coverage> of(
      List<Step> steps, Weights weights, Method liked, int budgetSeconds) {
    long doses = Math.max(1, budgetSeconds / SECONDS_A_DOSE);
    Map<SidedTarget, Long> given = new HashMap<>();
    for (Step step : steps) {
      long level = level(step, liked);
      for (Side side : step.sides()) {
        step.exercise()
            .service()
            .targets()
            .forEach(
                (t, points) -> given.merge(new SidedTarget(t, side), level * points, Long::sum));
      }
    }
    List<Coverage> all = new ArrayList<>();
    weights
        .points()
        .forEach(
            (target, weight) -> {
              if (weight > 0) {
                long points = given.getOrDefault(target, 0L) / (GREATEST_CONTRIBUTION * doses);
                all.add(
                    new Coverage(
                        target,
                        (int) Math.min(FULL, points),
                        weight * FULL / GREATEST_CONTRIBUTION));
              }
            });
    all.sort(Comparator.comparing(Coverage::wanted).reversed().thenComparing(Coverage::target));
    return all;
  }

  /** The dose of a step as a share of the usual one, per cent. */
  private static long level(Step step, Method liked) {
    Dose usual = step.exercise().planOf(step.dose(), liked).usual();
    Dose dose = step.dose();
    return (long) FULL
        * dose.quantity()
        * dose.sets()
        * (dose.form().variesItself() ? dose.repetitions() : 1)
        / ((long) usual.quantity()
            * usual.sets()
            * (usual.form().variesItself() ? usual.repetitions() : 1));
  }
}
