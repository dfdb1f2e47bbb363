package org.nimblet.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.routine.Sensation;

@Entity
class PainEntry {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID sessionId;
  Instant at;

  @Enumerated(EnumType.STRING)
  PainMoment moment;

  @Enumerated(EnumType.STRING)
  Side side;

  @Enumerated(EnumType.STRING)
  Region region;

  int level;

  @Enumerated(EnumType.STRING)
  Sensation sensation;

  /** Since when it has been felt, if the person said so. */
  LocalDate since;
}
