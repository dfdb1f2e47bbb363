package org.nimblet.server.calendar;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarSources extends JpaRepository<CalendarSource, UUID> {
  List<CalendarSource> findByClientIdOrderByName(UUID clientId);

  Optional<CalendarSource> findByClientIdAndName(UUID clientId, String name);

  Optional<CalendarSource> findByIdAndClientId(UUID id, UUID clientId);

  List<CalendarSource> findByAddressNotNullOrderByClientIdAscIdAsc();
}
