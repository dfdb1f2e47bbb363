package org.nimblet.server.library;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.AtHand;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.HandAngles;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Pose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.LibraryForms.AtHandForm;
import org.nimblet.server.library.LibraryForms.AtHandView;
import org.nimblet.server.library.LibraryForms.FormView;
import org.nimblet.server.library.LibraryForms.VersionView;
import org.nimblet.server.library.LibraryViews.Choices;
import org.nimblet.server.library.LibraryViews.ExerciseView;
import org.nimblet.server.library.LibraryViews.LibraryRow;
import org.nimblet.server.library.LibraryViews.LibraryView;
import org.nimblet.server.library.LibraryViews.LinkView;
import org.nimblet.server.library.LibraryViews.Reader;
import org.nimblet.server.library.LibraryViews.Seen;
import org.nimblet.server.library.LibraryViews.TargetView;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.stereotype.Component;

/** The library as a coach sees it: what ships, and their own. */
@Component
class LibraryReading {

  /** An identifier for an exercise that is only looked at. */
  private static final String UNSAVED = "unsaved";

  private static final int REMEMBERED = 200;

  private final Scope scope;
  private final CoachLibraries libraries;
  private final OwnExerciseService own;
  private final OwnExercises rows;
  private final OwnExerciseVersions versions;

  /** A list is the same until an exercise of it changes; its times are counted only once. */
  private final Cache<String, LibraryView> lists =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  LibraryReading(
      Scope scope,
      CoachLibraries libraries,
      OwnExerciseService own,
      OwnExercises rows,
      OwnExerciseVersions versions) {
    this.scope = scope;
    this.libraries = libraries;
    this.own = own;
    this.rows = rows;
    this.versions = versions;
  }

  /** Every exercise, archived ones included. */
  LibraryView list() {
    CoachLibrary library = libraries.of(scope.coachId());
    return lists.get(library.revision(), revision -> list(library));
  }

  /** How far the coach's library reaches with what somebody has at hand. */
  AtHandView atHand(AtHandForm form) {
    return AtHandView.of(
        AtHand.of(libraries.of(scope.coachId()).library(), form.positions(), form.things()));
  }

  private LibraryView list(CoachLibrary library) {
    List<LibraryRow> all =
        Stream.concat(library.library().exercises().stream(), library.archived().stream())
            .map(exercise -> LibraryViews.row(seen(exercise, library)))
            .sorted(Comparator.comparing(LibraryRow::kind).thenComparing(LibraryRow::title))
            .toList();
    return new LibraryView(all, LibraryViews.tissues());
  }

  /** An exercise; for a client, in their notation, at their breath and with their loads. */
  ExerciseView read(String exerciseId, Optional<ClientFile> client, Optional<Integer> version) {
    CoachLibrary library = libraries.of(scope.coachId());
    Seen current = seen(require(library, exerciseId), library);
    Seen wanted =
        version
            .map(
                number ->
                    new Seen(
                        libraries
                            .version(scope.coachId(), exerciseId, number)
                            .orElseThrow(() -> new NotFoundException("version")),
                        number,
                        current.currentVersion(),
                        current.archived()))
            .orElse(current);
    Reader reader = client.map(LibraryReading::reader).orElse(Reader.ANYBODY);
    return LibraryViews.exercise(wanted, library, reader);
  }

  /** The versions of an own exercise, the newest first. */
  List<VersionView> versions(String exerciseId) {
    return rows
        .findByCoachIdAndExerciseId(scope.coachId(), exerciseId)
        .map(exercise -> versions.findByOwnExerciseIdOrderByNumberDesc(exercise.id))
        .orElseThrow(() -> new NotFoundException("exercise of your own"))
        .stream()
        .map(version -> new VersionView(version.number, version.createdAt))
        .toList();
  }

  /** The form of an exercise: to change an own one, or to copy any. */
  FormView form(String exerciseId) {
    CoachLibrary library = libraries.of(scope.coachId());
    Seen seen = seen(require(library, exerciseId), library);
    return new FormView(
        seen.currentVersion() > 0 ? exerciseId : null,
        ExerciseForm.of(seen.exercise(), seen.currentVersion()));
  }

  /** The exercise that a form stands for, unsaved: with its times, its ladder and its cues. */
  ExerciseView preview(ExerciseForm form) {
    CoachLibrary library = libraries.of(scope.coachId());
    Exercise exercise = own.checked(scope.coachId(), UNSAVED, form);
    return LibraryViews.exercise(new Seen(exercise, 0, 0, false), library, Reader.ANYBODY);
  }

  /** What can be chosen while an exercise is written. */
  Choices choices() {
    CoachLibrary library = libraries.of(scope.coachId());
    return new Choices(
        List.of(Pose.values()),
        Target.all().stream().map(target -> new TargetView(target.id(), target.word())).toList(),
        Arrays.asList(ReferralSign.values()),
        Arrays.stream(Condition.values())
            .map(c -> new LibraryViews.ConditionChoice(c, c.word()))
            .toList(),
        Arrays.stream(Region.values())
            .map(r -> new LibraryViews.RegionChoice(r, r.word()))
            .toList(),
        Arrays.stream(Movement.values())
            .map(m -> new LibraryViews.MovementChoice(m, m.word()))
            .toList(),
        Arrays.stream(HandRole.values())
            .map(r -> new LibraryViews.RoleChoice(r, r.word()))
            .toList(),
        Arrays.stream(HandAngles.Joint.values())
            .map(j -> new LibraryViews.JointChoice(j, j.word(), j.least(), j.greatest()))
            .toList(),
        library.library().exercises().stream()
            .map(exercise -> new LinkView(exercise.id(), exercise.title()))
            .toList());
  }

  /** An exercise as it is stored, for nobody in particular. */
  ExerciseView stored(String exerciseId) {
    CoachLibrary library = libraries.of(scope.coachId());
    return LibraryViews.exercise(
        seen(require(library, exerciseId), library), library, Reader.ANYBODY);
  }

  private static Exercise require(CoachLibrary library, String exerciseId) {
    return library.find(exerciseId).orElseThrow(() -> new NotFoundException("exercise"));
  }

  private Seen seen(Exercise exercise, CoachLibrary library) {
    int current =
        library.archived().contains(exercise) || exercise.standing().archived()
            ? rows.findByCoachIdAndExerciseId(scope.coachId(), exercise.id())
                .map(row -> row.currentVersion)
                .orElse(0)
            : library.versionOf(exercise.id());
    return new Seen(
        exercise,
        current,
        current,
        library.archived().contains(exercise) || exercise.standing().archived());
  }

  private static Reader reader(ClientFile client) {
    return new Reader(
        client.notation(),
        new Pace(client.breathsPerMinute()),
        client.things(),
        client.weightsGrams());
  }
}
