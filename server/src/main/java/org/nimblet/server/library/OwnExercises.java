package org.nimblet.server.library;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnExercises extends JpaRepository<OwnExercise, UUID> {

  List<OwnExercise> findByCoachIdOrderByExerciseId(UUID coachId);

  Optional<OwnExercise> findByCoachIdAndExerciseId(UUID coachId, String exerciseId);

  @Query(
      "select count(e) as count, max(e.changedAt) as changedAt from OwnExercise e where e.coachId = :coachId")
  Revision revision(UUID coachId);

  /** What changes whenever an own exercise does. */
  interface Revision {
    long getCount();

    Instant getChangedAt();
  }
}
