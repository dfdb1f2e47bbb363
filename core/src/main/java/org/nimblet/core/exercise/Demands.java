package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Movement;

/**
 * What an exercise asks of the body and the place.
 *
 * @param segment the part of the body that moves
 * @param movements how far the directions of joints are used: freely, to their end, under load
 * @param intensity 1 (gentle) to 5 (strenuous)
 * @param needsWarmth whether it may only stand once the hands are warm
 * @param tires whether it tires what it works
 * @param arrives whether it is for arriving at a break, not only for settling at an end
 * @param positions the positions it can be done in, the usual one first
 * @param things what must be at hand
 * @param disciplines for whom it is; empty means everyone
 * @param role the hand that does it where only one does, by what that hand does in the activity
 * @param digitsOfActivity whether the digit that works is the one that the activity works
 * @param recovery how much rest it asks for afterwards
 * @param coachOnly whether only a coach puts it into a routine; it is never composed
 * @param closedWith what closes it beyond {@link ClosingRule}
 */
public record Demands(
    BodySegment segment,
    Map<Movement, Use> movements,
    int intensity,
    boolean needsWarmth,
    boolean tires,
    boolean arrives,
    List<Position> positions,
    Set<Thing> things,
    Set<Discipline> disciplines,
    Optional<HandRole> role,
    boolean digitsOfActivity,
    Recovery recovery,
    boolean coachOnly,
    ClosedWith closedWith) {

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Demands {
    movements = copy(movements);
    positions = List.copyOf(positions);
    things = Set.copyOf(things);
    disciplines = Set.copyOf(disciplines);
    if (intensity < 1 || intensity > 5) {
      throw new IllegalArgumentException(
          "intensity (%d) must be between 1 and 5".formatted(intensity));
    }
    if (positions.isEmpty()) {
      throw new IllegalArgumentException("positions (none) must name at least one position");
    }
    Set<Discipline> own = disciplines;
    role.filter(named -> Collections.disjoint(named.disciplines(), own))
        .ifPresent(
            named -> {
              throw new IllegalArgumentException(
                  "role (%s) is a hand that nobody of its disciplines has; allowed disciplines: %s"
                      .formatted(
                          named.id(),
                          named.disciplines().stream()
                              .map(LibraryWriter::word)
                              .collect(Collectors.joining(", "))));
            });
  }

  private static Map<Movement, Use> copy(Map<Movement, Use> movements) {
    Map<Movement, Use> copy = new EnumMap<>(Movement.class);
    copy.putAll(movements);
    return Collections.unmodifiableMap(copy);
  }

  /** Whether it takes a direction to its end or loads it. */
  public boolean reaches(Movement movement) {
    Use use = movements.get(movement);
    return use != null && use.isAtLeast(Use.WORKS);
  }
}
