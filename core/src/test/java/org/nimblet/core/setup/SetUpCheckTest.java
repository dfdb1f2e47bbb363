package org.nimblet.core.setup;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.exercise.Discipline;

class SetUpCheckTest {

  @ParameterizedTest
  @EnumSource(Discipline.class)
  void everyDisciplineHasSixToTenPointsThatCanBeSeen(Discipline discipline) {
    assertThat(SetUpCheck.of(discipline)).hasSizeBetween(6, 10).doesNotHaveDuplicates();
    assertThat(SetUpCheck.of(discipline))
        .allSatisfy(
            point -> {
              assertThat(point.says()).endsWith(".").hasSizeLessThan(70);
              assertThat(point.why()).endsWith(".");
              assertThat(SetUpCheck.find(point.id())).contains(point);
            });
  }

  /** PRACTICE 9: the straight wrist is looked at in everything. */
  @ParameterizedTest
  @EnumSource(Discipline.class)
  void theWristIsAlwaysLookedAt(Discipline discipline) {
    assertThat(SetUpCheck.of(discipline)).extracting(SetUpPoint::id).contains("wrist-in-line");
  }
}
