package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;

/**
 * A state of one hand: some fingers bent and some gaps open, written "bend-ring-little
 * part-index-middle".
 *
 * <p>A gap can be opened only where its outer finger stands; the middle one only where both do.
 *
 * @param bent the fingers that are bent, from the index on; may be empty
 * @param open the gaps between neighbouring fingers that are open, from the index on; may be empty
 */
public record FingerState(List<Digit> bent, List<DigitPair> open) implements Keyframe {

  private static final String BEND = "bend-";
  private static final String PART = "part-";
  private static final DigitPair MIDDLE_GAP = new DigitPair(Digit.MIDDLE, Digit.RING);

  /** The three gaps between neighbouring fingers, from the index outward. */
  public static final List<DigitPair> GAPS =
      List.of(
          new DigitPair(Digit.INDEX, Digit.MIDDLE),
          MIDDLE_GAP,
          new DigitPair(Digit.RING, Digit.LITTLE));

  /** All fingers stand, side by side. */
  public static final FingerState REST = new FingerState(List.of(), List.of());

  /**
   * Checks that a hand can do it.
   *
   * @throws IllegalArgumentException naming what it cannot
   */
  public FingerState {
    bent = bent.stream().sorted().distinct().toList();
    open = open.stream().sorted(Comparator.comparing(DigitPair::nearer)).distinct().toList();
    if (bent.contains(Digit.THUMB)) {
      throw new IllegalArgumentException("bend (thumb) must be one of index, middle, ring, little");
    }
    for (DigitPair gap : open) {
      boolean neighbours = gap.farther().ordinal() == gap.nearer().ordinal() + 1;
      if (gap.nearer() == Digit.THUMB || !neighbours) {
        throw new IllegalArgumentException(
            "part (%s) must be one of index-middle, middle-ring, ring-little"
                .formatted(word(gap.nearer()) + "-" + word(gap.farther())));
      }
      for (Digit finger : mustStand(gap)) {
        if (bent.contains(finger)) {
          throw new IllegalArgumentException(
              "part (%s-%s) must go with a %s finger that stands"
                  .formatted(word(gap.nearer()), word(gap.farther()), word(finger)));
        }
      }
    }
  }

  /** The fingers that stand, from the index outward. */
  public List<Digit> standing() {
    return Digit.FINGERS.stream().filter(finger -> !bent.contains(finger)).toList();
  }

  /** Whether a hand can bend these fingers and open these gaps at once. */
  public static boolean isPossible(List<Digit> bent, List<DigitPair> open) {
    return open.stream().noneMatch(gap -> mustStand(gap).stream().anyMatch(bent::contains));
  }

  /** The fingers that have to stand for a gap to be open. */
  private static List<Digit> mustStand(DigitPair gap) {
    if (gap.equals(MIDDLE_GAP)) {
      return List.of(gap.nearer(), gap.farther());
    }
    return List.of(gap.nearer() == Digit.INDEX ? Digit.INDEX : Digit.LITTLE);
  }

  /** Whether all fingers stand, side by side. */
  public boolean isRest() {
    return bent.isEmpty() && open.isEmpty();
  }

  /** Whether a text is meant to be one. */
  static boolean isMeant(String text) {
    return text.startsWith(BEND) || text.startsWith(PART);
  }

  /**
   * Reads a pattern.
   *
   * @throws IllegalArgumentException naming the word that could not be read
   */
  static FingerState parse(String text) {
    List<Digit> bent = new ArrayList<>();
    List<DigitPair> open = new ArrayList<>();
    for (String word : text.strip().split("\\s+")) {
      if (word.startsWith(BEND)) {
        Arrays.stream(word.substring(BEND.length()).split("-"))
            .map(FingerState::digit)
            .forEach(bent::add);
      } else if (word.startsWith(PART)) {
        String[] pair = word.substring(PART.length()).split("-");
        if (pair.length != 2) {
          throw new IllegalArgumentException(
              "(%s) must name two fingers, as in part-index-middle".formatted(word));
        }
        open.add(new DigitPair(digit(pair[0]), digit(pair[1])));
      } else {
        throw new IllegalArgumentException(
            "(%s) must begin with bend- or part-, as in bend-ring-little part-index-middle"
                .formatted(word));
      }
    }
    return new FingerState(bent, open);
  }

  private static Digit digit(String word) {
    Optional<Digit> digit =
        Digit.FINGERS.stream().filter(finger -> word(finger).equals(word)).findFirst();
    return digit.orElseThrow(
        () ->
            new IllegalArgumentException(
                "finger (%s) must be one of index, middle, ring, little".formatted(word)));
  }

  @Override
  public Stage stage() {
    return Stage.HAND;
  }

  @Override
  public String text() {
    Stream<String> bends =
        bent.isEmpty()
            ? Stream.empty()
            : Stream.of(
                BEND + bent.stream().map(FingerState::word).collect(Collectors.joining("-")));
    Stream<String> parts =
        open.stream().map(gap -> PART + word(gap.nearer()) + "-" + word(gap.farther()));
    return Stream.concat(bends, parts).collect(Collectors.joining(" "));
  }

  private static String word(Digit digit) {
    return digit.name().toLowerCase(Locale.ROOT);
  }
}
