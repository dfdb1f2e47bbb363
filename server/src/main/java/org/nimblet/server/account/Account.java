package org.nimblet.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class Account {
  @Id UUID id;
  UUID coachId;
  UUID clientId;

  @Enumerated(EnumType.STRING)
  Role role;

  String email;
  String passwordHash;
  Instant passwordChangedAt;
  String name;
  Instant createdAt;

  /** When a client consented to what they tell of their health being kept; null for a coach. */
  Instant consentedAt;

  /** Who consented for a client under 16; null where they did it themselves. */
  String guardianName;

  /** The secret of an authenticator; null without a second factor. */
  String secondFactor;

  /** The last step of 30 s of which a code was taken, so that none opens twice. */
  long lastCodeStep;

  /** Hashes of the codes on paper that are left. */
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<String> paperCodeHashes = List.of();

  SignedIn signedIn() {
    return new SignedIn(id, coachId, clientId, role, name, email);
  }
}
