package org.nimblet.core.exercise;

import org.apache.commons.numbers.fraction.BigFraction;

/**
 * What one repetition of a dose is. Each form has one quantity that may vary from level to level:
 * its seconds, its breaths or its passes; where a form has none, the repetitions vary.
 */
public sealed interface DoseForm {

  /** The exact length of one repetition in seconds at this breath rate. */
  BigFraction repetitionSeconds(Pace pace);

  /** The quantity of the form that varies, or 1 if the repetitions vary instead. */
  default int quantity() {
    return 1;
  }

  /** Whether {@link #quantity()} varies; if not, the repetitions do. */
  default boolean variesItself() {
    return false;
  }

  /** The same form with another quantity; itself where the repetitions vary. */
  default DoseForm withQuantity(int quantity) {
    return this;
  }

  /** Whole seconds for which a tissue is held at its end in one repetition; 0 if it is not. */
  default int heldSeconds(Pace pace) {
    return 0;
  }

  /**
   * Move in, hold, return.
   *
   * @param seconds how long it is held, 1–600
   */
  record Hold(int seconds) implements DoseForm {
    /** Seconds to move into a hold, and as many to come back (ours). */
    public static final int MOVE_SECONDS = 1;

    /** Checks the range. */
    public Hold {
      within("hold seconds", seconds, 1, 600);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of(2L * MOVE_SECONDS + seconds);
    }

    @Override
    public int quantity() {
      return seconds;
    }

    @Override
    public boolean variesItself() {
      return true;
    }

    @Override
    public DoseForm withQuantity(int quantity) {
      return new Hold(quantity);
    }

    @Override
    public int heldSeconds(Pace pace) {
      return seconds;
    }
  }

  /** One breath, with the pull kept for two seconds on the way out. */
  record Pulse() implements DoseForm {
    /** Seconds for which the pull is kept (common practice, no source). */
    public static final int KEPT_SECONDS = 2;

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return pace.breathSeconds();
    }

    @Override
    public int heldSeconds(Pace pace) {
      return KEPT_SECONDS;
    }
  }

  /**
   * Held for a number of breaths.
   *
   * @param breaths how many, 1–60
   */
  record Breaths(int breaths) implements DoseForm {
    /** Checks the range. */
    public Breaths {
      within("breaths", breaths, 1, 60);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return pace.breathSeconds().multiply(breaths);
    }

    @Override
    public int quantity() {
      return breaths;
    }

    @Override
    public boolean variesItself() {
      return true;
    }

    @Override
    public DoseForm withQuantity(int quantity) {
      return new Breaths(quantity);
    }

    @Override
    public int heldSeconds(Pace pace) {
      return (int) Math.ceil(repetitionSeconds(pace).doubleValue());
    }
  }

  /**
   * Counted beats at a tempo.
   *
   * @param beats beats to a repetition, 1–32
   * @param beatsPerMinute tempo, 10–300
   */
  record Count(int beats, int beatsPerMinute) implements DoseForm {
    /** Checks the ranges. */
    public Count {
      within("beats", beats, 1, 32);
      within("beats per minute", beatsPerMinute, 10, 300);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of(60L * beats, beatsPerMinute);
    }
  }

  /**
   * Done freely for a time.
   *
   * @param seconds how long, 1–1800
   */
  record Timed(int seconds) implements DoseForm {
    /** Checks the range. */
    public Timed {
      within("seconds", seconds, 1, 1800);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of(seconds);
    }

    @Override
    public int quantity() {
      return seconds;
    }

    @Override
    public boolean variesItself() {
      return true;
    }

    @Override
    public DoseForm withQuantity(int quantity) {
      return new Timed(quantity);
    }
  }

  /**
   * Slow passes along a part of the body.
   *
   * @param passes how many, 1–20
   * @param secondsPerPass length of one pass, 1–120
   */
  record Travel(int passes, int secondsPerPass) implements DoseForm {
    /** Checks the ranges. */
    public Travel {
      within("passes", passes, 1, 20);
      within("seconds per pass", secondsPerPass, 1, 120);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of((long) passes * secondsPerPass);
    }

    @Override
    public int quantity() {
      return passes;
    }

    @Override
    public boolean variesItself() {
      return true;
    }

    @Override
    public DoseForm withQuantity(int quantity) {
      return new Travel(quantity, secondsPerPass);
    }
  }

  private static void within(String name, int value, int least, int greatest) {
    if (value < least || value > greatest) {
      throw new IllegalArgumentException(
          "%s (%d) must be between %d and %d".formatted(name, value, least, greatest));
    }
  }
}
