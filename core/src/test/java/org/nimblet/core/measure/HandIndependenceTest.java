package org.nimblet.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

class HandIndependenceTest {

  /** Ten lifts of a finger, of which the first so many take another one along. */
  private static List<Lift> lifts(Digit asked, Map<Digit, Integer> along) {
    List<Lift> lifts = new ArrayList<>();
    for (int i = 0; i < HandIndependence.TIMES; i++) {
      Set<Digit> up = EnumSet.of(asked);
      int turn = i;
      along.forEach(
          (digit, times) -> {
            if (turn < times) {
              up.add(digit);
            }
          });
      lifts.add(new Lift(Side.LEFT, asked, up));
    }
    return lifts;
  }

  /** Worked by hand: 11 of 30 came along with the ring finger, so 1 − 11/30 = 63 %. */
  @Test
  void theMatrixTheIndependencesAndTheStillnessAreCounted() {
    List<Lift> all = new ArrayList<>();
    all.addAll(lifts(Digit.INDEX, Map.of(Digit.MIDDLE, 1)));
    all.addAll(lifts(Digit.MIDDLE, Map.of(Digit.INDEX, 1, Digit.RING, 4, Digit.LITTLE, 1)));
    all.addAll(lifts(Digit.RING, Map.of(Digit.MIDDLE, 5, Digit.LITTLE, 6)));
    all.addAll(lifts(Digit.LITTLE, Map.of(Digit.MIDDLE, 1, Digit.RING, 5)));
    HandIndependence hand = new HandIndependence(Side.LEFT, Digit.FINGERS, all);
    assertThat(hand.along(Digit.RING, Digit.LITTLE)).isEqualTo(6);
    assertThat(hand.independence(Digit.INDEX).orElseThrow()).isCloseTo(29 / 30.0, within(1e-9));
    assertThat(hand.independence(Digit.RING).orElseThrow()).isCloseTo(19 / 30.0, within(1e-9));
    assertThat(hand.stillness(Digit.INDEX).orElseThrow()).isCloseTo(29 / 30.0, within(1e-9));
    assertThat(hand.stillness(Digit.RING).orElseThrow()).isCloseTo(21 / 30.0, within(1e-9));
    assertThat(hand.alone(Digit.RING)).isEqualTo(4);
    assertThat(hand.worst())
        .hasValueSatisfying(
            leak -> {
              assertThat(leak.asked()).isEqualTo(Digit.RING);
              assertThat(leak.along()).isEqualTo(Digit.LITTLE);
            });
  }

  /** Synthetic hands of known leaks: with many lifts each comes out. */
  @Test
  void knownLeaksComeOut() {
    Random random = new Random(4);
    List<Lift> all = new ArrayList<>();
    for (int i = 0; i < 20_000; i++) {
      Digit asked = Digit.values()[random.nextInt(5)];
      Set<Digit> up = EnumSet.of(asked);
      if (asked == Digit.RING && random.nextDouble() < 0.6) {
        up.add(Digit.LITTLE);
      }
      if (asked == Digit.LITTLE && random.nextDouble() < 0.25) {
        up.add(Digit.RING);
      }
      all.add(new Lift(Side.RIGHT, asked, up));
    }
    HandIndependence hand = new HandIndependence(Side.RIGHT, List.of(Digit.values()), all);
    assertThat(hand.independence(Digit.RING).orElseThrow()).isCloseTo(1 - 0.6 / 4, within(0.01));
    assertThat(hand.independence(Digit.THUMB).orElseThrow()).isEqualTo(1);
    assertThat(hand.stillness(Digit.LITTLE).orElseThrow()).isCloseTo(1 - 0.6 / 4, within(0.01));
    assertThat(hand.worst().orElseThrow().share()).isCloseTo(0.6, within(0.02));
  }

  @Test
  void whatWasNotLiftedOrIsOfTheOtherHandIsNotCounted() {
    List<Lift> all =
        List.of(
            new Lift(Side.LEFT, Digit.INDEX, Set.of()),
            new Lift(Side.LEFT, Digit.INDEX, Set.of(Digit.MIDDLE)),
            new Lift(Side.RIGHT, Digit.INDEX, Set.of(Digit.INDEX)),
            new Lift(Side.LEFT, Digit.THUMB, Set.of(Digit.THUMB)));
    HandIndependence hand = new HandIndependence(Side.LEFT, Digit.FINGERS, all);
    assertThat(hand.lifts()).isEmpty();
    assertThat(hand.independences()).isEmpty();
    assertThat(hand.worst()).isEmpty();
  }

  /** 13 points of 100 for the usual error of 4.7: 1.96·√2·4.7 = 13.03. */
  @Test
  void aChangeCountsFromThirteenPointsOn() {
    SmallestChange usual = HandIndependence.counts(List.of());
    assertThat(usual.amount()).isCloseTo(13.03, within(0.01));
    assertThat(HandIndependence.change(0.43, 0.63, usual, true).verdict())
        .isEqualTo(Change.ChangeVerdict.BETTER);
    assertThat(HandIndependence.change(0.55, 0.63, usual, true).verdict())
        .isEqualTo(Change.ChangeVerdict.NO_CHANGE);
    assertThat(HandIndependence.change(0.43, 0.63, usual, false).verdict())
        .isEqualTo(Change.ChangeVerdict.NOT_COMPARABLE);
  }

  @Test
  void howMuchAFingerTakesAlongGoesByItsIndependence() {
    assertThat(
            new HandIndependence(Side.LEFT, Digit.FINGERS, lifts(Digit.RING, Map.of()))
                .leakage(Digit.RING))
        .isZero();
    // 11 of 30, 8 of 30 and 3 of 30 come along: 63, 73 and 90 %.
    assertThat(leakage(Map.of(Digit.MIDDLE, 5, Digit.LITTLE, 6))).isEqualTo(3);
    assertThat(leakage(Map.of(Digit.LITTLE, 8))).isEqualTo(2);
    assertThat(leakage(Map.of(Digit.LITTLE, 3))).isEqualTo(1);
  }

  private static int leakage(Map<Digit, Integer> along) {
    return new HandIndependence(Side.LEFT, Digit.FINGERS, lifts(Digit.RING, along))
        .leakage(Digit.RING);
  }

  // ---- over time

  private static final LocalDateTime TEN = LocalDateTime.of(2026, 3, 2, 10, 0);

  private static TestedLifts tested(LocalDateTime at, List<Digit> digits, int along) {
    return TestedLifts.of(
        new Conditions(at, Optional.empty(), 0, SyntheticTaps.KEYS),
        digits,
        lifts(Digit.RING, Map.of(Digit.LITTLE, along)));
  }

  /** With the thumb the others are four and not three: the same lifts are another share. */
  @Test
  void onlyTestsWithTheSameDigitsAreSetAgainstEachOther() {
    TestedLifts now = tested(TEN, Digit.FINGERS, 6);
    TestedLifts thumb = tested(TEN.minusDays(1), List.of(Digit.values()), 6);
    TestedLifts before = tested(TEN.minusDays(2), Digit.FINGERS, 9);
    assertThat(now.independence(Side.LEFT, Digit.RING).orElseThrow())
        .isLessThan(thumb.independence(Side.LEFT, Digit.RING).orElseThrow());
    assertThat(now.like(List.of(thumb, now, before))).containsExactly(before);
    assertThat(now.equalTo(before)).isTrue();
    assertThat(now.equalTo(tested(TEN.minusHours(5), Digit.FINGERS, 6))).isFalse();
  }

  @Test
  void repeatsOfAPersonsOwnSayFromWhenOnAChangeCounts() {
    List<TestedLifts> like = new ArrayList<>();
    for (int day = 0; day < 5; day++) {
      like.add(tested(TEN.plusDays(day), Digit.FINGERS, 5));
      like.add(tested(TEN.plusDays(day).plusMinutes(20), Digit.FINGERS, 5));
    }
    SmallestChange own = TestedLifts.counts(Side.LEFT, Digit.RING, like);
    assertThat(own.pairs()).isEqualTo(5);
    assertThat(own.amount()).as("each repeat was the same").isZero();
    assertThat(TestedLifts.counts(Side.LEFT, Digit.RING, like.subList(0, 8)).pairs()).isZero();
    assertThat(TestedLifts.counts(Side.RIGHT, Digit.RING, like).pairs()).isZero();
  }
}
