package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Variant;

/**
 * The choices behind real requests of every purpose, from random small parts of the library, beside
 * Choco 5.0.0: the same missing seconds and the same value, proved by both.
 */
class ComposerAgainstChocoTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final int EXERCISES = 8;
  private static final long CHOCOS_GREATEST = 20_000_000;
  private static final Duration LIMIT = Duration.ofSeconds(60);

  static LongStream seeds() {
    return LongStream.range(0, 1050);
  }

  private static ExerciseLibrary part(long seed, Purpose purpose) {
    SplittableRandom random = new SplittableRandom(seed);
    PurposePlan plan = PurposePlan.of(purpose);
    List<Exercise> left =
        new ArrayList<>(LIBRARY.exercises().stream().filter(plan::hasPlaceFor).toList());
    List<Exercise> part = new ArrayList<>();
    for (int i = 0; i < EXERCISES && !left.isEmpty(); i++) {
      part.add(left.remove(random.nextInt(left.size())));
    }
    return ExerciseLibrary.of(part);
  }

  /** Choco's integers end at about 21 million; all values are divided alike until they fit. */
  private static SelectionProblem inChocosRange(SelectionProblem problem) {
    long most =
        problem.phases().stream()
            .flatMap(phase -> phase.variants().stream())
            .mapToLong(
                variant ->
                    variant.fixed().value()
                        + variant.groups().stream()
                            .mapToLong(
                                group ->
                                    group.composites().stream()
                                        .mapToLong(Composite::value)
                                        .max()
                                        .orElse(0))
                            .sum())
            .sum();
    long divisor = 1 + most / CHOCOS_GREATEST;
    return new SelectionProblem(
        problem.budget(),
        problem.earlier(),
        problem.limits(),
        problem.phases().stream()
            .map(
                phase ->
                    new PhaseWindow(
                        phase.least(),
                        phase.greatest(),
                        phase.floorCharge(),
                        phase.variants().stream().map(v -> divided(v, divisor)).toList()))
            .toList());
  }

  private static Variant divided(Variant variant, long divisor) {
    return new Variant(
        divided(variant.fixed(), divisor),
        variant.groups().stream()
            .map(
                group ->
                    new Group(group.composites().stream().map(c -> divided(c, divisor)).toList()))
            .toList());
  }

  private static Composite divided(Composite composite, long divisor) {
    return new Composite(
        composite.seconds(),
        composite.value() / divisor,
        composite.floor(),
        composite.fresh(),
        composite.counted());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void choosesWhatAGeneralSolverProvesToBeBest(long seed) {
    Purpose purpose = Purpose.values()[(int) (seed % Purpose.values().length)];
    ExerciseLibrary library = part(seed, purpose);
    RoutineRequest asked =
        new RequestGenerator(seed)
            .request(library, purpose)
            .withBudget(60 + (int) (seed * 37 % 240));
    SelectionProblem problem = inChocosRange(new Composer(library, purpose).problem(asked));
    SelectionProblem.Selection ours = ExactSelection.solve(problem).orElseThrow();
    ChocoSelection.Found choco = ChocoSelection.solve(problem, LIMIT);
    assertThat(choco.proved()).isTrue();
    assertThat(ours.missing()).isEqualTo(choco.missing());
    assertThat(ours.value()).isEqualTo(choco.value().orElseThrow());
  }
}
