package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.anatomy.Side;

/**
 * A tap test and what it says (model section 7).
 *
 * @param hands what each hand tapped
 * @param between how the hands went together, where both tapped the same places
 */
public record Tapping(
    TapTask task, Device device, Map<Side, HandTapping> hands, Optional<Between> between) {

  /** More taps than this are no test of a person (ours): they are refused before they are read. */
  public static final int MOST_TAPS = 20_000;

  /** Even enough to go faster: a spread up to this, in percent (ours). */
  public static final double EVEN_SPREAD_PERCENT = 6;

  /** And so much in the right order, in percent (ours). */
  public static final double RIGHT_ORDER_PERCENT = 95;

  /** Copies the map. */
  public Tapping {
    hands = Map.copyOf(hands);
  }

  /**
   * How the left hand goes with the right one.
   *
   * @param leftFirstMillis by how much the left comes before the right, on average
   * @param spreadMillis standard deviation of that
   * @param taps at how many places
   */
  public record Between(double leftFirstMillis, double spreadMillis, int taps) {}

  /**
   * Measures a test.
   *
   * @param taps in any order
   * @throws IllegalArgumentException if there are too many, or about none of those that were asked
   */
  public static Tapping of(TapTask task, Device device, List<Tap> taps) {
    if (taps.size() > MOST_TAPS) {
      throw new IllegalArgumentException(
          "taps (%d) must be %d at most".formatted(taps.size(), MOST_TAPS));
    }
    Map<Side, List<Tap>> bySide = new EnumMap<>(Side.class);
    task.sides().forEach(side -> bySide.put(side, new ArrayList<>()));
    for (Tap tap : taps) {
      List<Tap> of = bySide.get(tap.side());
      if (of != null) {
        of.add(tap);
      }
    }
    Map<Side, HandTapping> hands = new EnumMap<>(Side.class);
    bySide.forEach(
        (side, of) -> {
          of.sort(Comparator.comparingDouble(Tap::atMillis));
          hands.put(side, HandTapping.of(side, task, of));
        });
    return new Tapping(task, device, hands, between(hands));
  }

  /** One of the hands that tapped. */
  public Optional<HandTapping> of(Side side) {
    return Optional.ofNullable(hands.get(side));
  }

  private static Optional<Between> between(Map<Side, HandTapping> hands) {
    HandTapping left = hands.get(Side.LEFT);
    HandTapping right = hands.get(Side.RIGHT);
    if (left == null || right == null) {
      return Optional.empty();
    }
    List<Double> first = new ArrayList<>();
    int at = 0;
    for (HandTapping.Placed one : left.taps()) {
      while (at < right.taps().size() && right.taps().get(at).place() < one.place()) {
        at++;
      }
      if (at < right.taps().size()
          && right.taps().get(at).place() == one.place()
          && one.counted()) {
        first.add(right.taps().get(at).atMillis() - one.atMillis());
      }
    }
    double[] of = first.stream().mapToDouble(value -> value).toArray();
    return of.length == 0
        ? Optional.empty()
        : Optional.of(new Between(Line.mean(of), Line.spread(of), of.length));
  }

  /** Whether every hand is even and right enough to go faster. */
  public boolean evenEnough() {
    return hands.values().stream().allMatch(Tapping::evenEnough);
  }

  private static boolean evenEnough(HandTapping hand) {
    return hand.timing().filter(t -> t.spreadPercent() <= EVEN_SPREAD_PERCENT).isPresent()
        && hand.order().percent() >= RIGHT_ORDER_PERCENT;
  }

  /**
   * How far apart the hands are in something: the larger less the smaller, by the larger; 0 if both
   * are 0. Empty unless both were measured.
   */
  public Optional<Double> asymmetry(TapMeasure measure) {
    if (hands.size() < Side.values().length) {
      return Optional.empty();
    }
    List<Double> values =
        hands.values().stream()
            .flatMap(hand -> measure.of(hand).stream().boxed())
            .map(Math::abs)
            .sorted()
            .toList();
    if (values.size() < Side.values().length) {
      return Optional.empty();
    }
    double larger = values.get(1);
    return Optional.of(larger == 0 ? 0 : (larger - values.get(0)) / larger);
  }
}
