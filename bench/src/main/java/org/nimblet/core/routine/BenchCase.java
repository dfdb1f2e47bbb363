package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/** The case that is measured: a harpist's warm-up from 40 exercises of the library. */
public final class BenchCase {

  private static final int EXERCISES = 40;

  private final Composer composer;
  private final RoutineRequest request;

  private BenchCase(Composer composer, RoutineRequest request) {
    this.composer = composer;
    this.request = request;
  }

  /** The case with this many minutes. */
  public static BenchCase warmUp(int minutes) {
    ExerciseLibrary library =
        ExerciseLibrary.of(
            ExerciseLibrary.shipped().exercises().stream()
                .filter(exercise -> exercise.suits(Discipline.PLUCKED_STRINGS))
                .limit(EXERCISES)
                .toList());
    Set<Side> both = EnumSet.allOf(Side.class);
    ClientFacts facts =
        new ClientFacts(
            Side.RIGHT,
            Notation.NAMES,
            Pace.USUAL,
            Method.STEADY_HOLD,
            EnumSet.allOf(Position.class),
            EnumSet.allOf(Thing.class),
            List.of(),
            List.of());
    RoutineRequest request =
        new RoutineRequest(
            minutes * 60,
            facts,
            Discipline.PLUCKED_STRINGS,
            both,
            Weights.starting(Discipline.PLUCKED_STRINGS, both, EnumSet.of(Digit.INDEX, Digit.RING)),
            Map.of(),
            false);
    return new BenchCase(new Composer(library, PurposePlan.WARM_UP), request);
  }

  /** Composes it. */
  public Composition compose() {
    return composer.compose(request);
  }

  /** The choice behind it, for other solvers. */
  SelectionProblem problem() {
    return composer.problem(request);
  }
}
