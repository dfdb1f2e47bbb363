package org.nimblet.core.measure;

import java.util.List;

/**
 * How the intervals of a test vary, and how each goes with the next, in ms², after drift and what
 * each transition has of its own are taken away.
 *
 * @param intervals from how many
 * @param atZero their variance
 * @param atOne the covariance of successive ones
 */
public record Autocovariance(int intervals, double atZero, double atOne) {

  static final Autocovariance NONE = new Autocovariance(0, 0, 0);

  /**
   * Of intervals.
   *
   * <p>Each mean that is taken away takes a share of the variance with it: of n intervals and k
   * transitions both numbers shrink by (n − k − 1)/n, which is put right here.
   *
   * @param places the place of each in the row; only neighbours are successive
   * @param millis the intervals
   * @param transitions which transition each one is, 0 and up
   * @param kinds how many transitions there are
   */
  static Autocovariance of(int[] places, double[] millis, int[] transitions, int kinds) {
    int n = millis.length;
    if (n < 2) {
      return NONE;
    }
    double[] x = new double[n];
    for (int i = 0; i < n; i++) {
      x[i] = places[i];
    }
    Line drift = Line.through(x, millis);
    double[] left = new double[n];
    double[] sums = new double[kinds];
    int[] counts = new int[kinds];
    for (int i = 0; i < n; i++) {
      left[i] = millis[i] - drift.at(x[i]);
      sums[transitions[i]] += left[i];
      counts[transitions[i]]++;
    }
    int met = 0;
    for (int count : counts) {
      met += count > 0 ? 1 : 0;
    }
    double zero = 0;
    double one = 0;
    int pairs = 0;
    for (int i = 0; i < n; i++) {
      left[i] -= sums[transitions[i]] / counts[transitions[i]];
      zero += left[i] * left[i];
      if (i > 0 && places[i] == places[i - 1] + 1) {
        one += left[i] * left[i - 1];
        pairs++;
      }
    }
    double free = n - met - 1;
    return free <= 0 ? NONE : new Autocovariance(n, zero / free, one / (pairs + 1) * (n / free));
  }

  /** The mean of several tests, each by the number of its intervals. */
  static Autocovariance mean(List<Autocovariance> tests) {
    int intervals = tests.stream().mapToInt(Autocovariance::intervals).sum();
    if (intervals == 0) {
      return NONE;
    }
    double zero = tests.stream().mapToDouble(test -> test.atZero * test.intervals).sum();
    double one = tests.stream().mapToDouble(test -> test.atOne * test.intervals).sum();
    return new Autocovariance(intervals, zero / intervals, one / intervals);
  }
}
