package org.nimblet.server.week;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** How long a round of an activity really lasted. */
@Entity
class RoundLength extends DayEntry {
  UUID activityId;
  int minutes;
  Instant endedAt;
}
