package org.nimblet.core.routine;

import java.util.Map;
import java.util.Set;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;

/**
 * What a routine is asked for.
 *
 * @param budgetSeconds the time there is, 60–1800 s
 * @param facts who it is for
 * @param discipline what the hands do next to it
 * @param workingSides which hand does that, at least one
 * @param weights what it should serve
 * @param daysSinceDone whole days since each exercise was last done, by identifier; an exercise
 *     that is not in it was never done
 * @param warmed whether something warmed the hands in the last 30 minutes
 */
public record RoutineRequest(
    int budgetSeconds,
    ClientFacts facts,
    Discipline discipline,
    Set<Side> workingSides,
    Weights weights,
    Map<String, Integer> daysSinceDone,
    boolean warmed) {

  public static final int LEAST_SECONDS = 60;
  public static final int GREATEST_SECONDS = 1800;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public RoutineRequest {
    workingSides = Set.copyOf(workingSides);
    daysSinceDone = Map.copyOf(daysSinceDone);
    if (budgetSeconds < LEAST_SECONDS || budgetSeconds > GREATEST_SECONDS) {
      throw new IllegalArgumentException(
          "budget (%d s) must be between %d and %d s"
              .formatted(budgetSeconds, LEAST_SECONDS, GREATEST_SECONDS));
    }
    if (workingSides.isEmpty()) {
      throw new IllegalArgumentException("working sides (none) must name at least one side");
    }
  }

  /** The side that works alone where only one does: the dominant one if both work. */
  Side workingSide() {
    return workingSides.size() == 1 ? workingSides.iterator().next() : facts.dominant();
  }
}
