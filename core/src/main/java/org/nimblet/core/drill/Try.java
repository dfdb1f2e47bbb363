package org.nimblet.core.drill;

import java.time.LocalDateTime;
import java.util.Optional;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Side;

/**
 * One time that somebody did a pattern.
 *
 * @param drill what was done
 * @param aMinute changes a minute; empty where nobody counted
 * @param clean whether it was clean
 * @param at when, on the person's clock
 */
public record Try(Drill drill, OptionalInt aMinute, boolean clean, LocalDateTime at) {

  /**
   * A pattern done by somebody.
   *
   * @param hand which hand does it; empty if both do
   */
  public record Drill(Pattern pattern, Optional<Side> hand) {

    /**
     * Checks that the hands fit.
     *
     * @throws IllegalArgumentException if a pattern of one hand has none, or one of both has one
     */
    public Drill {
      if (pattern.isForOneHand() != hand.isPresent()) {
        throw new IllegalArgumentException(
            "hand (%s) must %s"
                .formatted(
                    hand.map(Side::word).orElse("none"),
                    pattern.isForOneHand() ? "be left or right" : "be left out: both do it"));
      }
    }
  }
}
