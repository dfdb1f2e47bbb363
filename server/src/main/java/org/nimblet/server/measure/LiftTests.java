package org.nimblet.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LiftTests extends JpaRepository<LiftTest, UUID> {
  List<LiftTest> findByClientIdOrderByTestedAtAscIdAsc(UUID clientId);

  Optional<LiftTest> findByIdAndClientId(UUID id, UUID clientId);
}
