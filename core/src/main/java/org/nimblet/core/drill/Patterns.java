package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.exercise.Contact;
import org.nimblet.core.exercise.FingerState;

/** Every pattern there is, by family. */
public final class Patterns {

  private static final int ALL_GAPS = FingerState.GAPS.size();

  private static final Map<Family, List<Pattern>> BY_FAMILY = byFamily();
  private static final Map<String, Pattern> BY_ID = new LinkedHashMap<>();
  private static final Map<String, Family> FAMILY_BY_ID = new LinkedHashMap<>();

  static {
    BY_FAMILY.forEach(
        (family, patterns) ->
            patterns.forEach(
                pattern -> {
                  BY_ID.put(pattern.id(), pattern);
                  FAMILY_BY_ID.put(pattern.id(), family);
                }));
  }

  private Patterns() {}

  /** All of them, family by family in the order of learning. */
  public static List<Pattern> all() {
    return List.copyOf(BY_ID.values());
  }

  /** Those of a family, the easiest first. */
  public static List<Pattern> of(Family family) {
    return BY_FAMILY.get(family);
  }

  /** The pattern with an identifier, if there is one. */
  public static Optional<Pattern> find(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }

  /**
   * The family of a pattern.
   *
   * @throws IllegalArgumentException if it is none of those that there are
   */
  public static Family familyOf(Pattern pattern) {
    Family family = FAMILY_BY_ID.get(pattern.id());
    if (family == null) {
      throw new IllegalArgumentException(
          "pattern (%s) must be one of those that there are".formatted(pattern.id()));
    }
    return family;
  }

  private static Map<Family, List<Pattern>> byFamily() {
    Map<Family, List<Pattern>> all = new EnumMap<>(Family.class);
    for (FingerState state : FingerStates.ALL) {
      if (!state.isRest()) {
        add(all, oneHandFamily(state), Pattern.oneHand(state));
        add(all, Family.ALIKE, Pattern.alike(state));
      }
    }
    addCounters(all, Family.COMPLEMENT, Together.COMPLEMENT, FingerStates::complement);
    addCounters(
        all,
        Family.REVERSED,
        Together.REVERSED,
        state -> Optional.of(FingerStates.reversed(state)).filter(other -> !other.equals(state)));
    addTransitions(all);
    addRipples(all);
    addContact(all);
    all.replaceAll((family, patterns) -> sorted(patterns));
    return Collections.unmodifiableMap(all);
  }

  private static void add(Map<Family, List<Pattern>> all, Family family, Pattern pattern) {
    all.computeIfAbsent(family, each -> new ArrayList<>()).add(pattern);
  }

  private static List<Pattern> sorted(List<Pattern> patterns) {
    return patterns.stream()
        .sorted(Comparator.comparingDouble(Pattern::movement).thenComparing(Pattern::id))
        .toList();
  }

  private static Family oneHandFamily(FingerState state) {
    int bent = state.bent().size();
    if (bent == Digit.FINGERS.size() || state.open().size() == ALL_GAPS) {
      return Family.ALL_TOGETHER;
    }
    if (!state.open().isEmpty()) {
      return bent == 0 ? Family.GAPS : Family.BENT_AND_PARTED;
    }
    return switch (bent) {
      case 1 -> Family.ONE;
      case 2 -> areNeighbours(state.bent()) ? Family.NEIGHBOURS : Family.NOT_TOUCHING;
      default -> Family.THREE;
    };
  }

  private static boolean areNeighbours(List<Digit> fingers) {
    return fingers.get(fingers.size() - 1).ordinal() - fingers.get(0).ordinal()
        == fingers.size() - 1;
  }

  /** Each pair of states once, by the one that comes first. */
  private static void addCounters(
      Map<Family, List<Pattern>> all,
      Family family,
      Together together,
      Function<FingerState, Optional<FingerState>> counterpart) {
    for (FingerState state : FingerStates.ALL) {
      counterpart
          .apply(state)
          .filter(other -> FingerStates.ALL.indexOf(state) < FingerStates.ALL.indexOf(other))
          .ifPresent(other -> add(all, family, Pattern.counter(together, state, other)));
    }
  }

  /** One finger comes up as another goes down, of one hand or of both. */
  private static void addTransitions(Map<Family, List<Pattern>> all) {
    for (DigitPair pair : DigitPair.ALL) {
      if (pair.nearer() != Digit.THUMB) {
        List<FingerState> states =
            List.of(bent(List.of(pair.nearer())), bent(List.of(pair.farther())));
        add(
            all,
            Family.FROM_ONE_TO_ANOTHER,
            new Pattern(Together.ONE_HAND, Contact.NONE, states, List.of()));
        add(
            all,
            Family.FROM_ONE_TO_ANOTHER,
            new Pattern(Together.ALIKE, Contact.NONE, states, states));
      }
    }
  }

  /** One finger after the other out of a fist and back into it, from either edge of the hand. */
  private static void addRipples(Map<Family, List<Pattern>> all) {
    for (boolean fromIndex : new boolean[] {true, false}) {
      List<FingerState> states = new ArrayList<>();
      for (int out = 0; out < Digit.FINGERS.size(); out++) {
        states.add(edge(out, fromIndex));
      }
      for (int in = 0; in < Digit.FINGERS.size(); in++) {
        states.add(edge(Digit.FINGERS.size() - in, fromIndex));
      }
      add(all, Family.RIPPLE, new Pattern(Together.ONE_HAND, Contact.NONE, states, List.of()));
      add(all, Family.RIPPLE, new Pattern(Together.ALIKE, Contact.NONE, states, states));
    }
  }

  /** A hand of which so many fingers stand, counted from one edge. */
  private static FingerState edge(int standing, boolean fromIndex) {
    int last = Digit.FINGERS.size();
    return bent(
        fromIndex
            ? Digit.FINGERS.subList(standing, last)
            : Digit.FINGERS.subList(0, last - standing));
  }

  private static void addContact(Map<Family, List<Pattern>> all) {
    for (FingerState state : FingerStates.ALL) {
      if (state.bent().isEmpty() || !state.open().isEmpty()) {
        continue;
      }
      if (state.bent().size() < Digit.FINGERS.size()) {
        add(all, Family.PALMS, Pattern.alike(state).in(Contact.PALMS));
        if (areNeighbours(state.bent())) {
          add(all, Family.RAISING, Pattern.oneHand(state).in(Contact.RE_CLASPING));
        }
      }
      if (areNeighbours(state.bent())) {
        add(all, Family.RE_CLASPING, Pattern.alike(state).in(Contact.RE_CLASPING));
      }
    }
    List<FingerState> walking = new ArrayList<>();
    List<FingerState> flat = new ArrayList<>();
    for (Digit finger : Digit.FINGERS) {
      walking.add(walking.size() % 2 == 0 ? bent(List.of(finger)) : FingerState.REST);
      flat.add(flat.size() % 2 == 0 ? FingerState.REST : bent(List.of(finger)));
    }
    List<FingerState> first = new ArrayList<>(walking);
    first.addAll(flat);
    List<FingerState> second = new ArrayList<>(flat);
    second.addAll(walking);
    add(
        all,
        Family.EXCHANGING,
        new Pattern(Together.COMPLEMENT, Contact.EXCHANGING, first, second));
    for (Pattern pattern : all.get(Family.COMPLEMENT)) {
      FingerState state = pattern.first().get(0);
      if (state.bent().size() == 2 && state.open().isEmpty()) {
        add(all, Family.EXCHANGING, pattern.in(Contact.EXCHANGING));
      } else if (state.bent().isEmpty()) {
        add(all, Family.THREADING, pattern.in(Contact.THREADING));
      }
    }
  }

  private static FingerState bent(List<Digit> fingers) {
    return new FingerState(fingers, List.of());
  }
}
