package org.nimblet.core.routine;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;

/** What warms the hands and what waits for warm hands (common practice, no source). */
final class Warmth {

  /** Less heat and mobilising than this does not warm (ours). */
  static final int WARMING_SECONDS = 60;

  /** Stretches up to this intensity may stand in cold hands. */
  private static final int COLD_INTENSITY = 1;

  private static final Set<Kind> WARMING_KINDS = EnumSet.of(Kind.HEAT, Kind.MOBILISE, Kind.PLAY);

  /** Hands and forearms (ours). */
  private static final Set<Region> HANDS = EnumSet.range(Region.THUMB, Region.FOREARM_BACK);

  private Warmth() {}

  /** Whether doing it warms the hands: it moves or rubs them, not only the hips. */
  static boolean warms(Exercise exercise) {
    return WARMING_KINDS.contains(exercise.kind())
        && !Collections.disjoint(exercise.uses().acting().keySet(), HANDS);
  }

  /** Whether it may only stand in warm hands. */
  static boolean isNeededFor(Exercise exercise) {
    boolean stretchOrDeep = exercise.kind() == Kind.STRETCH || exercise.kind() == Kind.RELEASE;
    return exercise.demands().needsWarmth()
        || (stretchOrDeep && exercise.demands().intensity() > COLD_INTENSITY);
  }
}
