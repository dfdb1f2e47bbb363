package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseTest {

  private static final Dose CIRCLES =
      new Dose(new DoseForm.Count(2, 60), 5, 3, Laterality.EACH, Units.DIRECTIONS, 0);

  /** Common practice, no source: 5 circles each way, 3 rounds, both hands. */
  @Test
  void fiveCirclesEachWayThreeRoundsBothHandsAreSixty() {
    assertThat(CIRCLES.totalRepetitions()).isEqualTo(60);
  }

  /** Common practice, no source: 3 × 12, morning and night, for 42 days. */
  @Test
  void threeTimesTwelveTwiceADayForSixWeeksAre3024Presses() {
    Dose presses =
        new Dose(new DoseForm.Count(2, 60), 12, 3, Laterality.WORKING_SIDE, Units.WHOLE, 30);
    assertThat(presses.totalRepetitions() * 2 * 42).isEqualTo(3024);
  }

  @ParameterizedTest
  @CsvSource({"60, 9", "80, 12", "100, 15", "120, 18"})
  void levelsVaryTheSecondsOfAHold(int level, int seconds) {
    Dose hold = new Dose(new DoseForm.Hold(15), 2, 1, Laterality.EACH, Units.WHOLE, 0);
    assertThat(hold.atLevel(level, new Dose.Bounds(5, 30)).form())
        .isEqualTo(new DoseForm.Hold(seconds));
  }

  @Test
  void levelsStayWithinTheBounds() {
    assertThat(CIRCLES.atLevel(60, new Dose.Bounds(4, 5)).repetitions()).isEqualTo(4);
    assertThat(CIRCLES.atLevel(120, new Dose.Bounds(4, 5)).repetitions()).isEqualTo(5);
  }

  @Test
  void refusesNonsenseNamingWhatIsAllowed() {
    assertThatThrownBy(() -> new DoseForm.Hold(0))
        .hasMessage("hold seconds (0) must be between 1 and 600");
    assertThatThrownBy(() -> new Pace(16))
        .hasMessage("breaths a minute (16) must be between 3 and 15");
    assertThatThrownBy(() -> new Dose(new DoseForm.Pulse(), 0, 1, Laterality.EACH, Units.WHOLE, 0))
        .hasMessage("repetitions (0) must be between 1 and 300");
  }

  /** Each was rounded up before they were added, and two breaths of 9.23 s counted as ten. */
  @Test
  void whatIsHeldIsRoundedLast() {
    Dose once = new Dose(new DoseForm.Breaths(2), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    Pace quick = new Pace(13);
    assertThat(once.heldSecondsPerSide(quick)).isEqualTo(10);
    assertThat(once.withRepetitions(3, 1).heldSecondsPerSide(quick)).isEqualTo(28);
  }
}
