package org.nimblet.server.reminder;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalTime;
import java.util.UUID;

/** How a client wants to be reminded. */
@Entity
class ReminderChoice {
  @Id UUID clientId;
  UUID coachId;
  boolean inApp;
  boolean mail;
  boolean digest;
  LocalTime digestAt;
  int minutesBefore;
}
