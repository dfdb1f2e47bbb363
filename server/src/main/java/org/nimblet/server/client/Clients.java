package org.nimblet.server.client;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Clients extends JpaRepository<Client, UUID> {
  Optional<Client> findByIdAndCoachId(UUID id, UUID coachId);

  List<Client> findByCoachIdOrderByName(UUID coachId);
}
