package org.nimblet.core.exercise;

/**
 * What the two directions of an exercise are called.
 *
 * @param first the one that is done first, in lower case
 * @param second the other one
 */
public record Directions(String first, String second) {

  /** Directions without a name of their own. */
  public static final Directions UNNAMED = new Directions("one way", "the other way");

  /**
   * Checks that both have a name.
   *
   * @throws IllegalArgumentException if they are blank or the same
   */
  public Directions {
    if (first.isBlank() || second.isBlank() || first.equals(second)) {
      throw new IllegalArgumentException(
          "directions (%s, %s) must be two different names".formatted(first, second));
    }
  }

  /** The name of direction {@code index}, 0 or 1. */
  public String of(int index) {
    return index == 0 ? first : second;
  }
}
