package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Purpose;

class StepFeelingTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static RoutineRequest asked() {
    return RequestBuilder.of(Purpose.RECOVERY).build();
  }

  private static Step usual(Exercise exercise) {
    Method method =
        exercise.dose(Method.STEADY_HOLD).isPresent() ? Method.STEADY_HOLD : exercise.usualMethod();
    return new Step(
        exercise,
        exercise.dose(method).orElseThrow().usual(),
        exercise.demands().positions().iterator().next(),
        Side.LEFT);
  }

  private static StepFeeling feeling(Exercise exercise, RoutineRequest asked) {
    return StepFeeling.of(usual(exercise), asked, Purpose.RECOVERY, LIBRARY);
  }

  @Test
  void aStretchOfTheInnerForearmIsMeantThereAndAnotherTakesItsPlace() {
    Exercise stretch = LIBRARY.find("palm-up-fingers-back").orElseThrow();
    StepFeeling feeling = feeling(stretch, asked());
    assertThat(feeling.meant()).isEqualTo(Tissue.FINGER_FLEXORS.regions());
    assertThat(feeling.meant()).contains(Region.FOREARM_PALM_SIDE);
    assertThat(feeling.asksWhere()).isTrue();
    assertThat(feeling.asksTighter()).isTrue();
    Exercise instead = feeling.instead().orElseThrow();
    assertThat(instead).isNotEqualTo(stretch);
    assertThat(instead.service().main()).isEqualTo(Tissue.FINGER_FLEXORS);
  }

  @Test
  void whatWasFeltElsewhereItselfTakesNoPlace() {
    Exercise stretch = LIBRARY.find("palm-up-fingers-back").orElseThrow();
    Exercise first = feeling(stretch, asked()).instead().orElseThrow();
    Recent recent =
        new Recent(
            Map.of(),
            Map.of(),
            Map.of(),
            Set.of(),
            Set.of(),
            Map.of(),
            Map.of(),
            Set.of(first.id()));
    assertThat(
            feeling(stretch, RequestBuilder.of(Purpose.RECOVERY).recent(recent).build()).instead())
        .isNotEqualTo(Optional.of(first));
  }

  /** Common practice, no source: the burn is wanted in endurance counts and nowhere else. */
  @Test
  void aBurnIsWantedInEnduranceCountsAlone() {
    for (Exercise exercise : LIBRARY.exercises()) {
      StepFeeling feeling = feeling(exercise, asked());
      assertThat(feeling.burnIsWanted())
          .as(exercise.id())
          .isEqualTo(exercise.progression().isDailyEndurance());
      assertThat(feeling.mayStay()).as(exercise.id()).isEqualTo(exercise.kind() == Kind.RELEASE);
      feeling
          .instead()
          .ifPresent(
              other ->
                  assertThat(Rejection.unsuited(other, asked().facts(), asked().use()))
                      .as("%s for %s", other.id(), exercise.id())
                      .isEmpty());
    }
  }

  /** Twice as good a reason: what was felt elsewhere is worth less than the same otherwise. */
  @Test
  void whatWasFeltElsewhereIsWorthLess() {
    Exercise stretch = LIBRARY.find("palm-up-fingers-back").orElseThrow();
    Recent recent =
        new Recent(
            Map.of(),
            Map.of(),
            Map.of(),
            Set.of(),
            Set.of(),
            Map.of(),
            Map.of(),
            Set.of(stretch.id()));
    RoutineRequest before = asked();
    RoutineRequest after = RequestBuilder.of(Purpose.RECOVERY).recent(recent).build();
    Step step = usual(stretch);
    PurposePlan plan = PurposePlan.of(Purpose.RECOVERY);
    assertThat(Worth.of(step, Method.STEADY_HOLD, false, plan, after, Set.of()).points())
        .isLessThan(Worth.of(step, Method.STEADY_HOLD, false, plan, before, Set.of()).points());
  }
}
