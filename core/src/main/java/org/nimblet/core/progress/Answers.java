package org.nimblet.core.progress;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * What is known of one exercise on one side after a session, as the table of decisions asks for it.
 *
 * @param sign whether a referral or stop sign was told there
 * @param before pain before, 0–10
 * @param during worst pain during it, 0–10
 * @param usual the pain that is usual before, 0–10
 * @param nextMorning pain the next morning, 0–10
 * @param donePercent how much of the dose was done, 0–100
 * @param shortfall why not all of it, if that was said
 * @param effort 0–10
 * @param effortBefore effort of the time before, 0–10
 * @param uneven whether it was measured as not even enough
 * @param asked whether all that the rung asks for was set at all
 */
public record Answers(
    boolean sign,
    OptionalInt before,
    OptionalInt during,
    int usual,
    OptionalInt nextMorning,
    int donePercent,
    Optional<Shortfall> shortfall,
    OptionalInt effort,
    OptionalInt effortBefore,
    boolean uneven,
    boolean asked) {

  private static final int GREATEST = 10;

  /** Checks the ranges. */
  public Answers {
    inScale("pain before", before);
    inScale("pain during", during);
    inScale("usual pain", OptionalInt.of(usual));
    inScale("pain next morning", nextMorning);
    inScale("effort", effort);
    inScale("effort before", effortBefore);
    if (donePercent < 0 || donePercent > ProgressRules.WHOLE_PERCENT) {
      throw new IllegalArgumentException(
          "done (%d %%) must be between 0 and 100".formatted(donePercent));
    }
  }

  /** What pain is measured against the next morning. */
  int base() {
    return Math.max(before.orElse(usual), usual);
  }

  /** Whether pain was at least so much. */
  boolean duringAtLeast(int level) {
    return during.isPresent() && during.getAsInt() >= level;
  }

  boolean morningAtLeast(int level) {
    return nextMorning.isPresent() && nextMorning.getAsInt() >= level;
  }

  private static void inScale(String name, OptionalInt value) {
    if (value.isPresent() && (value.getAsInt() < 0 || value.getAsInt() > GREATEST)) {
      throw new IllegalArgumentException(
          "%s (%d) must be between 0 and %d".formatted(name, value.getAsInt(), GREATEST));
    }
  }
}
