package org.nimblet.core.progress;

/** Why somebody did less of an exercise than was set. */
public enum Shortfall {
  NO_TIME("for want of time"),
  COULD_NOT("because it was too much"),
  HURT("because it hurt");

  private final String words;

  Shortfall(String words) {
    this.words = words;
  }

  /** The reason as words inside a sentence. */
  public String words() {
    return words;
  }
}
