package org.nimblet.server.library;

import java.text.Normalizer;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.LibraryProblem;
import org.nimblet.core.exercise.LibraryWriter;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.InvalidFieldException.WrongField;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a coach's own exercises; each change is a new version. */
@Service
public class OwnExerciseService {

  private final OwnExercises exercises;
  private final OwnExerciseVersions versions;
  private final CoachLibraries libraries;
  private final Clock clock;

  OwnExerciseService(
      OwnExercises exercises, OwnExerciseVersions versions, CoachLibraries libraries, Clock clock) {
    this.exercises = exercises;
    this.versions = versions;
    this.libraries = libraries;
    this.clock = clock;
  }

  /** What became of an imported exercise. */
  public enum Outcome {
    NEW,
    CHANGED,
    UNCHANGED
  }

  /** An exercise that was taken in. */
  public record Taken(Exercise exercise, Outcome outcome) {}

  /** What an import did: the good entries are in, the others are listed. */
  public record Import(List<Taken> taken, List<LibraryProblem> refused) {}

  /**
   * The exercise that a form stands for.
   *
   * @throws InvalidFieldException with every wrong field
   */
  Exercise checked(UUID coachId, String id, ExerciseForm form) {
    ExerciseLibrary.Reading reading = ExerciseLibrary.readEntry("exercise", form.entry(id));
    List<LibraryProblem> problems = new ArrayList<>(reading.problems());
    reading
        .good()
        .forEach(exercise -> problems.addAll(unknownVariants(coachId, exercise, Set.of())));
    if (!problems.isEmpty()) {
      throw new InvalidFieldException(
          problems.stream()
              .map(p -> new WrongField(ExerciseForm.field(p.field()), p.message()))
              .toList());
    }
    return reading.good().get(0);
  }

  private List<LibraryProblem> unknownVariants(
      UUID coachId, Exercise exercise, Set<String> besides) {
    Set<String> known = new HashSet<>(besides);
    libraries.of(coachId).library().exercises().forEach(e -> known.add(e.id()));
    return ExerciseLibrary.unknownVariants(exercise, known);
  }

  /** Stores a new exercise under an identifier made from its title. */
  @Transactional
  Exercise create(UUID coachId, ExerciseForm form) {
    Exercise exercise = checked(coachId, freeId(coachId, form.title()), form);
    insert(coachId, exercise);
    return exercise;
  }

  /**
   * Stores a new version of an own exercise.
   *
   * @throws ConflictException if somebody else made one meanwhile
   */
  @Transactional
  Exercise change(UUID coachId, String exerciseId, ExerciseForm form) {
    OwnExercise own = require(coachId, exerciseId);
    if (own.currentVersion != form.baseVersion()) {
      throw new ConflictException(
          "Somebody else changed this exercise meanwhile.",
          ExerciseForm.of(current(own), own.currentVersion),
          List.of());
    }
    Exercise exercise = checked(coachId, exerciseId, form);
    addVersion(own, exercise);
    return exercise;
  }

  /** Puts an own exercise away, or offers it again. */
  @Transactional
  void archive(UUID coachId, String exerciseId, boolean archived) {
    OwnExercise own = require(coachId, exerciseId);
    own.archivedAt = archived ? clock.instant() : null;
    own.changedAt = clock.instant();
  }

  /**
   * Takes an own exercise away.
   *
   * @param isLogged whether somebody did it: then it is only put away
   * @return whether it was only put away
   */
  @Transactional
  public boolean remove(UUID coachId, String exerciseId, boolean isLogged) {
    OwnExercise own = require(coachId, exerciseId);
    if (isLogged) {
      archive(coachId, exerciseId, true);
      return true;
    }
    exercises.delete(own);
    return false;
  }

  /** Takes in the good entries of a YAML or JSON text and lists the bad ones. */
  @Transactional
  public Import take(UUID coachId, String text) {
    ExerciseLibrary.Reading reading = ExerciseLibrary.readGood(Map.of("import", text));
    List<LibraryProblem> refused = new ArrayList<>(reading.problems());
    List<Taken> taken = new ArrayList<>();
    Set<String> arriving = reading.good().stream().map(Exercise::id).collect(Collectors.toSet());
    for (Exercise exercise : reading.good()) {
      List<LibraryProblem> problems = unknownVariants(coachId, exercise, arriving);
      if (libraries.shipped().find(exercise.id()).isPresent()) {
        problems.add(
            new LibraryProblem(
                "import",
                exercise.id(),
                "id",
                "must not be that of an exercise that ships; give yours another one"));
      }
      if (problems.isEmpty()) {
        taken.add(new Taken(exercise, store(coachId, exercise)));
      }
      refused.addAll(problems);
    }
    return new Import(taken, refused);
  }

  /** The coach's own exercises in use, as they are exported. */
  @Transactional(readOnly = true)
  List<Exercise> own(UUID coachId) {
    CoachLibrary library = libraries.of(coachId);
    return library.library().exercises().stream()
        .filter(exercise -> library.versionOf(exercise.id()) > 0)
        .toList();
  }

  private Outcome store(UUID coachId, Exercise exercise) {
    Optional<OwnExercise> known = exercises.findByCoachIdAndExerciseId(coachId, exercise.id());
    if (known.isEmpty()) {
      insert(coachId, exercise);
      return Outcome.NEW;
    }
    OwnExercise own = known.get();
    if (current(own).equals(exercise) && own.archivedAt == null) {
      return Outcome.UNCHANGED;
    }
    own.archivedAt = null;
    addVersion(own, exercise);
    return Outcome.CHANGED;
  }

  private OwnExercise require(UUID coachId, String exerciseId) {
    return exercises
        .findByCoachIdAndExerciseId(coachId, exerciseId)
        .orElseThrow(() -> new NotFoundException("exercise of your own"));
  }

  private Exercise current(OwnExercise own) {
    return versions
        .findByOwnExerciseIdAndNumber(own.id, own.currentVersion)
        .map(CoachLibraries::exercise)
        .orElseThrow();
  }

  private void insert(UUID coachId, Exercise exercise) {
    OwnExercise own = new OwnExercise();
    own.id = UUID.randomUUID();
    own.coachId = coachId;
    own.exerciseId = exercise.id();
    own.currentVersion = 0;
    own.createdAt = clock.instant();
    own.changedAt = clock.instant();
    exercises.saveAndFlush(own);
    addVersion(own, exercise);
  }

  private void addVersion(OwnExercise own, Exercise exercise) {
    own.currentVersion++;
    own.changedAt = clock.instant();
    exercises.saveAndFlush(own);
    OwnExerciseVersion version = new OwnExerciseVersion();
    version.id = UUID.randomUUID();
    version.coachId = own.coachId;
    version.ownExerciseId = own.id;
    version.number = own.currentVersion;
    version.document = LibraryWriter.yaml(List.of(exercise));
    version.createdAt = clock.instant();
    versions.saveAndFlush(version);
  }

  private String freeId(UUID coachId, String title) {
    String plain =
        Normalizer.normalize(title, Normalizer.Form.NFD)
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^[-0-9]+|-+$", "");
    String stem = plain.isEmpty() ? "exercise" : plain;
    String id = stem;
    for (int number = 2; isTaken(coachId, id); number++) {
      id = stem + "-" + number;
    }
    return id;
  }

  private boolean isTaken(UUID coachId, String id) {
    return libraries.shipped().find(id).isPresent()
        || exercises.findByCoachIdAndExerciseId(coachId, id).isPresent();
  }
}
