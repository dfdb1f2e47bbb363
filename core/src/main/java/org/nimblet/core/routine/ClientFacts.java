package org.nimblet.core.routine;

import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/**
 * What is known of a person when a routine is made for them.
 *
 * @param dominant the dominant hand
 * @param notation how they write fingers
 * @param pace how fast they breathe
 * @param method the stretching method they like
 * @param positions the positions they can take
 * @param things what they have at hand
 * @param pains the latest pain of each region that hurts
 * @param exclusions what a clinician or the coach has taken out
 */
public record ClientFacts(
    Side dominant,
    Notation notation,
    Pace pace,
    Method method,
    Set<Position> positions,
    Set<Thing> things,
    List<Pain> pains,
    List<Exclusion> exclusions) {

  /** Copies the collections. */
  public ClientFacts {
    positions = Set.copyOf(positions);
    things = Set.copyOf(things);
    pains = List.copyOf(pains);
    exclusions = List.copyOf(exclusions);
  }

  /** The side that goes first: the weaker one, which is the non-dominant one until measured. */
  public Side weakerSide() {
    return dominant.other();
  }

  /**
   * Pain of one region.
   *
   * @param side on which side
   * @param region where
   * @param level 0 (none) to 10 (the worst there is)
   */
  public record Pain(Side side, Region region, int level) {
    /** Checks the range. */
    public Pain {
      if (level < 0 || level > 10) {
        throw new IllegalArgumentException("pain (%d) must be between 0 and 10".formatted(level));
      }
    }
  }

  /**
   * A region on one side that is to be left alone.
   *
   * @param side on which side
   * @param region where
   * @param reason who said so and why, for people
   */
  public record Exclusion(Side side, Region region, String reason) {}
}
