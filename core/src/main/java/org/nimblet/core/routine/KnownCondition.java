package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Exercise;

/**
 * A condition that is known of a person. What a clinician allows afterwards comes first.
 *
 * @param condition which
 * @param sides on which sides, at least one
 * @param regions where, at least one
 * @param told the day on which it was told
 */
public record KnownCondition(
    Condition condition, Set<Side> sides, Set<Region> regions, LocalDate told) {

  /**
   * Copies the sets and checks that they name a place.
   *
   * @throws IllegalArgumentException naming what is missing
   */
  public KnownCondition {
    sides = Set.copyOf(sides);
    regions = Set.copyOf(regions);
    if (sides.isEmpty() || regions.isEmpty()) {
      throw new IllegalArgumentException(
          "%s must have a side (%s) and a place (%s)".formatted(condition.word(), sides, regions));
    }
  }

  /** A condition at its usual place. */
  public static KnownCondition of(Condition condition, Set<Side> sides, LocalDate told) {
    return new KnownCondition(condition, sides, condition.usualPlace(), told);
  }

  boolean closes(Exercise exercise, Side acting) {
    if (!exercise.closedWith().conditions().contains(condition)) {
      return false;
    }
    if (condition.hasPlace()) {
      Set<Region> reach = Reach.withNeighbours(regions);
      return sides.stream().anyMatch(side -> Reach.isUsed(exercise, acting, side, reach));
    }
    return sides.contains(acting) && Reach.isUsed(exercise, acting, acting, regions);
  }
}
