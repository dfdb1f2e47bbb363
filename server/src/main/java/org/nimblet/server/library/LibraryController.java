package org.nimblet.server.library;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.LibraryWriter;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Pose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.library.LibraryViews.Choices;
import org.nimblet.server.library.LibraryViews.ExerciseView;
import org.nimblet.server.library.LibraryViews.LibraryRow;
import org.nimblet.server.library.LibraryViews.LibraryView;
import org.nimblet.server.library.LibraryViews.LinkView;
import org.nimblet.server.library.LibraryViews.Reader;
import org.nimblet.server.library.LibraryViews.Seen;
import org.nimblet.server.library.LibraryViews.TargetView;
import org.nimblet.server.library.OwnExerciseService.Outcome;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api/library")
class LibraryController {

  /** An identifier for an exercise that is only looked at. */
  private static final String UNSAVED = "unsaved";

  private static final int REMEMBERED = 200;

  private final Scope scope;
  private final CoachLibraries libraries;
  private final OwnExerciseService own;
  private final OwnExercises rows;
  private final OwnExerciseVersions versions;
  private final ClientFiles clients;
  private final JsonMapper json;

  /** A list is the same until an exercise of it changes; its times are counted only once. */
  private final Cache<String, LibraryView> lists =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  LibraryController(
      Scope scope,
      CoachLibraries libraries,
      OwnExerciseService own,
      OwnExercises rows,
      OwnExerciseVersions versions,
      ClientFiles clients,
      JsonMapper json) {
    this.scope = scope;
    this.libraries = libraries;
    this.own = own;
    this.rows = rows;
    this.versions = versions;
    this.clients = clients;
    this.json = json;
  }

  /** A version of an own exercise. */
  record VersionView(int number, Instant savedAt) {}

  /** A form with what it is the form of. */
  record FormView(
      @io.swagger.v3.oas.annotations.media.Schema(nullable = true) String exerciseId,
      ExerciseForm form) {}

  /** Whether an own exercise is really gone, or only put away because it is in somebody's log. */
  record Removed(boolean archived) {}

  /** A text with exercises, YAML or JSON. */
  record ImportForm(
      @NotNull(message = "The text of a file.")
          @Size(max = 1_000_000, message = "At most 1 MB of text.")
          String text) {}

  /** An entry that was taken in. */
  record TakenView(String id, String title, Outcome outcome) {}

  /** An entry, or a field of it, that was not. */
  record RefusedView(String entry, String field, String message) {}

  /** What an import did. */
  record ImportView(List<TakenView> taken, List<RefusedView> refused) {}

  @GetMapping("/exercises")
  LibraryView list() {
    CoachLibrary library = libraries.of(scope.coachId());
    return lists.get(library.revision(), revision -> list(library));
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
  @GetMapping("/exercises/{exerciseId}")
  ExerciseView read(
      @PathVariable String exerciseId,
      @RequestParam Optional<UUID> client,
      @RequestParam Optional<Integer> version) {
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
    Reader reader = client.map(clients::require).map(this::reader).orElse(Reader.ANYBODY);
    return LibraryViews.exercise(wanted, library, reader);
  }

  @GetMapping("/exercises/{exerciseId}/versions")
  List<VersionView> versions(@PathVariable String exerciseId) {
    return rows
        .findByCoachIdAndExerciseId(scope.coachId(), exerciseId)
        .map(exercise -> versions.findByOwnExerciseIdOrderByNumberDesc(exercise.id))
        .orElseThrow(() -> new NotFoundException("exercise of your own"))
        .stream()
        .map(version -> new VersionView(version.number, version.createdAt))
        .toList();
  }

  /** The form of an exercise: to change an own one, or to copy any. */
  @GetMapping("/exercises/{exerciseId}/form")
  FormView form(@PathVariable String exerciseId) {
    CoachLibrary library = libraries.of(scope.coachId());
    Seen seen = seen(require(library, exerciseId), library);
    return new FormView(
        seen.currentVersion() > 0 ? exerciseId : null,
        ExerciseForm.of(seen.exercise(), seen.currentVersion()));
  }

  /** The exercise that a form stands for, unsaved: with its times, its ladder and its cues. */
  @PostMapping("/preview")
  ExerciseView preview(@Valid @RequestBody ExerciseForm form) {
    CoachLibrary library = libraries.of(scope.coachId());
    Exercise exercise = own.checked(scope.coachId(), UNSAVED, form);
    return LibraryViews.exercise(new Seen(exercise, 0, 0, false), library, Reader.ANYBODY);
  }

  @PostMapping("/exercises")
  @ResponseStatus(HttpStatus.CREATED)
  ExerciseView create(@Valid @RequestBody ExerciseForm form) {
    return stored(own.create(scope.coachId(), form).id());
  }

  @PutMapping("/exercises/{exerciseId}")
  ExerciseView change(@PathVariable String exerciseId, @Valid @RequestBody ExerciseForm form) {
    return stored(own.change(scope.coachId(), exerciseId, form).id());
  }

  @PostMapping("/exercises/{exerciseId}/archive")
  ExerciseView archive(@PathVariable String exerciseId) {
    own.archive(scope.coachId(), exerciseId, true);
    return stored(exerciseId);
  }

  @PostMapping("/exercises/{exerciseId}/restore")
  ExerciseView restore(@PathVariable String exerciseId) {
    own.archive(scope.coachId(), exerciseId, false);
    return stored(exerciseId);
  }

  @DeleteMapping("/exercises/{exerciseId}")
  Removed remove(@PathVariable String exerciseId) {
    return new Removed(own.remove(scope.coachId(), exerciseId));
  }

  @PostMapping("/import")
  ImportView take(@Valid @RequestBody ImportForm form) {
    OwnExerciseService.Import done = own.take(scope.coachId(), form.text());
    return new ImportView(
        done.taken().stream()
            .map(t -> new TakenView(t.exercise().id(), t.exercise().title(), t.outcome()))
            .toList(),
        done.refused().stream()
            .map(problem -> new RefusedView(problem.entry(), problem.field(), problem.message()))
            .toList());
  }

  /** The own exercises in use as one file, YAML or JSON. */
  @GetMapping(value = "/own.yaml", produces = "application/yaml")
  ResponseEntity<String> exportYaml() {
    return download("exercises.yaml", LibraryWriter.yaml(own.own(scope.coachId())));
  }

  /** The same as JSON. */
  @GetMapping(value = "/own.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> exportJson() {
    return download(
        "exercises.json",
        json.writerWithDefaultPrettyPrinter()
            .writeValueAsString(
                own.own(scope.coachId()).stream().map(LibraryWriter::fields).toList()));
  }

  /** The published schema of such files. */
  @GetMapping(value = "/schema.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> schema() {
    try (InputStream in = ExerciseLibrary.class.getResourceAsStream("exercise-schema.json")) {
      return download(
          "exercise-schema.json", new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException("the schema ships with the core", e);
    }
  }

  /** What can be chosen while an exercise is written. */
  @GetMapping("/choices")
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
        library.library().exercises().stream()
            .map(exercise -> new LinkView(exercise.id(), exercise.title()))
            .toList());
  }

  private ExerciseView stored(String exerciseId) {
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

  private Reader reader(ClientFile client) {
    return new Reader(
        client.notation(),
        new Pace(client.breathsPerMinute()),
        client.things(),
        client.weightsGrams());
  }

  private static ResponseEntity<String> download(String name, String text) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(text);
  }
}
