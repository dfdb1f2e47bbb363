package org.nimblet.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** One version of an own exercise, as an entry of a library file. */
@Entity
class OwnExerciseVersion {
  @Id UUID id;
  UUID coachId;
  UUID ownExerciseId;
  int number;
  String document;
  Instant createdAt;
}
