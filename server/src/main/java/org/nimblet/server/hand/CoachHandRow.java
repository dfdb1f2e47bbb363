package org.nimblet.server.hand;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.CoachHand.Habit;

@Entity
@Table(name = "coach_hand")
class CoachHandRow {
  @Id UUID coachId;
  @Version Long version;
  boolean switchedOn = true;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<Purpose, Map<String, Habit>> habits = new HashMap<>();

  @JdbcTypeCode(SqlTypes.JSON)
  Map<Purpose, Map<String, Integer>> byHand = new HashMap<>();
}
