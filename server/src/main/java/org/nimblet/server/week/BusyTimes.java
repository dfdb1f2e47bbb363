package org.nimblet.server.week;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BusyTimes extends JpaRepository<BusyTime, UUID> {
  Optional<BusyTime> findByIdAndClientId(UUID id, UUID clientId);

  List<BusyTime> findByClientIdAndDateBetweenOrderByDateAscStartsAtAsc(
      UUID clientId, LocalDate from, LocalDate to);
}
