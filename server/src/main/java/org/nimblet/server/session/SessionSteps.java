package org.nimblet.server.session;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SessionSteps extends JpaRepository<SessionStep, UUID> {
  List<SessionStep> findBySessionIdInOrderByPlace(Collection<UUID> sessionIds);

  /** When each exercise was last done for at least half. */
  @Query(
      """
      select step.exerciseId as exerciseId, max(session.date) as lastDone
      from SessionStep step join Session session on session.id = step.sessionId
      where session.clientId = :clientId and step.donePercent >= 50
      group by step.exerciseId
      """)
  List<LastDone> lastDone(UUID clientId);

  /** An exercise and the date on which it was last done. */
  interface LastDone {
    String getExerciseId();

    LocalDate getLastDone();
  }
}
