package org.nimblet.server.health;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.progress.PainMoment;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StoredWords extends JpaRepository<StoredWord, UUID> {
  List<StoredWord> findByClientIdInOrderByAtAscIdAsc(Collection<UUID> clientIds);

  /** What somebody said on a morning, if they did. */
  @Query("select one from MorningAnswer one where one.clientId = :clientId and one.date = :date")
  Optional<MorningAnswer> findMorning(UUID clientId, LocalDate date);

  /** The pains that were told with the answer of a morning. */
  @Query(
      """
      select pain from PainEntry pain
      where pain.clientId = :clientId and pain.at = :at and pain.moment = MORNING
      """)
  List<PainEntry> findMorningPains(UUID clientId, Instant at);

  /** The pains that were told of a session, for one moment of it. */
  @Query(
      """
      select pain from PainEntry pain
      where pain.sessionId = :sessionId and pain.moment = :moment order by pain.at, pain.id
      """)
  List<PainEntry> findSessionPains(UUID sessionId, PainMoment moment);
}
