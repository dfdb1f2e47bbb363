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

  /** What was done since a date, the latest first. */
  @Query(
      """
      select step.exerciseId as exerciseId, session.date as date, step.dose as dose,
        step.plannedMillis * step.donePercent / 100 as millis
      from SessionStep step join Session session on session.id = step.sessionId
      where session.clientId = :clientId and session.date >= :since and step.donePercent >= 50
      order by session.beganAt desc, step.place desc
      """)
  List<DoneStep> doneSince(UUID clientId, LocalDate since);

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

  /** An exercise as it was done on a date. */
  interface DoneStep {
    String getExerciseId();

    LocalDate getDate();

    String getDose();

    long getMillis();
  }

  /** A client who did an exercise. */
  interface Use {
    UUID getClientId();

    long getTimes();

    LocalDate getLastDone();
  }

  /** An exercise and the date on which it was last done. */
  interface LastDone {
    String getExerciseId();

    LocalDate getLastDone();
  }
}
