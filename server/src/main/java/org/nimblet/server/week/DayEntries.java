package org.nimblet.server.week;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DayEntries extends JpaRepository<DayEntry, UUID> {

  /** What some clients entered of some days, and the rounds that were measured since a date. */
  @Query(
      """
      select entry from DayEntry entry
      where entry.clientId in :clientIds
        and ((type(entry) <> RoundLength and entry.date between :first and :last)
          or (type(entry) = RoundLength and entry.date >= :measuredSince))
      """)
  List<DayEntry> of(
      Collection<UUID> clientIds, LocalDate first, LocalDate last, LocalDate measuredSince);
}
