package org.nimblet.core.exercise;

/**
 * How much of an exercise is done. Sides are gone through outermost, then units, then sets, then
 * repetitions.
 *
 * @param form what one repetition is
 * @param repetitions repetitions to a set, 1–300
 * @param sets sets to a unit, 1–10
 * @param laterality how the sides share the dose
 * @param units what it is repeated over on each side
 * @param restSeconds rest between two sets, 0–600 s
 */
public record Dose(
    DoseForm form, int repetitions, int sets, Laterality laterality, Units units, int restSeconds) {

  /** The greatest share, in per cent, that a level can ask for. */
  private static final int WHOLE = 100;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Dose {
    if (repetitions < 1 || repetitions > 300) {
      throw new IllegalArgumentException(
          "repetitions (%d) must be between 1 and 300".formatted(repetitions));
    }
    if (sets < 1 || sets > 10) {
      throw new IllegalArgumentException("sets (%d) must be between 1 and 10".formatted(sets));
    }
    if (restSeconds < 0 || restSeconds > 600) {
      throw new IllegalArgumentException(
          "rest (%d s) must be between 0 and 600 s".formatted(restSeconds));
    }
  }

  /** The quantity that varies from level to level: the form's own, else the repetitions. */
  public int quantity() {
    return form.variesItself() ? form.quantity() : repetitions;
  }

  /** The same dose with another quantity. */
  public Dose withQuantity(int quantity) {
    return form.variesItself()
        ? new Dose(form.withQuantity(quantity), repetitions, sets, laterality, units, restSeconds)
        : new Dose(form, quantity, sets, laterality, units, restSeconds);
  }

  /** The same dose with another rest between sets. */
  public Dose withRest(int seconds) {
    return new Dose(form, repetitions, sets, laterality, units, seconds);
  }

  /** The dose at a level in per cent, rounded half up and kept within the bounds. */
  public Dose atLevel(int percent, Bounds bounds) {
    int scaled = (quantity() * percent * 2 + WHOLE) / (2 * WHOLE);
    return withQuantity(bounds.clamp(scaled));
  }

  /** Repetitions over all sides, units and sets. */
  public int totalRepetitions() {
    return Math.multiplyExact(
        Math.multiplyExact(repetitions, sets), units.count() * laterality.passes());
  }

  /** Whole seconds for which each side is held at its end over the whole dose. */
  public int heldSecondsPerSide(Pace pace) {
    return Math.multiplyExact(form.heldSeconds(pace), repetitions * sets * units.count());
  }

  /** The dose for people: "20 s × 2, each side". */
  public String words() {
    StringBuilder text = new StringBuilder();
    String times = repetitions > 1 ? " × " + repetitions : "";
    if (form instanceof DoseForm.Hold hold) {
      text.append(hold.seconds()).append(" s").append(times);
    } else if (form instanceof DoseForm.Pulse) {
      text.append(repetitions).append(" pulses");
    } else if (form instanceof DoseForm.Breaths breaths) {
      text.append(breaths.breaths() == 1 ? "1 breath" : breaths.breaths() + " breaths");
      text.append(times);
    } else if (form instanceof DoseForm.Count) {
      text.append(repetitions).append(" times");
    } else if (form instanceof DoseForm.Timed timed) {
      text.append(timed.seconds()).append(" s").append(times);
    } else if (form instanceof DoseForm.Travel travel) {
      text.append(travel.passes() == 1 ? "1 pass" : travel.passes() + " passes").append(times);
    }
    if (!units.word().isEmpty()) {
      text.append(' ').append(units.word());
    }
    if (sets > 1) {
      text.insert(0, sets + " × ");
    }
    return text.append(", ").append(laterality.word()).toString();
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
