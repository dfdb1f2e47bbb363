package org.nimblet.server.mail;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OutgoingMails extends JpaRepository<OutgoingMail, UUID> {
  boolean existsByClientIdAndOccasion(UUID clientId, String occasion);

  List<OutgoingMail> findTop100BySentAtNullAndTriesLessThanAndNextTryAtLessThanEqualOrderByMadeAt(
      int tries, Instant now);

  List<OutgoingMail> findTop10ByClientIdOrderByMadeAtDesc(UUID clientId);
}
