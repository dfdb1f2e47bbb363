package org.nimblet.core.progress;

import java.time.LocalTime;
import org.nimblet.core.routine.SafetyRules;

/**
 * The numbers by which a client's rungs rise and fall (model section 5; common practice, no source,
 * unless named).
 */
public final class ProgressRules {

  /** Pain from here on ends the work until somebody has cleared it. */
  static final int STOPPING_PAIN = SafetyRules.ENDING_PAIN;

  /** Pain from here on is more than a little (acceptable is 2–5: Thomeé 1997, from memory). */
  static final int MORE_THAN_A_LITTLE = 4;

  /** Pain from here on counts where it has risen. */
  static final int RISEN_PAIN = 3;

  /** A rise of so many points matters (Farrar 2001, from memory). */
  static final int RISE = AttentionRules.RISE;

  /** Less of the dose than this, per cent, was not the dose. */
  public static final int LEAST_PERCENT = 60;

  static final int WHOLE_PERCENT = 100;

  /** Effort from here on holds. */
  static final int HARD_EFFORT = 8;

  /** All there is. */
  static final int WHOLE_EFFORT = 10;

  /** So many sessions that went well make a step. */
  static final int NEED = 2;

  /** So many where a step down from that rung is not long ago. */
  static final int NEED_AFTER_A_STEP_DOWN = 3;

  /** So long, in days, is "not long ago". */
  static final int STEPPED_DOWN_DAYS = 28;

  /** Days between two changes upward. */
  static final int DAYS_BETWEEN_STEPS = 3;

  /** What keys said of a hand counts for so many days (ours). */
  static final int MEASURED_DAYS = 28;

  /** So many holds in a row, and the coach is told. */
  public static final int HOLDS_TO_TELL = 6;

  /** Below the easiest rung there is this share of it, per cent. */
  public static final int LOWERED_PERCENT = 60;

  /** So many of the last answers about pain before a session say what is usual. */
  static final int USUAL_OF = 5;

  /** With fewer answers than this nothing is usual yet. */
  static final int LEAST_FOR_USUAL = 3;

  /** One rung down from so many days away on. */
  static final int AWAY_ONE = 7;

  /** Two rungs down from so many days away on. */
  static final int AWAY_TWO = 14;

  /** From so many days away on at most {@link #AWAY_PERCENT} of the dose. */
  static final int AWAY_LONG = 28;

  /** The same for what is done less often than every four days. */
  static final int AWAY_ONE_SELDOM = 14;

  static final int AWAY_TWO_SELDOM = 21;

  /** What is left of the dose after a long time away, per cent. */
  static final int AWAY_PERCENT = 60;

  /** Days between two sessions, from which on something is done seldom. */
  static final int SELDOM_DAYS = 5;

  /** So many of the last times say how often something is done. */
  static final int SELDOM_OF = 5;

  /** One side may do at most so much of the other, per cent. */
  static final int SIDE_PERCENT = 150;

  /** A session is judged at this time of the next day if nothing closed it before. */
  static final LocalTime CLOSES = LocalTime.NOON;

  private ProgressRules() {}
}
