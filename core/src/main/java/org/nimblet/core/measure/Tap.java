package org.nimblet.core.measure;

import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * One press of a key.
 *
 * @param atMillis since the first click; where nothing clicks since any moment
 * @param velocity how hard, 1 to 127, where the keys can tell
 */
public record Tap(Side side, Digit digit, double atMillis, OptionalInt velocity) {

  /** As a Standard MIDI File 1.0 counts them. */
  public static final int GREATEST_VELOCITY = 127;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Tap {
    if (!Double.isFinite(atMillis)) {
      throw new IllegalArgumentException("time (%s) must be a number".formatted(atMillis));
    }
    if (velocity.isPresent()
        && (velocity.getAsInt() < 1 || velocity.getAsInt() > GREATEST_VELOCITY)) {
      throw new IllegalArgumentException(
          "velocity (%d) must be between 1 and %d"
              .formatted(velocity.getAsInt(), GREATEST_VELOCITY));
    }
  }

  /** The same press, counted from a moment that is later by so much. */
  Tap earlier(double millis) {
    return new Tap(side, digit, atMillis - millis, velocity);
  }
}
