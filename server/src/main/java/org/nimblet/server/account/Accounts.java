package org.nimblet.server.account;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface Accounts extends JpaRepository<Account, UUID> {
  Optional<Account> findByEmail(String email);

  Optional<Account> findByClientId(UUID clientId);

  List<Account> findByCoachId(UUID coachId);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<Account> findToWriteById(UUID id);
}
