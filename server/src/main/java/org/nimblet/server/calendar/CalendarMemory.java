package org.nimblet.server.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;

/** Which event of a calendar became which block or busy time. */
@Entity
class CalendarMemory {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID sourceId;
  String eventKey;
  String stamp;
  LocalDate date;
  UUID blockId;
  UUID busyTimeId;
}
