package org.nimblet.server.health;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StoredWords extends JpaRepository<StoredWord, UUID> {
  List<StoredWord> findByClientIdInOrderByAtAscIdAsc(Collection<UUID> clientIds);
}
