package org.nimblet.server.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** From where a client's own calendar may fetch the planned sessions. */
@Entity
class CalendarFeed {
  @Id UUID clientId;
  UUID coachId;
  String secretHash;
  Instant madeAt;
  int alarmMinutes;
  boolean breaks;
}
