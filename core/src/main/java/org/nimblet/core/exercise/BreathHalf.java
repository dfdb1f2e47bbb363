package org.nimblet.core.exercise;

/** One half of a breath. */
public enum BreathHalf {
  IN("in"),
  OUT("out");

  private final String word;

  BreathHalf(String word) {
    this.word = word;
  }

  /** The half as a word behind "breathing". */
  public String word() {
    return word;
  }
}
