package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.routine.RoutineDifference.Tie;

class RoutineDifferenceTest {

  private static final List<Exercise> EXERCISES = ExerciseLibrary.shipped().exercises();

  private static Step step(int exercise, int moreRest) {
    Exercise one = EXERCISES.get(exercise);
    var dose = one.doseFor(Method.STEADY_HOLD).usual();
    return new Step(
        one,
        moreRest == 0 ? dose : dose.withRest(dose.restSeconds() + moreRest),
        one.demands().positions().get(0),
        Side.LEFT);
  }

  @Test
  void eachStepIsTiedOnceToTheSameExercise() {
    List<Step> first = List.of(step(0, 0), step(1, 0), step(0, 0));
    List<Step> second = List.of(step(1, 1), step(0, 0), step(2, 0));
    RoutineDifference difference = RoutineDifference.between(first, second);
    assertThat(difference.ties()).containsExactly(new Tie(0, 1, true), new Tie(1, 0, false));
    assertThat(difference.onlyInFirst()).containsExactly(2);
    assertThat(difference.onlyInSecond()).containsExactly(2);
    assertThat(difference.onlyTheOrder()).isFalse();
  }

  @Test
  void anotherOrderIsNoDifference() {
    List<Step> first = List.of(step(0, 0), step(1, 0));
    List<Step> second = List.of(step(1, 0), step(0, 0));
    assertThat(RoutineDifference.between(first, second).onlyTheOrder()).isTrue();
    assertThat(RoutineDifference.between(first, List.of()).onlyInFirst()).containsExactly(0, 1);
  }

  @Test
  void turnedAboutItSaysTheSame() {
    List<Step> first = List.of(step(0, 0), step(3, 2), step(4, 0));
    List<Step> second = List.of(step(3, 0), step(5, 0));
    RoutineDifference there = RoutineDifference.between(first, second);
    RoutineDifference back = RoutineDifference.between(second, first);
    assertThat(back.onlyInFirst()).isEqualTo(there.onlyInSecond());
    assertThat(back.onlyInSecond()).isEqualTo(there.onlyInFirst());
    assertThat(back.ties())
        .containsExactlyElementsOf(
            there.ties().stream()
                .map(
                    tie ->
                        new Tie(
                            /* first= */ tie.second(), /* second= */ tie.first(), tie.sameDose()))
                .toList());
  }
}
