package org.nimblet.core.anatomy;

import java.util.ArrayList;
import java.util.List;

/**
 * Two different digits of one hand, the one nearer to the thumb first.
 *
 * @param nearer the digit nearer to the thumb
 * @param farther the digit farther from the thumb
 */
public record DigitPair(Digit nearer, Digit farther) {

  /** The ten pairs of the five digits, in order from thumb–index to ring–little. */
  public static final List<DigitPair> ALL = all();

  /**
   * Checks the order.
   *
   * @throws IllegalArgumentException if the digits are the same or in the wrong order
   */
  public DigitPair {
    if (nearer.compareTo(farther) >= 0) {
      throw new IllegalArgumentException(
          "pair (%s, %s) must name two different digits, the one nearer to the thumb first"
              .formatted(nearer, farther));
    }
  }

  private static List<DigitPair> all() {
    List<DigitPair> pairs = new ArrayList<>();
    for (Digit nearer : Digit.values()) {
      for (Digit farther : Digit.values()) {
        if (nearer.compareTo(farther) < 0) {
          pairs.add(new DigitPair(nearer, farther));
        }
      }
    }
    return List.copyOf(pairs);
  }
}
