package org.nimblet.core.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;

/**
 * A session that was begun.
 *
 * @param blockId the block it was played for, if it was
 * @param date the person's date on which it began
 * @param donePercent how much of its planned time was done, 0–100
 */
public record PastSession(
    UUID id,
    Optional<UUID> blockId,
    Purpose purpose,
    LocalDate date,
    Instant beganAt,
    Instant endedAt,
    SessionEnding ending,
    int donePercent) {

  /** What was left before this share of it, per cent, counts for nothing (ours). */
  public static final int LEAST_PERCENT = 20;

  /** Checks the share. */
  public PastSession {
    if (donePercent < 0 || donePercent > 100) {
      throw new IllegalArgumentException(
          "done (%d %%) must be between 0 and 100".formatted(donePercent));
    }
  }

  /**
   * Whether a planned session need not be done any more because of it. One that was ended for
   * safety need not: nobody is asked to do it again.
   */
  public boolean counts() {
    return ending != SessionEnding.LEFT || donePercent >= LEAST_PERCENT;
  }
}
