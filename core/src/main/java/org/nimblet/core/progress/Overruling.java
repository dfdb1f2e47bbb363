package org.nimblet.core.progress;

import java.time.LocalDateTime;
import org.nimblet.core.anatomy.Side;

/**
 * A word of the coach about a rung. It is kept in the same log as everything else.
 *
 * @param rung the rung it names, counted from 0; of no meaning to those that name none
 * @param reason in the coach's words
 */
public record Overruling(LocalDateTime at, Side side, Word word, int rung, String reason)
    implements RungEvent {

  /** The longest reason. */
  public static final int GREATEST_REASON = 200;

  /** What a coach may say. */
  public enum Word {
    /** This rung, until it is let go; only pain and signs lower it. */
    PIN("pinned"),
    /** No step up until it is let go. */
    HOLD("held"),
    /** On from this rung. */
    RESET("set"),
    /** Again what was paused, stopped or lowered. */
    ALLOW("allowed again"),
    /** The rules decide again. */
    LET_GO("left to the rules");

    private final String done;

    Word(String done) {
      this.done = done;
    }

    /** The word as what was done: "pinned". */
    public String done() {
      return done;
    }

    /** Whether it names a rung. */
    public boolean namesRung() {
      return this == PIN || this == RESET;
    }
  }

  /** Checks the ranges. */
  public Overruling {
    if (rung < 0) {
      throw new IllegalArgumentException("rung (%d) must be 0 or more".formatted(rung));
    }
    if (reason.isBlank() || reason.length() > GREATEST_REASON) {
      throw new IllegalArgumentException(
          "reason must have 1 to %d characters".formatted(GREATEST_REASON));
    }
  }
}
