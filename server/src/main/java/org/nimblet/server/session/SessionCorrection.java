package org.nimblet.server.session;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.platform.NewRow;
import org.nimblet.server.session.SessionForms.CorrectedStep;
import org.nimblet.server.session.SessionForms.PainForm;

/** That a session was corrected, why, and what it said before; never changed. */
@Entity
class SessionCorrection extends NewRow {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID sessionId;
  Instant at;
  boolean byCoach;
  String reason;

  @JdbcTypeCode(SqlTypes.JSON)
  SessionBefore before;

  /** What a session said before. */
  public record SessionBefore(
      SessionEnding ending,
      int donePercent,
      @Schema(nullable = true) Integer effort,
      @Schema(nullable = true) TighterSide tighterSide,
      List<CorrectedStep> steps,
      List<PainForm> during,
      List<PainForm> after) {}

  @Override
  public UUID getId() {
    return id;
  }
}
