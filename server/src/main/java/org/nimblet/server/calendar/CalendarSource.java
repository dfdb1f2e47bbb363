package org.nimblet.server.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A calendar that is brought in, by file or from an address. */
@Entity
class CalendarSource {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  String name;

  /** Where it is read again from; null if it came as a file. */
  String address;

  Instant readAt;

  /** Why it could not be read the last time; null if it could. */
  String failure;

  /** Titles of which nobody has said what they mean. */
  int undecided;
}
