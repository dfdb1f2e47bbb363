package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.FingerState;
import org.nimblet.core.exercise.Ladder;

class DrillTempoTest {

  private static final Drill RING =
      new Drill(
          Pattern.oneHand(new FingerState(List.of(Digit.RING), List.of())), Optional.of(Side.LEFT));
  private static final LocalDateTime AT = LocalDateTime.of(2026, 3, 2, 18, 0);

  private static Try tried(int aMinute, boolean clean) {
    return new Try(RING, OptionalInt.of(aMinute), clean, AT);
  }

  private static int after(DrillTempo tempo, Try... tries) {
    DrillTempo now = tempo;
    for (Try each : tries) {
      now = now.after(each);
    }
    return now.aMinute();
  }

  /** 60 · 1.04 = 62.4, so 62 (model section 5). */
  @Test
  void threeCleanRoundsAreARungFaster() {
    Try clean = tried(60, true);
    assertThat(after(DrillTempo.UNTRIED, clean, clean)).isEqualTo(60);
    assertThat(after(DrillTempo.UNTRIED, clean, clean, clean)).isEqualTo(62);
    assertThat(after(DrillTempo.UNTRIED, clean, clean, tried(60, false), clean, clean))
        .as("in a row")
        .isEqualTo(60);
  }

  @Test
  void twiceNotCleanIsARungSlowerUntilItIs() {
    Try not = tried(62, false);
    assertThat(after(new DrillTempo(62, 0, 0), not)).isEqualTo(62);
    assertThat(after(new DrillTempo(62, 2, 0), not, not)).isEqualTo(60);
    assertThat(after(new DrillTempo(DrillTempo.LEAST, 0, 0), tried(20, false), tried(20, false)))
        .isEqualTo(DrillTempo.LEAST);
  }

  /** Where keys measure, even and right is enough (PRACTICE: when is a pattern to be sped up). */
  @Test
  void measuredAsEvenOnceIsARungFaster() {
    Try even = new Try(RING, OptionalInt.of(60), true, true, AT);
    assertThat(after(DrillTempo.UNTRIED, even)).isEqualTo(62);
    assertThat(after(new DrillTempo(72, 0, 0), even)).as("slower than theirs").isEqualTo(72);
    assertThatThrownBy(() -> new Try(RING, OptionalInt.of(60), false, true, AT))
        .hasMessageContaining("even (true)");
  }

  @Test
  void whatWasDoneAtAnotherTempoCountsOnlyWhereItSaysSomething() {
    Try slow = tried(40, true);
    assertThat(after(DrillTempo.UNTRIED, slow, slow, slow)).isEqualTo(60);
    Try tooFast = tried(90, false);
    assertThat(after(DrillTempo.UNTRIED, tooFast, tooFast)).isEqualTo(60);
    assertThat(after(DrillTempo.UNTRIED, tried(72, true))).as("clean and faster").isEqualTo(72);
    assertThat(after(DrillTempo.UNTRIED, tried(40, false), tried(40, false))).isLessThan(60);
  }

  /** A rung down and a rung up again end where they began, over the whole range. */
  @Test
  void eachRungIsTheNextOfTheOneBelow() {
    for (int aMinute = DrillTempo.LEAST + 1; aMinute <= DrillTempo.GREATEST; aMinute++) {
      Try not = tried(aMinute, false);
      int slower = after(new DrillTempo(aMinute, 0, 0), not, not);
      assertThat(slower).isLessThan(aMinute);
      assertThat(Ladder.nextTempo(slower)).isLessThanOrEqualTo(aMinute);
      assertThat(Ladder.nextTempo(slower + 1)).isGreaterThan(aMinute);
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void whateverIsTriedTheTempoStaysOneThatCanBeShown(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    DrillTempo tempo = DrillTempo.UNTRIED;
    for (int i = 0; i < 2000; i++) {
      tempo = tempo.after(tried(random.nextInt(1, 300), random.nextInt(4) < seed % 4));
      assertThat(tempo.aMinute()).isBetween(DrillTempo.LEAST, DrillTempo.GREATEST);
    }
  }

  @Test
  void theFastestHasNoNextRung() {
    assertThat(new DrillTempo(DrillTempo.GREATEST, 0, 0).next()).isEmpty();
    assertThatThrownBy(() -> new DrillTempo(300, 0, 0))
        .hasMessage("tempo (300) must be between 20 and 240");
  }
}
