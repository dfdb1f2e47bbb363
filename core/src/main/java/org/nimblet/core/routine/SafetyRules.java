package org.nimblet.core.routine;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.ClientFacts.Pain;

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

  private static final int GENTLEST_ONLY_PAIN = 5;
  private static final int GENTLE_ONLY_PAIN = 4;
  private static final int GENTLEST = 1;
  private static final int GENTLE = 2;

  private SafetyRules() {}

  /** Whether what is felt ends the session. */
  public static boolean endsSession(int pain, Sensation sensation) {
    return pain >= ENDING_PAIN || ENDING_SENSATIONS.contains(sensation);
  }

  /** The pain that forbids this exercise, if one does. */
  static Optional<Pain> forbidding(Exercise exercise, List<Pain> pains) {
    return pains.stream()
        .filter(pain -> exercise.service().loadedRegions().contains(pain.region()))
        .filter(pain -> forbids(exercise, pain.level()))
        .findFirst();
  }

  private static boolean forbids(Exercise exercise, int pain) {
    if (exercise.kind() == Kind.HEAT) {
      return pain >= ENDING_PAIN;
    }
    int intensity = exercise.demands().intensity();
    return pain >= ENDING_PAIN
        || (pain >= GENTLEST_ONLY_PAIN && intensity > GENTLEST)
        || (pain >= GENTLE_ONLY_PAIN && intensity > GENTLE);
  }
}
