package org.nimblet.server.measure;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.TapTask;

/** A tap test as it was tapped. */
@Entity
class TapTest {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  Instant testedAt;

  @Enumerated(EnumType.STRING)
  Pace pace;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Digit> digits;

  @Enumerated(EnumType.STRING)
  TwoHandedRow hands;

  /** Null where nothing clicked. */
  Integer bpm;

  /** Taps on each beat. */
  int perBeat;

  /** How many taps each hand made, where that was not the usual number. */
  Integer made;

  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredTap> taps;

  @Embedded StoredConditions conditions;

  /**
   * A press.
   *
   * @param velocity null where the keys cannot tell
   */
  record StoredTap(Side side, Digit digit, double at, Integer velocity) {
    static StoredTap of(Tap tap) {
      return new StoredTap(
          tap.side(),
          tap.digit(),
          tap.atMillis(),
          tap.velocity().isPresent() ? tap.velocity().getAsInt() : null);
    }

    Tap tap() {
      return new Tap(
          side, digit, at, velocity == null ? OptionalInt.empty() : OptionalInt.of(velocity));
    }
  }

  TapTask task() {
    return new TapTask(
        pace,
        digits,
        hands,
        bpm == null ? OptionalInt.empty() : OptionalInt.of(bpm * perBeat),
        made == null ? OptionalInt.empty() : OptionalInt.of(made));
  }
}
