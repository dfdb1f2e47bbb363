package org.nimblet.server.measure;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.MeasureForms.TestFrame;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionForms.StepForm;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.session.SessionService.Played;
import org.nimblet.server.session.StepOutcome;
import org.springframework.stereotype.Component;

/** A test is a session like any other: it has worked the hands, and what hurts in it is told. */
@Component
class TestSessions {

  private static final Duration AHEAD = Duration.ofMinutes(5);
  private static final int ALL = 100;

  private final SessionService sessions;

  TestSessions(SessionService sessions) {
    this.sessions = sessions;
  }

  /**
   * Keeps the session of a test; one that is known is passed over.
   *
   * @param title what kind of test
   * @param doing what was done in it
   * @param sides the hands that did it
   * @param evenness what keys said of them
   * @throws InvalidFieldException if it is told of from the future
   */
  void keep(
      Person person,
      TestFrame frame,
      String title,
      String doing,
      List<Side> sides,
      List<Evenness> evenness) {
    if (frame.beganAt().isAfter(person.now().plus(AHEAD))) {
      throw new InvalidFieldException("frame.beganAt", "Not in the future.");
    }
    long millis = Math.max(1, Duration.between(frame.beganAt(), frame.endedAt()).toMillis());
    boolean one = sides.size() == 1;
    StepForm step =
        new StepForm(
            OpenDrills.taps().id(),
            0,
            doing,
            one ? Laterality.ONE_SIDE : Laterality.TOGETHER,
            millis,
            frame.ending() == SessionEnding.DONE ? ALL : 0,
            outcome(frame),
            one ? sides.get(0) : null,
            null,
            null,
            null,
            null,
            null,
            null);
    sessions.record(
        person.client(),
        frame.testId(),
        new SessionForm(
            null,
            null,
            Purpose.INDEPENDENCE,
            frame.beganAt(),
            frame.endedAt(),
            millis,
            frame.ending(),
            List.of(step),
            frame.hurts(),
            frame.before()),
        () -> Optional.of(new Played(Optional.empty(), title, evenness)));
  }

  /** Forgets what keys said in the session of a test. */
  void forgetEvenness(ClientFile client, UUID testId) {
    sessions.forgetEvenness(client, testId);
  }

  private static StepOutcome outcome(TestFrame frame) {
    if (!frame.hurts().isEmpty() || frame.ending() == SessionEnding.STOPPED) {
      return StepOutcome.HURT;
    }
    return frame.ending() == SessionEnding.DONE ? StepOutcome.DONE : StepOutcome.SKIPPED;
  }
}
