package org.nimblet.core.progress;

/** How somebody changed an exercise while it went on. */
public enum Shift {
  EASIER("it was made easier on the way"),
  HARDER("it was made harder on the way, and went well");

  private final String because;

  Shift(String because) {
    this.because = because;
  }

  /** The change as the reason of a decision. */
  String because() {
    return because;
  }
}
