package org.nimblet.server.health;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import org.nimblet.core.progress.HealthWord;

/** Somebody said on a morning how they were after the day before. */
@Entity
class MorningAnswer extends StoredWord {
  LocalDate date;

  @Override
  HealthWord.OfMorning word() {
    return new HealthWord.OfMorning(at, date);
  }
}
