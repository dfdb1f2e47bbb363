package org.nimblet.server.setup;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SetUpEntries extends JpaRepository<SetUpEntry, UUID> {
  List<SetUpEntry> findByClientIdOrderByAtAscIdAsc(UUID clientId);
}
