package org.nimblet.server.health;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.exercise.Condition;

/** Something to be minded; of condition, region, movement and exercise one is set, by its kind. */
@Entity
class Minded {
  @Id UUID id;
  UUID coachId;
  UUID clientId;

  @Enumerated(EnumType.STRING)
  MindedKind kind;

  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(columnDefinition = "text[]")
  List<String> sides;

  @Enumerated(EnumType.STRING)
  Condition condition;

  @Enumerated(EnumType.STRING)
  Region region;

  @Enumerated(EnumType.STRING)
  Movement movement;

  String exerciseId;
  String words;
  LocalDate until;
  Instant saidAt;

  /** Null while it holds. */
  Instant endedAt;
}
