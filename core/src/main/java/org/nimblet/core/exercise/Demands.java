package org.nimblet.core.exercise;

import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Movement;

/**
 * What an exercise asks of the body and the place.
 *
 * @param segment the part of the body that moves
 * @param movements the directions in which joints are moved or loaded
 * @param intensity 1 (gentle) to 5 (strenuous)
 * @param needsWarmth whether it may only stand once the hands are warm
 * @param tires whether it tires what it works
 * @param arrives whether it is for arriving at a break, not only for settling at an end
 * @param positions the positions it can be done in, the usual one first
 * @param things what must be at hand
 * @param disciplines for whom it is; empty means everyone
 * @param recovery how much rest it asks for afterwards
 * @param excludedBy the referral signs that exclude it, beyond those that exclude its kind
 */
public record Demands(
    BodySegment segment,
    Set<Movement> movements,
    int intensity,
    boolean needsWarmth,
    boolean tires,
    boolean arrives,
    List<Position> positions,
    Set<Thing> things,
    Set<Discipline> disciplines,
    Recovery recovery,
    Set<ReferralSign> excludedBy) {

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Demands {
    movements = Set.copyOf(movements);
    positions = List.copyOf(positions);
    things = Set.copyOf(things);
    disciplines = Set.copyOf(disciplines);
    excludedBy = Set.copyOf(excludedBy);
    if (intensity < 1 || intensity > 5) {
      throw new IllegalArgumentException(
          "intensity (%d) must be between 1 and 5".formatted(intensity));
    }
    if (positions.isEmpty()) {
      throw new IllegalArgumentException("positions (none) must name at least one position");
    }
  }
}
