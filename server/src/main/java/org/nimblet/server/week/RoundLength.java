package org.nimblet.server.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** How long a round of an activity really lasted. */
@Entity
class RoundLength {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID activityId;
  int minutes;
  Instant endedAt;
}
