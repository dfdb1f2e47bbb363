package org.nimblet.server.session;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SessionSteps extends JpaRepository<SessionStep, UUID> {
  List<SessionStep> findBySessionIdInOrderByPlace(Collection<UUID> sessionIds);

  /** Who did an exercise, how often and when last, the latest first. */
  @Query(
      """
      select session.clientId as clientId, count(distinct session.id) as times,
        max(session.date) as lastDone
      from SessionStep step join Session session on session.id = step.sessionId
      where step.coachId = :coachId and step.exerciseId = :exerciseId and step.donePercent >= 50
      group by session.clientId
      order by max(session.date) desc
      """)
  List<Use> uses(UUID coachId, String exerciseId);

  boolean existsByCoachIdAndExerciseId(UUID coachId, String exerciseId);

  /** A client who did an exercise. */
  interface Use {
    UUID getClientId();

    long getTimes();

    LocalDate getLastDone();
  }
}
