package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.exercise.FingerState;

/**
 * How hard a pattern is, with its parts. Somebody whose ability is as high as this number does it
 * cleanly in half of their tries.
 *
 * <p>The numbers are ours, to be re-fitted; their order follows Häger-Ross and Schieber (2000, from
 * memory): index, then little, then middle, then ring finger.
 *
 * @param parts what adds up to it, in the order in which it is told
 */
public record Difficulty(List<Part> parts) {

  /** What a finger costs that moves. */
  private static final Map<Digit, Double> FINGER =
      Map.of(Digit.INDEX, 0.2, Digit.MIDDLE, 0.5, Digit.RING, 0.9, Digit.LITTLE, 0.3);

  /** What it costs that two neighbours move differently, by the nearer of them. */
  private static final Map<Digit, Double> NEIGHBOURS =
      Map.of(Digit.INDEX, 0.3, Digit.MIDDLE, 0.6, Digit.RING, 0.8);

  /** What a gap costs that opens or closes, by the nearer of its fingers. */
  private static final Map<Digit, Double> GAP =
      Map.of(Digit.INDEX, 0.2, Digit.MIDDLE, 0.6, Digit.RING, 0.3);

  private static final double EVERY_OTHER = 0.4;
  private static final double ALL_FOUR = 0.3;

  /** Common practice; Häger-Ross and Schieber found no difference between hands. */
  private static final double OTHER_HAND = 0.3;

  /** At this many changes a minute a pattern is as hard as its movements. */
  private static final double USUAL_A_MINUTE = 60;

  /** Copies the parts. */
  public Difficulty {
    parts = List.copyOf(parts);
  }

  /**
   * One of the parts.
   *
   * @param words what it is, in names of fingers: "the ring stays while the little moves"
   * @param amount what it adds; below 0 where it makes it easier
   */
  public record Part(String words, double amount) {}

  /** Where a finger goes in a change. */
  private enum Way {
    STAYS,
    BENDS,
    STRAIGHTENS
  }

  /** What all parts come to. */
  public double total() {
    return parts.stream().mapToDouble(Part::amount).sum();
  }

  /** The same with one part more. */
  Difficulty and(String words, double amount) {
    List<Part> more = new ArrayList<>(parts);
    add(more, words, amount);
    return new Difficulty(more);
  }

  /** What it asks of a hand to go from one state straight to another. */
  static Difficulty ofChange(FingerState from, FingerState to) {
    Map<Digit, Way> ways = new EnumMap<>(Digit.class);
    for (Digit finger : Digit.FINGERS) {
      ways.put(finger, way(from.bent().contains(finger), to.bent().contains(finger)));
    }
    List<Part> parts = new ArrayList<>();
    boolean allAlike = EnumSet.copyOf(ways.values()).size() == 1;
    if (allAlike && ways.get(Digit.INDEX) != Way.STAYS) {
      parts.add(new Part("all four together", ALL_FOUR));
    } else if (!allAlike) {
      addFingers(parts, ways);
    }
    for (DigitPair gap : FingerState.GAPS) {
      if (from.open().contains(gap) != to.open().contains(gap)) {
        parts.add(new Part("the gap " + pairWords(gap), GAP.get(gap.nearer())));
      }
    }
    return new Difficulty(parts);
  }

  private static Way way(boolean before, boolean after) {
    return before == after ? Way.STAYS : after ? Way.BENDS : Way.STRAIGHTENS;
  }

  private static void addFingers(List<Part> parts, Map<Digit, Way> ways) {
    ways.forEach(
        (finger, way) -> {
          if (way != Way.STAYS) {
            parts.add(new Part("the " + finger.shortWord() + " moves", FINGER.get(finger)));
          }
        });
    int different = 0;
    for (DigitPair pair : FingerState.GAPS) {
      Way nearer = ways.get(pair.nearer());
      Way farther = ways.get(pair.farther());
      if (nearer != farther) {
        different++;
        parts.add(new Part(apart(pair, nearer, farther), NEIGHBOURS.get(pair.nearer())));
      }
    }
    if (different == FingerState.GAPS.size()) {
      parts.add(new Part("no two neighbours move alike", EVERY_OTHER));
    }
  }

  private static String apart(DigitPair pair, Way nearer, Way farther) {
    if (nearer != Way.STAYS && farther != Way.STAYS) {
      return pairWords(pair) + " cross on the way";
    }
    Digit quiet = nearer == Way.STAYS ? pair.nearer() : pair.farther();
    Digit moving = nearer == Way.STAYS ? pair.farther() : pair.nearer();
    return "the %s stays while the %s moves".formatted(quiet.shortWord(), moving.shortWord());
  }

  private static String pairWords(DigitPair pair) {
    return pair.nearer().shortWord() + "–" + pair.farther().shortWord();
  }

  /**
   * How hard a pattern is: its hardest change, and what comes on top.
   *
   * @param otherHand whether it is the non-dominant hand that does it alone
   * @param aMinute changes a minute; empty where nobody counts
   */
  static Difficulty of(Pattern pattern, boolean otherHand, OptionalInt aMinute) {
    List<Part> parts = new ArrayList<>(hardestChange(pattern).parts());
    if (pattern.together() == Together.ONE_HAND) {
      add(parts, "the other hand than usual", otherHand ? OTHER_HAND : 0);
    } else {
      add(parts, pattern.together().words(), pattern.together().difficulty());
    }
    add(parts, pattern.contact().words(), pattern.contact().difficulty());
    if (aMinute.isPresent()) {
      double tempo = Math.log(aMinute.getAsInt() / USUAL_A_MINUTE) / Math.log(2);
      add(parts, "at %d a minute".formatted(aMinute.getAsInt()), tempo);
    }
    return new Difficulty(parts);
  }

  private static Difficulty hardestChange(Pattern pattern) {
    return pattern.changes().stream()
        .max(Comparator.comparingDouble(Difficulty::total))
        .orElseThrow();
  }

  private static void add(List<Part> parts, String words, double amount) {
    if (amount != 0) {
      parts.add(new Part(words, amount));
    }
  }
}
