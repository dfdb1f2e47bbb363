package org.nimblet.server.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;

/** What a title of a calendar means; an empty title stands for all others. */
@Entity
class CalendarChoice {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID sourceId;
  String title;

  @Enumerated(EnumType.STRING)
  TitleMeaning meaning;

  UUID activityId;
}
