package org.nimblet.server.setup;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;

/** Two set-ups beside each other, by one number. */
@Entity
class SetUpComparison {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID activityId;
  Instant at;

  @Enumerated(EnumType.STRING)
  SetUpMeasure measure;

  String firstName;
  BigDecimal firstValue;
  String secondName;
  BigDecimal secondValue;
}
