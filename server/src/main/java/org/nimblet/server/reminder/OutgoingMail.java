package org.nimblet.server.reminder;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A mail that waits, was sent, or could not be. */
@Entity
class OutgoingMail {
  @Id UUID id;
  UUID coachId;
  UUID clientId;

  /** What it is about; the same is told only once. */
  String occasion;

  String recipient;
  String subject;
  String body;
  Instant madeAt;
  Instant nextTryAt;
  int tries;

  /** When it was sent; null while it waits. */
  Instant sentAt;

  /** Why the last try did not succeed; null if it did or there was none. */
  String failure;
}
