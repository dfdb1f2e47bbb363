package org.nimblet.core.session;

/** How a session that was begun ended. */
public enum SessionEnding {
  /** Gone through, and at least half of it done. */
  DONE,
  /** Left midway, or only skipped through. */
  LEFT,
  /** Ended for safety. */
  STOPPED;

  /** The ending as words after a name: "Warm-up stopped for safety". */
  public String words() {
    return switch (this) {
      case DONE -> "done";
      case LEFT -> "left midway";
      case STOPPED -> "stopped for safety";
    };
  }
}
