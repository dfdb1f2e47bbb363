package org.nimblet.server.programme;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Obligation.Frequency;

@Entity
@Table(name = "obligation")
class StoredObligation {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  UUID programmeId;
  int place;

  @Enumerated(EnumType.STRING)
  Purpose purpose;

  int minutes;

  @Enumerated(EnumType.STRING)
  Frequency frequency;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredAnchor anchor;

  boolean heavy;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredContents contents;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<DayOfWeek> notOn;
}
