package org.nimblet.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** An exercise of a coach's own; its words are in its versions. */
@Entity
class OwnExercise {
  @Id UUID id;
  UUID coachId;
  String exerciseId;
  int currentVersion;

  /** Null while it is in use. */
  Instant archivedAt;

  Instant createdAt;
  Instant changedAt;
}
