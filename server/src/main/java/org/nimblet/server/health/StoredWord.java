package org.nimblet.server.health;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Inheritance;
import jakarta.persistence.InheritanceType;
import java.time.Instant;
import java.util.UUID;
import org.nimblet.core.progress.HealthWord;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.NewRow;

/** A dated word as it is stored. All of a person's words are read together, by one statement. */
@Entity
@Inheritance(strategy = InheritanceType.TABLE_PER_CLASS)
abstract class StoredWord extends NewRow {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  Instant at;

  /** The word as the core reads it. */
  abstract HealthWord word();

  /** Says whose word it is and when it was said. */
  <W extends StoredWord> W toldBy(ClientFile client, Instant moment, Class<W> type) {
    id = UUID.randomUUID();
    coachId = client.coachId();
    clientId = client.id();
    at = moment;
    return type.cast(this);
  }

  @Override
  public UUID getId() {
    return id;
  }
}
