package org.nimblet.core.exercise;

/** How a dose is shared between the two sides. */
public enum Laterality {
  /** One side after the other, each with the whole dose. */
  EACH("each side", 2),
  /** The sides change after every set, so that one rests while the other works. */
  IN_TURN("in turn", 2),
  /** Both sides at the same time. */
  TOGETHER("both together", 1),
  /** The sides change inside the repetition. */
  ALTERNATING("alternating", 1),
  /** Only the side that does the work in the activity. */
  WORKING_SIDE("working side", 1),
  /** One side alone, because the other is left out; no exercise of the library is dosed so. */
  ONE_SIDE("one side only", 1);

  private final String word;
  private final int passes;

  Laterality(String word, int passes) {
    this.word = word;
    this.passes = passes;
  }

  /** The laterality as words behind a dose. */
  public String word() {
    return word;
  }

  /** How often the dose is gone through: 2 where each side does it by itself, else 1. */
  public int passes() {
    return passes;
  }

  /** Whether each side does the whole dose by itself, so that one of them can be left out. */
  public boolean sidesApart() {
    return passes == 2;
  }
}
