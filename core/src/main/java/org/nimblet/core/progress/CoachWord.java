package org.nimblet.core.progress;

import java.time.Instant;
import java.util.Set;
import org.nimblet.core.anatomy.Side;

/**
 * A word of the coach about the rungs of an exercise, as it is kept.
 *
 * @param sides one or both
 * @param rung the rung it names, from 0
 */
public record CoachWord(
    String exerciseId, Instant at, Set<Side> sides, Overruling.Word word, int rung, String reason) {

  /** Copies the sides. */
  public CoachWord {
    sides = Set.copyOf(sides);
  }
}
