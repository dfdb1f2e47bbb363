package org.nimblet.core.session;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;

/**
 * A session that has a place in a day.
 *
 * @param uid the same as long as it is the same session, also when it moves
 * @param blockId the block it belongs to, if it does
 * @param lineId what it was planned for, if it stands free
 * @param date the day of the person it belongs to
 * @param will what somebody wants of it
 * @param why why it is there, for people; empty if nothing is to be said
 */
public record PlannedSession(
    String uid,
    Purpose purpose,
    Optional<UUID> blockId,
    Optional<String> lineId,
    LocalDate date,
    Instant start,
    Instant end,
    Will will,
    String why) {

  /** A session may begin so long after its time before it counts as missed (ours). */
  public static final Duration STILL_DUE = Duration.ofHours(1);

  /** What began no longer before its time than this was meant for it (ours). */
  public static final Duration BEGINS_EARLY = Duration.ofMinutes(10);

  private static final int PERCENT = 100;

  /** What somebody wants of a planned session. */
  public enum Will {
    /** It stands where the plan has put it. */
    AS_PLANNED,
    /** Somebody put it where it stands. */
    MOVED,
    /** Somebody left it out; it is not owed. */
    LEFT_OUT
  }

  /** Checks the order of the times. */
  public PlannedSession {
    if (end.isBefore(start)) {
      throw new IllegalArgumentException(
          "end (%s) must not lie before the start (%s)".formatted(end, start));
    }
  }

  /** The same session, moved or left to the plan. */
  public PlannedSession with(Will other) {
    return new PlannedSession(uid, purpose, blockId, lineId, date, start, end, other, why);
  }

  /**
   * When its time has run out: a break with its end, a warm-up as play begins, everything else an
   * hour after its end.
   */
  Instant runsOut() {
    return purpose == Purpose.BREAK || (purpose == Purpose.WARM_UP && blockId.isPresent())
        ? end
        : end.plus(STILL_DUE);
  }

  /** Whether it is missed if nobody did it; a break is taken or not, nobody writes it down. */
  boolean isWrittenDown() {
    return purpose != Purpose.BREAK;
  }

  /**
   * Whether something that was begun for no block lasted long enough to have been this: a test of
   * half a minute is no session of ten. What was ended for safety was long enough.
   */
  boolean isAsLongAs(PastSession past) {
    Duration lasted = Duration.between(past.beganAt(), past.endedAt());
    return past.ending() == SessionEnding.STOPPED
        || lasted.toMillis() * PERCENT
            >= Duration.between(start, end).toMillis() * PastSession.LEAST_PERCENT;
  }

  /** Whether something that was begun for no block may have been meant for it. */
  boolean isNear(PastSession past) {
    return !past.beganAt().isBefore(start.minus(BEGINS_EARLY))
        && past.beganAt().isBefore(end.plus(STILL_DUE));
  }
}
