package org.nimblet.core.drill;

/**
 * What the hands do together. The declaration order is the order of learning.
 *
 * <p>What each adds to a difficulty is ours, to be re-fitted.
 */
public enum Together {
  /** One hand, the other at rest. */
  ONE_HAND("one hand alone", 0),
  /** Both hands do the same. */
  ALIKE("both hands alike", 0.4),
  /** What stands in one hand is bent in the other. */
  COMPLEMENT("one hand against the other", 1.2),
  /** What the index does in one hand the little finger does in the other. */
  REVERSED("reversed between the hands", 1.2);

  private final String words;
  private final double difficulty;

  Together(String words, double difficulty) {
    this.words = words;
    this.difficulty = difficulty;
  }

  /** For people: "both hands alike". */
  public String words() {
    return words;
  }

  /** What it adds to what the fingers do. */
  double difficulty() {
    return difficulty;
  }

  /** Whether each hand does something of its own. */
  public boolean isCounter() {
    return this == COMPLEMENT || this == REVERSED;
  }
}
