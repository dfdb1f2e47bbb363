package org.nimblet.server.client;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.routine.Weights;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.Activity.StoredWeight;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The door to clients for every feature: it opens only to those who may see them. */
@Service
public class ClientFiles {

  private final Scope scope;
  private final Clients clients;

  ClientFiles(Scope scope, Clients clients) {
    this.scope = scope;
    this.clients = clients;
  }

  /**
   * The file of a client that the signed-in account may see.
   *
   * @throws NotFoundException if there is none, or it is not theirs to see
   */
  @Transactional(readOnly = true)
  public ClientFile require(UUID clientId) {
    return files(clients.rows(clientId, scope.coachId())).stream()
        .filter(file -> scope.mayBe(file.id()))
        .findFirst()
        .orElseThrow(() -> new NotFoundException("client"));
  }

  /** All clients that the signed-in account may see, by name. */
  @Transactional(readOnly = true)
  public List<ClientFile> all() {
    return mine(clients.rows(scope.coachId()));
  }

  /** Those who were put away, by name. */
  @Transactional(readOnly = true)
  public List<ClientFile> archived() {
    return mine(clients.archived(scope.coachId()));
  }

  private List<ClientFile> mine(List<ClientRow> rows) {
    return files(rows).stream().filter(file -> scope.mayBe(file.id())).toList();
  }

  /** Files for work that nobody signed in for; never to be shown to anybody. */
  @Transactional(readOnly = true)
  public List<ClientFile> forBackgroundWork(Collection<UUID> clientIds) {
    return files(clients.rows(clientIds));
  }

  /**
   * Waits until nobody else replaces what was said of a client, and keeps them waiting until the
   * transaction is over.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void replaceAlone(ClientFile client) {
    if (clients.findToWriteById(client.id()).isEmpty()) {
      throw new NotFoundException("client");
    }
  }

  /** Keeps how able the hands of a client are, as folded anew. */
  @Transactional
  public void keepAbilities(UUID clientId, Abilities abilities) {
    clients.keepAbilities(clientId, abilities);
  }

  Client row(UUID clientId) {
    return clients
        .findByIdAndCoachId(clientId, scope.coachId())
        .filter(client -> scope.mayBe(client.id))
        .orElseThrow(() -> new NotFoundException("client"));
  }

  private static List<ClientFile> files(List<ClientRow> rows) {
    Map<UUID, List<ClientRow>> byClient =
        rows.stream()
            .collect(
                Collectors.groupingBy(
                    row -> row.client().id, LinkedHashMap::new, Collectors.toList()));
    return byClient.values().stream().map(ClientFiles::file).toList();
  }

  private static ClientFile file(List<ClientRow> rows) {
    Client client = rows.get(0).client();
    return new ClientFile(
        client.id,
        client.coachId,
        client.version,
        rows.get(0).revision(),
        client.name,
        client.occupation,
        client.dominantHand,
        client.notation,
        client.method,
        client.ageGroup,
        Optional.ofNullable(client.claspSide),
        client.breathsPerMinute,
        client.warmUpMinutes,
        client.breakMinutes,
        client.careMinutes,
        client.zone(),
        client.wakesAt,
        client.sleepsAt,
        Set.copyOf(client.positions),
        Set.copyOf(client.things),
        List.copyOf(client.weightsGrams),
        rows.stream()
            .map(ClientRow::activity)
            .filter(Objects::nonNull)
            .map(activity -> file(activity, client.dominantHand))
            .toList(),
        Set.copyOf(client.intakeAnswered),
        client.abilities == null ? Abilities.UNKNOWN : client.abilities);
  }

  private static ActivityFile file(Activity activity, Side dominant) {
    Set<Side> hands = Set.copyOf(activity.hands);
    return new ActivityFile(
        activity.id,
        activity.kind,
        activity.title,
        activity.discipline,
        hands,
        Set.copyOf(activity.digits),
        activity.roles == null
            ? HandRole.usual(activity.discipline, hands, dominant)
            : Map.copyOf(activity.roles),
        activity.weeklyMinutes,
        Optional.ofNullable(activity.weights).map(ClientFiles::weights),
        Optional.ofNullable(activity.ridingPoint));
  }

  /** A target that is no more asks for nothing. */
  private static Weights weights(List<StoredWeight> stored) {
    SortedMap<SidedTarget, Integer> points = new TreeMap<>();
    for (StoredWeight weight : stored) {
      Target.find(weight.target())
          .ifPresent(target -> points.put(new SidedTarget(target, weight.side()), weight.points()));
    }
    return new Weights(points);
  }
}
