package org.nimblet.server.client;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.exercise.Discipline;
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

  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(columnDefinition = "text[]")
  List<String> hands;

  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(columnDefinition = "text[]")
  List<String> digits;

  /** "FRETTING_HAND/LEFT"; null while they are the usual hands of the discipline. */
  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(columnDefinition = "text[]")
  List<String> roles;

  int weeklyMinutes;

  /** Target, side and points, "finger-flexors/LEFT/7"; null while they are those of the kind. */
  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(columnDefinition = "text[]")
  List<String> weights;

  /** The set-up point that rides along in warm-ups and breaks, if one does. */
  String ridingPoint;
}
