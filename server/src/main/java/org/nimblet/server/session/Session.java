package org.nimblet.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.LoggedSession;
import org.nimblet.core.session.PastSession;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.platform.NewRow;

/**
 * A session that happened. Its identifier comes from the device, so it is new until it was saved.
 */
@Entity
class Session extends NewRow {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID blockId;
  UUID routineId;

  @Enumerated(EnumType.STRING)
  Purpose purpose;

  String title;
  LocalDate date;
  Instant beganAt;
  Instant endedAt;

  /** So far the device's clock was ahead; both moments are put right by it. */
  long clockAheadSeconds;

  long plannedMillis;

  @Enumerated(EnumType.STRING)
  SessionEnding ending;

  /** How much of its planned time was done. */
  int donePercent;

  /** Whether pain was asked for before it. */
  boolean askedBefore;

  Instant checkedInAt;
  Integer effort;

  @Enumerated(EnumType.STRING)
  TighterSide tighterSide;

  /** What keys said of the hands in it; null where there were none. */
  @JdbcTypeCode(SqlTypes.JSON)
  List<Evenness> evenness;

  /** The session as the core reads it. */
  PastSession past() {
    return new PastSession(
        id, Optional.ofNullable(blockId), purpose, date, beganAt, endedAt, ending, donePercent);
  }

  /** The session as the log of progress reads it. */
  LoggedSession logged(List<LoggedSession.LoggedStep> steps) {
    return new LoggedSession(
        id,
        beganAt,
        checkedInAt != null,
        askedBefore,
        effort == null ? OptionalInt.empty() : OptionalInt.of(effort),
        steps,
        evenness == null ? List.of() : evenness);
  }

  @Override
  public UUID getId() {
    return id;
  }
}
