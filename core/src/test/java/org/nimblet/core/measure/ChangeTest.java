package org.nimblet.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.TwoHandedRow;

class ChangeTest {

  private static final LocalDateTime TEN = LocalDateTime.of(2026, 3, 2, 10, 0);
  private static final Conditions COLD =
      new Conditions(TEN, Optional.empty(), 0, SyntheticTaps.KEYS);

  private static Conditions at(LocalDateTime at) {
    return new Conditions(at, Optional.empty(), 0, SyntheticTaps.KEYS);
  }

  private static TestedTaps tested(LocalDateTime at, long seed, double clock, double hand) {
    return tested(at(at), seed, 168, clock, hand);
  }

  private static TestedTaps tested(
      Conditions conditions, long seed, int aMinute, double clock, double hand) {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, aMinute);
    return new TestedTaps(
        conditions,
        Tapping.of(
            task, SyntheticTaps.KEYS, new SyntheticTaps(seed).taps(task, Side.RIGHT, clock, hand)));
  }

  /** 1.96·√2·SEM; by √k for means of k: worked by hand for SEM 0.5. */
  @Test
  void theSmallestChangeIsThatOfTheModel() {
    assertThat(SmallestChange.of(0.5, List.of(), 1).amount()).isCloseTo(1.386, within(0.001));
    assertThat(SmallestChange.of(0.5, List.of(), 4).amount()).isCloseTo(0.693, within(0.001));
    assertThat(SmallestChange.of(0.5, List.of(), 1).pairs()).isZero();
  }

  /** With a known error: differences of pairs have √2 of it, which is taken away again. */
  @Test
  void enoughOwnPairsSayTheErrorThemselves() {
    Random random = new Random(3);
    List<SmallestChange.Pair> pairs = new ArrayList<>();
    for (int i = 0; i < 4000; i++) {
      pairs.add(
          new SmallestChange.Pair(50 + 2 * random.nextGaussian(), 50 + 2 * random.nextGaussian()));
    }
    assertThat(SmallestChange.of(0.5, pairs, 1).amount())
        .isCloseTo(1.96 * Math.sqrt(2) * 2, within(0.2));
    assertThat(SmallestChange.of(0.5, pairs.subList(0, 4), 1).pairs()).isZero();
    assertThat(SmallestChange.of(0.5, pairs.subList(0, 5), 1).pairs()).isEqualTo(5);
  }

  @Test
  void aSmallDifferenceIsNoChangeAndAGreatOneIsBetterOrWorse() {
    TestedTaps uneven = tested(TEN.minusDays(7), 1, 25, 5);
    TestedTaps even = tested(TEN, 2, 5, 5);
    assertThat(spread(even, List.of(uneven)).verdict()).isEqualTo(Change.ChangeVerdict.BETTER);
    assertThat(spread(tested(TEN.plusDays(1), 3, 25, 5), List.of(even)).verdict())
        .isEqualTo(Change.ChangeVerdict.WORSE);
    assertThat(spread(tested(TEN.plusDays(1), 4, 5.2, 5), List.of(even)).verdict())
        .isEqualTo(Change.ChangeVerdict.NO_CHANGE);
  }

  private static Change spread(TestedTaps now, List<TestedTaps> before) {
    return AgainstLast.of(now, before)
        .orElseThrow()
        .changes()
        .get(Side.RIGHT)
        .get(TapMeasure.SPREAD);
  }

  /** Whatever is unlike, however great the difference: nothing is called better. */
  @Test
  void unequalConditionsAreSaidAndNothingIsCalledBetter() {
    TestedTaps before = tested(TEN, 1, 30, 5);
    List<Conditions> unlike =
        List.of(
            at(TEN.plusDays(1).plusHours(4)),
            new Conditions(
                TEN.plusDays(1),
                Optional.of(new Conditions.Warmth("Before practice", 5)),
                0,
                SyntheticTaps.KEYS),
            new Conditions(TEN.plusDays(1), Optional.empty(), 90, SyntheticTaps.KEYS),
            new Conditions(
                TEN.plusDays(1),
                Optional.empty(),
                0,
                new Device(Device.DeviceKind.MIDI_KEYBOARD, "")));
    for (Conditions other : unlike) {
      TestedTaps now = tested(other, 2, 168, 3, 3);
      AgainstLast against = AgainstLast.of(now, List.of(before)).orElseThrow();
      assertThat(against.unlike()).as(other.words()).hasSize(1);
      assertThat(against.changes().get(Side.RIGHT).values())
          .extracting(Change::verdict)
          .containsOnly(Change.ChangeVerdict.NOT_COMPARABLE);
    }
    AgainstLast faster =
        AgainstLast.of(tested(at(TEN.plusDays(1)), 2, 240, 3, 3), List.of(before)).orElseThrow();
    assertThat(faster.unlike()).containsExactly("It was 168 taps a minute, now 240.");
  }

  @Test
  void theLastOfThoseThatAskedForTheSameIsTheOneComparedWith() {
    TestedTaps other =
        new TestedTaps(
            at(TEN.minusDays(1)),
            Tapping.of(SyntheticTaps.index(84), SyntheticTaps.KEYS, List.of()));
    TestedTaps older = tested(TEN.minusDays(9), 1, 9, 5);
    TestedTaps last = tested(TEN.minusDays(3), 2, 9, 5);
    TestedTaps now = tested(TEN, 3, 9, 5);
    assertThat(AgainstLast.of(now, List.of(last, other, older, now)).orElseThrow().last())
        .isEqualTo(last);
    assertThat(AgainstLast.of(now, List.of(other))).isEmpty();
  }

  @Test
  void timesOfDayAreComparedTheShorterWayRoundTheClock() {
    assertThat(at(TEN.withHour(23)).unlike(at(TEN.withHour(1)))).isEmpty();
    assertThat(at(TEN.withHour(20)).unlike(at(TEN.withHour(1)))).hasSize(1);
    assertThat(COLD.words())
        .isEqualTo("10:00, not warmed up, nothing worked before, computer keyboard");
  }
}
