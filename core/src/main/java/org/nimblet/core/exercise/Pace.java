package org.nimblet.core.exercise;

import org.apache.commons.numbers.fraction.BigFraction;

/**
 * How fast a person breathes at rest.
 *
 * @param breathsPerMinute whole breaths a minute, 3–15; at more than 15 a pulse of two seconds
 *     would not fit into half a breath
 */
public record Pace(int breathsPerMinute) {
  public static final int SLOWEST = 3;
  public static final int FASTEST = 15;

  /** The pace assumed until a person's own is counted (common practice, no source). */
  public static final Pace USUAL = new Pace(10);

  /**
   * Checks the range.
   *
   * @throws IllegalArgumentException if it is outside 3–15
   */
  public Pace {
    if (breathsPerMinute < SLOWEST || breathsPerMinute > FASTEST) {
      throw new IllegalArgumentException(
          "breaths a minute (%d) must be between %d and %d"
              .formatted(breathsPerMinute, SLOWEST, FASTEST));
    }
  }

  /** The exact length of one breath in seconds. */
  public BigFraction breathSeconds() {
    return BigFraction.of(60, breathsPerMinute);
  }
}
