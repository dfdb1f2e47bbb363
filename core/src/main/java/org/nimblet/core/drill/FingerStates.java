package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.exercise.FingerState;

/** The states that one hand can be in, and how two hands are set against each other. */
public final class FingerStates {

  /** All 45 of them, rest first; by the fingers that are bent, then by the gaps that are open. */
  public static final List<FingerState> ALL = all();

  /**
   * The fingers that stand alone in shapes that are rude in company (common practice, no source).
   */
  private static final Set<List<Digit>> RUDE_STANDING =
      Set.of(List.of(Digit.MIDDLE), List.of(Digit.INDEX, Digit.MIDDLE));

  private FingerStates() {}

  /** The state with the fingers in reverse order: what the index did the little finger does. */
  public static FingerState reversed(FingerState state) {
    return new FingerState(
        state.bent().stream().map(FingerStates::reversed).toList(),
        state.open().stream()
            .map(gap -> new DigitPair(reversed(gap.farther()), reversed(gap.nearer())))
            .toList());
  }

  private static Digit reversed(Digit finger) {
    int last = Digit.FINGERS.size() - 1;
    return Digit.FINGERS.get(last - Digit.FINGERS.indexOf(finger));
  }

  /**
   * The state in which all that was bent stands and all that stood is bent. With gaps only what is
   * the same in reverse order has one: its open gaps close and the closed ones open.
   */
  public static Optional<FingerState> complement(FingerState state) {
    boolean bends = !state.bent().isEmpty();
    if (state.open().isEmpty() ? !bends || state.standing().isEmpty() : !isSymmetric(state)) {
      return Optional.empty();
    }
    List<Digit> bent = bends ? state.standing() : List.of();
    List<DigitPair> open =
        state.open().isEmpty()
            ? List.of()
            : FingerState.GAPS.stream().filter(gap -> !state.open().contains(gap)).toList();
    return ALL.stream()
        .filter(other -> !other.isRest())
        .filter(other -> other.bent().equals(bent) && other.open().equals(open))
        .findFirst();
  }

  private static boolean isSymmetric(FingerState state) {
    return reversed(state).equals(state);
  }

  /** Whether it may be taken for a rude sign, seen from the wrong side. */
  public static boolean mayBeRude(FingerState state) {
    return RUDE_STANDING.contains(state.standing());
  }

  private static List<FingerState> all() {
    List<FingerState> states = new ArrayList<>();
    for (List<Digit> bent : subsets(Digit.FINGERS)) {
      for (List<DigitPair> open : subsets(FingerState.GAPS)) {
        if (FingerState.isPossible(bent, open)) {
          states.add(new FingerState(bent, open));
        }
      }
    }
    return List.copyOf(states);
  }

  /** All choices of some of these, the smaller ones first, none first of all. */
  private static <T> List<List<T>> subsets(List<T> all) {
    List<List<T>> subsets = new ArrayList<>();
    for (int size = 0; size <= all.size(); size++) {
      for (int mask = 0; mask < 1 << all.size(); mask++) {
        if (Integer.bitCount(mask) == size) {
          List<T> subset = new ArrayList<>();
          for (int i = 0; i < all.size(); i++) {
            if ((mask & 1 << i) != 0) {
              subset.add(all.get(i));
            }
          }
          subsets.add(List.copyOf(subset));
        }
      }
    }
    return subsets;
  }
}
