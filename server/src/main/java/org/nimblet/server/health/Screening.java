package org.nimblet.server.health;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ReferralSign;

/** One dated answer about one sign; never changed, only followed by a later one. */
@Entity
class Screening {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  Instant at;

  @Enumerated(EnumType.STRING)
  ReferralSign sign;

  @Enumerated(EnumType.STRING)
  SignAnswer answer;

  /** Null where the answer is no. */
  @Enumerated(EnumType.STRING)
  Side side;

  @JdbcTypeCode(SqlTypes.ARRAY)
  @Column(columnDefinition = "text[]")
  List<String> regions;

  /** Since when, in the person's words. */
  String since;

  /** What the clinician said, where the answer is cleared. */
  String words;
}
