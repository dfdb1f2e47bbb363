package org.nimblet.server.routine;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.Theme;
import org.nimblet.server.account.Scope;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.StepDrafts.ReadStep;
import org.springframework.stereotype.Component;

/** Reads drafts with all that is known around them. */
@Component
class DraftReader {

  private final Scope scope;
  private final People people;
  private final CoachLibraries libraries;
  private final Surroundings surroundings;
  private final StepDrafts drafts;
  private final Themes themes;
  private final Clock clock;

  DraftReader(
      Scope scope,
      People people,
      CoachLibraries libraries,
      Surroundings surroundings,
      StepDrafts drafts,
      Themes themes,
      Clock clock) {
    this.scope = scope;
    this.people = people;
    this.libraries = libraries;
    this.surroundings = surroundings;
    this.drafts = drafts;
    this.themes = themes;
    this.clock = clock;
  }

  /** Reads a draft as it stands. */
  ReadDraft read(Draft draft) {
    return read(draft, Optional.ofNullable(draft.clientId()).map(people::require));
  }

  /** Reads a draft as it is when it starts now: play that follows is near whoever forgot it. */
  ReadDraft readStartingNow(Draft draft, Person person) {
    Around around = around(person, draft);
    Integer minutes =
        Stream.of(
                Optional.ofNullable(draft.minutesToPlay()),
                around.minutesToPlay().isEmpty()
                    ? Optional.<Integer>empty()
                    : Optional.of(around.minutesToPlay().getAsInt()))
            .flatMap(Optional::stream)
            .min(Comparator.naturalOrder())
            .orElse(null);
    return read(
        draft.near(around.warmed() ? Boolean.TRUE : draft.warmed(), minutes), Optional.of(person));
  }

  private Around around(Person person, Draft draft) {
    Instant now = clock.instant();
    return surroundings.of(person.client(), now, now.plusSeconds(draft.budgetSeconds()));
  }

  private ReadDraft read(Draft draft, Optional<Person> person) {
    CoachLibrary library =
        person.map(Person::library).orElseGet(() -> libraries.of(scope.coachId()));
    RoutineRequest plain =
        person
            .map(p -> request(draft, p))
            .orElseGet(() -> request(draft).withHand(library.hands().of(draft.purpose())));
    RoutineRequest request = theme(draft).map(plain::withTheme).orElse(plain);
    List<ReadStep> steps = drafts.read(library, request, draft.steps());
    List<Step> pinned =
        steps.stream().filter(read -> read.draft().pinned()).map(ReadStep::step).toList();
    return new ReadDraft(
        draft, person, library, pinned.isEmpty() ? request : request.withPinned(pinned), steps);
  }

  private Optional<Theme> theme(Draft draft) {
    return Optional.ofNullable(draft.theme()).map(id -> themes.require(id, "theme"));
  }

  private RoutineRequest request(Draft draft, Person person) {
    boolean performance = around(person, draft).performanceTomorrow();
    return RoutineRequests.of(
        person,
        person.today(),
        draft.purpose(),
        draft.budgetSeconds(),
        Optional.ofNullable(draft.activityId()),
        new Around(draft.isWarmed(), minutesToPlay(draft), performance),
        List.of());
  }

  private static RoutineRequest request(Draft draft) {
    return RoutineRequests.forAnybody(
        draft.purpose(),
        draft.budgetSeconds(),
        Optional.ofNullable(draft.discipline()),
        new Around(draft.isWarmed(), minutesToPlay(draft), false),
        List.of());
  }

  private static OptionalInt minutesToPlay(Draft draft) {
    return draft.minutesToPlay() == null
        ? OptionalInt.empty()
        : OptionalInt.of(draft.minutesToPlay());
  }
}
