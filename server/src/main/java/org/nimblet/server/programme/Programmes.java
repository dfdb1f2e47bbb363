package org.nimblet.server.programme;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Programmes extends JpaRepository<Programme, UUID> {
  Optional<Programme> findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(UUID clientId);

  List<Programme> findByEndedAtNullOrderByClientIdAsc();

  /** What some clients are on, each programme once for every obligation, the latest first. */
  @Query(
      """
      select new org.nimblet.server.programme.ProgrammeRow(programme, obligation)
      from Programme programme
      left join StoredObligation obligation on obligation.programmeId = programme.id
      where programme.clientId in :clientIds and programme.endedAt is null
      order by programme.startsOn desc, programme.id, obligation.place
      """)
  List<ProgrammeRow> running(Collection<UUID> clientIds);
}
