package org.nimblet.server.health;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.progress.HealthWord;
import org.nimblet.core.progress.HealthWord.MindedKind;

/** Something to be minded; of condition, region, movement and exercise one is set, by its kind. */
@Entity
class Minded extends StoredWord {

  @Enumerated(EnumType.STRING)
  MindedKind kind;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Side> sides;

  @Enumerated(EnumType.STRING)
  Condition condition;

  @Enumerated(EnumType.STRING)
  Region region;

  @Enumerated(EnumType.STRING)
  Movement movement;

  String exerciseId;
  String words;
  LocalDate until;

  /** Null while it holds. */
  Instant endedAt;

  @Override
  HealthWord.OfMinded word() {
    return new HealthWord.OfMinded(
        id,
        at,
        kind,
        Set.copyOf(sides),
        Optional.ofNullable(condition),
        Optional.ofNullable(region),
        Optional.ofNullable(movement),
        Optional.ofNullable(exerciseId),
        words,
        Optional.ofNullable(until),
        Optional.ofNullable(endedAt));
  }
}
