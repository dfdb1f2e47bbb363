package org.nimblet.server.session;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface Sessions extends JpaRepository<Session, UUID> {
  /** A session for whoever writes about it; others who want to write wait. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<Session> findToWriteByIdAndClientId(UUID id, UUID clientId);

  List<Session> findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(
      UUID clientId, LocalDate from, LocalDate to);

  /**
   * The sessions of some clients since a date, each once for every step of it that was done for at
   * least half, the latest first; and, whenever that was, the last one that said which side is
   * tighter.
   */
  @Query(
      """
      select new org.nimblet.server.session.DoneRow(
        session, step.exerciseId, step.dose, step.plannedMillis * step.donePercent / 100)
      from Session session
      left join SessionStep step on step.sessionId = session.id and step.donePercent >= 50
        and session.date >= :since
      where session.clientId in :clientIds
        and (session.date >= :since
          or session.beganAt = (select max(told.beganAt) from Session told
            where told.clientId = session.clientId and told.tighterSide is not null))
      order by session.beganAt desc, session.id, step.place desc
      """)
  List<DoneRow> doneSince(Collection<UUID> clientIds, LocalDate since);
}
