package org.nimblet.server.client;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Activities extends JpaRepository<Activity, UUID> {
  List<Activity> findByClientIdOrderByPlace(UUID clientId);

  List<Activity> findByClientIdInOrderByPlace(Collection<UUID> clientIds);
}
