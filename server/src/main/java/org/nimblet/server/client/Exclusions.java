package org.nimblet.server.client;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Exclusions extends JpaRepository<Exclusion, UUID> {
  List<Exclusion> findByClientIdInOrderByRegion(Collection<UUID> clientIds);
}
