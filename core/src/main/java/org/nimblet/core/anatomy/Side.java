package org.nimblet.core.anatomy;

/** One of the two sides of the body. */
public enum Side {
  LEFT,
  RIGHT;

  /** The opposite side. */
  public Side other() {
    return this == LEFT ? RIGHT : LEFT;
  }

  /** The side as a word inside a sentence: "left". */
  public String word() {
    return this == LEFT ? "left" : "right";
  }
}
