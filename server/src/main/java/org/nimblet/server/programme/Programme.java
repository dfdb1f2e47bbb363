package org.nimblet.server.programme;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

@Entity
class Programme {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  @Version Long version;
  String title;
  String target;
  LocalDate startsOn;
  LocalDate reviewsOn;
  LocalDate endsOn;
  int dailySessions;
  int dailyMinutes;
  Instant madeAt;
  Instant endedAt;
}
