package org.nimblet.server.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

@Entity
class Block {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID activityId;
  @Version Long version;
  LocalDate date;
  LocalTime startsAt;
  LocalTime endsAt;
  String title;
  boolean performance;
}
