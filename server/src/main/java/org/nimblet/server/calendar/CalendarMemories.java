package org.nimblet.server.calendar;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarMemories extends JpaRepository<CalendarMemory, UUID> {
  List<CalendarMemory> findBySourceId(UUID sourceId);
}
