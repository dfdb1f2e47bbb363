package org.nimblet.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Try.Drill;

class MeasuredDrillTest {

  private static final Drill RING_AND_LITTLE =
      new Drill(
          Patterns.find("one-hand.none.bend-ring.bend-little").orElseThrow(),
          Optional.of(Side.LEFT));

  /** Ring and little in turn, a second apart, each off by so much. */
  private static List<Tap> taps(double... off) {
    List<Tap> taps = new ArrayList<>();
    for (int i = 0; i < off.length; i++) {
      Digit digit = i % 2 == 0 ? Digit.RING : Digit.LITTLE;
      taps.add(SyntheticTaps.tap(Side.LEFT, digit, i * 1000 + off[i]));
    }
    return taps;
  }

  @Test
  void rightAndOnTimeIsClean() {
    MeasuredDrill judged = MeasuredDrill.of(RING_AND_LITTLE, 60, 6, taps(10, -20, 0, 30, 5, -9));
    assertThat(judged.clean()).isTrue();
    assertThat(judged.even()).isTrue();
    assertThat(judged.words()).isEqualTo("6 of 6 on time");
  }

  @Test
  void cleanMayStillBeTooUnevenToGoFaster() {
    MeasuredDrill judged =
        MeasuredDrill.of(RING_AND_LITTLE, 60, 6, taps(200, -200, 180, -190, 200, -180));
    assertThat(judged.clean()).isTrue();
    assertThat(judged.even()).isFalse();
  }

  @Test
  void whatIsMissingLateOrBesidesIsNotClean() {
    List<Tap> missing = new ArrayList<>(taps(0, 0, 0, 0, 0, 0));
    missing.remove(2);
    assertThat(MeasuredDrill.of(RING_AND_LITTLE, 60, 6, missing).words())
        .isEqualTo("5 of 6 on time, 1 missing");
    List<Tap> besides = new ArrayList<>(taps(0, 0, 0, 0, 0, 0));
    besides.add(SyntheticTaps.tap(Side.LEFT, Digit.MIDDLE, 2010));
    assertThat(MeasuredDrill.of(RING_AND_LITTLE, 60, 6, besides).clean()).isFalse();
    MeasuredDrill late = MeasuredDrill.of(RING_AND_LITTLE, 60, 6, taps(0, 0, 0, 400, 0, 0));
    assertThat(late.late()).isEqualTo(1);
    assertThat(late.clean()).isFalse();
    assertThat(MeasuredDrill.of(RING_AND_LITTLE, 60, 6, List.of()).clean()).isFalse();
  }

  /** A fist opens finger by finger and closes again: four go down at first, three on the way. */
  @Test
  void whatStaysBentIsPressedOnce() {
    Drill ripple =
        new Drill(
            Patterns.all().stream()
                .filter(p -> p.isForOneHand() && p.first().size() == 8)
                .findFirst()
                .orElseThrow(),
            Optional.of(Side.RIGHT));
    assertThat(MeasuredDrill.of(ripple, 60, 8, List.of()).wanted()).isEqualTo(7);
    assertThat(MeasuredDrill.mostAtOnce(ripple)).isEqualTo(4);
  }

  @Test
  void gapsAreNotForKeys() {
    Drill gap =
        new Drill(
            Patterns.find("one-hand.none.part-index-middle.rest").orElseThrow(),
            Optional.of(Side.LEFT));
    assertThat(MeasuredDrill.unfit(gap)).isPresent();
    assertThat(MeasuredDrill.unfit(RING_AND_LITTLE)).isEmpty();
    assertThatThrownBy(() -> MeasuredDrill.of(gap, 60, 6, List.of()))
        .hasMessageContaining("gap is open");
  }

  private static final List<Digit> ROW =
      List.of(Digit.RING, Digit.INDEX, Digit.INDEX, Digit.LITTLE);

  private static List<Tap> answered(double... at) {
    List<Tap> taps = new ArrayList<>();
    for (double one : at) {
      taps.add(SyntheticTaps.tap(Side.RIGHT, ROW.get(taps.size()), one));
    }
    return taps;
  }

  @Test
  void aRowMayBeginWheneverOneLikes() {
    MeasuredDrill judged =
        MeasuredDrill.ofRow(ROW, Side.RIGHT, 120, answered(9_000, 9_500, 10_000, 10_500));
    assertThat(judged.clean()).isTrue();
    assertThat(judged.spreadPercent()).isZero();
  }

  /** A first tap that comes late is off by itself and takes no other along. */
  @Test
  void oneTapOffIsOneTapLate() {
    MeasuredDrill judged =
        MeasuredDrill.ofRow(ROW, Side.RIGHT, 120, answered(9_200, 9_500, 10_000, 10_500));
    assertThat(judged.words()).isEqualTo("3 of 4 on time");
    assertThat(judged.clean()).isFalse();
  }

  @Test
  void aRowDoneTwiceAsFastIsNotOnTime() {
    MeasuredDrill judged =
        MeasuredDrill.ofRow(ROW, Side.RIGHT, 120, answered(9_000, 9_250, 9_500, 9_750));
    assertThat(judged.clean()).isFalse();
    assertThat(MeasuredDrill.ofRow(ROW, Side.RIGHT, 120, List.of()).missing()).isEqualTo(4);
  }
}
