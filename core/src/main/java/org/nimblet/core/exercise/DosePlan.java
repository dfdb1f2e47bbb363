package org.nimblet.core.exercise;

import org.nimblet.core.exercise.Dose.Bounds;

/**
 * The usual dose of an exercise and how far it may be changed.
 *
 * @param usual the dose to start from
 * @param bounds the safe range of its quantity
 * @param greatestRestSeconds the longest rest between sets that still belongs to it
 */
public record DosePlan(Dose usual, Bounds bounds, int greatestRestSeconds) {

  /**
   * Checks that the usual dose keeps its own bounds.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public DosePlan {
    if (!bounds.contains(usual.quantity())) {
      throw new IllegalArgumentException(
          "usual quantity (%d) must lie within its bounds %d to %d"
              .formatted(usual.quantity(), bounds.least(), bounds.greatest()));
    }
    if (greatestRestSeconds < usual.restSeconds()) {
      throw new IllegalArgumentException(
          "greatest rest (%d s) must not be below the usual rest (%d s)"
              .formatted(greatestRestSeconds, usual.restSeconds()));
    }
  }

  /** A quiet hold is done at most four times, whatever is usual (the top of its ladder). */
  private static final int REPETITIONS_AT_LEAST_ALLOWED = 4;

  /** What is held longer is not repeated (common practice, no source). */
  private static final int LONGEST_REPEATED_HOLD_SECONDS = 30;

  /** A set is done at most so often, unless more is usual (ours). */
  private static final int SETS_AT_LEAST_ALLOWED = 4;

  /**
   * The most repetitions to a set: a long quiet hold goes as often as usual, which is once; where
   * they are what varies, the bound; else twice the usual, and four in any case (ours).
   */
  public int greatestRepetitions() {
    if (usual.form().isStatic() && bounds.greatest() > LONGEST_REPEATED_HOLD_SECONDS) {
      return usual.repetitions();
    }
    return usual.form().variesItself()
        ? Math.max(REPETITIONS_AT_LEAST_ALLOWED, 2 * usual.repetitions())
        : bounds.greatest();
  }

  /** The most sets (ours). */
  public int greatestSets() {
    return Math.max(SETS_AT_LEAST_ALLOWED, usual.sets());
  }
}
