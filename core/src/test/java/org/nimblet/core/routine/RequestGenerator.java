package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.drill.Ability;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Thing;

/** Requests for routines drawn from a seed. */
public final class RequestGenerator {

  private static final LocalDate TOLD = LocalDate.of(2026, 3, 2);

  private final RandomGenerator random;

  /** The same seed gives the same requests. */
  public RequestGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  private Ability ability() {
    return new Ability(5 * random.nextDouble(), random.nextInt(60));
  }

  /** Any warm-up, pain and exclusions included, of 3 to 20 minutes. */
  public RoutineRequest request(ExerciseLibrary library) {
    return request(library, Purpose.WARM_UP);
  }

  /** Any purpose. */
  public Purpose purpose() {
    return any(Purpose.class);
  }

  /**
   * Any request for a purpose, pain, signs, conditions and exclusions included, of 1 to 20 minutes.
   */
  public RoutineRequest request(ExerciseLibrary library, Purpose purpose) {
    Set<Position> positions = subset(Position.class);
    positions.add(Position.SIT);
    List<Pain> pains = new ArrayList<>();
    List<Exclusion> exclusions = new ArrayList<>();
    for (Region region : Region.values()) {
      if (random.nextInt(8) == 0) {
        pains.add(new Pain(any(Side.class), region, random.nextInt(11), any(Pain.Course.class)));
      }
      if (random.nextInt(20) == 0) {
        exclusions.add(Exclusion.ofRegion(any(Side.class), region, "told to rest it."));
      }
    }
    if (random.nextInt(4) == 0) {
      exclusions.add(
          new Exclusion(
              new Exclusion.OfMovement(any(Side.class), any(Movement.class)),
              "not yet.",
              Optional.empty()));
    }
    List<Sign> signs = new ArrayList<>();
    if (random.nextInt(4) == 0) {
      signs.add(
          new Sign(any(ReferralSign.class), any(Side.class), Set.of(any(Region.class)), "", TOLD));
    }
    List<KnownCondition> conditions = new ArrayList<>();
    if (random.nextInt(4) == 0) {
      conditions.add(
          new KnownCondition(
              any(Condition.class), Set.of(any(Side.class)), Set.of(any(Region.class)), TOLD));
    }
    List<Stop> stops = new ArrayList<>();
    if (random.nextInt(10) == 0) {
      stops.add(new Stop(any(Side.class), Set.of(any(Region.class)), "sharp, 4 of 10"));
    }
    Map<String, LocalDate> allowed = new HashMap<>();
    if (random.nextInt(6) == 0) {
      List<Exercise> all = library.exercises();
      allowed.put(all.get(random.nextInt(all.size())).id(), TOLD.plusDays(random.nextInt(3) - 1L));
    }
    ClientFacts facts =
        new ClientFacts(
            any(Side.class),
            any(Notation.class),
            new Pace(random.nextInt(Pace.SLOWEST, Pace.FASTEST + 1)),
            any(Method.class),
            positions,
            subset(Thing.class),
            random.nextBoolean() ? List.of(500, 750, 1000) : List.of(),
            new Health(pains, signs, stops, exclusions, allowed, conditions, any(AgeGroup.class)),
            random.nextBoolean() ? Abilities.UNKNOWN : new Abilities(ability(), ability()));
    Map<String, Integer> days = new HashMap<>();
    Map<String, Dose> lastDoses = new HashMap<>();
    Map<String, Recent.WeeklyVolume> volumes = new HashMap<>();
    for (Exercise exercise : library.exercises()) {
      if (random.nextBoolean()) {
        days.put(exercise.id(), random.nextInt(20));
        lastDoses.put(exercise.id(), exercise.doseFor(exercise.usualMethod()).usual());
      }
      if (random.nextInt(6) == 0) {
        volumes.put(
            exercise.id(),
            new Recent.WeeklyVolume(
                random.nextInt(400_000), random.nextInt(400_000), random.nextInt(5)));
      }
    }
    Discipline discipline = any(Discipline.class);
    Set<Side> working = random.nextBoolean() ? EnumSet.allOf(Side.class) : Set.of(any(Side.class));
    return new RoutineRequest(
        random.nextInt(purpose == Purpose.WARM_UP ? 180 : 60, 1201),
        facts,
        new HandUse(
            Set.of(discipline),
            working,
            HandRole.usual(discipline, working, facts.dominant()),
            subset(Digit.class)),
        Weights.forRoutine(
                purpose,
                List.of(
                    new Weights.Share(
                        Weights.ofActivity(discipline, working, subset(Digit.class)), 100)))
            .caringFor(purpose, pains, Optional.of(any(Side.class))),
        new Recent(days, lastDoses, volumes, few(Tissue.class), Set.of())
            .on(
                rungs(library, facts, days.keySet()),
                random.nextBoolean() ? days.keySet() : Set.of()),
        new Around(
            random.nextInt(4) == 0,
            random.nextInt(3) == 0 ? OptionalInt.of(random.nextInt(120)) : OptionalInt.empty(),
            random.nextInt(6) == 0),
        List.of());
  }

  /** Rungs of what was done, the sides apart where they may be. */
  private Map<String, RungDose> rungs(
      ExerciseLibrary library, ClientFacts facts, Set<String> done) {
    Map<String, RungDose> rungs = new HashMap<>();
    for (Exercise exercise : library.exercises()) {
      if (!done.contains(exercise.id()) || !exercise.kind().climbs()) {
        continue;
      }
      Method method =
          exercise.dose(facts.method()).isPresent() ? facts.method() : exercise.usualMethod();
      Ladder ladder = Ladder.of(exercise, method, OwnLoad.owned(exercise, facts));
      Dose dose = ladder.rungs().get(random.nextInt(ladder.rungs().size())).dose();
      Dose other = ladder.rungs().get(random.nextInt(ladder.rungs().size())).dose();
      if (dose.laterality() == Laterality.EACH && dose.load().equals(other.load())) {
        dose =
            dose.withException(
                Optional.of(
                    new Dose.SideException(
                        any(Side.class), other.form(), other.repetitions(), other.sets())));
      }
      rungs.put(exercise.id(), new RungDose(method, dose, true, random.nextBoolean()));
    }
    return rungs;
  }

  private <E extends Enum<E>> E any(Class<E> type) {
    return type.getEnumConstants()[random.nextInt(type.getEnumConstants().length)];
  }

  private <E extends Enum<E>> Set<E> few(Class<E> type) {
    return random.nextInt(3) == 0 ? Set.of(any(type)) : Set.of();
  }

  private <E extends Enum<E>> Set<E> subset(Class<E> type) {
    Set<E> set = EnumSet.noneOf(type);
    for (E value : type.getEnumConstants()) {
      if (random.nextInt(3) > 0) {
        set.add(value);
      }
    }
    return set;
  }
}
