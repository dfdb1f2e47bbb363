package org.nimblet.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.ClockAndHand.Inseparable;
import org.nimblet.core.measure.ClockAndHand.Separated;

/**
 * Against series whose variances are known. The two-level model: interval = clock + next hand −
 * hand, so γ(0) = σ²clock + 2σ²hand and γ(1) = −σ²hand (Wing and Kristofferson 1973).
 */
class ClockAndHandTest {

  private static Autocovariance covariance(TapTask task, List<Tap> taps) {
    return Tapping.of(task, SyntheticTaps.KEYS, taps).of(Side.RIGHT).orElseThrow().covariance();
  }

  @Test
  void inALongSeriesBothVariancesComeOut() {
    List<Digit> index = Collections.nCopies(20_000, Digit.INDEX);
    List<Tap> taps = new SyntheticTaps(11).taps(index, Side.RIGHT, 357, 10, 7);
    int[] places = new int[taps.size() - 1];
    double[] millis = new double[taps.size() - 1];
    for (int i = 0; i < millis.length; i++) {
      places[i] = i + 1;
      millis[i] = taps.get(i + 1).atMillis() - taps.get(i).atMillis();
    }
    Autocovariance of = Autocovariance.of(places, millis, new int[millis.length], 1);
    Separated separated =
        (Separated) ClockAndHand.of(SyntheticTaps.index(168), SyntheticTaps.KEYS, List.of(of));
    assertThat(separated.clock()).isCloseTo(100, within(4.0));
    assertThat(separated.hand()).isCloseTo(49, within(2.0));
  }

  /**
   * A row of twelve transitions leaves five taps for each: without putting right what their means
   * take away both numbers would come out about a quarter too small.
   */
  @Test
  void manyShortTestsOfARowGiveTheSameOnAverage() {
    TapTask task = SyntheticTaps.everyTransition(TwoHandedRow.RIGHT, 168);
    List<Autocovariance> tests = new ArrayList<>();
    for (long seed = 0; seed < 2000; seed++) {
      tests.add(covariance(task, new SyntheticTaps(seed).taps(task, Side.RIGHT, 10, 7)));
    }
    Autocovariance mean = Autocovariance.mean(tests);
    assertThat(mean.atZero()).isCloseTo(100 + 2 * 49, within(8.0));
    assertThat(mean.atOne()).isCloseTo(-49, within(5.0));
  }

  @Test
  void whatDriftsIsNotTakenForAnUnevenClock() {
    TapTask task = SyntheticTaps.index(168);
    List<Tap> taps = new ArrayList<>();
    List<Tap> even = new SyntheticTaps(5).taps(task, Side.RIGHT, 4, 4);
    for (int i = 0; i < even.size(); i++) {
      taps.add(SyntheticTaps.tap(Side.RIGHT, Digit.INDEX, even.get(i).atMillis() + 0.8 * i * i));
    }
    assertThat(covariance(task, taps).atZero())
        .isCloseTo(covariance(task, even).atZero(), within(0.5));
  }

  @Test
  void whereTheConditionsDoNotHoldItSaysWhich() {
    TapTask task = SyntheticTaps.index(168);
    assertThat(why(task, new Autocovariance(49, 100, -10))).contains("49").contains("50");
    assertThat(why(task, new Autocovariance(55, 100, 10))).contains("lean together, +0.10");
    assertThat(why(task, new Autocovariance(55, 100, -60))).contains("−0.60");
    assertThat(
            why(
                new TapTask(
                    Pace.OWN, List.of(Digit.INDEX), TwoHandedRow.RIGHT, OptionalInt.empty()),
                new Autocovariance(55, 100, -10)))
        .contains("click");
  }

  private static String why(TapTask task, Autocovariance of) {
    return ((Inseparable) ClockAndHand.of(task, SyntheticTaps.KEYS, List.of(of))).why();
  }

  /** Averaged before the conditions: what one short test cannot say several alike can. */
  @Test
  void severalTestsAreAveragedFirst() {
    TapTask task = SyntheticTaps.index(168);
    List<Autocovariance> two =
        List.of(new Autocovariance(30, 100, 10), new Autocovariance(30, 100, -50));
    Separated separated = (Separated) ClockAndHand.of(task, SyntheticTaps.KEYS, two);
    assertThat(separated.hand()).isCloseTo(20, within(1e-9));
    assertThat(separated.clock()).isCloseTo(60, within(1e-9));
    assertThat(separated.intervals()).isEqualTo(60);
  }

  /** A keyboard that looks every 8 ms adds about 5 ms² (8²/12, variance of even odds). */
  @Test
  void theKeyboardsPartIsSaid() {
    assertThat(Device.DeviceKind.COMPUTER_KEYBOARD.variance()).isCloseTo(5.33, within(0.01));
    assertThat(Device.DeviceKind.TOUCH_SCREEN.isFineEnough()).isFalse();
  }
}
