package org.nimblet.server.setup;

/** The number by which two set-ups are compared. */
public enum SetUpMeasure {
  HIGHEST_FRET("highest fret reached freely", "", true),
  WRIST_ANGLE("wrist out of line", "°", false),
  MINUTES_UNTIL_TIGHT("minutes until it tightens", "min", true);

  private final String word;
  private final String unit;
  private final boolean moreIsBetter;

  SetUpMeasure(String word, String unit, boolean moreIsBetter) {
    this.word = word;
    this.unit = unit;
    this.moreIsBetter = moreIsBetter;
  }

  String word() {
    return word;
  }

  String unit() {
    return unit;
  }

  boolean moreIsBetter() {
    return moreIsBetter;
  }
}
