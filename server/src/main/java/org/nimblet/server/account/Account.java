package org.nimblet.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

@Entity
class Account {
  @Id UUID id;
  UUID coachId;
  UUID clientId;

  @Enumerated(EnumType.STRING)
  Role role;

  String email;
  String passwordHash;
  String name;
  Instant createdAt;

  SignedIn signedIn() {
    return new SignedIn(id, coachId, clientId, role, name, email, passwordHash);
  }
}
