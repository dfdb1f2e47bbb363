package org.nimblet.server.workshop;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DrillTries extends JpaRepository<DrillTry, UUID> {
  List<DrillTry> findByClientIdOrderByTriedAtAscIdAsc(UUID clientId);

  List<DrillTry> findByCoachIdOrderByTriedAtAscIdAsc(UUID coachId);

  int countByCoachId(UUID coachId);
}
