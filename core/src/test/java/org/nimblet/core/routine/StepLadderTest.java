package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;

class StepLadderTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Exercise STRETCH = LIBRARY.find("palm-up-fingers-back").orElseThrow();

  private static Step step(int seconds, int repetitions) {
    Dose usual = STRETCH.dose(Method.STEADY_HOLD).orElseThrow().usual();
    return new Step(
        STRETCH,
        usual.withQuantity(seconds).withRepetitions(repetitions, 1),
        Position.SIT,
        Side.LEFT);
  }

  private static RoutineRequest asked(Around around) {
    return RequestBuilder.of(Purpose.RECOVERY).around(around).build();
  }

  private static StepLadder ladder(Step step) {
    return StepLadder.of(step, asked(Around.NOTHING), Purpose.RECOVERY).orElseThrow();
  }

  @Test
  void aRungHasItsNeighbours() {
    StepLadder ladder = ladder(step(20, 2));
    assertThat(ladder.rungs()).containsExactly("15 s", "20 s", "25 s", "30 s", "3 ×", "4 ×");
    assertThat(ladder.at()).isEqualTo(1);
    assertThat(ladder.easier().orElseThrow().dose().quantity()).isEqualTo(15);
    assertThat(ladder.harder().orElseThrow().dose().quantity()).isEqualTo(25);
    assertThat(ladder(step(15, 2)).easier()).isEmpty();
    assertThat(ladder(step(30, 4)).harder()).isEmpty();
  }

  @Test
  void theSidesOfTheStepStay() {
    Step together = step(20, 2).withDose(step(20, 2).dose().withLaterality(Laterality.ONE_SIDE));
    assertThat(ladder(together).easier().orElseThrow().dose().laterality())
        .isEqualTo(Laterality.ONE_SIDE);
  }

  /** Behm 2016, from memory: before play no tissue is held for more than 30 s. */
  @Test
  void beforePlayNothingGetsLongerThanIsSound() {
    Step step = step(15, 2);
    assertThat(
            StepLadder.of(step, asked(Around.BEFORE_PLAY), Purpose.WARM_UP).orElseThrow().harder())
        .isEmpty();
    assertThat(ladder(step).harder()).isPresent();
  }

  /** With carpal tunnel trouble a bent wrist is held for 30 s at most (common practice). */
  @Test
  void whatWouldBeUnsoundForThePersonIsNotOffered() {
    Dose quiet = STRETCH.dose(Method.LONG_QUIET).orElseThrow().usual().withQuantity(30);
    Step step = new Step(STRETCH, quiet, Position.SIT, Side.LEFT);
    RequestBuilder person = RequestBuilder.of(Purpose.RECOVERY).method(Method.LONG_QUIET);
    assertThat(StepLadder.of(step, person.build(), Purpose.RECOVERY).orElseThrow().harder())
        .isPresent();
    RoutineRequest sore =
        person
            .condition(
                new KnownCondition(
                    Condition.CARPAL_TUNNEL,
                    EnumSet.allOf(Side.class),
                    Condition.CARPAL_TUNNEL.usualPlace(),
                    LocalDate.of(2026, 3, 1)))
            .build();
    assertThat(StepLadder.of(step, sore, Purpose.RECOVERY).orElseThrow().harder()).isEmpty();
  }

  @Test
  void whatIsNoRungCanOnlyBeMadeLess() {
    StepLadder ladder = ladder(step(30, 1));
    assertThat(ladder.rungs()).isEmpty();
    assertThat(ladder.easier().orElseThrow().dose().quantity()).isEqualTo(21);
    assertThat(ladder.harder()).isEmpty();
  }

  @Test
  void heatHasNoLadder() {
    Exercise heat = LIBRARY.find("palm-rub").orElseThrow();
    Step step = new Step(heat, heat.doseFor(Method.STEADY_HOLD).usual(), Position.SIT, Side.LEFT);
    assertThat(StepLadder.of(step, asked(Around.NOTHING), Purpose.RECOVERY)).isEmpty();
  }

  /** Every exercise at every rung of its own ladder: neighbours differ and are sound doses. */
  @Test
  void everyRungOfTheLibraryKnowsItsPlace() {
    for (Exercise exercise : LIBRARY.exercises()) {
      exercise
          .doses()
          .forEach(
              (method, plan) -> {
                Step usual =
                    new Step(
                        exercise,
                        plan.usual(),
                        exercise.demands().positions().iterator().next(),
                        Side.LEFT);
                StepLadder.of(
                        usual,
                        RequestBuilder.of(Purpose.RECOVERY).method(method).build(),
                        Purpose.RECOVERY)
                    .ifPresent(
                        ladder -> {
                          ladder.easier().ifPresent(s -> assertThat(s).isNotEqualTo(usual));
                          ladder
                              .harder()
                              .ifPresent(
                                  harder ->
                                      assertThat(
                                              StepTime.millis(harder, Pace.USUAL)
                                                  + harder.dose().quantity())
                                          .as(exercise.id())
                                          .isNotEqualTo(
                                              StepTime.millis(usual, Pace.USUAL)
                                                  + usual.dose().quantity()));
                        });
              });
    }
  }
}
