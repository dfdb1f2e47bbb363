package org.nimblet.server.week;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BusyTimes extends JpaRepository<BusyTime, UUID> {
  Optional<BusyTime> findByIdAndClientId(UUID id, UUID clientId);

  List<BusyTime> findByClientIdAndIdIn(UUID clientId, Collection<UUID> ids);
}
