package org.nimblet.core.drill;

import java.util.OptionalInt;
import org.nimblet.core.exercise.Ladder;

/**
 * At which tempo somebody does a drill: slow until it is clean, then up the rungs of tempo (model
 * section 5), each after some clean rounds by the judgement of whoever drills, or at once when keys
 * have measured it as even enough.
 *
 * @param aMinute changes a minute, {@link #LEAST} to {@link #GREATEST}
 * @param cleanInARow how often it was clean at this tempo since it was reached, less than {@link
 *     #CLEAN_ROUNDS}
 * @param notCleanInARow how often it was not, the last times
 */
public record DrillTempo(int aMinute, int cleanInARow, int notCleanInARow) {

  /** Slower than this is no tempo any more (ours). */
  public static final int LEAST = 20;

  /** Faster than this no screen shows what comes (ours). */
  public static final int GREATEST = 240;

  /** What nobody has tried is begun at this tempo (ours). */
  public static final int FIRST = 60;

  /** So many clean rounds, then a rung faster (common practice, no source). */
  public static final int CLEAN_ROUNDS = 3;

  /** So often not clean, then a rung slower (ours). */
  private static final int SLOWER_AFTER = 2;

  /** Where nothing was tried yet. */
  public static final DrillTempo UNTRIED = new DrillTempo(FIRST, 0, 0);

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public DrillTempo {
    if (aMinute < LEAST || aMinute > GREATEST) {
      throw new IllegalArgumentException(
          "tempo (%d) must be between %d and %d".formatted(aMinute, LEAST, GREATEST));
    }
    if (cleanInARow < 0 || cleanInARow >= CLEAN_ROUNDS) {
      throw new IllegalArgumentException(
          "clean rounds (%d) must be between 0 and %d".formatted(cleanInARow, CLEAN_ROUNDS - 1));
    }
  }

  /** The rung above; the greatest has none. */
  public OptionalInt next() {
    int next = Math.min(GREATEST, Ladder.nextTempo(aMinute));
    return next > aMinute ? OptionalInt.of(next) : OptionalInt.empty();
  }

  /**
   * After one more try. What was clean at a slower tempo says nothing of this one, and what was not
   * clean at a faster one neither.
   */
  DrillTempo after(Try tried) {
    int at = tried.aMinute().orElse(aMinute);
    if (tried.clean() && at >= aMinute) {
      DrillTempo reached = at(Math.min(at, GREATEST));
      return tried.even() ? reached.faster() : reached.clean();
    }
    if (tried.clean()) {
      return this;
    }
    return at > aMinute ? this : notClean();
  }

  /** Somebody was faster than they had to be, and clean: then that is their tempo. */
  private DrillTempo at(int faster) {
    return faster == aMinute ? this : new DrillTempo(faster, 0, 0);
  }

  private DrillTempo clean() {
    return cleanInARow + 1 < CLEAN_ROUNDS ? new DrillTempo(aMinute, cleanInARow + 1, 0) : faster();
  }

  private DrillTempo faster() {
    return new DrillTempo(next().orElse(aMinute), 0, 0);
  }

  private DrillTempo notClean() {
    return notCleanInARow + 1 < SLOWER_AFTER
        ? new DrillTempo(aMinute, 0, notCleanInARow + 1)
        : new DrillTempo(slower(), 0, 0);
  }

  /** The greatest tempo of which this one is the next rung. */
  private int slower() {
    int slower = aMinute - 1;
    while (slower > LEAST && Ladder.nextTempo(slower) > aMinute) {
      slower--;
    }
    return Math.max(LEAST, slower);
  }
}
