package org.nimblet.server.measure;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/** A test of holding and lifting, move by move. */
@Entity
class LiftTest {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  Instant testedAt;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Digit> digits;

  @JdbcTypeCode(SqlTypes.JSON)
  List<Move> moves;

  @Embedded StoredConditions conditions;

  /** What happened to a key. */
  enum KeyMove {
    /** The finger was asked to lift. */
    ASKED,
    UP,
    DOWN
  }

  /**
   * A move.
   *
   * @param at in milliseconds since the first one
   */
  record Move(double at, Side side, Digit digit, KeyMove what) {}
}
