package org.nimblet.server.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Which event of a calendar became which block or busy time. */
@Entity
class CalendarMemory {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID sourceId;
  String eventKey;

  @JdbcTypeCode(SqlTypes.JSON)
  Stamp stamp;

  LocalDate date;
  UUID blockId;
  UUID busyTimeId;

  /** What the calendar said when it was read last, and what its title was then. */
  record Stamp(
      LocalDate date,
      LocalTime startsAt,
      LocalTime endsAt,
      TitleMeaning meaning,
      UUID activityId,
      String title) {}
}
