package org.nimblet.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.CoachWord;
import org.nimblet.core.progress.Overruling;

/** A word of the coach about the rungs of an exercise, as it is stored. */
@Entity
@Table(name = "coach_word")
class SaidOfRungs {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  String exerciseId;
  Instant at;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  Set<Side> sides;

  @Enumerated(EnumType.STRING)
  Overruling.Word word;

  int rung;
  String reason;

  /** The word as the core reads it. */
  CoachWord word() {
    return new CoachWord(exerciseId, at, sides, word, rung, reason);
  }
}
