package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.TwoHandedRow;

/** Taps as the two-level model makes them: a clock with a variance, a hand with another. */
final class SyntheticTaps {

  static final Device KEYS = new Device(Device.DeviceKind.COMPUTER_KEYBOARD, "");

  private final Random random;

  SyntheticTaps(long seed) {
    this.random = new Random(seed);
  }

  static TapTask everyTransition(TwoHandedRow hands, int aMinute) {
    return new TapTask(
        Pace.CLICK_THEN_ALONE,
        Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 0).taps(),
        hands,
        OptionalInt.of(aMinute));
  }

  static TapTask index(int aMinute) {
    return new TapTask(
        Pace.CLICK_THEN_ALONE, List.of(Digit.INDEX), TwoHandedRow.RIGHT, OptionalInt.of(aMinute));
  }

  /** Standard deviations in milliseconds. */
  List<Tap> taps(List<Digit> fingers, Side side, double interval, double clock, double hand) {
    List<Tap> taps = new ArrayList<>();
    double at = 0;
    for (Digit finger : fingers) {
      taps.add(tap(side, finger, at + hand * random.nextGaussian()));
      at += interval + clock * random.nextGaussian();
    }
    return taps;
  }

  /** All that a task wants of a hand. */
  List<Tap> taps(TapTask task, Side side, double clock, double hand) {
    double interval = 60_000.0 / task.tapsAMinute().orElse(300);
    return taps(task.wanted(side), side, interval, clock, hand);
  }

  static Tap tap(Side side, Digit digit, double at) {
    return new Tap(side, digit, at, OptionalInt.empty());
  }
}
