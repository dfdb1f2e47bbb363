package org.nimblet.server.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.routine.Step;
import org.nimblet.core.schedule.Contents;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.FigureParts;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.RoutineForms.StoredRoutine;
import org.nimblet.server.routine.RoutineForms.TapeStepView;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.springframework.stereotype.Service;

/** What the sessions of an obligation are made of: checked, looked at and played. */
@Service
public class SessionContents {

  private static final int MINUTE_MILLIS = 60_000;

  private final RoutineService routines;
  private final Playing playing;
  private final DraftReader reader;
  private final Themes themes;

  SessionContents(RoutineService routines, Playing playing, DraftReader reader, Themes themes) {
    this.routines = routines;
    this.playing = playing;
    this.reader = reader;
    this.themes = themes;
  }

  /**
   * A session as it would be now.
   *
   * @param steps in order
   * @param missing what is required and not in it, each with its reason
   * @param lengthMillis how long it takes
   * @param refused why there is nothing in it; empty if there is something
   */
  public record Look(
      List<LookStep> steps, List<String> missing, long lengthMillis, String refused) {}

  /**
   * A step of it.
   *
   * @param fixed whether it is in every session
   * @param feltAt where it is felt
   */
  public record LookStep(
      boolean fixed, String doseWords, String feltAt, TapeStepView tape, FigureParts figure) {}

  /** The session, ready to be played. */
  public RoutineView play(Person person, Purpose purpose, int minutes, Contents contents) {
    return playing.playPlanned(person, purpose, minutes, contents);
  }

  /** The session as it would be now. */
  public Look look(Person person, Purpose purpose, int minutes, Contents contents) {
    if (contents instanceof Contents.Kept kept) {
      ReadDraft read = read(person, kept);
      return look(
          read, read.plain(), read.plain().stream().map(Step::exercise).toList(), List.of());
    }
    Contents.Composed composed = (Contents.Composed) contents;
    Playing.Planned planned;
    try {
      planned = playing.planned(person, purpose, minutes, composed);
    } catch (InvalidFieldException e) {
      return new Look(List.of(), List.of(), 0, e.getMessage());
    }
    List<Exercise> required =
        planned.composed().steps().stream()
            .map(Step::exercise)
            .filter(exercise -> composed.required().contains(exercise.id()))
            .toList();
    return look(
        planned.read(),
        planned.composed().steps(),
        required,
        planned.missing().stream()
            .map(one -> "%s: %s".formatted(one.exercise().title(), one.sentence()))
            .toList());
  }

  private static Look look(
      ReadDraft read, List<Step> steps, List<Exercise> fixed, List<String> missing) {
    return look(
        read.facts(),
        steps,
        CueSheetWriter.write(steps, read.facts().pace(), read.facts().notation()),
        fixed,
        missing);
  }

  /** The warm-up of a block as it stands. */
  public static Look look(Person person, WarmUps.PlannedWarmUp warmUp) {
    return look(
        RoutineRequests.factsToday(person),
        warmUp.composed().steps(),
        warmUp.composed().cueSheet(),
        List.of(),
        List.of());
  }

  private static Look look(
      ClientFacts facts,
      List<Step> steps,
      CueSheet cues,
      List<Exercise> fixed,
      List<String> missing) {
    List<LookStep> views = new ArrayList<>();
    for (Step step : steps) {
      views.add(
          new LookStep(
              fixed.contains(step.exercise()),
              step.doseWords(facts.method(), facts.notation()),
              step.exercise().guidance().feltAt(),
              TapeStepView.of(step, cues.stepMillis(views.size())),
              FigureParts.of(step)));
    }
    return new Look(views, missing, cues.lengthMillis(), "");
  }

  private ReadDraft read(Person person, Contents.Kept kept) {
    UUID id = UUID.fromString(kept.routineId());
    routines.requireOf(person.client(), id);
    StoredRoutine stored = routines.view(id, kept.version());
    return reader.read(Playing.draft(person, stored));
  }

  /** How long a routine of the shelf takes, in whole minutes. */
  public int minutes(Person person, Contents.Kept kept) {
    return (int) -Math.floorDiv(-read(person, kept).cueSheet().lengthMillis(), MINUTE_MILLIS);
  }

  /**
   * A routine of the shelf for the sessions of a purpose.
   *
   * @param version which of its versions; empty for the newest
   * @param field where it was asked for
   * @throws InvalidFieldException if the client has none such
   */
  public Contents.Kept kept(
      ClientFile client, UUID routineId, Optional<Integer> version, Purpose purpose, String field) {
    Routine routine =
        routines
            .findOf(client, routineId)
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        field + ".routineId", "Choose one of the client's routines."));
    if (routine.purpose != purpose) {
      throw new InvalidFieldException(
          field + ".routineId",
          "%s is a %s; choose a %s."
              .formatted(routine.title, routine.purpose.noun(), purpose.noun()));
    }
    int wanted = version.orElse(routine.version);
    if (wanted > routine.version) {
      throw new InvalidFieldException(
          field + ".routineVersion", "(%d) must be 1 to %d.".formatted(wanted, routine.version));
    }
    return new Contents.Kept(routineId.toString(), wanted);
  }

  /** The newest version of a routine of the shelf. */
  public int newest(ClientFile client, Contents.Kept kept) {
    return routines.requireOf(client, UUID.fromString(kept.routineId())).version;
  }

  /**
   * Checks what is to be composed.
   *
   * @param field where it was asked for
   * @throws InvalidFieldException if something of it is unknown or has no place in the purpose
   */
  public void check(
      ExerciseLibrary library, Purpose purpose, Contents.Composed composed, String field) {
    for (String id : composed.required()) {
      Exercise exercise =
          library
              .find(id)
              .orElseThrow(
                  () ->
                      new InvalidFieldException(
                          field + ".required", "(%s) is in no library.".formatted(id)));
      if (!PurposePlan.of(purpose).hasPlaceFor(exercise)) {
        throw new InvalidFieldException(
            field + ".required",
            "%s has no place in a %s.".formatted(exercise.title(), purpose.noun()));
      }
    }
    composed.theme().ifPresent(theme -> themes.require(theme, field + ".theme"));
  }

  /** Contents for people: "composed anew, with Ten pairs opened". */
  public String words(Person person, Contents contents) {
    if (contents instanceof Contents.Kept kept) {
      UUID id = UUID.fromString(kept.routineId());
      return routines
          .findOf(person.client(), id)
          .map(routine -> "%s, version %d".formatted(routine.title, kept.version()))
          .orElse("a routine that is gone");
    }
    Contents.Composed composed = (Contents.Composed) contents;
    String with =
        composed.required().stream()
            .flatMap(id -> person.library().library().find(id).stream())
            .map(Exercise::title)
            .collect(Collectors.joining(", "));
    return "composed anew"
        + composed
            .theme()
            .flatMap(themes::find)
            .map(theme -> ", around: " + theme.title().toLowerCase(java.util.Locale.ROOT))
            .orElse("")
        + (with.isEmpty() ? "" : ", with " + with);
  }
}
