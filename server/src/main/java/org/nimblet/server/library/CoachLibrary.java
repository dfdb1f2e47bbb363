package org.nimblet.server.library;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composers;
import org.nimblet.server.hand.CoachHands.Hands;

/**
 * The exercises of one coach: those that ship and their own ones in use.
 *
 * @param coachId whose library it is
 * @param composers of the exercises in use; they are the same only while the library is
 * @param versions the current version of each own exercise in use, by its identifier
 * @param archived own exercises that are no longer offered
 * @param hands how the coach's own keeping moves what is composed of them
 * @param revision the same only while none of them changed
 */
public record CoachLibrary(
    UUID coachId,
    Composers composers,
    Map<String, Integer> versions,
    List<Exercise> archived,
    Hands hands,
    String revision) {

  /** The exercises in use. */
  public ExerciseLibrary library() {
    return composers.library();
  }

  /** Composes of them for a purpose. */
  public Composer composer(Purpose purpose) {
    return composers.of(purpose);
  }

  /** The version of an exercise; 0 for one that ships. */
  public int versionOf(String exerciseId) {
    return versions.getOrDefault(exerciseId, 0);
  }

  /** The exercise with this identifier, archived ones included. */
  public Optional<Exercise> find(String exerciseId) {
    return library()
        .find(exerciseId)
        .or(() -> archived.stream().filter(e -> e.id().equals(exerciseId)).findFirst());
  }
}
