package org.nimblet.server.workshop;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;

/** One time that somebody did a pattern. */
@Entity
class DrillTry {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID roundId;
  String pattern;

  @Enumerated(EnumType.STRING)
  Side hand;

  Integer aMinute;
  boolean clean;

  /** Whether keys measured it as even enough to go faster. */
  boolean even;

  Instant triedAt;
}
