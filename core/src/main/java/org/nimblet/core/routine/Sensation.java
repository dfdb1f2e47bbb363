package org.nimblet.core.routine;

/** What something feels like. */
public enum Sensation {
  PULL("a pull"),
  BURN("a burn"),
  ACHE("an ache"),
  SHARP("sharp"),
  TINGLE("a tingle"),
  NUMB("numb"),
  CRAMP("a cramp"),
  TREMOR("a tremor"),
  UNSTABLE("a joint that gives way"),
  CLICK("a click");

  private final String word;

  Sensation(String word) {
    this.word = word;
  }

  /** The feeling as words inside a sentence. */
  public String word() {
    return word;
  }
}
