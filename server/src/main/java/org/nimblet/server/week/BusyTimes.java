package org.nimblet.server.week;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BusyTimes extends JpaRepository<BusyTime, UUID> {
  Optional<BusyTime> findByIdAndClientId(UUID id, UUID clientId);
}
