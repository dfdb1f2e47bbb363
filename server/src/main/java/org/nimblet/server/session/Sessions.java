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

  /** All sessions of some clients, each once for every step of it, the latest first. */
  @Query(
      """
      select new org.nimblet.server.session.DoneRow(
        session, step.exerciseId, step.dose, step.laterality, step.side, step.donePercent,
        step.leftPercent, step.rightPercent, step.shortfall, step.complete, step.shift,
        step.plannedMillis, step.account)
      from Session session
      left join SessionStep step on step.sessionId = session.id
      where session.clientId in :clientIds
      order by session.beganAt desc, session.id, step.place desc
      """)
  List<DoneRow> done(Collection<UUID> clientIds);
}
