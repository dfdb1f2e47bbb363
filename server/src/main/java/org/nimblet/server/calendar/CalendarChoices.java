package org.nimblet.server.calendar;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarChoices extends JpaRepository<CalendarChoice, UUID> {
  List<CalendarChoice> findByClientIdOrderByTitle(UUID clientId);

  void deleteBySourceId(UUID sourceId);
}
