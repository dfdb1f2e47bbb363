package org.nimblet.core.exercise;

import java.util.List;
import java.util.Optional;
import org.nimblet.core.anatomy.Side;

/**
 * How much of an exercise is done. Sides are gone through outermost, then units, then sets, then
 * repetitions; where the sides work in turn, sets are rounds and outermost of all.
 *
 * @param form what one repetition is
 * @param repetitions repetitions to a set, 1–300
 * @param sets sets to a unit, 1–10
 * @param laterality how the sides share the dose
 * @param units what it is repeated over on each side
 * @param restSeconds rest between two sets, 0–600 s
 * @param load what it is done against, if anything
 * @param exception what one side does instead, where the sides differ; only with {@link
 *     Laterality#EACH}
 */
public record Dose(
    DoseForm form,
    int repetitions,
    int sets,
    Laterality laterality,
    Units units,
    int restSeconds,
    Optional<Load> load,
    Optional<SideException> exception) {

  /** The greatest share, in per cent, that a level can ask for. */
  private static final int WHOLE = 100;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Dose {
    within("repetitions", repetitions, 1, 300);
    within("sets", sets, 1, 10);
    within("rest seconds", restSeconds, 0, 600);
    exception.ifPresent(
        other -> {
          if (laterality != Laterality.EACH) {
            throw new IllegalArgumentException(
                "sides (%s) must be each side where one side does something else"
                    .formatted(laterality.word()));
          }
        });
  }

  /** A dose without load that is the same on both sides. */
  public Dose(
      DoseForm form,
      int repetitions,
      int sets,
      Laterality laterality,
      Units units,
      int restSeconds) {
    this(
        form,
        repetitions,
        sets,
        laterality,
        units,
        restSeconds,
        Optional.empty(),
        Optional.empty());
  }

  /**
   * What one side does instead of the dose.
   *
   * @param side which side
   * @param form what one repetition is there
   * @param repetitions repetitions to a set there, 1–300
   * @param sets sets to a unit there, 1–10
   */
  public record SideException(Side side, DoseForm form, int repetitions, int sets) {
    /** Checks the ranges. */
    public SideException {
      within("repetitions", repetitions, 1, 300);
      within("sets", sets, 1, 10);
    }
  }

  /** The dose as this side does it, without an exception. */
  public Dose on(Side side) {
    return exception
        .filter(other -> other.side() == side)
        .map(
            other ->
                new Dose(
                    other.form(),
                    other.repetitions(),
                    other.sets(),
                    laterality,
                    units,
                    restSeconds,
                    load,
                    Optional.empty()))
        .orElseGet(() -> withException(Optional.empty()));
  }

  /** The sides one after the other, beginning with this one; only it where both go together. */
  public List<Side> passes(Side first) {
    return laterality.passes() == 1 ? List.of(first) : List.of(first, first.other());
  }

  /** The quantity that varies from level to level: the form's own, else the repetitions. */
  public int quantity() {
    return form.variesItself() ? form.quantity() : repetitions;
  }

  /** What {@link #quantity()} counts, as a word after a number: "s", "breaths", "times". */
  public String quantityName() {
    return form.variesItself() ? form.quantityName() : "times";
  }

  /** The same dose with another quantity. */
  public Dose withQuantity(int quantity) {
    return form.variesItself()
        ? new Dose(
            form.withQuantity(quantity),
            repetitions,
            sets,
            laterality,
            units,
            restSeconds,
            load,
            exception)
        : new Dose(form, quantity, sets, laterality, units, restSeconds, load, exception);
  }

  /** The same dose with other repetitions and sets. */
  public Dose withRepetitions(int newRepetitions, int newSets) {
    return new Dose(form, newRepetitions, newSets, laterality, units, restSeconds, load, exception);
  }

  /** The same dose with another rest between sets. */
  public Dose withRest(int seconds) {
    return new Dose(form, repetitions, sets, laterality, units, seconds, load, exception);
  }

  /** The same dose against another load. */
  public Dose withLoad(Load other) {
    return new Dose(
        form, repetitions, sets, laterality, units, restSeconds, Optional.of(other), exception);
  }

  /** The same dose with another form of repetition. */
  public Dose withForm(DoseForm other) {
    return new Dose(other, repetitions, sets, laterality, units, restSeconds, load, exception);
  }

  /** The same dose shared otherwise between the sides, equal on both. */
  public Dose withLaterality(Laterality other) {
    return new Dose(form, repetitions, sets, other, units, restSeconds, load, Optional.empty());
  }

  /** The same dose with another exception, or none. */
  public Dose withException(Optional<SideException> other) {
    return new Dose(form, repetitions, sets, laterality, units, restSeconds, load, other);
  }

  /** The dose at a level in per cent, rounded half up and kept within the bounds. */
  public Dose atLevel(int percent, Bounds bounds) {
    int scaled = (quantity() * percent * 2 + WHOLE) / (2 * WHOLE);
    return withQuantity(bounds.clamp(scaled));
  }

  /** How often there is a rest between two sets, over all sides and units. */
  public int rests() {
    int between = sets - 1;
    return laterality == Laterality.IN_TURN
        ? between
        : Math.multiplyExact(between, units.count() * laterality.passes());
  }

  /** Repetitions over all sides, units and sets. */
  public int totalRepetitions() {
    return passes(Side.LEFT).stream()
        .map(this::on)
        .mapToInt(one -> Math.multiplyExact(one.repetitions * one.sets, units.count()))
        .sum();
  }

  /** Whole seconds for which a side is held at its end over the whole dose; the longer of both. */
  public int heldSecondsPerSide(Pace pace) {
    return passes(Side.LEFT).stream()
        .mapToInt(side -> heldSecondsOn(side, pace))
        .max()
        .orElseThrow();
  }

  /** Whole seconds for which this side is held at its end over the whole dose, if it works. */
  public int heldSecondsOn(Side side, Pace pace) {
    Dose own = on(side);
    int times = own.repetitions * own.sets * units.count();
    return (int) Math.ceil(own.form.held(pace).multiply(times).doubleValue());
  }

  private static void within(String name, int value, int least, int greatest) {
    if (value < least || value > greatest) {
      throw new IllegalArgumentException(
          "%s (%d) must be between %d and %d".formatted(name, value, least, greatest));
    }
  }

  /**
   * The safe range of a dose's quantity.
   *
   * @param least inclusive, at least 1
   * @param greatest inclusive, not below {@code least}
   */
  public record Bounds(int least, int greatest) {
    /** Checks the order. */
    public Bounds {
      if (least < 1 || greatest < least) {
        throw new IllegalArgumentException(
            "bounds (%d to %d) must be at least 1 and in rising order".formatted(least, greatest));
      }
    }

    /** The nearest quantity inside the bounds. */
    public int clamp(int quantity) {
      return Math.max(least, Math.min(greatest, quantity));
    }

    /** Whether the quantity lies inside. */
    public boolean contains(int quantity) {
      return quantity >= least && quantity <= greatest;
    }
  }
}
