package org.nimblet.server.week;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoundLengths extends JpaRepository<RoundLength, UUID> {
  List<RoundLength> findTop200ByClientIdOrderByEndedAtDesc(UUID clientId);
}
