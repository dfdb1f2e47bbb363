package org.nimblet.server.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;

/** A routine of a client, or a template of the coach where no client is named. */
@Entity
class Routine {
  @Id UUID id;
  UUID coachId;
  UUID clientId;

  /** The number of its newest version. */
  int version;

  String title;

  @Enumerated(EnumType.STRING)
  Purpose purpose;

  Instant archivedAt;
  Instant changedAt;
}
