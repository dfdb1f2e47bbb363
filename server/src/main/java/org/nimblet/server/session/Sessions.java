package org.nimblet.server.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Sessions extends JpaRepository<Session, UUID> {
  Optional<Session> findByIdAndClientId(UUID id, UUID clientId);

  Optional<Session> findFirstByClientIdAndTighterSideNotNullOrderByBeganAtDesc(UUID clientId);

  List<Session> findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(
      UUID clientId, LocalDate from, LocalDate to);

  List<Session> findByClientIdAndCheckedInAtGreaterThanEqual(UUID clientId, Instant since);
}
