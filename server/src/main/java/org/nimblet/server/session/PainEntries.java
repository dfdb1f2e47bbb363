package org.nimblet.server.session;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PainEntries extends JpaRepository<PainEntry, UUID> {
  List<PainEntry> findByClientIdAndAtGreaterThanEqualOrderByAtAscIdAsc(UUID clientId, Instant from);

  List<PainEntry> findByClientIdOrderByAtAscIdAsc(UUID clientId);

  List<PainEntry> findBySessionIdInOrderByAtAscIdAsc(Collection<UUID> sessionIds);
}
