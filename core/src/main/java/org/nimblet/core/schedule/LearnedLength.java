package org.nimblet.core.schedule;

import java.util.List;
import java.util.Optional;

/** How long the rounds of an activity last, from those that were measured. The numbers are ours. */
public final class LearnedLength {

  /** From fewer rounds nothing is learned. */
  public static final int FEWEST = 3;

  /** Only so many of the latest count, since habits change. */
  public static final int LATEST = 10;

  private LearnedLength() {}

  /**
   * The median of the latest rounds, the longer of the middle two if their number is even.
   *
   * @param minutes the measured rounds, the latest first
   * @return empty if there are fewer than {@value #FEWEST}
   */
  public static Optional<Integer> of(List<Integer> minutes) {
    if (minutes.size() < FEWEST) {
      return Optional.empty();
    }
    List<Integer> sorted = minutes.stream().limit(LATEST).sorted().toList();
    return Optional.of(sorted.get(sorted.size() / 2));
  }
}
