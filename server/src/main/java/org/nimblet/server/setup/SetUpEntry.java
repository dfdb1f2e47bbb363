package org.nimblet.server.setup;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** One look at one point; never changed, only followed by a later one. */
@Entity
class SetUpEntry {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID activityId;
  Instant at;
  String point;

  @Enumerated(EnumType.STRING)
  PointState state;

  String words;
}
