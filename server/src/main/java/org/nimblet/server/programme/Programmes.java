package org.nimblet.server.programme;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Programmes extends JpaRepository<Programme, UUID> {
  Optional<Programme> findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(UUID clientId);

  List<Programme> findByEndedAtNullOrderByClientIdAsc();
}
