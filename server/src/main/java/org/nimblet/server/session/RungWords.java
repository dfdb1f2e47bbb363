package org.nimblet.server.session;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RungWords extends JpaRepository<SaidOfRungs, UUID> {
  List<SaidOfRungs> findByClientIdInOrderByAtAscIdAsc(Collection<UUID> clientIds);
}
