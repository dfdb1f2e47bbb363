package org.nimblet.core.exercise;

/** The ways of dosing a stretch that practitioners use; a person may like one best. */
public enum Method {
  STEADY_HOLD("a steady hold"),
  SHORT_PULSES("short pulses"),
  BREATH_COUNTED("counted breaths"),
  LONG_QUIET("long quiet holds"),
  BRIEF_CAREFUL("brief careful holds"),
  UNTIL_IT_EASES("holds until it eases");

  private final String word;

  Method(String word) {
    this.word = word;
  }

  /** The method as words inside a sentence. */
  public String word() {
    return word;
  }
}
