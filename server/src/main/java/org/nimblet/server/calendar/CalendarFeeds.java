package org.nimblet.server.calendar;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeeds extends JpaRepository<CalendarFeed, UUID> {
  Optional<CalendarFeed> findBySecretHash(String secretHash);
}
