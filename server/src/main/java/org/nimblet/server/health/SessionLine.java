package org.nimblet.server.health;

import jakarta.persistence.Entity;
import java.util.UUID;
import org.nimblet.core.progress.HealthWord;

/** A line that somebody said after a session. */
@Entity
class SessionLine extends StoredWord {
  UUID sessionId;
  String words;

  @Override
  HealthWord.OfLine word() {
    return new HealthWord.OfLine(sessionId, at, words);
  }
}
