package org.nimblet.core.progress;

/** What is asked when some weeks are looked at. */
public enum ReviewQuestion {
  KEPT("Kept?"),
  PAIN("Pain?"),
  STEPS("Steps?"),
  SIDES("Sides?");

  private final String words;

  ReviewQuestion(String words) {
    this.words = words;
  }

  /** The question. */
  public String words() {
    return words;
  }
}
