package org.nimblet.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Accounts extends JpaRepository<Account, UUID> {
  Optional<Account> findByEmail(String email);

  Optional<Account> findByClientId(UUID clientId);
}
