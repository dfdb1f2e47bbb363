package org.nimblet.core.session;

import java.time.Instant;
import java.util.Optional;

/**
 * What became of a planned session. This is the one place that decides it: pictures, counts,
 * reminders, calendars and the planner ask here.
 *
 * <table>
 *   <caption>What was done for it comes first, then what somebody wants, then the time</caption>
 *   <tr><td></td><td>before its time</td><td>in its time</td><td>run out</td></tr>
 *   <tr><td>done for it</td><td colspan="3">done</td></tr>
 *   <tr><td>left midway or stopped</td><td colspan="3">left</td></tr>
 *   <tr><td>left out</td><td colspan="3">left out</td></tr>
 *   <tr><td>moved by somebody</td><td>moved</td><td>due</td><td>missed</td></tr>
 *   <tr><td>as planned</td><td>planned</td><td>due</td><td>missed</td></tr>
 * </table>
 *
 * <p>A session that is being played is due until its end is told. A break has no "missed": nobody
 * writes down whether it was taken, so one whose time has run out is still what it was.
 */
public enum SessionState {
  /** It is to come, where the plan has put it. */
  PLANNED,
  /** It is to come, where somebody put it. */
  MOVED,
  /** Its time is now. */
  DUE,
  /** It was gone through. */
  DONE,
  /** It was begun, and left midway or ended for safety. */
  LEFT,
  /** Its time has run out. */
  MISSED,
  /** Somebody left it out; it is not owed. */
  LEFT_OUT;

  /**
   * What became of a session.
   *
   * @param done what was done for it, by {@link SessionLedger}
   */
  static SessionState of(PlannedSession planned, Optional<PastSession> done, Instant now) {
    if (done.isPresent()) {
      return of(done.get());
    }
    if (planned.will() == PlannedSession.Will.LEFT_OUT) {
      return LEFT_OUT;
    }
    boolean over = !now.isBefore(planned.runsOut());
    if (over && planned.isWrittenDown()) {
      return MISSED;
    }
    if (over || now.isBefore(planned.start())) {
      return planned.will() == PlannedSession.Will.MOVED ? MOVED : PLANNED;
    }
    return DUE;
  }

  /** What a session was that was begun. */
  public static SessionState of(PastSession past) {
    return past.ending() == SessionEnding.DONE ? DONE : LEFT;
  }

  /** Whether it can still be done. */
  public boolean isOpen() {
    return this == PLANNED || this == MOVED || this == DUE;
  }

  /** The state as words after a name: "Warm-up, left midway". */
  public String words() {
    return switch (this) {
      case PLANNED -> "planned";
      case MOVED -> "put here by hand";
      case DUE -> "due now";
      case DONE -> SessionEnding.DONE.words();
      case LEFT -> SessionEnding.LEFT.words();
      case MISSED -> "missed";
      case LEFT_OUT -> "left out";
    };
  }
}
