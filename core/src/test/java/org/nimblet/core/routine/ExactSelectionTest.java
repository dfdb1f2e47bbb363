package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;
import org.nimblet.core.routine.SelectionProblem.Variant;

class ExactSelectionTest {

  static LongStream bruteForceSeeds() {
    return LongStream.range(0, 400);
  }

  static LongStream chocoSeeds() {
    return LongStream.range(1000, 1060);
  }

  /** Same choice to the letter, ties included; few distinct values make ties common. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("bruteForceSeeds")
  void choosesWhatTryingEverythingWouldChoose(long seed) {
    SelectionProblem problem = new SelectionGenerator(seed).problem(3, 2, 3, 4);
    assertThat(ExactSelection.solve(problem)).isEqualTo(BruteForceSelection.solve(problem));
  }

  /** The second and the third best differ from what came before, and are the best of those. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("bruteForceSeeds")
  void findsTheBestThatDiffersFromEarlierOnes(long seed) {
    SelectionProblem problem =
        new SelectionGenerator(seed).problem(3, 2, 3, 4, 1 + (int) (seed % 2));
    assertThat(ExactSelection.solve(problem)).isEqualTo(BruteForceSelection.solve(problem));
  }

  /** New entries and intense ones are counted through the whole routine. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("bruteForceSeeds")
  void keepsLimitsAsTryingEverythingWould(long seed) {
    int some = (int) seed;
    List<Integer> limits = some % 2 == 0 ? List.of(some % 3) : List.of(1 + some % 2, some % 3);
    SelectionProblem problem =
        new SelectionGenerator(seed).problem(3, 2, 3, 4, some % 5 == 0 ? 1 : 0, limits);
    assertThat(ExactSelection.solve(problem)).isEqualTo(BruteForceSelection.solve(problem));
  }

  /** Reference: Choco 5.0.0 proves the same optimum under limits. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("chocoSeeds")
  void reachesTheOptimumThatAGeneralSolverProvesUnderLimits(long seed) {
    SelectionProblem problem =
        new SelectionGenerator(seed).problem(3, 4, 4, 900, 0, List.of(2, (int) (seed % 2)));
    Selection ours = ExactSelection.solve(problem).orElseThrow();
    ChocoSelection.Found choco = ChocoSelection.solve(problem, Duration.ofSeconds(60));
    assertThat(choco.proved()).isTrue();
    assertThat(ours.missing()).isEqualTo(choco.missing());
    assertThat(ours.value()).isEqualTo(choco.value().orElseThrow());
  }

  /** Reference: Choco 5.0.0 proves the same optimum. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("chocoSeeds")
  void reachesTheOptimumThatAGeneralSolverProves(long seed) {
    SelectionProblem problem = new SelectionGenerator(seed).problem(3, 4, 4, 900);
    Selection ours = ExactSelection.solve(problem).orElseThrow();
    ChocoSelection.Found choco = ChocoSelection.solve(problem, Duration.ofSeconds(60));
    assertThat(choco.proved()).isTrue();
    assertThat(ours.missing()).isEqualTo(choco.missing());
    assertThat(ours.value()).isEqualTo(choco.value().orElseThrow());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("bruteForceSeeds")
  void theValueCountedAgainFromTheChoiceIsTheSame(long seed) {
    SelectionProblem problem = new SelectionGenerator(seed).problem(4, 4, 4, 500);
    Selection selection = ExactSelection.solve(problem).orElseThrow();
    long value = 0;
    int missing = 0;
    int total = 0;
    for (int p = 0; p < problem.phases().size(); p++) {
      PhaseWindow phase = problem.phases().get(p);
      int seconds = 0;
      boolean floor = false;
      SelectionProblem only = new SelectionProblem(problem.budget(), 0, List.of(phase));
      Selection own =
          new Selection(
              List.of(selection.variants().get(p)), List.of(selection.chosen().get(p)), 0, 0);
      for (Composite composite : only.chosen(own)) {
        value += composite.value();
        seconds += composite.seconds();
        floor |= composite.floor();
      }
      seconds += floor ? phase.floorCharge() : 0;
      assertThat(seconds).isLessThanOrEqualTo(phase.greatest());
      missing += Math.max(0, phase.least() - seconds);
      total += seconds;
    }
    assertThat(total).isLessThanOrEqualTo(problem.budget());
    assertThat(selection.value()).isEqualTo(value);
    assertThat(selection.missing()).isEqualTo(missing);
  }

  @Test
  void fillingThePhasesComesBeforeValue() {
    Group cheap = new Group(List.of(new Composite(10, 1, false)));
    Group rich = new Group(List.of(new Composite(10, 1000, false)));
    SelectionProblem problem =
        new SelectionProblem(
            10,
            0,
            List.of(
                PhaseWindow.of(8, 10, 0, List.of(cheap)), PhaseWindow.of(0, 10, 0, List.of(rich))));
    Selection selection = ExactSelection.solve(problem).orElseThrow();
    assertThat(selection.chosen()).containsExactly(List.of(0), List.of(Selection.NOTHING));
    assertThat(selection.missing()).isZero();
  }

  @Test
  void aPhaseWithoutAnythingIsShortByAllItShouldHave() {
    SelectionProblem problem =
        new SelectionProblem(60, 0, List.of(PhaseWindow.of(15, 30, 30, List.of())));
    assertThat(ExactSelection.solve(problem).orElseThrow().missing()).isEqualTo(15);
  }

  /** What stands in a variant in any case takes its time and counts its value. */
  @Test
  void aVariantIsTakenWhereItIsWorthMore() {
    Group own = new Group(List.of(new Composite(10, 30, false)));
    SelectionProblem problem =
        new SelectionProblem(
            10,
            0,
            List.of(
                new PhaseWindow(
                    0,
                    10,
                    0,
                    List.of(
                        new Variant(Composite.NOTHING, List.of(own)),
                        new Variant(new Composite(8, 31, false), List.of(own)),
                        new Variant(new Composite(11, 99, false), List.of())))));
    Selection selection = ExactSelection.solve(problem).orElseThrow();
    assertThat(selection.variants()).containsExactly(1);
    assertThat(selection.chosen()).containsExactly(List.of(Selection.NOTHING));
    assertThat(selection.value()).isEqualTo(31);
  }
}
