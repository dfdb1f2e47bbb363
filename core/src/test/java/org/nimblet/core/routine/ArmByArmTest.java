package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;

class ArmByArmTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static Step step(String id) {
    Exercise exercise = LIBRARY.find(id).orElseThrow();
    return new Step(
        exercise,
        exercise.doseFor(Method.STEADY_HOLD).usual(),
        exercise.demands().positions().get(0),
        Side.LEFT);
  }

  private static final Step RUB = step("palm-rub");
  private static final Step UP = step("palm-up-fingers-back");
  private static final Step DOWN = step("palm-down-hand-in");
  private static final Step SHAKE = step("shake-out");

  private static List<String> order(List<Step> steps) {
    return steps.stream()
        .map(
            step ->
                step.exercise().id()
                    + (step.dose().laterality() == Laterality.ONE_SIDE
                        ? " " + step.firstSide().word()
                        : ""))
        .toList();
  }

  @Test
  void aStretchOfOneSidedStepsGoesOneArmFirst() {
    List<Step> steps = List.of(RUB, UP, DOWN, SHAKE);
    List<Step> apart = ArmByArm.of(steps, 2);
    assertThat(order(apart))
        .containsExactly(
            "palm-rub",
            "palm-up-fingers-back left",
            "palm-down-hand-in left",
            "palm-up-fingers-back right",
            "palm-down-hand-in right",
            "shake-out");
    assertThat(order(ArmByArm.of(List.of(UP.on(Side.RIGHT), DOWN), 1)))
        .as("what one side does already stays where it is")
        .containsExactly(
            "palm-up-fingers-back right", "palm-down-hand-in left", "palm-down-hand-in right");
  }

  @Test
  void theSameWorkIsDone() {
    List<Step> steps = List.of(UP, DOWN);
    List<Step> apart = ArmByArm.of(steps, 0);
    assertThat(work(apart)).isEqualTo(work(steps));
    assertThat(CueSheetWriter.write(apart, Pace.USUAL, Notation.NAMES).lengthMillis())
        .as("as long, but for getting ready twice")
        .isGreaterThanOrEqualTo(
            CueSheetWriter.write(steps, Pace.USUAL, Notation.NAMES).lengthMillis());
  }

  private static long work(List<Step> steps) {
    return steps.stream()
        .mapToLong(
            step -> (long) step.dose().quantity() * step.dose().repetitions() * step.sides().size())
        .sum();
  }

  @Test
  void whatBothDoTogetherHasNoArms() {
    assertThatThrownBy(() -> ArmByArm.of(List.of(RUB), 0))
        .hasMessage("step (1) must be done on each side, and not in a circuit, to go arm by arm");
    assertThatThrownBy(() -> ArmByArm.of(List.of(UP.inCircuit(1)), 0))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ArmByArm.of(List.of(UP), 1))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
