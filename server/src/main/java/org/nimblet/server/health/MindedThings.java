package org.nimblet.server.health;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MindedThings extends JpaRepository<Minded, UUID> {
  List<Minded> findByClientIdOrderBySaidAtAscIdAsc(UUID clientId);

  Optional<Minded> findByIdAndClientId(UUID id, UUID clientId);
}
