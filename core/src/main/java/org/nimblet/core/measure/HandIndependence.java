package org.nimblet.core.measure;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * How well each finger of a hand lifts without the others: all keys held, one lifted on request.
 * Simpler than, and named after, the individuation and stationarity indices of Schieber (1991).
 *
 * @param digits the digits that hold keys
 * @param lifts those in which the finger that was asked for was lifted, in the order of time
 */
public record HandIndependence(Side side, List<Digit> digits, List<Lift> lifts) {

  /** Each finger is asked for so often (ours). */
  public static final int TIMES = 10;

  /** Keys that have to report together, a hand: fewer fingers say nothing of a hand (ours). */
  public static final List<Digit> NEEDED = Digit.FINGERS;

  /** The usual standard error of an independence, in points (ours). */
  private static final double ERROR_POINTS = 4.7;

  /** A difference between the hands up to this is usual (common practice, no source). */
  public static final double USUAL_BETWEEN_HANDS = 0.1;

  /** Below these a finger takes others along a little, more, and noticeably (ours). */
  private static final List<Double> LEAKS_BELOW = List.of(0.95, 0.8, 0.7);

  private static final int PERCENT = 100;

  /** Leaves out what was not lifted. */
  public HandIndependence {
    digits = List.copyOf(digits);
    List<Digit> held = digits;
    lifts =
        lifts.stream()
            .filter(lift -> lift.side() == side && lift.lifted() && held.contains(lift.asked()))
            .toList();
  }

  /** How often a finger was lifted. */
  public int times(Digit asked) {
    return (int) lifts.stream().filter(lift -> lift.asked() == asked).count();
  }

  /** How often one finger came along when another was lifted. */
  public int along(Digit asked, Digit other) {
    return (int)
        lifts.stream()
            .filter(lift -> lift.asked() == asked && lift.along().contains(other))
            .count();
  }

  /** How often it was lifted with nothing else. */
  public int alone(Digit asked) {
    return (int) lifts.stream().filter(lift -> lift.asked() == asked && lift.alone()).count();
  }

  /**
   * 1 less the mean share of the other fingers that came along, 0 to 1; empty if it was never
   * lifted.
   */
  public Optional<Double> independence(Digit asked) {
    int times = times(asked);
    return times == 0
        ? Optional.empty()
        : Optional.of(
            1
                - others(asked).stream().mapToInt(o -> along(asked, o)).sum()
                    / (double) (times * others(asked).size()));
  }

  /** The share of the other fingers' lifts in which it stayed down; empty if there were none. */
  public Optional<Double> stillness(Digit finger) {
    int lifted = others(finger).stream().mapToInt(this::times).sum();
    return lifted == 0
        ? Optional.empty()
        : Optional.of(
            1 - others(finger).stream().mapToInt(o -> along(o, finger)).sum() / (double) lifted);
  }

  /** How much a finger takes others along: 0 hardly, 1 a little, 2 more, 3 noticeably. */
  public int leakage(Digit asked) {
    return independence(asked)
        .map(value -> (int) LEAKS_BELOW.stream().filter(below -> value < below).count())
        .orElse(0);
  }

  private List<Digit> others(Digit finger) {
    return digits.stream().filter(other -> other != finger).toList();
  }

  /** Each finger with its independence, those that were lifted. */
  public Map<Digit, Double> independences() {
    Map<Digit, Double> all = new EnumMap<>(Digit.class);
    digits.forEach(digit -> independence(digit).ifPresent(value -> all.put(digit, value)));
    return all;
  }

  /**
   * What comes along most often.
   *
   * @param share of the lifts of the one that is asked for, 0 to 1
   */
  public record Leak(Side side, Digit asked, Digit along, double share) {}

  /** What comes along most often; empty if nothing ever does. */
  public Optional<Leak> worst() {
    Map<Leak, Double> all = new LinkedHashMap<>();
    for (Digit asked : digits) {
      for (Digit other : others(asked)) {
        int along = along(asked, other);
        if (along > 0) {
          double share = along / (double) times(asked);
          all.put(new Leak(side, asked, other, share), share);
        }
      }
    }
    return all.keySet().stream().max(Comparator.comparingDouble(Leak::share));
  }

  /**
   * From which difference on an independence changed, in points of 100.
   *
   * @param own pairs of a person's own tests, one soon after the other
   */
  public static SmallestChange counts(List<SmallestChange.Pair> own) {
    return SmallestChange.of(ERROR_POINTS, own, 1);
  }

  /** Two independences, 0 to 1, of which one was measured soon after the other. */
  static SmallestChange.Pair pair(double first, double second) {
    return new SmallestChange.Pair(first * PERCENT, second * PERCENT);
  }

  /** Judges a change of an independence, both 0 to 1. */
  public static Change change(
      double before, double now, SmallestChange counts, boolean equalConditions) {
    return Change.of(before * PERCENT, now * PERCENT, counts, now > before, equalConditions);
  }
}
