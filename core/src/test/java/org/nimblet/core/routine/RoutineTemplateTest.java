package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;

class RoutineTemplateTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  static Stream<RoutineTemplate> templates() {
    return RoutineTemplate.all(LIBRARY).stream();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("templates")
  void passesTheRuleCheck(RoutineTemplate template) {
    RoutineRequest asked =
        RequestBuilder.of(template.purpose())
            .seconds(template.seconds())
            .discipline(template.discipline())
            .around(new Around(template.warmed(), OptionalInt.empty(), false))
            .build();
    List<Finding> findings =
        new RoutineCheck(LIBRARY).findings(template.purpose(), asked, template.steps());
    assertThat(findings).extracting(Finding::sentence).isEmpty();
    long length = RoutineTime.of(template.steps(), asked.facts().pace()).lengthMillis();
    assertThat(length).as(template.id()).isGreaterThan(template.seconds() * 1000L - 30_000);
    for (Step step : template.steps()) {
      assertThat(PurposePlan.of(template.purpose()).hasPlaceFor(step.exercise()))
          .as(step.exercise().id())
          .isTrue();
    }
  }

  /** A desk reset takes 60 to 90 s; there is something for each group and each common aim. */
  @Test
  void thereIsOneForEveryPurposeAndTheDeskResetIsShort() {
    List<RoutineTemplate> all = RoutineTemplate.all(LIBRARY);
    assertThat(all).extracting(RoutineTemplate::purpose).contains(Purpose.values());
    assertThat(all).extracting(RoutineTemplate::id).doesNotHaveDuplicates();
    assertThat(all)
        .filteredOn(template -> template.id().equals("desk-reset"))
        .singleElement()
        .satisfies(
            reset ->
                assertThat(
                        RoutineTime.of(
                                reset.steps(), RequestBuilder.warmUp().build().facts().pace())
                            .lengthMillis())
                    .isBetween(60_000L, 90_000L));
  }
}
