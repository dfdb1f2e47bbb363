package org.nimblet.core.routine;

/** What a routine is for. */
public enum Purpose {
  WARM_UP("Warm-up"),
  BREAK("Break"),
  COOL_DOWN("Cool-down"),
  STRENGTH("Strength"),
  INDEPENDENCE("Independence"),
  REACH("Reach"),
  RECOVERY("Recovery");

  private final String word;

  Purpose(String word) {
    this.word = word;
  }

  /** The purpose as a heading. */
  public String word() {
    return word;
  }
}
