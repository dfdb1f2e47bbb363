package org.nimblet.server.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;

/** By which rule blocks were made. */
@Entity
class BlockSeries {
  @Id UUID id;
  UUID coachId;
  UUID clientId;
  String rule;
  LocalDate firstDate;
}
