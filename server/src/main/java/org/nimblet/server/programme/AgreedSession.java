package org.nimblet.server.programme;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.PlannedSession.Will;

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

  /** The session as the core reads it. */
  PlannedSession planned() {
    return new PlannedSession(
        lineId + "." + date,
        purpose,
        Optional.empty(),
        Optional.of(lineId),
        date,
        startsAt,
        startsAt.plus(minutes, ChronoUnit.MINUTES),
        skipped ? Will.LEFT_OUT : pinned ? Will.MOVED : Will.AS_PLANNED,
        "");
  }
}
