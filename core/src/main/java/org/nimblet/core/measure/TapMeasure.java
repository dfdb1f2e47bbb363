package org.nimblet.core.measure;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Function;

/** A number that a tap test gives for a hand, with how much two tests differ by themselves. */
public enum TapMeasure {
  SPREAD(
      "Spread",
      "% of the interval",
      0.5,
      Better.LESS,
      hand ->
          hand.timing()
              .map(timing -> OptionalDouble.of(timing.spreadPercent()))
              .orElse(OptionalDouble.empty())),
  LATEST_TRANSITION(
      "Latest transition",
      "ms late",
      4,
      Better.LESS,
      hand ->
          hand.latest()
              .map(transition -> OptionalDouble.of(transition.lateMillis()))
              .orElse(OptionalDouble.empty())),
  DRIFT(
      "Drift",
      "% a minute",
      1.5,
      Better.NEARER_NOTHING,
      hand ->
          hand.timing()
              .map(timing -> OptionalDouble.of(timing.driftPercent()))
              .orElse(OptionalDouble.empty())),
  RIGHT_ORDER(
      "Right order",
      "% of the taps",
      1.2,
      Better.MORE,
      hand -> OptionalDouble.of(hand.order().percent())),
  TEN_SECONDS(
      "Taps in ten seconds",
      "taps",
      1.5,
      Better.MORE,
      hand ->
          hand.inTenSeconds().map(taps -> OptionalDouble.of(taps)).orElse(OptionalDouble.empty()));

  /** Which way is better. */
  enum Better {
    LESS,
    MORE,
    NEARER_NOTHING
  }

  private final String words;
  private final String unit;
  private final double errorOfMeasurement;
  private final Better better;
  private final Function<HandTapping, OptionalDouble> value;

  /**
   * A measure.
   *
   * @param errorOfMeasurement the usual standard error, until a person's own tests say (ours)
   */
  TapMeasure(
      String words,
      String unit,
      double errorOfMeasurement,
      Better better,
      Function<HandTapping, OptionalDouble> value) {
    this.words = words;
    this.unit = unit;
    this.errorOfMeasurement = errorOfMeasurement;
    this.better = better;
    this.value = value;
  }

  /** For people: "Spread". */
  public String words() {
    return words;
  }

  /** Of what: "% of the interval". */
  public String unit() {
    return unit;
  }

  /** Its identifier. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  double errorOfMeasurement() {
    return errorOfMeasurement;
  }

  /** What a hand's test gives; empty if it says nothing of this. */
  public OptionalDouble of(HandTapping hand) {
    return value.apply(hand);
  }

  /** Whether the second value is better than the first. */
  boolean isBetter(double before, double now) {
    return switch (better) {
      case LESS -> now < before;
      case MORE -> now > before;
      case NEARER_NOTHING -> Math.abs(now) < Math.abs(before);
    };
  }
}
