package org.nimblet.server.client;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.AgeGroup;

@Entity
class Client {
  @Id UUID id;
  UUID coachId;
  @Version Long version;
  String name;

  /** When they were put away; null while they are on the roster. */
  Instant archivedAt;

  String occupation;

  @Enumerated(EnumType.STRING)
  Side dominantHand;

  @Enumerated(EnumType.STRING)
  Notation notation;

  @Enumerated(EnumType.STRING)
  Method method;

  @Enumerated(EnumType.STRING)
  AgeGroup ageGroup;

  /** Whose thumb lies on top in a natural clasp; null while nobody looked. */
  @Enumerated(EnumType.STRING)
  Side claspSide;

  int breathsPerMinute;
  int warmUpMinutes;
  int breakMinutes;
  int careMinutes;
  String timeZone;
  LocalTime wakesAt;
  LocalTime sleepsAt;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Position> positions;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Thing> things;

  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Integer> weightsGrams;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<IntakeQuestion> intakeAnswered;

  /** How able the hands are, as folded when they last drilled; null before. */
  @JdbcTypeCode(SqlTypes.JSON)
  Abilities abilities;

  Instant createdAt;

  /** Written at every change, so that a change of activities alone counts up the version too. */
  Instant changedAt;

  ZoneId zone() {
    return ZoneId.of(timeZone);
  }
}
