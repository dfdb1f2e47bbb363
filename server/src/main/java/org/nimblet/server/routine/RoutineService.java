package org.nimblet.server.routine;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.RoutineTemplate;
import org.nimblet.core.routine.Step;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.routine.RoutineForms.RoutineForm;
import org.nimblet.server.routine.RoutineForms.RoutineSummary;
import org.nimblet.server.routine.RoutineForms.RoutineVersionView;
import org.nimblet.server.routine.RoutineForms.StoredRoutine;
import org.nimblet.server.routine.RoutineForms.TapeStepView;
import org.nimblet.server.routine.RoutineForms.TemplateView;
import org.nimblet.server.routine.StepDrafts.StepDraft;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps routines with every version they ever had. */
@Service
class RoutineService {

  private final Scope scope;
  private final ClientFiles clients;
  private final Routines routines;
  private final RoutineVersions versions;
  private final StepDrafts drafts;
  private final CoachLibraries libraries;
  private final KeepingHabits habits;
  private final Clock clock;

  RoutineService(
      Scope scope,
      ClientFiles clients,
      Routines routines,
      RoutineVersions versions,
      StepDrafts drafts,
      CoachLibraries libraries,
      KeepingHabits habits,
      Clock clock) {
    this.scope = scope;
    this.clients = clients;
    this.routines = routines;
    this.versions = versions;
    this.drafts = drafts;
    this.libraries = libraries;
    this.habits = habits;
    this.clock = clock;
  }

  /** The routine of this client. */
  @Transactional(readOnly = true)
  Optional<Routine> findOf(ClientFile client, UUID routineId) {
    return routines
        .findByIdAndCoachId(routineId, scope.coachId())
        .filter(routine -> client.id().equals(routine.clientId));
  }

  /**
   * The same.
   *
   * @throws NotFoundException if the client has none with this identifier
   */
  Routine requireOf(ClientFile client, UUID routineId) {
    Routine routine = require(routineId);
    if (!client.id().equals(routine.clientId)) {
      throw new NotFoundException("routine");
    }
    return routine;
  }

  /** The routine of the signed-in coach, archived ones included. */
  Routine require(UUID routineId) {
    Routine routine =
        routines
            .findByIdAndCoachId(routineId, scope.coachId())
            .orElseThrow(() -> new NotFoundException("routine"));
    if (routine.clientId != null && !scope.mayBe(routine.clientId)) {
      throw new NotFoundException("routine");
    }
    return routine;
  }

  @Transactional
  StoredRoutine create(RoutineForm form) {
    if (form.clientId() != null) {
      clients.require(form.clientId());
    }
    check(form);
    Routine routine = new Routine();
    routine.id = UUID.randomUUID();
    routine.coachId = scope.coachId();
    routine.clientId = form.clientId();
    write(routine, form);
    return view(routine, routine.version);
  }

  @Transactional
  StoredRoutine update(UUID routineId, RoutineForm form) {
    Routine routine =
        routines
            .findForUpdateByIdAndCoachId(routineId, scope.coachId())
            .orElseThrow(() -> new NotFoundException("routine"));
    check(form);
    if (!Objects.equals(routine.clientId, form.clientId())) {
      // What was made for one person is never written over by what was made for another.
      return create(form);
    }
    if (routine.version != form.version()) {
      throw new ConflictException(
          "Somebody else saved this routine meanwhile. Nothing of yours is lost.",
          view(routine, routine.version),
          List.of("steps"));
    }
    write(routine, form);
    return view(routine, routine.version);
  }

  /**
   * Makes an earlier version the newest again; none is lost.
   *
   * @param from the version that is the newest as the caller knows it
   */
  @Transactional
  StoredRoutine restore(UUID routineId, int number, int from) {
    StoredRoutine earlier = view(routineId, number);
    return update(
        routineId,
        new RoutineForm(
            from,
            earlier.clientId(),
            earlier.title(),
            earlier.purpose(),
            earlier.budgetSeconds(),
            earlier.steps(),
            null));
  }

  /** What is stored reads back: every exercise exists and every dose is one. */
  private void check(RoutineForm form) {
    drafts.read(
        libraries.of(scope.coachId()),
        RoutineRequests.forAnybody(
            form.purpose(), form.budgetSeconds(), Optional.empty(), Around.NOTHING, List.of()),
        form.steps());
  }

  private void write(Routine routine, RoutineForm form) {
    routine.version++;
    routine.title = form.title().strip();
    routine.purpose = form.purpose();
    routine.changedAt = clock.instant();
    routines.save(routine);
    RoutineVersion version = new RoutineVersion();
    version.id = UUID.randomUUID();
    version.coachId = routine.coachId;
    version.routineId = routine.id;
    version.number = routine.version;
    version.title = routine.title;
    version.purpose = routine.purpose;
    version.budgetSeconds = form.budgetSeconds();
    version.steps =
        form.steps().stream()
            .map(
                s ->
                    new StepDraft(
                        s.key(),
                        s.exerciseId(),
                        s.exerciseVersion(),
                        s.dose(),
                        null,
                        s.position(),
                        s.firstSide(),
                        s.released(),
                        s.pinned(),
                        s.circuit()))
            .toList();
    version.takenOut = form.takenOut();
    version.createdAt = routine.changedAt;
    versions.saveAndFlush(version);
    habits.look(routine.coachId);
  }

  /** A routine at one of its versions. */
  @Transactional(readOnly = true)
  public StoredRoutine view(UUID routineId, int number) {
    Routine routine = require(routineId);
    return view(routine, number == 0 ? routine.version : number);
  }

  private StoredRoutine view(Routine routine, int number) {
    RoutineVersion shown =
        versions
            .findByRoutineIdAndNumber(routine.id, number)
            .orElseThrow(() -> new NotFoundException("version of the routine"));
    return new StoredRoutine(
        routine.id,
        routine.clientId,
        routine.version,
        shown.number,
        shown.title,
        shown.purpose,
        shown.budgetSeconds,
        shown.steps,
        versions.findByRoutineIdOrderByNumberDesc(routine.id).stream()
            .map(v -> new RoutineVersionView(v.number, v.title, v.steps.size(), v.createdAt))
            .toList());
  }

  /** The stored routines of the signed-in coach's clients, and templates of the coach's own. */
  @Transactional(readOnly = true)
  public List<RoutineSummary> all() {
    Map<UUID, String> names =
        clients.all().stream().collect(Collectors.toMap(ClientFile::id, ClientFile::name));
    return routines.findByCoachIdAndArchivedAtNullOrderByTitleAscIdAsc(scope.coachId()).stream()
        .map(routine -> summary(routine, names.getOrDefault(routine.clientId, "")))
        .toList();
  }

  /** The stored routines of a client. */
  @Transactional(readOnly = true)
  public List<RoutineSummary> of(ClientFile client) {
    return routines.findByClientIdAndArchivedAtNullOrderByTitleAscIdAsc(client.id()).stream()
        .map(routine -> summary(routine, client.name()))
        .toList();
  }

  private static RoutineSummary summary(Routine routine, String clientName) {
    return new RoutineSummary(
        routine.id,
        routine.clientId,
        clientName,
        routine.title,
        routine.purpose,
        routine.version,
        routine.changedAt);
  }

  /** Puts a routine away, or brings it back; its versions stay either way. */
  @Transactional
  void archive(UUID routineId, boolean away) {
    Routine routine = require(routineId);
    routine.archivedAt = away ? clock.instant() : null;
    routines.saveAndFlush(routine);
    habits.look(routine.coachId);
  }

  /** The routines that ship, in the library of the coach. */
  List<TemplateView> templates() {
    CoachLibrary library = libraries.of(scope.coachId());
    List<TemplateView> views = new ArrayList<>();
    for (RoutineTemplate template : RoutineTemplate.all(library.library())) {
      List<StepDraft> steps = new ArrayList<>();
      List<TapeStepView> tape = new ArrayList<>();
      CueSheet cues = CueSheetWriter.write(template.steps(), Pace.USUAL, Notation.NAMES);
      for (Step step : template.steps()) {
        tape.add(TapeStepView.of(step, cues.stepMillis(tape.size())));
        steps.add(StepDrafts.draft(library, step, "step-" + (steps.size() + 1), false));
      }
      views.add(
          new TemplateView(
              template.id(),
              template.title(),
              template.purpose(),
              template.discipline(),
              template.seconds(),
              template.aim(),
              template.warmed(),
              steps,
              tape));
    }
    return views;
  }
}
