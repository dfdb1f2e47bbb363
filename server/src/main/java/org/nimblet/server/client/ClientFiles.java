package org.nimblet.server.client;

import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Weights;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The door to clients for every feature: it opens only to those who may see them. */
@Service
public class ClientFiles {

  private final Scope scope;
  private final Clients clients;
  private final Activities activities;

  ClientFiles(Scope scope, Clients clients, Activities activities) {
    this.scope = scope;
    this.clients = clients;
    this.activities = activities;
  }

  /**
   * The file of a client that the signed-in account may see.
   *
   * @throws NotFoundException if there is none, or it is not theirs to see
   */
  @Transactional(readOnly = true)
  public ClientFile require(UUID clientId) {
    return files(List.of(row(clientId))).get(0);
  }

  /** All clients that the signed-in account may see, by name. */
  @Transactional(readOnly = true)
  public List<ClientFile> all() {
    List<Client> rows =
        clients.findByCoachIdOrderByName(scope.coachId()).stream()
            .filter(client -> scope.mayBe(client.id))
            .toList();
    return files(rows);
  }

  /** Files for work that nobody signed in for; never to be shown to anybody. */
  @Transactional(readOnly = true)
  public List<ClientFile> forBackgroundWork(Collection<UUID> clientIds) {
    return files(clients.findAllById(clientIds));
  }

  Client row(UUID clientId) {
    return clients
        .findByIdAndCoachId(clientId, scope.coachId())
        .filter(client -> scope.mayBe(client.id))
        .orElseThrow(() -> new NotFoundException("client"));
  }

  private List<ClientFile> files(List<Client> rows) {
    Set<UUID> ids = rows.stream().map(client -> client.id).collect(Collectors.toSet());
    Map<UUID, Side> dominant =
        rows.stream().collect(Collectors.toMap(client -> client.id, client -> client.dominantHand));
    Map<UUID, List<ActivityFile>> activitiesOf =
        activities.findByClientIdInOrderByPlace(ids).stream()
            .collect(
                Collectors.groupingBy(
                    activity -> activity.clientId,
                    Collectors.mapping(
                        activity -> file(activity, dominant.get(activity.clientId)),
                        Collectors.toList())));
    return rows.stream()
        .map(
            client ->
                new ClientFile(
                    client.id,
                    client.coachId,
                    client.version,
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
                    set(client.positions, Position.class),
                    set(client.things, Thing.class),
                    List.copyOf(client.weightsGrams),
                    activitiesOf.getOrDefault(client.id, List.of()),
                    set(client.intakeAnswered, IntakeQuestion.class)))
        .toList();
  }

  private static ActivityFile file(Activity activity, Side dominant) {
    Set<Side> hands = set(activity.hands, Side.class);
    return new ActivityFile(
        activity.id,
        activity.kind,
        activity.title,
        activity.discipline,
        hands,
        set(activity.digits, Digit.class),
        activity.roles == null
            ? HandRole.usual(activity.discipline, hands, dominant)
            : roles(activity.roles),
        activity.weeklyMinutes,
        Optional.ofNullable(activity.weights).map(ClientFiles::weights),
        Optional.ofNullable(activity.ridingPoint));
  }

  private static Map<HandRole, Side> roles(List<String> stored) {
    Map<HandRole, Side> roles = new EnumMap<>(HandRole.class);
    for (String entry : stored) {
      List<String> parts = List.of(entry.split("/", -1));
      roles.put(HandRole.valueOf(parts.get(0)), Side.valueOf(parts.get(1)));
    }
    return roles;
  }

  private static Weights weights(List<String> stored) {
    SortedMap<SidedTarget, Integer> points = new TreeMap<>();
    for (String entry : stored) {
      List<String> parts = List.of(entry.split("/", -1));
      Target.find(parts.get(0))
          .ifPresent(
              target ->
                  points.put(
                      new SidedTarget(target, Side.valueOf(parts.get(1))),
                      Integer.valueOf(parts.get(2))));
    }
    return new Weights(points);
  }

  private static <E extends Enum<E>> Set<E> set(Collection<String> names, Class<E> type) {
    Set<E> set = EnumSet.noneOf(type);
    names.forEach(name -> set.add(Enum.valueOf(type, name)));
    return set;
  }
}
