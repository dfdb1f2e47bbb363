package org.nimblet.server.programme;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StoredObligations extends JpaRepository<StoredObligation, UUID> {
  List<StoredObligation> findByProgrammeIdOrderByPlaceAsc(UUID programmeId);
}
