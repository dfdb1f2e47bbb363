package org.nimblet.core.measure;

/** Who sets the pace of a tap test. */
public enum Pace {
  /** A click for some rounds, then going on alone at the same tempo. */
  CLICK_THEN_ALONE("with the click, then alone"),
  /** At whatever pace one likes. */
  OWN("at one's own pace"),
  /** As fast as stays loose, for ten seconds. */
  SPEED("ten seconds, as fast as stays loose");

  private final String words;

  Pace(String words) {
    this.words = words;
  }

  /** For people. */
  public String words() {
    return words;
  }
}
