package org.nimblet.server.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

@Entity
class BusyTime {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  LocalDate date;
  LocalTime startsAt;
  LocalTime endsAt;
}
