package org.nimblet.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TapTests extends JpaRepository<TapTest, UUID> {
  List<TapTest> findByClientIdOrderByTestedAtAscIdAsc(UUID clientId);

  Optional<TapTest> findByIdAndClientId(UUID id, UUID clientId);
}
