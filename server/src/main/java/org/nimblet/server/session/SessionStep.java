package org.nimblet.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.progress.Shift;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.server.platform.NewRow;
import org.nimblet.server.session.SessionForms.StepAccount;

@Entity
class SessionStep extends NewRow {
  @Id UUID id;
  UUID coachId;
  UUID sessionId;
  int place;
  String exerciseId;
  int exerciseVersion;
  String title;

  @Enumerated(EnumType.STRING)
  Kind kind;

  String dose;

  @Enumerated(EnumType.STRING)
  Laterality laterality;

  long plannedMillis;
  int donePercent;

  @Enumerated(EnumType.STRING)
  StepOutcome outcome;

  /** The one side that did it; null if both did. */
  @Enumerated(EnumType.STRING)
  Side side;

  int leftPercent;
  int rightPercent;

  /** Why not all of it was done; null if nobody said. */
  @Enumerated(EnumType.STRING)
  Shortfall shortfall;

  /** Repetitions that were complete before it burned; null if they were not counted. */
  Integer complete;

  /** Whether it was made easier or harder on the way; null if it was not. */
  @Enumerated(EnumType.STRING)
  Shift shift;

  /** What was counted, held and felt in it; null if nothing was. */
  @JdbcTypeCode(SqlTypes.JSON)
  StepAccount account;

  /** What it came to; null if nobody said. */
  @Enumerated(EnumType.STRING)
  ResultUnit resultUnit;

  Integer result;

  @Override
  public UUID getId() {
    return id;
  }
}
