package org.nimblet.core.routine;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.exercise.RegionGroup;
import org.nimblet.core.exercise.Use;

/** What stops work, in every session (common practice, no source; in-between numbers ours). */
public final class SafetyRules {

  /** Pain from here on ends the work for its region, and a clinician is advised. */
  public static final int ENDING_PAIN = 7;

  /** Pain from here on is marked wherever it is shown; below it is hardly felt (ours). */
  public static final int MARKED_PAIN = 2;

  /**
   * Up to here what hurts may be gone on with, a rung easier; more ends the exercise for the day
   * (ours: below what makes the rung go down by itself, model section 5).
   */
  public static final int EASIER_UP_TO_PAIN = 3;

  /** Feelings that end a session whatever their strength (common practice, no source). */
  public static final Set<Sensation> ENDING_SENSATIONS =
      Collections.unmodifiableSet(
          EnumSet.of(Sensation.SHARP, Sensation.TINGLE, Sensation.NUMB, Sensation.UNSTABLE));

  /**
   * Feelings that end a session with pain from 1 on: a click without pain is neither sought nor
   * forced, with pain it is looked at (common practice, no source).
   */
  public static final Set<Sensation> ENDING_WITH_PAIN =
      Collections.unmodifiableSet(EnumSet.of(Sensation.CLICK));

  /** Feelings that end the step they come in; a tremor in a loaded hand ends the session. */
  public static final Set<Sensation> STEP_ENDING_SENSATIONS =
      Collections.unmodifiableSet(EnumSet.of(Sensation.CRAMP, Sensation.TREMOR));

  /** Feelings that raise the question of pins and needles. */
  public static final Set<Sensation> NERVE_SENSATIONS =
      Collections.unmodifiableSet(EnumSet.of(Sensation.TINGLE, Sensation.NUMB));

  /** When to stop; shown before every session. */
  public static final List<String> STOP_RULES =
      List.of(
          "Stop with sharp or rising pain.",
          "Stop with numbness or tingling that starts or grows.",
          "Stop if a joint feels unstable or a hand trembles.",
          "A stretch is felt, never painful.");

  /** What to do when the work ended for safety. */
  public static final String ADVICE =
      "Stop here for today. If it stays or comes back, see a doctor, hand therapist or"
          + " physiotherapist before you go on.";

  /** Tiring work ends at least so long before play (common practice, no source). */
  public static final int STRENGTH_BEFORE_PLAY_MINUTES = 60;

  /**
   * A stretch that is more than gentle ends so long before play (ours: as long as warmth lasts).
   */
  public static final int STRONG_STRETCH_BEFORE_PLAY_MINUTES = 30;

  /** Pain from here on keeps heavy work out of what it loads (ours). */
  private static final int NOTHING_HEAVY_PAIN = 5;

  /** Pain from here on leaves only what is gentle (ours). */
  private static final int GENTLE_ONLY_PAIN = 4;

  /** The greatest intensity that counts as gentle. */
  static final int GENTLE = 2;

  private SafetyRules() {}

  /** Whether what is felt ends the session. */
  public static boolean endsSession(int pain, Sensation sensation) {
    return pain >= ENDING_PAIN
        || ENDING_SENSATIONS.contains(sensation)
        || (pain > 0 && ENDING_WITH_PAIN.contains(sensation));
  }

  /**
   * Whether what is felt during work of a kind ends the session: a loaded hand must not tremble.
   */
  public static boolean endsSession(int pain, Sensation sensation, Kind kind) {
    return endsSession(pain, sensation)
        || (sensation == Sensation.TREMOR && kind == Kind.STRENGTHEN);
  }

  /**
   * Whether pain of a region that an exercise uses so much keeps it out. Strengthening follows
   * {@link PainDose} and only loses what is heavy; other work must be gentle from 4 on.
   */
  static boolean forbids(Exercise exercise, Use use, int pain) {
    if (!use.isAtLeast(Use.WORKS)) {
      return false;
    }
    if (pain >= ENDING_PAIN) {
      return true;
    }
    if (exercise.kind() == Kind.STRENGTHEN) {
      return pain >= NOTHING_HEAVY_PAIN
          && use == Use.LOADS
          && exercise.demands().recovery() == Recovery.REST_DAY;
    }
    return pain >= GENTLE_ONLY_PAIN && exercise.demands().intensity() > GENTLE;
  }

  /**
   * Whether pain of the hand that helps keeps it from so much: a sore thumb or palm neither pulls
   * nor presses (ours). Forearm and wrist may, or two sore forearms could not be stretched at all.
   */
  static boolean forbidsHelping(Region region, Use use, int pain) {
    return RegionGroup.isOfTheHand(region) && use.isAtLeast(Use.WORKS) && pain >= GENTLE_ONLY_PAIN;
  }

  /** Minutes that are wanted between an exercise and play; 0 if it may stand right before. */
  static int minutesBeforePlay(Exercise exercise) {
    if (exercise.demands().tires()) {
      return STRENGTH_BEFORE_PLAY_MINUTES;
    }
    return exercise.kind() == Kind.STRETCH && exercise.demands().intensity() > GENTLE
        ? STRONG_STRETCH_BEFORE_PLAY_MINUTES
        : 0;
  }
}
