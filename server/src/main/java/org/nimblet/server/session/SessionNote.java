package org.nimblet.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** What a coach noted about a session, for themselves. */
@Entity
class SessionNote {
  @Id UUID sessionId;
  UUID coachId;
  UUID clientId;
  Instant at;
  String words;
}
