package org.nimblet.core.measure;

import java.util.List;
import java.util.Locale;

/**
 * How much of the unevenness comes from the clock in the head and how much from the hand that
 * carries it out (Wing and Kristofferson 1973): a late tap makes its interval longer and the next
 * one shorter, a late clock only the one.
 */
public sealed interface ClockAndHand {

  /** Fewer intervals say nothing (model section 7). */
  int LEAST_INTERVALS = 50;

  /**
   * Both are told apart.
   *
   * @param clock variance of the clock, ms²
   * @param hand variance of the hand, ms²; it enters each interval twice
   * @param device how much of the hand's is the keyboard's, ms²
   * @param intervals from how many
   */
  record Separated(double clock, double hand, double device, int intervals)
      implements ClockAndHand {}

  /**
   * They cannot be told apart.
   *
   * @param why as a sentence
   */
  record Inseparable(String why) implements ClockAndHand {}

  /**
   * From one test, or the mean of several alike.
   *
   * @param task what was tapped
   * @param device with what
   */
  static ClockAndHand of(TapTask task, Device device, List<Autocovariance> tests) {
    if (task.pace() != Pace.CLICK_THEN_ALONE) {
      return new Inseparable("Only what follows a click that has stopped can be told apart.");
    }
    Autocovariance mean = Autocovariance.mean(tests);
    if (mean.intervals() < LEAST_INTERVALS) {
      return new Inseparable(
          "%d intervals could be used; %d are needed."
              .formatted(mean.intervals(), LEAST_INTERVALS));
    }
    double ratio = mean.atZero() == 0 ? 0 : mean.atOne() / mean.atZero();
    if (ratio > 0) {
      return new Inseparable(
          "Successive intervals must lean apart (−0.5 to 0); these lean together, +%.2f."
              .formatted(ratio));
    }
    if (ratio < -0.5) {
      return new Inseparable(
          "Successive intervals lean apart more than a hand alone explains (%s, at most −0.50)."
              .formatted(String.format(Locale.ROOT, "%.2f", ratio).replace('-', '−')));
    }
    return new Separated(
        mean.atZero() + 2 * mean.atOne(),
        -mean.atOne(),
        device.kind().variance(),
        mean.intervals());
  }
}
