package org.nimblet.server.health;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.List;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.HealthWord;
import org.nimblet.core.progress.SignAnswer;

/** One dated answer about one sign; never changed, only followed by a later one. */
@Entity
class Screening extends StoredWord {

  @Enumerated(EnumType.STRING)
  ReferralSign sign;

  @Enumerated(EnumType.STRING)
  SignAnswer answer;

  /** Null where the answer is no. */
  @Enumerated(EnumType.STRING)
  Side side;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.ARRAY)
  List<Region> regions;

  /** Since when, in the person's words. */
  String sinceWords;

  /** What the clinician said, where the answer is cleared. */
  String words;

  @Override
  HealthWord.OfSign word() {
    return new HealthWord.OfSign(
        id, at, sign, answer, Optional.ofNullable(side), List.copyOf(regions), sinceWords, words);
  }
}
