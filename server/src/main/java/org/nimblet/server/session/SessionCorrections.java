package org.nimblet.server.session;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SessionCorrections extends JpaRepository<SessionCorrection, UUID> {
  List<SessionCorrection> findBySessionIdInOrderByAtAscIdAsc(Collection<UUID> sessionIds);
}
