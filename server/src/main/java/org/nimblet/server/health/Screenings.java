package org.nimblet.server.health;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Screenings extends JpaRepository<Screening, UUID> {
  List<Screening> findByClientIdOrderByAtAscIdAsc(UUID clientId);
}
