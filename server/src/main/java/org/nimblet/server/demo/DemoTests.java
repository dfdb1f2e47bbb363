package org.nimblet.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.TapTask;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.SimulatedTests;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.standin.StandInHands;
import org.springframework.stereotype.Component;

/** Tests of the last weeks, by simulated hands that get more even and more independent. */
@Component
class DemoTests {

  /** Each test: how many days ago, at which tempo, how uneven, percent. */
  private static final List<int[]> TAPS =
      List.of(
          new int[] {22, 78, 7}, new int[] {15, 78, 5}, new int[] {8, 81, 5}, new int[] {1, 84, 3});

  /** Each test: how many days ago, what comes along on the left and on the right, percent. */
  private static final List<int[]> LIFTS =
      List.of(
          new int[] {43, 85, 62},
          new int[] {29, 80, 58},
          new int[] {15, 66, 50},
          new int[] {1, 52, 36});

  private static final LocalTime AT = LocalTime.of(9, 40);
  private static final int TAPS_A_BEAT = 2;
  private static final double PERCENT = 100;

  private final SimulatedTests tests;
  private final People people;
  private final Clock clock;

  DemoTests(SimulatedTests tests, People people, Clock clock) {
    this.tests = tests;
    this.people = people;
    this.clock = clock;
  }

  /** Tests for some weeks up to yesterday. */
  void tell(ClientFile client, long seed) {
    for (int[] lift : LIFTS) {
      Instant at = at(client, lift[0], 0);
      tests.lift(
          at(client, at), at, leaking(lift[1], seed + lift[0]), leaking(lift[2], seed - lift[0]));
    }
    for (int[] tap : TAPS) {
      Instant at = at(client, tap[0], 10);
      TapTask task =
          new TapTask(
              Pace.CLICK_THEN_ALONE,
              Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 0).taps(),
              TwoHandedRow.MIRRORED,
              OptionalInt.of(tap[1] * TAPS_A_BEAT));
      tests.tap(
          at(client, at), at, task, tap[1], new StandInHands(tap[2], 300, 0.5, seed + tap[0]));
    }
  }

  private Person at(ClientFile client, Instant moment) {
    return people.of(client).at(moment);
  }

  private Instant at(ClientFile client, int daysAgo, int minutes) {
    LocalDate date = LocalDate.ofInstant(clock.instant(), client.zone()).minusDays(daysAgo);
    return date.atTime(AT.plusMinutes(minutes)).atZone(client.zone()).toInstant();
  }

  private static StandInHands leaking(int percent, long seed) {
    return new StandInHands(0, 300, percent / PERCENT, seed);
  }
}
