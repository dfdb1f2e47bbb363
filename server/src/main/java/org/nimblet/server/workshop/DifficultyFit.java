package org.nimblet.server.workshop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Difficulties that a coach took over. */
@Entity
class DifficultyFit {
  @Id UUID coachId;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, Double> shifts;

  /** From how many tries they came. */
  int tries;

  Instant takenAt;
}
