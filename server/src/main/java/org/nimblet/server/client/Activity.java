package org.nimblet.server.client;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.schedule.ActivityKind;

@Entity
class Activity {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  int place;

  @Enumerated(EnumType.STRING)
  ActivityKind kind;

  String title;

  @Enumerated(EnumType.STRING)
  Discipline discipline;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Side> hands;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Digit> digits;

  /** Which hand does what; null while they are the usual hands of the discipline. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<HandRole, Side> roles;

  int weeklyMinutes;

  /** What is asked of it; null while that is what its kind asks for by itself. */
  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredWeight> weights;

  /** How much a target of one side is to be served. */
  record StoredWeight(String target, Side side, int points) {}

  /** The set-up point that rides along in warm-ups and breaks, if one does. */
  String ridingPoint;
}
