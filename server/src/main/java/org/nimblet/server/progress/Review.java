package org.nimblet.server.progress;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.progress.ReviewQuestion;
import org.nimblet.core.progress.Verdict;
import org.nimblet.server.platform.NewRow;

/** That some weeks were looked at; never changed. */
@Entity
class Review extends NewRow {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  Instant at;
  LocalDate since;
  LocalDate until;

  @JdbcTypeCode(SqlTypes.JSON)
  List<Answer> answers;

  /** What was found, and what was decided. */
  record Answer(ReviewQuestion question, String says, Verdict verdict) {}

  @Override
  public UUID getId() {
    return id;
  }
}
