package org.nimblet.server.library;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.routine.Composers;
import org.nimblet.server.hand.CoachHands;
import org.nimblet.server.hand.CoachHands.Hands;
import org.springframework.stereotype.Service;

/** Gives each coach their library; read anew only when an own exercise or their hand changed. */
@Service
public class CoachLibraries {

  /** A library with its composers, and what they remember of people, is at most about 12 MB. */
  private static final int REMEMBERED = 24;

  private final ExerciseLibrary shipped;
  private final Composers composers;
  private final OwnExercises exercises;
  private final OwnExerciseVersions versions;
  private final CoachHands hands;
  private final Cache<String, CoachLibrary> remembered =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  CoachLibraries(
      ExerciseLibrary shipped,
      OwnExercises exercises,
      OwnExerciseVersions versions,
      CoachHands hands) {
    this.shipped = shipped;
    this.composers = new Composers(shipped);
    this.exercises = exercises;
    this.versions = versions;
    this.hands = hands;
  }

  /** The library of a coach. */
  public CoachLibrary of(UUID coachId) {
    OwnExercises.Revision now = exercises.revision(coachId);
    if (now.getCount() == 0 && now.getHand() == null) {
      return new CoachLibrary(coachId, composers, Map.of(), List.of(), Hands.NEW, "shipped");
    }
    String revision =
        "%s/%d/%s/%d".formatted(coachId, now.getCount(), now.getChangedAt(), now.getHand());
    return remembered.get(revision, key -> read(coachId, key));
  }

  /** The words of a version of an exercise; version 0 is the one that ships. */
  public Optional<Exercise> version(UUID coachId, String exerciseId, int number) {
    if (number == 0) {
      return shipped.find(exerciseId);
    }
    return exercises
        .findByCoachIdAndExerciseId(coachId, exerciseId)
        .flatMap(own -> versions.findByOwnExerciseIdAndNumber(own.id, number))
        .map(CoachLibraries::exercise);
  }

  /** The exercises that ship. */
  ExerciseLibrary shipped() {
    return shipped;
  }

  private CoachLibrary read(UUID coachId, String revision) {
    Map<UUID, OwnExerciseVersion> current = new HashMap<>();
    List<OwnExercise> own = exercises.findByCoachIdOrderByExerciseId(coachId);
    Map<UUID, Integer> numbers = new HashMap<>();
    own.forEach(exercise -> numbers.put(exercise.id, exercise.currentVersion));
    for (OwnExerciseVersion version : versions.findByCoachId(coachId)) {
      if (numbers.getOrDefault(version.ownExerciseId, 0) == version.number) {
        current.put(version.ownExerciseId, version);
      }
    }
    List<Exercise> inUse = new ArrayList<>();
    List<Exercise> archived = new ArrayList<>();
    Map<String, Integer> byId = new HashMap<>();
    for (OwnExercise exercise : own) {
      Exercise read = exercise(current.get(exercise.id));
      if (exercise.archivedAt == null) {
        inUse.add(read);
        byId.put(read.id(), exercise.currentVersion);
      } else {
        archived.add(read);
      }
    }
    return new CoachLibrary(
        coachId, new Composers(shipped.with(inUse)), byId, archived, hands.of(coachId), revision);
  }

  /** What was checked before it was stored reads back. */
  static Exercise exercise(OwnExerciseVersion version) {
    ExerciseLibrary.Reading reading = StoredDocument.read(version.document);
    if (reading.good().size() != 1) {
      throw new IllegalStateException(
          "own exercise version %s no longer reads: %s".formatted(version.id, reading.problems()));
    }
    return reading.good().get(0);
  }
}
