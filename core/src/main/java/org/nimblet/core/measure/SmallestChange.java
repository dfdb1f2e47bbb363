package org.nimblet.core.measure;

import java.util.List;

/**
 * From which difference on two measurements differ by more than by themselves: 1.96·√2·SEM, divided
 * by √k for means of k repeats (model section 7).
 *
 * @param amount the difference that counts, in the unit of the measure
 * @param pairs from how many pairs of a person's own tests it comes; 0 if it is the usual one
 */
public record SmallestChange(double amount, int pairs) {

  /** Two tests that are alike, and one a while after the other. */
  public record Pair(double first, double second) {}

  /** Fewer pairs than these are not gone by (ours). */
  static final int LEAST_PAIRS = 5;

  /** The two-sided 95 % point of the normal distribution. */
  private static final double CERTAINTY = 1.96;

  /**
   * By a person's own tests where there are enough, else by what is usual.
   *
   * @param usualError standard error of measurement where nothing else is known
   * @param own pairs of tests under equal conditions with nothing between that could change them
   * @param repeats how many tests each value is the mean of, at least 1
   */
  public static SmallestChange of(double usualError, List<Pair> own, int repeats) {
    if (repeats < 1) {
      throw new IllegalArgumentException("repeats (%d) must be 1 or more".formatted(repeats));
    }
    boolean enough = own.size() >= LEAST_PAIRS;
    double error = enough ? error(own) : usualError;
    return new SmallestChange(
        CERTAINTY * Math.sqrt(2) * error / Math.sqrt(repeats), enough ? own.size() : 0);
  }

  /** Standard deviation of the differences by √2. */
  private static double error(List<Pair> own) {
    double[] differences = own.stream().mapToDouble(p -> p.second() - p.first()).toArray();
    return Line.spread(differences) / Math.sqrt(2);
  }
}
