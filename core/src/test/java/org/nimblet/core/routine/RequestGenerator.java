package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.ClientFacts.Exclusion;
import org.nimblet.core.routine.ClientFacts.Pain;

/** Requests for routines drawn from a seed. */
public final class RequestGenerator {

  private final RandomGenerator random;

  /** The same seed gives the same requests. */
  public RequestGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  /** Any request, pain and exclusions included, of 3 to 20 minutes. */
  public RoutineRequest request(ExerciseLibrary library) {
    Set<Position> positions = subset(Position.class);
    positions.add(Position.SIT);
    List<Pain> pains = new ArrayList<>();
    List<Exclusion> exclusions = new ArrayList<>();
    for (Region region : Region.values()) {
      if (random.nextInt(8) == 0) {
        pains.add(new Pain(any(Side.class), region, random.nextInt(11)));
      }
      if (random.nextInt(20) == 0) {
        exclusions.add(new Exclusion(any(Side.class), region, "told to rest it."));
      }
    }
    ClientFacts facts =
        new ClientFacts(
            any(Side.class),
            any(Notation.class),
            new Pace(random.nextInt(Pace.SLOWEST, Pace.FASTEST + 1)),
            any(Method.class),
            positions,
            subset(Thing.class),
            pains,
            exclusions);
    Map<String, Integer> days = new HashMap<>();
    for (Exercise exercise : library.exercises()) {
      if (random.nextBoolean()) {
        days.put(exercise.id(), random.nextInt(20));
      }
    }
    Discipline discipline = any(Discipline.class);
    Set<Side> working = random.nextBoolean() ? EnumSet.allOf(Side.class) : Set.of(any(Side.class));
    return new RoutineRequest(
        random.nextInt(180, 1201),
        facts,
        discipline,
        working,
        Weights.starting(discipline, working, subset(Digit.class)),
        days,
        random.nextInt(4) == 0);
  }

  private <E extends Enum<E>> E any(Class<E> type) {
    return type.getEnumConstants()[random.nextInt(type.getEnumConstants().length)];
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
