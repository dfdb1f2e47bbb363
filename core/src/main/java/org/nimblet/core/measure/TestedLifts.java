package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * A test of holding and lifting with the conditions under which it was made.
 *
 * @param digits those that held keys
 * @param hands those that were tested
 */
public record TestedLifts(Conditions conditions, List<Digit> digits, List<HandIndependence> hands) {

  /** Copies the lists. */
  public TestedLifts {
    digits = List.copyOf(digits);
    hands = List.copyOf(hands);
  }

  /** From lifts of any hands; a hand of which nothing was lifted was not tested. */
  public static TestedLifts of(Conditions conditions, List<Digit> digits, List<Lift> lifts) {
    List<HandIndependence> hands = new ArrayList<>();
    for (Side side : Side.values()) {
      HandIndependence hand = new HandIndependence(side, digits, lifts);
      if (!hand.lifts().isEmpty()) {
        hands.add(hand);
      }
    }
    return new TestedLifts(conditions, digits, hands);
  }

  /** One of the hands. */
  public Optional<HandIndependence> of(Side side) {
    return hands.stream().filter(hand -> hand.side() == side).findFirst();
  }

  /** The independence of a finger, 0 to 1; empty if it was not lifted. */
  public Optional<Double> independence(Side side, Digit digit) {
    return of(side).flatMap(hand -> hand.independence(digit));
  }

  /** What comes along most often in either hand. */
  public Optional<HandIndependence.Leak> worst() {
    return hands.stream()
        .flatMap(hand -> hand.worst().stream())
        .max(Comparator.comparingDouble(HandIndependence.Leak::share));
  }

  /**
   * The earlier tests in which the same digits held keys, the first first: with the thumb another
   * share is counted.
   *
   * @param all tests of the same person, in any order
   */
  public List<TestedLifts> like(List<TestedLifts> all) {
    return all.stream()
        .filter(one -> one.digits.equals(digits))
        .filter(one -> one.conditions.at().isBefore(conditions.at()))
        .sorted(Comparator.comparing(one -> one.conditions.at()))
        .toList();
  }

  /** Whether another test was made under equal conditions. */
  public boolean equalTo(TestedLifts other) {
    return conditions.unlike(other.conditions).isEmpty();
  }

  /**
   * From which difference on a finger's independence changed.
   *
   * @param like tests with the same digits, the first first
   */
  public static SmallestChange counts(Side side, Digit digit, List<TestedLifts> like) {
    List<SmallestChange.Pair> pairs = new ArrayList<>();
    for (int i = 1; i < like.size(); i++) {
      Optional<Double> first = like.get(i - 1).independence(side, digit);
      Optional<Double> second = like.get(i).independence(side, digit);
      if (first.isPresent()
          && second.isPresent()
          && like.get(i).conditions.repeats(like.get(i - 1).conditions)) {
        pairs.add(HandIndependence.pair(first.get(), second.get()));
      }
    }
    return HandIndependence.counts(pairs);
  }
}
