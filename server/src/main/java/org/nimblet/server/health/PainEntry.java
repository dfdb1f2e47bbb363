package org.nimblet.server.health;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.HealthWord;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.routine.Sensation;

@Entity
class PainEntry extends StoredWord {
  UUID sessionId;

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

  @Override
  HealthWord.OfPain word() {
    return new HealthWord.OfPain(
        id,
        at,
        Optional.ofNullable(sessionId),
        moment,
        side,
        region,
        level,
        Optional.ofNullable(sensation),
        Optional.ofNullable(since));
  }
}
