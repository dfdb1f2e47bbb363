package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Ladder;

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

  /** Hands differ by so much in speed, in percent (common practice, no source). */
  public static final int USUAL_BETWEEN_HANDS_PERCENT = 10;

  /** Where nothing was tested yet, beats a minute (ours). */
  public static final int FIRST_BPM = 84;

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

  /** What it says of each hand for whatever climbs by tempo; of the speed test nothing. */
  public List<Evenness> evenness() {
    if (task.pace() == Pace.SPEED) {
      return List.of();
    }
    return hands.values().stream()
        .flatMap(
            hand ->
                hand.timing().filter(timing -> timing.meanMillis() > 0).stream()
                    .map(HandTapping.Timing::tapsAMinute)
                    .map(own -> task.tapsAMinute().orElse(own))
                    .map(tempo -> new Evenness(hand.side(), tempo, evenEnough(hand))))
        .sorted(Comparator.comparing(Evenness::side))
        .toList();
  }

  private static boolean evenEnough(HandTapping hand) {
    return hand.timing().filter(t -> t.spreadPercent() <= EVEN_SPREAD_PERCENT).isPresent()
        && hand.order().percent() >= RIGHT_ORDER_PERCENT;
  }

  /**
   * At which tempo it is tested next: a rung faster where it was even enough.
   *
   * @param bpm of this test, beats a minute
   */
  public OptionalInt faster(int bpm) {
    int next = Ladder.nextTempo(bpm);
    return evenEnough() && next <= DrillTempo.GREATEST ? OptionalInt.of(next) : OptionalInt.empty();
  }

  /**
   * A transition that is late.
   *
   * @param lateMillis of the hands in which it is
   */
  public record Late(Digit from, Digit to, Map<Side, Double> lateMillis) {}

  /**
   * The transition that is latest of all, in every hand in which it is late.
   *
   * @param counts from how many milliseconds on it counts as late
   */
  public Optional<Late> late(double counts) {
    return hands.values().stream()
        .flatMap(hand -> hand.latest().stream())
        .filter(one -> one.lateMillis() >= counts)
        .max(Comparator.comparingDouble(HandTapping.Transition::lateMillis))
        .map(one -> new Late(one.from(), one.to(), lateIn(one, counts)));
  }

  private Map<Side, Double> lateIn(HandTapping.Transition late, double counts) {
    Map<Side, Double> in = new EnumMap<>(Side.class);
    hands.forEach(
        (side, hand) ->
            hand.transitions().stream()
                .filter(one -> one.from() == late.from() && one.to() == late.to())
                .filter(one -> one.lateMillis() >= counts)
                .forEach(one -> in.put(side, one.lateMillis())));
    return in;
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
