package org.nimblet.server.account;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Coaches extends JpaRepository<Coach, UUID> {
  List<Coach> findByLeavesAtBefore(Instant now);
}
