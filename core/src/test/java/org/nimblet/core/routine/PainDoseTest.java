package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.routine.Pain.Course;

/** PRACTICE 5: 2–3 steady and 5–6 new are common practice, no source; the rest is ours. */
class PainDoseTest {

  @ParameterizedTest
  @CsvSource({
    "0, STEADY, THREE_A_WEEK, false, false",
    "1, NEW, THREE_A_WEEK, false, false",
    "2, STEADY, MORNING_AND_NIGHT, false, false",
    "3, STEADY, MORNING_AND_NIGHT, false, false",
    "2, NEW, ONCE_A_DAY, false, false",
    "3, NEW, ONCE_A_DAY, false, false",
    "4, STEADY, ONCE_A_DAY, true, false",
    "4, NEW, ONCE_A_DAY, true, false",
    "5, STEADY, ONCE_A_DAY, true, true",
    "6, NEW, ONCE_A_DAY, true, true",
    "7, STEADY, NOT_AT_ALL, true, true",
    "10, NEW, NOT_AT_ALL, true, true"
  })
  void followsTheTable(
      int level, Course course, PainDose.Often often, boolean held, boolean isometric) {
    assertThat(PainDose.of(level, course)).isEqualTo(new PainDose(often, held, isometric));
  }

  @ParameterizedTest
  @CsvSource({
    "4, STEADY, 'once a day, level held'",
    "5, NEW, 'once a day, level held, quiet holds preferred'",
    "2, STEADY, 'morning and night, for about six weeks'"
  })
  void saysIt(int level, Course course, String words) {
    assertThat(PainDose.of(level, course).words()).isEqualTo(words);
  }

  @ParameterizedTest
  @EnumSource
  void itsZonesAreTheTableWithoutGaps(Course course) {
    List<PainDose.Zone> zones = PainDose.zones(course);
    assertThat(zones).extracting(PainDose.Zone::from).containsExactly(0, 2, 4, 5, 7);
    for (int level = Pain.NONE; level <= Pain.WORST; level++) {
      int asked = level;
      assertThat(zones.stream().filter(zone -> zone.holds(asked)))
          .as("level %d", level)
          .extracting(PainDose.Zone::dose)
          .containsExactly(PainDose.of(level, course));
    }
  }
}
