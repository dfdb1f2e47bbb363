package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * What one repetition of a dose is. Each form has one quantity that may vary from level to level:
 * its seconds, its breaths or its passes; where a form has none, the repetitions vary.
 */
public sealed interface DoseForm {

  /**
   * What somebody does with each form: a form more, and whatever does not know it is not compiled.
   *
   * @param <T> what comes of it
   */
  interface Cases<T> {
    /** For hold. */
    T hold(Hold form);

    /** For pulse. */
    T pulse(Pulse form);

    /** For breaths. */
    T breaths(Breaths form);

    /** For count. */
    T count(Count form);

    /** For timed. */
    T timed(Timed form);

    /** For travel. */
    T travel(Travel form);

    /** For until eases. */
    T untilEases(UntilEases form);

    /** For breath moved. */
    T breathMoved(BreathMoved form);

    /** For paced. */
    T paced(Paced form);

    /** For presses then hold. */
    T pressesThenHold(PressesThenHold form);

    /** For own pace. */
    T ownPace(OwnPace form);
  }

  /** What comes of this form. */
  <T> T match(Cases<T> cases);

  /** The exact length of one repetition in seconds at this breath rate. */
  BigFraction repetitionSeconds(Pace pace);

  /** The quantity of the form that varies, or 1 if the repetitions vary instead. */
  default int quantity() {
    return 1;
  }

  /** What {@link #quantity()} counts, as a word after a number. */
  default String quantityName() {
    return "s";
  }

  /** Whether {@link #quantity()} varies; if not, the repetitions do. */
  default boolean variesItself() {
    return false;
  }

  /** The same form with another quantity; itself where the repetitions vary. */
  default DoseForm withQuantity(int quantity) {
    return this;
  }

  /** How many notes a minute it asks for where they come fastest; empty where nothing beats. */
  default OptionalInt notesAMinute() {
    return OptionalInt.empty();
  }

  /** Whether a set is gone through without a word between its repetitions. */
  default boolean wholeSetAtOnce() {
    return false;
  }

  /** Whether a repetition is one quiet hold, so that a release follows a long one. */
  default boolean isStatic() {
    return false;
  }

  /** Whole seconds for which a tissue is held at its end in one repetition; 0 if it is not. */
  default int heldSeconds(Pace pace) {
    return 0;
  }

  /** The same to the fraction of a second, for whoever adds some up and rounds last. */
  default BigFraction held(Pace pace) {
    return BigFraction.of(heldSeconds(pace));
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
    public boolean isStatic() {
      return true;
    }

    @Override
    public <T> T match(Cases<T> cases) {
      return cases.hold(this);
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
    public <T> T match(Cases<T> cases) {
      return cases.pulse(this);
    }

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
    public boolean isStatic() {
      return true;
    }

    @Override
    public <T> T match(Cases<T> cases) {
      return cases.breaths(this);
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
    public String quantityName() {
      return "breaths";
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

    @Override
    public BigFraction held(Pace pace) {
      return repetitionSeconds(pace);
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
    public <T> T match(Cases<T> cases) {
      return cases.count(this);
    }

    @Override
    public OptionalInt notesAMinute() {
      return OptionalInt.of(beatsPerMinute);
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
    public <T> T match(Cases<T> cases) {
      return cases.timed(this);
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
    public <T> T match(Cases<T> cases) {
      return cases.travel(this);
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
    public String quantityName() {
      return "passes";
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

  /**
   * Held until the pull has faded, between a least and a greatest time; the person ends it. Plans
   * count its greatest time.
   *
   * @param leastSeconds from when on it may be ended, 1–300
   * @param greatestSeconds when it ends at the latest, at least the least, at most 300
   */
  record UntilEases(int leastSeconds, int greatestSeconds) implements DoseForm {
    /** Checks the ranges. */
    public UntilEases {
      within("least seconds", leastSeconds, 1, 300);
      within("greatest seconds", greatestSeconds, leastSeconds, 300);
    }

    @Override
    public boolean isStatic() {
      return true;
    }

    @Override
    public <T> T match(Cases<T> cases) {
      return cases.untilEases(this);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of(greatestSeconds);
    }

    @Override
    public int quantity() {
      return greatestSeconds;
    }

    @Override
    public boolean variesItself() {
      return true;
    }

    @Override
    public DoseForm withQuantity(int quantity) {
      return new UntilEases(Math.min(leastSeconds, quantity), quantity);
    }

    @Override
    public int heldSeconds(Pace pace) {
      return greatestSeconds;
    }
  }

  /**
   * Moved with the breath: into it on one half, back on the other; one breath a repetition.
   *
   * @param into on which half one goes into it
   */
  record BreathMoved(BreathHalf into) implements DoseForm {
    @Override
    public <T> T match(Cases<T> cases) {
      return cases.breathMoved(this);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return pace.breathSeconds();
    }
  }

  /**
   * Done to a beat through a ladder of subdivisions, after a count-in: with 1-2-3-2-1 each beat of
   * the second fifth holds two notes, of the third three. The beats are shared out evenly; where
   * they do not divide, later rungs get the odd ones.
   *
   * @param beats beats without the count-in, 1–1200, at least one to a rung
   * @param beatsPerMinute tempo, 10–300
   * @param ladder notes to a beat, rung by rung, each 1–8
   * @param countIn beats counted before, 0–16
   */
  record Paced(int beats, int beatsPerMinute, List<Integer> ladder, int countIn)
      implements DoseForm {
    /** Beats counted in unless something else is said (common practice, no source). */
    public static final int USUAL_COUNT_IN = 4;

    /** Checks the ranges. */
    public Paced {
      ladder = List.copyOf(ladder);
      within("beats", beats, 1, 1200);
      within("beats per minute", beatsPerMinute, 10, 300);
      within("rungs", ladder.size(), 1, Math.min(beats, 32));
      ladder.forEach(notes -> within("notes to a beat", notes, 1, 8));
      within("count-in beats", countIn, 0, 16);
    }

    /** How many notes beat {@code index} (0-based, after the count-in) is divided into. */
    public int subdivision(int index) {
      return ladder.get(index * ladder.size() / beats);
    }

    /** The exact length of one beat in seconds. */
    public BigFraction beatSeconds() {
      return BigFraction.of(60, beatsPerMinute);
    }

    @Override
    public <T> T match(Cases<T> cases) {
      return cases.paced(this);
    }

    @Override
    public OptionalInt notesAMinute() {
      return OptionalInt.of(beatsPerMinute * Collections.max(ladder));
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return beatSeconds().multiply(countIn + beats);
    }

    @Override
    public int quantity() {
      return beats;
    }

    @Override
    public String quantityName() {
      return "beats";
    }

    @Override
    public boolean variesItself() {
      return true;
    }

    @Override
    public DoseForm withQuantity(int quantity) {
      return new Paced(Math.max(quantity, ladder.size()), beatsPerMinute, ladder, countIn);
    }
  }

  /**
   * Presses, then a hold of the same: the way to open a pair of digits.
   *
   * @param presses how many, 1–20
   * @param seconds how long the last one is held, 1–600
   */
  record PressesThenHold(int presses, int seconds) implements DoseForm {
    /** Seconds of one press, half of them to let go (ours). */
    public static final int PRESS_SECONDS = 1;

    /** Checks the ranges. */
    public PressesThenHold {
      within("presses", presses, 1, 20);
      within("hold seconds", seconds, 1, 600);
    }

    @Override
    public boolean isStatic() {
      return true;
    }

    @Override
    public <T> T match(Cases<T> cases) {
      return cases.pressesThenHold(this);
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of((long) PRESS_SECONDS * presses + 2L * Hold.MOVE_SECONDS + seconds);
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
      return new PressesThenHold(presses, quantity);
    }

    @Override
    public int heldSeconds(Pace pace) {
      return seconds;
    }
  }

  /**
   * Counted at one's own pace; the person ends the set when the count is full or the ways get
   * shorter.
   *
   * @param aMinute how many repetitions a minute plans reckon with, 1–300
   */
  record OwnPace(int aMinute) implements DoseForm {
    /** Checks the range. */
    public OwnPace {
      within("repetitions a minute", aMinute, 1, 300);
    }

    @Override
    public <T> T match(Cases<T> cases) {
      return cases.ownPace(this);
    }

    @Override
    public boolean wholeSetAtOnce() {
      return true;
    }

    @Override
    public BigFraction repetitionSeconds(Pace pace) {
      return BigFraction.of(60, aMinute);
    }
  }

  private static void within(String name, int value, int least, int greatest) {
    if (value < least || value > greatest) {
      throw new IllegalArgumentException(
          "%s (%d) must be between %d and %d".formatted(name, value, least, greatest));
    }
  }
}
