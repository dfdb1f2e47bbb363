package org.nimblet.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;

@Entity
class SessionStep {
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
}
