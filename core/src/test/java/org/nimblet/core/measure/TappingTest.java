package org.nimblet.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.apache.commons.math3.stat.descriptive.DescriptiveStatistics;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.exercise.Evenness;

class TappingTest {

  private static HandTapping right(TapTask task, List<Tap> taps) {
    return Tapping.of(task, SyntheticTaps.KEYS, taps).of(Side.RIGHT).orElseThrow();
  }

  /** Oracle: commons-math 3.6.1, descriptive statistics and simple regression. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void spreadAndDriftAreThoseOfAReferenceLibrary(long seed) {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    List<Tap> taps = new SyntheticTaps(seed).taps(task, Side.RIGHT, 12, 8);
    DescriptiveStatistics intervals = new DescriptiveStatistics();
    SimpleRegression drift = new SimpleRegression();
    for (int i = task.withClick() + TapTask.NOT_COUNTED; i < taps.size(); i++) {
      double interval = taps.get(i).atMillis() - taps.get(i - 1).atMillis();
      intervals.addValue(interval);
      drift.addData(taps.get(i).atMillis() / 60_000, interval);
    }
    HandTapping.Timing timing = right(task, taps).timing().orElseThrow();
    assertThat(timing.intervals()).isEqualTo(55);
    assertThat(timing.meanMillis()).isCloseTo(intervals.getMean(), within(1e-9));
    assertThat(timing.spreadMillis()).isCloseTo(intervals.getStandardDeviation(), within(1e-9));
    assertThat(timing.spreadPercent())
        .isCloseTo(100 * intervals.getStandardDeviation() / intervals.getMean(), within(1e-9));
    assertThat(timing.driftPercent())
        .isCloseTo(100 * drift.getSlope() / intervals.getMean(), within(1e-6));
  }

  @Test
  void aFingerThatComesLateIsFoundWithItsTransition() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    List<Tap> taps = late(task, Side.RIGHT, 33);
    HandTapping hand = right(task, taps);
    HandTapping.Transition latest = hand.latest().orElseThrow();
    assertThat(latest.from()).isEqualTo(Digit.RING);
    assertThat(latest.to()).isEqualTo(Digit.LITTLE);
    assertThat(latest.lateMillis()).isCloseTo(33, within(5.0));
    assertThat(hand.transitions()).hasSize(12);
    assertThat(hand.taps()).hasSize(84).filteredOn(HandTapping.Placed::counted).hasSize(55);
  }

  @Test
  void wrongMissingAndAdditionalTapsAreToldApartAndSpoilNoInterval() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    List<Tap> taps = new ArrayList<>(new SyntheticTaps(9).taps(task, Side.RIGHT, 3, 2));
    taps.set(
        40, SyntheticTaps.tap(Side.RIGHT, other(taps.get(40).digit()), taps.get(40).atMillis()));
    Tap doubled = taps.get(60);
    taps.add(61, SyntheticTaps.tap(Side.RIGHT, doubled.digit(), doubled.atMillis() + 60));
    taps.remove(50);
    HandTapping hand = right(task, taps);
    assertThat(hand.order()).isEqualTo(new HandTapping.Order(82, 1, 1, 1));
    assertThat(hand.order().percent()).isCloseTo(100.0 * 82 / 85, within(1e-9));
    assertThat(hand.timing().orElseThrow().intervals()).isEqualTo(53);
    assertThat(hand.timing().orElseThrow().spreadMillis()).isLessThan(12);
  }

  private static Digit other(Digit digit) {
    return digit == Digit.INDEX ? Digit.MIDDLE : Digit.INDEX;
  }

  @Test
  void onlyCleanAndEvenTapsAreEnoughToGoFaster() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.MIRRORED, 168);
    List<Tap> both = new ArrayList<>(new SyntheticTaps(3).taps(task, Side.LEFT, 6, 4));
    both.addAll(new SyntheticTaps(4).taps(task, Side.RIGHT, 6, 4));
    Collections.shuffle(both, new Random(1));
    Tapping even = Tapping.of(task, SyntheticTaps.KEYS, both);
    assertThat(even.evenEnough()).isTrue();
    assertThat(even.between().orElseThrow().taps()).isEqualTo(55);
    assertThat(even.asymmetry(TapMeasure.SPREAD).orElseThrow()).isBetween(0.0, 0.5);
    List<Tap> uneven = new ArrayList<>(new SyntheticTaps(3).taps(task, Side.LEFT, 40, 4));
    uneven.addAll(new SyntheticTaps(4).taps(task, Side.RIGHT, 6, 4));
    Tapping oneUneven = Tapping.of(task, SyntheticTaps.KEYS, uneven);
    assertThat(oneUneven.evenEnough()).isFalse();
    assertThat(oneUneven.evenness())
        .as("of each hand, for what climbs by tempo")
        .containsExactly(new Evenness(Side.LEFT, 168, false), new Evenness(Side.RIGHT, 168, true));
    assertThat(Tapping.of(task, SyntheticTaps.KEYS, both.subList(0, 60)).evenEnough()).isFalse();
  }

  /** About 50 in ten seconds with the dominant index (model section 9, from memory). */
  @Test
  void speedCountsWhatFallsIntoTenSecondsFromTheFirstTap() {
    TapTask task =
        new TapTask(Pace.SPEED, List.of(Digit.INDEX), TwoHandedRow.MIRRORED, OptionalInt.empty());
    List<Tap> taps = new ArrayList<>();
    for (int i = 0; i < 80; i++) {
      taps.add(SyntheticTaps.tap(Side.RIGHT, Digit.INDEX, 1000 + i * 200));
      taps.add(SyntheticTaps.tap(Side.LEFT, Digit.INDEX, 1000 + i * 222));
    }
    Tapping tapping = Tapping.of(task, SyntheticTaps.KEYS, taps);
    assertThat(tapping.of(Side.RIGHT).orElseThrow().inTenSeconds()).hasValue(50);
    assertThat(tapping.of(Side.LEFT).orElseThrow().inTenSeconds()).hasValue(46);
    assertThat(tapping.asymmetry(TapMeasure.TEN_SECONDS).orElseThrow())
        .isCloseTo(0.08, within(1e-9));
    assertThat(tapping.evenness()).as("as fast as one can is nobody's tempo").isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Pace.class)
  void nothingTappedIsNoError(Pace pace) {
    TapTask task =
        new TapTask(
            pace,
            List.of(Digit.INDEX),
            TwoHandedRow.RIGHT,
            pace == Pace.CLICK_THEN_ALONE ? OptionalInt.of(84) : OptionalInt.empty());
    Tapping tapping = Tapping.of(task, SyntheticTaps.KEYS, List.of());
    assertThat(tapping.of(Side.RIGHT).orElseThrow().timing()).isEmpty();
    assertThat(tapping.evenEnough()).isFalse();
    assertThat(tapping.evenness()).isEmpty();
  }

  /** 300 ms from tap to tap are 200 a minute. */
  @Test
  void aTestWithoutAClickSaysSomethingOfItsOwnTempo() {
    TapTask task =
        new TapTask(Pace.OWN, List.of(Digit.INDEX), TwoHandedRow.RIGHT, OptionalInt.empty());
    List<Tap> taps = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      taps.add(SyntheticTaps.tap(Side.RIGHT, Digit.INDEX, i * 300));
    }
    assertThat(Tapping.of(task, SyntheticTaps.KEYS, taps).evenness())
        .containsExactly(new Evenness(Side.RIGHT, 200, true));
  }

  /**
   * Levenshtein's distance of a row to itself with k changes is k at most: so no more is counted.
   */
  @Test
  void noMoreIsCountedWrongThanWasDoneWrong() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    for (long seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      List<Tap> taps = new ArrayList<>(new SyntheticTaps(seed).taps(task, Side.RIGHT, 5, 5));
      int changes = random.nextInt(12);
      for (int i = 0; i < changes; i++) {
        int at = random.nextInt(taps.size());
        Tap tap = taps.get(at);
        switch (random.nextInt(3)) {
          case 0 -> taps.remove(at);
          case 1 -> taps.add(at, SyntheticTaps.tap(Side.RIGHT, Digit.MIDDLE, tap.atMillis() + 1));
          default -> taps.set(at, SyntheticTaps.tap(Side.RIGHT, Digit.RING, tap.atMillis()));
        }
      }
      HandTapping.Order order = right(task, taps).order();
      assertThat(order.wrong() + order.missing() + order.additional())
          .as("seed %d", seed)
          .isLessThanOrEqualTo(changes);
      assertThat(order.right() + order.wrong() + order.missing()).isEqualTo(84);
      assertThat(order.right() + order.wrong() + order.additional()).isEqualTo(taps.size());
    }
  }

  /** Whoever leans on all keys at once taps no interval that could be measured. */
  @Test
  void tapsAllAtOnceHaveNoTiming() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    List<Tap> taps =
        task.wanted(Side.RIGHT).stream()
            .map(digit -> SyntheticTaps.tap(Side.RIGHT, digit, 0))
            .toList();
    HandTapping hand = right(task, taps);
    assertThat(hand.timing()).isEmpty();
    assertThat(hand.order().percent()).isEqualTo(100);
  }

  @Test
  void theTempoRisesByARungOnceItIsEven() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    List<Tap> even = new SyntheticTaps(3).taps(task, Side.RIGHT, 5, 4);
    assertThat(Tapping.of(task, SyntheticTaps.KEYS, even).faster(84)).hasValue(87);
    assertThat(Tapping.of(task, SyntheticTaps.KEYS, even).faster(240)).isEmpty();
    assertThat(Tapping.of(task, SyntheticTaps.KEYS, List.of()).faster(84)).isEmpty();
  }

  @Test
  void aLateTransitionIsSaidOfEveryHandInWhichItIs() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.MIRRORED, 168);
    List<Tap> taps = new ArrayList<>(late(task, Side.LEFT, 40));
    taps.addAll(late(task, Side.RIGHT, 25));
    Tapping both = Tapping.of(task, SyntheticTaps.KEYS, taps);
    assertThat(both.late(11))
        .hasValueSatisfying(
            late -> {
              assertThat(late.from()).isEqualTo(Digit.RING);
              assertThat(late.to()).isEqualTo(Digit.LITTLE);
              assertThat(late.lateMillis()).containsOnlyKeys(Side.LEFT, Side.RIGHT);
            });
    assertThat(both.late(32).orElseThrow().lateMillis()).containsOnlyKeys(Side.LEFT);
    assertThat(both.late(200)).isEmpty();
  }

  /** Even taps, of which those of the little finger after the ring finger come so much later. */
  private static List<Tap> late(TapTask task, Side side, double by) {
    List<Tap> even = new SyntheticTaps(7).taps(task, side, 2, 1);
    List<Tap> taps = new ArrayList<>();
    for (int i = 0; i < even.size(); i++) {
      Tap tap = even.get(i);
      boolean after = i > 0 && even.get(i - 1).digit() == Digit.RING;
      boolean late = after && tap.digit() == Digit.LITTLE;
      taps.add(SyntheticTaps.tap(side, tap.digit(), tap.atMillis() + (late ? by : 0)));
    }
    return taps;
  }

  @Test
  void aLongSeriesIsMeasuredWhole() {
    TapTask usual = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    TapTask task =
        new TapTask(
            Pace.OWN, usual.row(), usual.hands(), OptionalInt.empty(), OptionalInt.of(10_000));
    List<Tap> taps = new SyntheticTaps(8).taps(task, Side.RIGHT, 10, 5);
    HandTapping.Timing timing = right(task, taps).timing().orElseThrow();
    assertThat(timing.intervals()).isEqualTo(9_995);
    // By the two-level model: √(10² + 2·5²).
    assertThat(timing.spreadMillis()).isCloseTo(Math.sqrt(150), within(0.4));
  }

  @Test
  void whatIsNoTestIsRefusedInWords() {
    TapTask task = SyntheticTaps.index(84);
    List<Tap> many = Collections.nCopies(20_001, SyntheticTaps.tap(Side.RIGHT, Digit.INDEX, 1));
    assertThatThrownBy(() -> Tapping.of(task, SyntheticTaps.KEYS, many))
        .hasMessageContaining("20001")
        .hasMessageContaining("20000");
    assertThatThrownBy(() -> SyntheticTaps.index(3)).hasMessageContaining("between 20 and 960");
    assertThatThrownBy(() -> SyntheticTaps.tap(Side.LEFT, Digit.RING, Double.NaN))
        .hasMessageContaining("time (NaN)");
    assertThatThrownBy(
            () ->
                new TapTask(
                    Pace.SPEED,
                    List.of(Digit.INDEX, Digit.RING),
                    TwoHandedRow.LEFT,
                    OptionalInt.empty()))
        .hasMessageContaining("must hold one for speed");
  }
}
