package org.nimblet.server.measure;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Device;
import org.nimblet.core.measure.TapTask;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.measure.LiftForms.AskView;
import org.nimblet.server.measure.LiftForms.LiftTestForm;
import org.nimblet.server.measure.LiftForms.MoveForm;
import org.nimblet.server.measure.MeasureForms.DeviceForm;
import org.nimblet.server.measure.MeasureForms.TestFrame;
import org.nimblet.server.measure.TapForms.TapForm;
import org.nimblet.server.measure.TapForms.TapTestForm;
import org.nimblet.server.person.Person;
import org.nimblet.server.standin.StandInHands;
import org.springframework.stereotype.Component;

/** Tests that simulated hands make, kept the way real ones are. */
@Component
public class SimulatedTests {

  private static final DeviceForm KEYS = new DeviceForm(Device.DeviceKind.COMPUTER_KEYBOARD, "");
  private static final double A_LIFT_MILLIS = 1800;
  private static final double UP_MILLIS = 350;

  private final TapService taps;
  private final LiftService lifts;

  SimulatedTests(TapService taps, LiftService lifts) {
    this.taps = taps;
    this.lifts = lifts;
  }

  /**
   * A tap test.
   *
   * @param bpm its click; the task has so many taps on each beat
   */
  public void tap(Person person, Instant at, TapTask task, int bpm, StandInHands hands) {
    List<TapForm> made =
        hands.taps(task).stream()
            .map(tap -> new TapForm(tap.side(), tap.digit(), tap.atMillis(), null))
            .toList();
    long millis = Math.round(made.get(made.size() - 1).at());
    taps.keep(
        person,
        new TapTestForm(
            frame(at, millis),
            task.pace(),
            task.row(),
            task.hands(),
            bpm,
            task.tapsAMinute().orElse(bpm) / bpm,
            KEYS,
            made));
  }

  /** A test of holding and lifting of both hands. */
  public void lift(Person person, Instant at, StandInHands left, StandInHands right) {
    List<MoveForm> moves = new ArrayList<>();
    double now = 0;
    int turn = 0;
    for (AskView ask : lifts.task(person, Optional.empty(), false, left.seed()).asks()) {
      Side side = ask.side();
      moves.add(new MoveForm(now, side, ask.digit(), LiftTest.KeyMove.ASKED));
      StandInHands hands = side == Side.LEFT ? left : right;
      for (Digit up : hands.lift(ask.digit(), turn++)) {
        moves.add(new MoveForm(now + UP_MILLIS, side, up, LiftTest.KeyMove.UP));
      }
      now += A_LIFT_MILLIS;
    }
    lifts.keep(person, new LiftTestForm(frame(at, Math.round(now)), Digit.FINGERS, KEYS, moves));
  }

  private static TestFrame frame(Instant at, long millis) {
    return new TestFrame(
        UUID.randomUUID(), at, at.plusMillis(millis), SessionEnding.DONE, List.of(), null);
  }
}
