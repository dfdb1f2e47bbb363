package org.nimblet.server.routine;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Pace;
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
import org.nimblet.server.person.Person;

/** Turns what is known of a person into what the composer and the check want to know. */
public final class RoutineRequests {

  /** What hands do of whose activity nothing is known (ours). */
  static final Discipline ASSUMED_DISCIPLINE = Discipline.TYPING;

  private RoutineRequests() {}

  /**
   * A request for a person.
   *
   * @param date the day it is for
   * @param activityId the activity that it is for; empty for all that they do
   */
  public static RoutineRequest of(
      Person person,
      LocalDate date,
      Purpose purpose,
      int seconds,
      Optional<UUID> activityId,
      Around around,
      List<Step> pinned) {
    ClientFile client = person.client();
    List<ActivityFile> activities =
        activityId.flatMap(client::activity).map(List::of).orElse(client.activities());
    Health health = person.health(date);
    Weights weights =
        Weights.forRoutine(
                purpose,
                activities.stream()
                    .map(a -> new Weights.Share(a.weights(), a.weeklyMinutes()))
                    .toList())
            .caringFor(purpose, health.pains(), person.work().tighterSide());
    return new RoutineRequest(
            seconds,
            facts(client, health),
            use(activities),
            weights,
            person.recent(date),
            around,
            pinned)
        .withHand(person.library().hands().of(purpose));
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
        facts(ClientFile.anybody(ClientFile.NOBODY, ZoneOffset.UTC), Health.GOOD),
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

  /** A line of work of a person, as things stand; what was stopped today is left aside. */
  public static LineOfWork lineOfWork(
      Person person, ClientFacts facts, Purpose purpose, boolean heavy) {
    return new LineOfWork(
        purpose, heavy, person.library().library(), facts, use(person.client().activities()));
  }

  /** What is known of a person today. */
  public static ClientFacts factsToday(Person person) {
    return facts(person.client(), person.health());
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
        health,
        client.abilities());
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
