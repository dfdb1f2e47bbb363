package org.nimblet.core.routine;

import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;

/** What warms the hands and what waits for warm hands (common practice, no source). */
final class Warmth {

  /** Less heat and mobilising than this does not warm (ours). */
  static final int WARMING_SECONDS = 60;

  /** Stretches up to this intensity may stand in cold hands. */
  private static final int COLD_INTENSITY = 1;

  private Warmth() {}

  /** Whether doing it warms the hands. */
  static boolean warms(Exercise exercise) {
    return exercise.kind() == Kind.HEAT
        || exercise.kind() == Kind.MOBILISE
        || exercise.kind() == Kind.PLAY;
  }

  /** Whether it may only stand in warm hands. */
  static boolean isNeededFor(Exercise exercise) {
    boolean stretchOrDeep = exercise.kind() == Kind.STRETCH || exercise.kind() == Kind.RELEASE;
    return exercise.demands().needsWarmth()
        || (stretchOrDeep && exercise.demands().intensity() > COLD_INTENSITY);
  }
}
