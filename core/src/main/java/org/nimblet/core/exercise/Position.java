package org.nimblet.core.exercise;

/** How the body is placed for an exercise. */
public enum Position {
  SIT("sitting"),
  AT_INSTRUMENT("at the instrument or device"),
  TABLE("at a table"),
  STAND("standing"),
  WALL("at a wall"),
  FLOOR("on the floor");

  private final String word;

  Position(String word) {
    this.word = word;
  }

  /** The position as words inside a sentence. */
  public String word() {
    return word;
  }

  /** Whether one sits: no time is charged for going there from another seat. */
  public boolean seated() {
    return this == SIT || this == AT_INSTRUMENT;
  }
}
