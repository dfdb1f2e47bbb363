package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.exercise.Contact;
import org.nimblet.core.exercise.FingerState;

/** Patterns in words, in a person's way to write fingers. */
public final class PatternWords {

  private final Notation notation;

  /** Words in a notation. */
  public PatternWords(Notation notation) {
    this.notation = notation;
  }

  /** What a pattern is called: "middle and ring bent, index apart". */
  public String title(Pattern pattern) {
    FingerState first = pattern.first().get(0);
    String title =
        switch (Patterns.familyOf(pattern)) {
          case RIPPLE ->
              "one after the other, from the "
                  + (pattern.first().get(1).standing().contains(Digit.INDEX)
                      ? name(Digit.INDEX)
                      : name(Digit.LITTLE));
          case FROM_ONE_TO_ANOTHER ->
              names(first.bent()) + " to " + names(pattern.first().get(1).bent()) + " and back";
          case COMPLEMENT, THREADING -> against(first);
          case EXCHANGING ->
              pattern.first().size() > 2 ? "one finger, hand over hand" : against(first);
          case REVERSED -> state(first) + ", against " + state(pattern.second().get(0));
          default -> state(first);
        };
    return capital(title);
  }

  /** What goes with the title: which hands, and how they touch. */
  public String doing(Pattern pattern) {
    String doing = pattern.together().words();
    return pattern.contact() == Contact.NONE ? doing : doing + ", " + pattern.contact().words();
  }

  /** A state: "middle and ring bent, index apart"; "open" at rest. */
  public String state(FingerState state) {
    List<String> words = new ArrayList<>();
    if (state.bent().size() == Digit.FINGERS.size()) {
      words.add("all bent");
    } else if (!state.bent().isEmpty()) {
      words.add(names(state.bent()) + " bent");
    }
    if (state.open().size() == FingerState.GAPS.size()) {
      words.add("all apart");
    } else {
      for (DigitPair gap : state.open()) {
        words.add(gap(gap));
      }
    }
    return words.isEmpty() ? "open" : String.join(", ", words);
  }

  private String gap(DigitPair gap) {
    if (gap.nearer() == Digit.INDEX) {
      return name(Digit.INDEX) + " apart";
    }
    return gap.farther() == Digit.LITTLE
        ? name(Digit.LITTLE) + " apart"
        : name(gap.nearer()) + " and " + name(gap.farther()) + " parted";
  }

  private String against(FingerState state) {
    FingerState other = FingerStates.complement(state).orElseThrow();
    if (!state.open().isEmpty()) {
      return state(state) + ", against " + state(other);
    }
    return state.bent().size() == 1
        ? names(state.bent()) + " against the other three"
        : names(state.bent()) + " against " + names(other.bent());
  }

  private String names(List<Digit> digits) {
    List<String> names = digits.stream().map(this::name).toList();
    int last = names.size() - 1;
    return last == 0
        ? names.get(0)
        : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
  }

  private String name(Digit digit) {
    return notation.format(digit);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
