package org.nimblet.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

@Entity
class Invitation {
  @Id String tokenHash;
  UUID coachId;
  UUID clientId;
  Instant expiresAt;
}
