package org.nimblet.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A link that opens something once; only the hash of its secret is kept. */
@Entity
class AccountLink {
  @Id UUID id;
  String tokenHash;

  @Enumerated(EnumType.STRING)
  LinkKind kind;

  /** Who invites; null for the first coach. */
  UUID coachId;

  /** The client who is invited, else null. */
  UUID clientId;

  /** The account that it is about, else null. */
  UUID accountId;

  /** Where it was sent; null if it is handed on. */
  String address;

  /** Whom it is for, as the one who invites calls them; empty where nobody is called anything. */
  String name;

  /** Whether whoever is invited is under 16, so that a grown-up consents for them. */
  boolean guardian;

  Instant madeAt;
  Instant expiresAt;
}
