package org.nimblet.server.setup;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SetUpComparisons extends JpaRepository<SetUpComparison, UUID> {
  List<SetUpComparison> findByClientIdOrderByAtDescIdAsc(UUID clientId);
}
