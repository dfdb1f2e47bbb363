package org.nimblet.server.session;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SessionNotes extends JpaRepository<SessionNote, UUID> {
  List<SessionNote> findBySessionIdIn(Collection<UUID> sessionIds);
}
