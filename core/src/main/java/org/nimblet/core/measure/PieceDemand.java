package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Fingering.Fingered;

/**
 * What a piece asks of the fingers.
 *
 * @param notes how many notes it has
 * @param guessed of how many of them the finger is guessed
 * @param hands what it asks of each hand that plays
 */
public record PieceDemand(int notes, int guessed, List<OfHand> hands) {

  /** A chord over this many is a list too long to be looked at (ours). */
  public static final int MOST_BEYOND = 100;

  /** How fingers are guessed, as a sentence. */
  public static final String RULE = Fingering.RULE;

  /**
   * How far a hand reaches on keys, middle to middle.
   *
   * @param comfortable millimetres
   * @param possible millimetres, at least as much
   */
  public record Reach(double comfortable, double possible) {

    /**
     * A span goes from outer edge to outer edge; so much of it is the finger's own width and what
     * is no longer comfortable (ours, model section 7).
     */
    private static final double JUST_POSSIBLE = 12;

    private static final double COMFORTABLE = 28;

    /** The smallest span that is believed, in millimetres (ours). */
    public static final int LEAST_SPAN = 100;

    /** The greatest one (ours). */
    public static final int GREATEST_SPAN = 300;

    /**
     * From a span of thumb to little finger.
     *
     * @throws IllegalArgumentException if it is no hand's
     */
    public static Reach ofSpan(double millimetres) {
      if (millimetres < LEAST_SPAN || millimetres > GREATEST_SPAN) {
        throw new IllegalArgumentException(
            "span (%s mm) must be between %d and %d"
                .formatted(millimetres, LEAST_SPAN, GREATEST_SPAN));
      }
      return new Reach(millimetres - COMFORTABLE, millimetres - JUST_POSSIBLE);
    }
  }

  /** One finger after another, so often. */
  public record Step(Digit from, Digit to, int times) {}

  /**
   * Two fingers at once.
   *
   * @param millimetres from the middle of one key to that of the other
   */
  public record Stretch(DigitPair pair, double millimetres, int lowKey, int highKey, int bar) {}

  /**
   * What it asks of a hand.
   *
   * @param presses of each digit
   * @param steps of each finger after another, the most frequent first; from a chord to a chord
   *     each finger is taken to follow the one whose key lies nearest
   * @param stretches the widest of each pair that sounds at once
   * @param beyond chords that are wider than is comfortable, the widest first; none without a reach
   * @param impossible how many of them are wider than is possible
   */
  public record OfHand(
      Side side,
      Map<Digit, Integer> presses,
      List<Step> steps,
      List<Stretch> stretches,
      List<Stretch> beyond,
      int impossible) {

    /** All of its presses. */
    public int all() {
      return presses.values().stream().mapToInt(n -> n).sum();
    }

    /** The share of a digit in them, 0 to 1. */
    public double share(Digit digit) {
      return all() == 0 ? 0 : presses.getOrDefault(digit, 0) / (double) all();
    }
  }

  /**
   * Counts.
   *
   * @param notes of both hands in any order
   * @param reach how far a hand reaches; empty if nobody measured
   * @throws IllegalArgumentException if there are none, or too many
   */
  public static PieceDemand of(List<PieceNote> notes, Optional<Reach> reach) {
    if (notes.isEmpty() || notes.size() > PieceNote.MOST) {
      throw new IllegalArgumentException(
          "notes (%d) must be 1 to %d".formatted(notes.size(), PieceNote.MOST));
    }
    List<OfHand> hands = new ArrayList<>();
    int guessed = 0;
    for (Side side : Side.values()) {
      List<List<Fingered>> chords = Fingering.of(side, notes);
      if (!chords.isEmpty()) {
        hands.add(hand(side, chords, reach));
        guessed += chords.stream().flatMap(List::stream).mapToInt(f -> f.guessed() ? 1 : 0).sum();
      }
    }
    return new PieceDemand(notes.size(), guessed, hands);
  }

  private static OfHand hand(Side side, List<List<Fingered>> chords, Optional<Reach> reach) {
    Map<Digit, Integer> presses = new EnumMap<>(Digit.class);
    Arrays.stream(Digit.values()).forEach(digit -> presses.put(digit, 0));
    Map<DigitPair, Stretch> widest = new HashMap<>();
    int[][] steps = new int[Digit.values().length][Digit.values().length];
    List<Stretch> beyond = new ArrayList<>();
    List<Fingered> sounding = new ArrayList<>();
    List<Fingered> before = List.of();
    for (List<Fingered> chord : chords) {
      double now = chord.get(0).note().begins();
      sounding.removeIf(held -> held.note().ends() <= now + Fingering.TOGETHER);
      for (Fingered one : chord) {
        presses.merge(one.digit(), 1, Integer::sum);
        nearest(one, before).ifPresent(f -> steps[f.digit().ordinal()][one.digit().ordinal()]++);
        for (Fingered held : sounding) {
          stretch(held, one)
              .ifPresent(
                  s ->
                      widest.merge(
                          s.pair(), s, (a, b) -> a.millimetres() >= b.millimetres() ? a : b));
        }
        sounding.add(one);
      }
      reach.flatMap(r -> beyond(sounding, r)).ifPresent(beyond::add);
      before = chord;
    }
    beyond.sort(Comparator.comparingDouble(Stretch::millimetres).reversed());
    return new OfHand(
        side,
        presses,
        steps(steps),
        widest.values().stream()
            .sorted(Comparator.comparingInt(s -> DigitPair.ALL.indexOf(s.pair())))
            .toList(),
        beyond.stream().limit(MOST_BEYOND).toList(),
        reach.map(r -> count(beyond, r.possible())).orElse(0));
  }

  private static int count(List<Stretch> beyond, double possible) {
    return (int) beyond.stream().filter(s -> s.millimetres() > possible).count();
  }

  private static Optional<Fingered> nearest(Fingered one, List<Fingered> before) {
    return before.stream()
        .min(Comparator.comparingDouble(f -> KeyPlaces.apart(f.note().key(), one.note().key())));
  }

  private static Optional<Stretch> stretch(Fingered one, Fingered other) {
    if (one.digit() == other.digit() || one.note().key() == other.note().key()) {
      return Optional.empty();
    }
    boolean inOrder = one.digit().compareTo(other.digit()) < 0;
    return Optional.of(
        new Stretch(
            new DigitPair(
                inOrder ? one.digit() : other.digit(), inOrder ? other.digit() : one.digit()),
            KeyPlaces.apart(one.note().key(), other.note().key()),
            Math.min(one.note().key(), other.note().key()),
            Math.max(one.note().key(), other.note().key()),
            other.note().bar()));
  }

  /** The widest of what sounds at once, if it is wider than is comfortable. */
  private static Optional<Stretch> beyond(List<Fingered> sounding, Reach reach) {
    Fingered low =
        sounding.stream().min(Comparator.comparingInt(f -> f.note().key())).orElseThrow();
    Fingered high =
        sounding.stream().max(Comparator.comparingInt(f -> f.note().key())).orElseThrow();
    boolean isNew = isNew(low, sounding) || isNew(high, sounding);
    return isNew
        ? stretch(low, high).filter(s -> s.millimetres() > reach.comfortable())
        : Optional.empty();
  }

  /** Whether it belongs to what began last, and was not looked at before. */
  private static boolean isNew(Fingered one, List<Fingered> sounding) {
    double last = sounding.get(sounding.size() - 1).note().begins();
    return last - one.note().begins() <= Fingering.TOGETHER;
  }

  private static List<Step> steps(int[][] counts) {
    List<Step> steps = new ArrayList<>();
    for (Digit from : Digit.values()) {
      for (Digit to : Digit.values()) {
        int times = counts[from.ordinal()][to.ordinal()];
        if (times > 0) {
          steps.add(new Step(from, to, times));
        }
      }
    }
    steps.sort(Comparator.comparingInt(Step::times).reversed());
    return steps;
  }
}
