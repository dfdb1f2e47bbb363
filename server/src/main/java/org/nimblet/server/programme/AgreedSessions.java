package org.nimblet.server.programme;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AgreedSessions extends JpaRepository<AgreedSession, UUID> {
  List<AgreedSession> findByClientIdInAndDateBetweenOrderByStartsAtAscLineIdAsc(
      Collection<UUID> clientIds, LocalDate first, LocalDate last);

  List<AgreedSession> findByClientIdAndDateBetweenOrderByStartsAtAscLineIdAsc(
      UUID clientId, LocalDate first, LocalDate last);

  List<AgreedSession> findByClientIdAndDateGreaterThanEqualOrderByStartsAtAsc(
      UUID clientId, LocalDate first);

  Optional<AgreedSession> findByClientIdAndLineIdAndDate(
      UUID clientId, String lineId, LocalDate date);
}
