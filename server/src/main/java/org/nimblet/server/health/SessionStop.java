package org.nimblet.server.health;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;
import org.nimblet.core.progress.HealthWord;

/** A session was ended for safety. */
@Entity
class SessionStop extends StoredWord {
  UUID sessionId;
  LocalDate date;

  @Override
  HealthWord.OfStop word() {
    return new HealthWord.OfStop(sessionId, at, date);
  }
}
