package org.nimblet.core.routine;

import java.util.List;
import java.util.Set;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Recovery;

/** What stops work, in every session (common practice, no source; in-between numbers ours). */
public final class SafetyRules {

  /** Pain from here on ends the work for its region, and a clinician is advised. */
  public static final int ENDING_PAIN = 7;

  /** Pain from here on is marked wherever it is shown; below it is hardly felt (ours). */
  public static final int MARKED_PAIN = 2;

  /** Feelings that end a session whatever their strength. */
  public static final Set<Sensation> ENDING_SENSATIONS = Set.of(Sensation.SHARP, Sensation.TINGLE);

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

  private static final int GENTLEST_ONLY_PAIN = 5;
  private static final int GENTLE_ONLY_PAIN = 4;
  private static final int GENTLEST = 1;
  private static final int GENTLE = 2;

  private SafetyRules() {}

  /** Whether what is felt ends the session. */
  public static boolean endsSession(int pain, Sensation sensation) {
    return pain >= ENDING_PAIN || ENDING_SENSATIONS.contains(sensation);
  }

  /**
   * Whether pain of a region that an exercise loads keeps it out. Strengthening follows {@link
   * PainDose} and only loses what is heavy; other work becomes gentler as pain rises.
   */
  static boolean forbids(Exercise exercise, int pain) {
    if (pain >= ENDING_PAIN) {
      return true;
    }
    if (exercise.kind() == Kind.HEAT) {
      return false;
    }
    if (exercise.kind() == Kind.STRENGTHEN) {
      return pain >= GENTLEST_ONLY_PAIN && exercise.demands().recovery() == Recovery.REST_DAY;
    }
    int intensity = exercise.demands().intensity();
    return (pain >= GENTLEST_ONLY_PAIN && intensity > GENTLEST)
        || (pain >= GENTLE_ONLY_PAIN && intensity > GENTLE);
  }
}
