package org.nimblet.server.routine;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.Rejection;
import org.nimblet.core.routine.RoutineCheck;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.SaidMoment;
import org.nimblet.core.routine.Step;
import org.nimblet.core.schedule.Contents;
import org.nimblet.server.account.Scope;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.RoutineForms.StoredRoutine;
import org.nimblet.server.routine.RoutineViews.LeftOutView;
import org.nimblet.server.routine.RoutineViews.Occasion;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.springframework.stereotype.Service;

/** Routines as the player wants them. */
@Service
class Playing {

  private final Scope scope;
  private final DraftReader reader;
  private final RoutineService routines;
  private final Themes themes;
  private final People people;
  private final Clock clock;

  Playing(
      Scope scope,
      DraftReader reader,
      RoutineService routines,
      Themes themes,
      People people,
      Clock clock) {
    this.scope = scope;
    this.reader = reader;
    this.routines = routines;
    this.themes = themes;
    this.people = people;
    this.clock = clock;
  }

  /** A draft; what safety forbids is left out, with the reason. */
  RoutineView play(Draft draft) {
    String title = draft.purpose().word();
    if (draft.clientId() == null) {
      ReadDraft read = reader.read(draft);
      Person anybody = people.anybody(scope.coachId());
      return play(anybody, read, read.plain(), Optional.empty(), title, List.of());
    }
    return play(draft, Optional.empty(), title);
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
    List<Step> steps = routineId.isPresent() ? read.onTheirRungs() : read.plain();
    return play(person, read, steps, routineId, title, List.of());
  }

  /** A stored routine at one of its versions, 0 for the newest. */
  RoutineView playKept(Person person, UUID routineId, int version) {
    routines.requireOf(person.client(), routineId);
    StoredRoutine stored = routines.view(routineId, version);
    return play(draft(person, stored), Optional.of(stored.id()), stored.title());
  }

  static Draft draft(Person person, StoredRoutine stored) {
    return new Draft(
        person.client().id(),
        null,
        null,
        stored.purpose(),
        stored.budgetSeconds(),
        null,
        null,
        null,
        stored.steps());
  }

  /**
   * A planned session.
   *
   * @throws InvalidFieldException if nothing can be composed, with the reason
   */
  RoutineView playPlanned(Person person, Purpose purpose, int minutes, Contents contents) {
    if (contents instanceof Contents.Kept kept) {
      return playKept(person, UUID.fromString(kept.routineId()), kept.version());
    }
    Planned planned = planned(person, purpose, minutes, (Contents.Composed) contents);
    return play(
        person,
        planned.read(),
        planned.composed().steps(),
        Optional.empty(),
        purpose.word(),
        planned.missing());
  }

  /**
   * A session composed as it is planned.
   *
   * @param missing what is required and not in it
   */
  record Planned(ReadDraft read, Composition.Composed composed, List<Rejection> missing) {}

  /**
   * Composes a planned session as things stand.
   *
   * @throws InvalidFieldException if nothing can be composed, with the reason
   */
  Planned planned(Person person, Purpose purpose, int minutes, Contents.Composed contents) {
    int seconds = Math.min(minutes * 60, RoutineRequest.GREATEST_SECONDS);
    ReadDraft read =
        reader.readStartingNow(
            Draft.empty(person.client().id(), purpose, seconds)
                .around(contents.theme().filter(id -> themes.find(id).isPresent()).orElse(null)),
            person);
    Composer composer = read.library().composer(purpose);
    Composition.Composed composed =
        composed(composer.compose(composer.requiring(read.request(), contents.required())));
    return new Planned(
        read,
        composed,
        composed.rejections().stream()
            .filter(rejection -> contents.required().contains(rejection.exercise().id()))
            .toList());
  }

  private static Composition.Composed composed(Composition composition) {
    if (composition instanceof Composition.NotComposed none) {
      throw new InvalidFieldException("purpose", none.reason());
    }
    return (Composition.Composed) composition;
  }

  /**
   * A moment as it was said, a coach's own themes known.
   *
   * @throws IllegalArgumentException if it is not understood, with what would be
   */
  SaidMoment read(String said) {
    return SaidMoment.read(said, themes.known());
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
    Composition.Composed composed =
        composed(read.library().composer(purpose).compose(in.apply(read.request())));
    return play(person, read, composed.steps(), Optional.empty(), purpose.word(), List.of());
  }

  private RoutineView play(
      Person person,
      ReadDraft read,
      List<Step> steps,
      Optional<UUID> routineId,
      String title,
      List<Rejection> missing) {
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
        Stream.concat(
                safe.stopped().stream().map(Playing::leftOut),
                missing.stream().map(RoutineViews::leftOut))
            .toList(),
        List.of());
  }

  private static LeftOutView leftOut(RoutineCheck.Stopped stopped) {
    Exercise exercise = stopped.exercise();
    return new LeftOutView(exercise.id(), exercise.title(), exercise.kind(), stopped.sentence());
  }
}
