package org.nimblet.core.routine;

import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;

/**
 * A session of this day that was ended for safety. For the rest of the day what was hurt is left
 * alone, and nothing that tires, stretches or is more than gentle uses the area around it (ours,
 * the safe reading of "stop here for today").
 *
 * @param side on which side
 * @param regions where, at least one
 * @param words what was felt, for people: "sharp, 5 of 10"
 */
public record Stop(Side side, Set<Region> regions, String words) {

  private static final int GENTLEST = 1;

  /** Copies the set and checks that it names a place. */
  public Stop {
    regions = Set.copyOf(regions);
    if (regions.isEmpty()) {
      throw new IllegalArgumentException("regions (none) must name at least one place");
    }
  }

  boolean closes(Exercise exercise, Side acting) {
    if (Reach.isUsed(exercise, acting, side, regions)) {
      return true;
    }
    boolean strong =
        exercise.kind() == Kind.STRENGTHEN
            || exercise.kind() == Kind.STRETCH
            || exercise.demands().tires()
            || exercise.demands().intensity() > GENTLEST;
    return strong && Reach.isUsed(exercise, acting, side, Reach.withArea(regions));
  }

  /** Where it was, for people: "left wrist, thumb side". */
  public String place() {
    return side.word()
        + " "
        + regions.stream().sorted().map(Region::word).collect(Collectors.joining(", "));
  }
}
