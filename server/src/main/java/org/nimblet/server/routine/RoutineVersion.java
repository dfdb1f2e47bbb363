package org.nimblet.server.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.routine.StepDrafts.StepDraft;

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

  @JdbcTypeCode(SqlTypes.JSON)
  List<StepDraft> steps;

  /** Exercises that had been composed and were taken out before it was kept. */
  @JdbcTypeCode(SqlTypes.JSON)
  List<String> takenOut;

  Instant createdAt;
}
