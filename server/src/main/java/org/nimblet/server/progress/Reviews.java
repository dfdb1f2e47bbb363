package org.nimblet.server.progress;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Reviews extends JpaRepository<Review, UUID> {
  List<Review> findByClientIdOrderByAtDescIdAsc(UUID clientId);
}
