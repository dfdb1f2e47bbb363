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
      """
      select count(e) as count, max(e.changedAt) as changedAt,
        (select h.version from CoachHandRow h where h.coachId = :coachId) as hand
      from OwnExercise e where e.coachId = :coachId
      """)
  Revision revision(UUID coachId);

  /** What changes whenever an own exercise or the hand of the coach does. */
  interface Revision {
    long getCount();

    Instant getChangedAt();

    /** Null for a coach who never kept anything. */
    Long getHand();
  }
}
