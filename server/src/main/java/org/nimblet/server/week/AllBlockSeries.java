package org.nimblet.server.week;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AllBlockSeries extends JpaRepository<BlockSeries, UUID> {
  Optional<BlockSeries> findByIdAndClientId(UUID id, UUID clientId);
}
