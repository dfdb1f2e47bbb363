package org.nimblet.core.progress;

/** What somebody who looks at some weeks decides about a question. */
public enum Verdict {
  MAINTAIN("maintain"),
  STEP_ON("step on"),
  BACK_OFF("back off"),
  REFER("refer");

  private final String word;

  Verdict(String word) {
    this.word = word;
  }

  /** The verdict on a button. */
  public String word() {
    return word;
  }
}
