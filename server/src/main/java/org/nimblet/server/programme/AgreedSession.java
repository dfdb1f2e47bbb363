package org.nimblet.server.programme;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;

@Entity
class AgreedSession {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  String lineId;
  LocalDate date;
  Instant startsAt;
  int minutes;

  @Enumerated(EnumType.STRING)
  Purpose purpose;

  boolean pinned;
  boolean skipped;
}
