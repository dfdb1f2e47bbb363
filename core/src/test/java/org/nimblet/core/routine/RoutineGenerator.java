package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Position;

/** Routines that nobody thought about, drawn from a seed: anything at any dose in any order. */
public final class RoutineGenerator {

  private final RandomGenerator random;

  /** The same seed gives the same routines. */
  public RoutineGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  /** A routine of 1 to so many steps. */
  public List<Step> routine(ExerciseLibrary library, int most) {
    List<Step> steps = new ArrayList<>();
    for (int i = random.nextInt(1, most + 1); i > 0; i--) {
      Exercise exercise = any(library.exercises());
      steps.add(
          new Step(
              exercise,
              dose(exercise),
              any(List.of(Position.values())),
              any(List.of(Side.values())),
              Map.of(),
              random.nextInt(4) > 0,
              java.util.Set.of()));
    }
    return steps;
  }

  private Dose dose(Exercise exercise) {
    Dose usual = any(List.copyOf(exercise.doses().values())).usual();
    Dose dose = usual.withQuantity(Math.max(1, usual.quantity() * any(List.of(1, 2, 2, 2, 4)) / 2));
    if (usual.laterality() == Laterality.EACH && random.nextInt(4) == 0) {
      return dose.withLaterality(Laterality.ONE_SIDE);
    }
    if (usual.laterality() == Laterality.EACH && random.nextInt(4) == 0) {
      return dose.withException(
          Optional.of(
              new Dose.SideException(
                  any(List.of(Side.values())), dose.form(), dose.repetitions(), 3)));
    }
    return dose;
  }

  private <T> T any(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }
}
