package org.nimblet.server.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.HandUse;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.LineOfWork;
import org.nimblet.core.routine.Recent;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.Weights;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.health.HealthFiles;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.session.History;
import org.springframework.stereotype.Service;

/** Turns what is stored of a client into what the composer and the check want to know. */
@Service
public class RoutineRequests {

  /** What hands do of whose activity nothing is known (ours). */
  static final Discipline ASSUMED_DISCIPLINE = Discipline.TYPING;

  /** Weights to look at templates with (ours). */
  private static final List<Integer> ANYBODYS_WEIGHTS = List.of(500, 750, 1000);

  private final HealthFiles healths;
  private final History history;
  private final CoachLibraries libraries;
  private final Clock clock;

  RoutineRequests(HealthFiles healths, History history, CoachLibraries libraries, Clock clock) {
    this.healths = healths;
    this.history = history;
    this.libraries = libraries;
    this.clock = clock;
  }

  /**
   * A request for a client.
   *
   * @param activityId the activity that it is for; empty for all that they do
   */
  public RoutineRequest of(
      ClientFile client,
      LocalDate date,
      Purpose purpose,
      int seconds,
      Optional<UUID> activityId,
      Around around,
      List<Step> pinned) {
    List<ActivityFile> activities =
        activityId.flatMap(client::activity).map(List::of).orElse(client.activities());
    Health health = healths.of(client, date);
    Weights weights =
        Weights.forRoutine(
                purpose,
                activities.stream()
                    .map(a -> new Weights.Share(a.weights(), a.weeklyMinutes()))
                    .toList())
            .caringFor(purpose, health.pains(), history.tighterSide(client));
    return new RoutineRequest(
        seconds,
        facts(client, health),
        use(activities),
        weights,
        history.recent(client, date, libraries.of(client.coachId()).library()),
        around,
        pinned);
  }

  /** A request for nobody in particular, who has everything at hand and is well. */
  public static RoutineRequest forAnybody(
      Purpose purpose,
      int seconds,
      Optional<Discipline> discipline,
      Around around,
      List<Step> pinned) {
    Set<Discipline> disciplines = discipline.map(Set::of).orElse(EnumSet.allOf(Discipline.class));
    return new RoutineRequest(
        seconds,
        new ClientFacts(
            Side.RIGHT,
            Notation.NAMES,
            Pace.USUAL,
            Method.STEADY_HOLD,
            EnumSet.allOf(Position.class),
            EnumSet.allOf(Thing.class),
            ANYBODYS_WEIGHTS,
            Health.GOOD),
        new HandUse(disciplines, EnumSet.allOf(Side.class), usualRoles(disciplines), Set.of()),
        Weights.forRoutine(
            purpose,
            discipline.stream()
                .map(
                    d ->
                        new Weights.Share(
                            Weights.ofActivity(d, EnumSet.allOf(Side.class), Set.of()), 1))
                .toList()),
        Recent.NOTHING,
        around,
        pinned);
  }

  /** The hands as right-handed people usually have them, strings stopped by the left one. */
  private static Map<HandRole, Side> usualRoles(Set<Discipline> disciplines) {
    Map<HandRole, Side> roles = new EnumMap<>(HandRole.class);
    disciplines.forEach(
        discipline ->
            roles.putAll(HandRole.usual(discipline, EnumSet.allOf(Side.class), Side.RIGHT)));
    if (disciplines.contains(Discipline.PLUCKED_STRINGS)) {
      roles.put(HandRole.FRETTING_HAND, Side.LEFT);
    }
    return roles;
  }

  /** A line of work of a client, as things stand; what was stopped today is left aside. */
  public LineOfWork lineOfWork(
      ClientFile client, ClientFacts facts, Purpose purpose, boolean heavy) {
    return new LineOfWork(
        purpose, heavy, libraries.of(client.coachId()).library(), facts, use(client.activities()));
  }

  /** What is known of a client today. */
  public ClientFacts factsToday(ClientFile client) {
    return facts(client, healths.of(client, LocalDate.ofInstant(clock.instant(), client.zone())));
  }

  private static ClientFacts facts(ClientFile client, Health health) {
    Set<Thing> things = EnumSet.noneOf(Thing.class);
    things.addAll(client.things());
    if (!client.weightsGrams().isEmpty()) {
      things.add(Thing.LIGHT_WEIGHT);
    }
    return new ClientFacts(
        client.dominantHand(),
        client.notation(),
        new Pace(client.breathsPerMinute()),
        client.method(),
        client.positions(),
        things,
        client.weightsGrams(),
        health);
  }

  /** What the hands of a client do. */
  static HandUse use(List<ActivityFile> activities) {
    if (activities.isEmpty()) {
      return new HandUse(Set.of(ASSUMED_DISCIPLINE), EnumSet.allOf(Side.class), Map.of(), Set.of());
    }
    Map<HandRole, Side> roles = new EnumMap<>(HandRole.class);
    activities.forEach(activity -> activity.roles().forEach(roles::putIfAbsent));
    return new HandUse(
        activities.stream().map(ActivityFile::discipline).collect(Collectors.toSet()),
        activities.stream()
            .flatMap(activity -> activity.hands().stream())
            .collect(Collectors.toSet()),
        roles,
        activities.stream()
            .filter(activity -> activity.roles().containsKey(HandRole.TRIGGER_HAND))
            .flatMap(activity -> activity.digits().stream())
            .collect(Collectors.toSet()));
  }
}
