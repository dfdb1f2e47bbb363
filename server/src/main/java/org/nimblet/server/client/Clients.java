package org.nimblet.server.client;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Clients extends JpaRepository<Client, UUID> {
  Optional<Client> findByIdAndCoachId(UUID id, UUID coachId);

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

  /** All clients of a coach by name, each once for each activity, in their order. */
  @Query(ROWS + "where client.coachId = :coachId order by client.name, client.id, activity.place")
  List<ClientRow> rows(UUID coachId);

  /** Some clients, whosever they are. */
  @Query(ROWS + "where client.id in :ids order by client.name, client.id, activity.place")
  List<ClientRow> rows(Collection<UUID> ids);
}
