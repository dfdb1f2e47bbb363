package org.nimblet.server.client;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;

@Entity
class Exclusion {
  @Id UUID id;
  UUID coachId;
  UUID clientId;

  @Enumerated(EnumType.STRING)
  Side side;

  @Enumerated(EnumType.STRING)
  Region region;

  String reason;
  LocalDate until;
}
