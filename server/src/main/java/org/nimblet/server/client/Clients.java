package org.nimblet.server.client;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.drill.Abilities;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface Clients extends JpaRepository<Client, UUID> {
  Optional<Client> findByIdAndCoachId(UUID id, UUID coachId);

  /** A client for whoever replaces what was said of them; others who want to wait. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<Client> findToWriteById(UUID id);

  String ROWS =
      """
      select new org.nimblet.server.client.ClientRow(client, revision.revision, activity)
      from Client client
      left join ClientRevision revision on revision.clientId = client.id
      left join Activity activity on activity.clientId = client.id
      """;

  /** One client of a coach, once for each activity, in their order. */
  @Query(ROWS + "where client.id = :id and client.coachId = :coachId order by activity.place")
  List<ClientRow> rows(UUID id, UUID coachId);

  String BY_NAME = " order by client.name, client.id, activity.place";

  /** The roster of a coach by name, each client once for each activity, in their order. */
  @Query(ROWS + "where client.coachId = :coachId and client.archivedAt is null" + BY_NAME)
  List<ClientRow> rows(UUID coachId);

  /** Those of a coach who were put away, in the same order. */
  @Query(ROWS + "where client.coachId = :coachId and client.archivedAt is not null" + BY_NAME)
  List<ClientRow> archived(UUID coachId);

  /** Some clients, whosever they are, but for those who were put away. */
  @Query(ROWS + "where client.id in :ids and client.archivedAt is null" + BY_NAME)
  List<ClientRow> rows(Collection<UUID> ids);

  /** Counts up no version: it is no fact that anybody tells. */
  @Modifying(flushAutomatically = true, clearAutomatically = false)
  @Query("update Client client set client.abilities = :abilities where client.id = :id")
  void keepAbilities(UUID id, Abilities abilities);
}
