package org.nimblet.server.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;

/** A routine as it was saved once; never changed. */
@Entity
class RoutineVersion {
  @Id UUID id;
  UUID coachId;
  UUID routineId;
  int number;
  String title;

  @Enumerated(EnumType.STRING)
  Purpose purpose;

  int budgetSeconds;

  /** The steps as drafts, in JSON. */
  String steps;

  Instant createdAt;
}
