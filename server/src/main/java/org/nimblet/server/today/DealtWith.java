package org.nimblet.server.today;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** A reason for a word that a coach has dealt with, or put off. */
@Entity
class DealtWith {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID reasonId;
  Instant at;

  /** The first day on which it shows again; null if it was dealt with. */
  LocalDate until;
}
