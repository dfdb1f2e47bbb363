package org.nimblet.server.week;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Blocks extends JpaRepository<Block, UUID> {
  Optional<Block> findByIdAndClientId(UUID id, UUID clientId);

  List<Block> findBySeriesIdAndDateGreaterThanEqualOrderByDateAsc(UUID seriesId, LocalDate from);

  boolean existsByClientIdAndActivityIdAndDateAndStartsAtAndEndsAt(
      UUID clientId, UUID activityId, LocalDate date, LocalTime startsAt, LocalTime endsAt);

  List<Block> findByClientIdAndIdIn(UUID clientId, Collection<UUID> ids);
}
