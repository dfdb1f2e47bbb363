package org.nimblet.core.routine;

import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;

/** The cases that are measured: a harpist's routines from 120 exercises of the library. */
public final class BenchCase {

  private static final int EXERCISES = 120;
  private static final int CHECKED_STEPS = 25;

  private final Composer composer;
  private final RoutineRequest request;
  private final RoutineCheck check;
  private final Purpose purpose;
  private final List<Step> routine;

  private BenchCase(ExerciseLibrary library, Purpose purpose, RoutineRequest request) {
    this.composer = new Composer(library, purpose);
    this.request = request;
    this.check = new RoutineCheck(library);
    this.purpose = purpose;
    this.routine = longRoutine(library);
  }

  /** The case with this purpose and so many minutes. */
  public static BenchCase of(Purpose purpose, int minutes) {
    PurposePlan plan = PurposePlan.of(purpose);
    ExerciseLibrary shipped = ExerciseLibrary.shipped();
    // What has a place first, so that the choice is as wide as it can be.
    ExerciseLibrary library =
        ExerciseLibrary.of(
            shipped.exercises().stream()
                .sorted(java.util.Comparator.comparing(e -> !plan.hasPlaceFor(e)))
                .limit(EXERCISES)
                .toList());
    RoutineRequest request =
        RequestBuilder.of(purpose)
            .seconds(minutes * 60)
            .working(Set.of(Side.LEFT, Side.RIGHT), Set.of(Digit.INDEX, Digit.RING))
            .build();
    return new BenchCase(library, purpose, request);
  }

  private static List<Step> longRoutine(ExerciseLibrary library) {
    for (long seed = 0; ; seed++) {
      List<Step> steps = new RoutineGenerator(seed).routine(library, CHECKED_STEPS);
      if (steps.size() == CHECKED_STEPS) {
        return steps;
      }
    }
  }

  /** Composes it. */
  public Composition compose() {
    return composer.compose(request);
  }

  /** Checks a routine of 25 steps that nobody thought about. */
  public List<Finding> check() {
    return check.findings(purpose, request, routine);
  }

  /** The choice behind it, for other solvers. */
  SelectionProblem problem() {
    return composer.problem(request);
  }
}
