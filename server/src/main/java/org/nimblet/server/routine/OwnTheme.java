package org.nimblet.server.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.routine.Theme;

@Entity
@Table(name = "coach_theme")
class OwnTheme {
  @Id UUID id;
  UUID coachId;
  String title;

  @JdbcTypeCode(SqlTypes.JSON)
  List<String> exercises;

  Instant madeAt;

  /** The theme as the core reads it. */
  Theme theme() {
    return Theme.ofExercises(id.toString(), title, exercises);
  }
}
