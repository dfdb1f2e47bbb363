package org.nimblet.server.routine;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.RoutineCheck;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.SaidMoment;
import org.nimblet.core.routine.Step;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.RoutineViews.LeftOutView;
import org.nimblet.server.routine.RoutineViews.Occasion;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.springframework.stereotype.Service;

/** Routines as the player wants them. */
@Service
class Playing {

  private final DraftReader reader;
  private final People people;
  private final Clock clock;

  Playing(DraftReader reader, People people, Clock clock) {
    this.reader = reader;
    this.people = people;
    this.clock = clock;
  }

  /** A draft; what safety forbids is left out, with the reason. */
  RoutineView play(Draft draft) {
    if (draft.clientId() == null) {
      throw new InvalidFieldException("clientId", "Choose the client who would do it.");
    }
    return play(draft, Optional.empty(), draft.purpose().word());
  }

  /**
   * A stored routine.
   *
   * @param routineId which; empty if it is not stored
   * @param title what it is called
   */
  RoutineView play(Draft draft, Optional<UUID> routineId, String title) {
    Person person = people.require(draft.clientId());
    ReadDraft read = reader.readStartingNow(draft, person);
    return play(person, read, read.plain(), routineId, title);
  }

  /**
   * A routine composed at once.
   *
   * @throws InvalidFieldException if nothing can be composed, with the reason
   */
  RoutineView playNow(Person person, Purpose purpose, int minutes) {
    return playNow(person, purpose, minutes, request -> request);
  }

  /**
   * A routine composed for a moment as it was said.
   *
   * @throws InvalidFieldException if nothing can be composed in it, with the reason
   */
  RoutineView playSaid(Person person, SaidMoment moment) {
    try {
      return playNow(person, moment.purpose(), moment.minutes(), moment::in);
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("said", e.getMessage());
    }
  }

  private RoutineView playNow(
      Person person, Purpose purpose, int minutes, UnaryOperator<RoutineRequest> in) {
    ReadDraft read =
        reader.readStartingNow(Draft.empty(person.client().id(), purpose, minutes * 60), person);
    Composition composition =
        new Composer(read.library().library(), purpose).compose(in.apply(read.request()));
    if (composition instanceof Composition.NotComposed none) {
      throw new InvalidFieldException("purpose", none.reason());
    }
    List<Step> steps = ((Composition.Composed) composition).steps();
    return play(person, read, steps, Optional.empty(), purpose.word());
  }

  private RoutineView play(
      Person person, ReadDraft read, List<Step> steps, Optional<UUID> routineId, String title) {
    Draft draft = read.draft();
    RoutineCheck.SafeSteps safe =
        new RoutineCheck(read.library().library()).safe(draft.purpose(), read.request(), steps);
    return RoutineViews.played(
        person,
        new Occasion(
            Optional.empty(),
            routineId,
            title,
            "",
            clock.instant(),
            Optional.ofNullable(draft.activityId()).flatMap(person.client()::activity)),
        draft.purpose(),
        safe.steps(),
        CueSheetWriter.write(safe.steps(), read.facts().pace(), read.facts().notation()),
        safe.steps().stream().map(step -> step.exercise().guidance().purpose()).toList(),
        safe.stopped().stream().map(Playing::leftOut).toList(),
        List.of());
  }

  private static LeftOutView leftOut(RoutineCheck.Stopped stopped) {
    Exercise exercise = stopped.exercise();
    return new LeftOutView(exercise.id(), exercise.title(), exercise.kind(), stopped.sentence());
  }
}
