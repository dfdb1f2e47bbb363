package org.nimblet.core.routine;

import org.nimblet.core.anatomy.Quality;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Recovery;

/** What age asks for (common practice, no source; the lines are ours). */
public enum AgeGroup {
  UNDER_16("under 16", "No heavy strengthening, no long heavy counts, small spans."),
  ADULT("16 to 60", ""),
  /** Holds of 30–60 s for older adults: ACSM 2011, from memory. */
  OVER_60("over 60", "Holds of 30 to 60 s, loads go up more slowly.");

  /** The least hold of a stretch over 60 (ACSM 2011, from memory). */
  static final int LONG_HOLD_SECONDS = 30;

  private static final int WIDE = 3;

  private final String word;
  private final String adaptation;

  AgeGroup(String word, String adaptation) {
    this.word = word;
    this.adaptation = adaptation;
  }

  /** The group for people. */
  public String word() {
    return word;
  }

  /** What it asks for, as one sentence; empty if nothing. */
  public String adaptation() {
    return adaptation;
  }

  boolean keepsOut(Exercise exercise) {
    if (this != UNDER_16) {
      return false;
    }
    boolean heavy =
        exercise.kind() == Kind.STRENGTHEN && exercise.demands().recovery() == Recovery.REST_DAY;
    boolean wide =
        exercise.service().main() == Quality.REACH && exercise.demands().intensity() >= WIDE;
    return heavy || wide || exercise.demands().coachOnly();
  }
}
