package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nimblet.core.anatomy.Side;

/** A tap test with the conditions under which it was made. */
public record TestedTaps(Conditions conditions, Tapping tapping) {

  /** So many tests alike are averaged to tell clock and hand apart (ours). */
  private static final int AVERAGED = 5;

  /**
   * The earlier tests that asked for the same, the first first.
   *
   * @param all tests of the same person, in any order
   */
  public List<TestedTaps> like(List<TestedTaps> all) {
    return all.stream()
        .filter(one -> one.tapping.task().isLike(tapping.task()))
        .filter(one -> one.conditions.at().isBefore(conditions.at()))
        .sorted(Comparator.comparing(one -> one.conditions.at()))
        .toList();
  }

  /**
   * Clock and hand of a hand that tapped, from this test and the last ones like it at the same
   * tempo under equal conditions.
   *
   * @param before tests of the same person, in any order
   */
  public ClockAndHand clockAndHand(Side side, List<TestedTaps> before) {
    List<TestedTaps> alike =
        like(before).stream()
            .filter(one -> one.tapping.task().tapsAMinute().equals(tapping.task().tapsAMinute()))
            .filter(one -> conditions.unlike(one.conditions).isEmpty())
            .toList();
    List<TestedTaps> averaged =
        new ArrayList<>(alike.subList(Math.max(0, alike.size() - AVERAGED + 1), alike.size()));
    averaged.add(this);
    return ClockAndHand.of(
        tapping.task(),
        tapping.device(),
        averaged.stream()
            .flatMap(one -> one.tapping.of(side).stream())
            .map(HandTapping::covariance)
            .toList());
  }
}
