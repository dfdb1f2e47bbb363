package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.exercise.Contact;
import org.nimblet.core.exercise.FingerState;

/**
 * What one or both hands go through, again and again.
 *
 * @param together what the hands do together
 * @param contact how they touch each other meanwhile
 * @param first the states of the hand that does it, or of the left one, in turn and back to the
 *     first; two or more, each unlike the one before it in one hand at least
 * @param second the states of the other hand at the same time; empty if it rests
 */
public record Pattern(
    Together together, Contact contact, List<FingerState> first, List<FingerState> second) {

  /**
   * Checks that the hands fit each other.
   *
   * @throws IllegalArgumentException naming what does not fit
   */
  public Pattern {
    first = List.copyOf(first);
    second = List.copyOf(second);
    if (first.size() < 2) {
      throw new IllegalArgumentException("states (%d) must be 2 or more".formatted(first.size()));
    }
    int other = together == Together.ONE_HAND ? 0 : first.size();
    if (second.size() != other) {
      throw new IllegalArgumentException(
          "states of the second hand (%d) must be %d".formatted(second.size(), other));
    }
  }

  /** One hand that goes from rest to a state and back. */
  public static Pattern oneHand(FingerState state) {
    return new Pattern(
        Together.ONE_HAND, Contact.NONE, List.of(state, FingerState.REST), List.of());
  }

  /** Both hands that go from rest to the same state and back. */
  public static Pattern alike(FingerState state) {
    List<FingerState> states = List.of(state, FingerState.REST);
    return new Pattern(Together.ALIKE, Contact.NONE, states, states);
  }

  /**
   * Both hands, each straight over from its state to the other one's.
   *
   * @param together {@link Together#COMPLEMENT} or {@link Together#REVERSED}
   */
  public static Pattern counter(Together together, FingerState first, FingerState second) {
    return new Pattern(together, Contact.NONE, List.of(first, second), List.of(second, first));
  }

  /** The same with the hands in contact. */
  public Pattern in(Contact other) {
    return new Pattern(together, other, first, second);
  }

  /**
   * The identifier: what the hands do together, how they touch, and the states of the first one.
   */
  public String id() {
    String states =
        first.stream()
            .map(state -> state.isRest() ? "rest" : state.text().replace(' ', '+'))
            .collect(Collectors.joining("."));
    return Stream.of(together.name(), contact.name())
            .map(word -> word.toLowerCase(Locale.ROOT).replace('_', '-'))
            .collect(Collectors.joining("."))
        + "."
        + states;
  }

  /** Whether a state of it may be taken for a rude sign. */
  public boolean mayBeRude() {
    return Stream.concat(first.stream(), second.stream()).anyMatch(FingerStates::mayBeRude);
  }

  /**
   * How hard it is.
   *
   * @param otherHand whether it is the non-dominant hand that does it alone
   * @param aMinute changes a minute; empty where nobody counts
   */
  public Difficulty difficulty(boolean otherHand, OptionalInt aMinute) {
    return Difficulty.of(this, otherHand, aMinute);
  }

  /** How hard its movements are, whoever does them and however fast. */
  public double movement() {
    return difficulty(false, OptionalInt.empty()).total();
  }

  /** Whether one hand does it alone, either of them. */
  public boolean isForOneHand() {
    return together == Together.ONE_HAND;
  }

  /** Whether in some change one of these fingers bends or straightens and the other does not. */
  boolean parts(DigitPair pair) {
    return parts(first, pair) || parts(second, pair);
  }

  /** Whether it is nothing but the one of these fingers straightening as the other one bends. */
  boolean goesBetween(DigitPair pair) {
    return first.equals(
        List.of(
            new FingerState(List.of(pair.nearer()), List.of()),
            new FingerState(List.of(pair.farther()), List.of())));
  }

  private static boolean parts(List<FingerState> states, DigitPair pair) {
    for (int i = 0; i < states.size(); i++) {
      FingerState next = states.get((i + 1) % states.size());
      if (moves(states.get(i), next, pair.nearer()) != moves(states.get(i), next, pair.farther())) {
        return true;
      }
    }
    return false;
  }

  private static boolean moves(FingerState before, FingerState after, Digit finger) {
    return before.bent().contains(finger) != after.bent().contains(finger);
  }

  /** What each change asks of each hand. */
  List<Difficulty> changes() {
    List<Difficulty> changes = new ArrayList<>(changes(first));
    if (!second.isEmpty()) {
      changes.addAll(changes(second));
    }
    return changes;
  }

  private static List<Difficulty> changes(List<FingerState> states) {
    List<Difficulty> changes = new ArrayList<>();
    for (int i = 0; i < states.size(); i++) {
      changes.add(Difficulty.ofChange(states.get(i), states.get((i + 1) % states.size())));
    }
    return changes;
  }
}
