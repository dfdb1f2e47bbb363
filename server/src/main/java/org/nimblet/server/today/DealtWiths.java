package org.nimblet.server.today;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DealtWiths extends JpaRepository<DealtWith, UUID> {
  List<DealtWith> findByCoachId(UUID coachId);

  Optional<DealtWith> findByClientIdAndReasonId(UUID clientId, UUID reasonId);
}
