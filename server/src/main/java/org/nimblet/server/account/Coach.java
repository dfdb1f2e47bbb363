package org.nimblet.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

@Entity
class Coach {
  @Id UUID id;
  String name;
  Instant createdAt;

  /** When the practice goes with everything in it; null while it stays. */
  Instant leavesAt;
}
