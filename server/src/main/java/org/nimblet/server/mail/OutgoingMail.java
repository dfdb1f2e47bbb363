package org.nimblet.server.mail;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A mail that waits, was sent, or could not be. */
@Entity
class OutgoingMail {
  @Id UUID id;

  /** Whose client or account it is about; null for what stands before any account. */
  UUID coachId;

  /** The client whom it is about; null for what goes to an account. */
  UUID clientId;

  /** What it is about; a client is told the same only once. */
  String occasion;

  String recipient;
  String subject;
  String body;

  /** Whether it holds something that opens a door: its words are forgotten once it is sent. */
  boolean secret;

  Instant madeAt;
  Instant nextTryAt;
  int tries;

  /** When it was sent; null while it waits. */
  Instant sentAt;

  /** Why the last try did not succeed; null if it did or there was none. */
  String failure;
}
