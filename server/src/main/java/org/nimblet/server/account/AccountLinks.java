package org.nimblet.server.account;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccountLinks extends JpaRepository<AccountLink, UUID> {
  Optional<AccountLink> findByTokenHashAndExpiresAtAfter(String tokenHash, Instant now);

  Optional<AccountLink> findByIdAndCoachId(UUID id, UUID coachId);

  List<AccountLink> findByCoachIdAndKindInAndExpiresAtAfterOrderByMadeAtDesc(
      UUID coachId, Collection<LinkKind> kinds, Instant now);

  void deleteByKind(LinkKind kind);

  void deleteByKindAndClientId(LinkKind kind, UUID clientId);

  void deleteByKindAndAccountId(LinkKind kind, UUID accountId);
}
