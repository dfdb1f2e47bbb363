package org.nimblet.server.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Inheritance;
import jakarta.persistence.InheritanceType;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;

/** What somebody entered of a day. All of a day's entries are read together, by one statement. */
@Entity
@Inheritance(strategy = InheritanceType.TABLE_PER_CLASS)
abstract class DayEntry {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  @Version Long version;
  LocalDate date;

  /** Says whose it is. */
  <E extends DayEntry> E of(ClientFile client, Class<E> type) {
    id = UUID.randomUUID();
    coachId = client.coachId();
    clientId = client.id();
    return type.cast(this);
  }
}
