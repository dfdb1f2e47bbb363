package org.nimblet.core.exercise;

/** Something that has to be at hand for an exercise. */
public enum Thing {
  INSTRUMENT("the instrument or device"),
  TABLE_EDGE("a table edge"),
  TOWEL("a towel"),
  SOFT_BALL("a soft ball"),
  HARD_BALL("a firm ball or tin"),
  PENCIL("a pencil"),
  MAT("a mat"),
  LIGHT_WEIGHT("a light weight"),
  BAND("a band");

  private final String word;

  Thing(String word) {
    this.word = word;
  }

  /** The thing as words inside a sentence. */
  public String word() {
    return word;
  }
}
