package org.nimblet.server.client;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** How a client stands; the database gives another number after every change to them. */
@Entity
@Immutable
class ClientRevision {
  @Id UUID clientId;
  long revision;
}
