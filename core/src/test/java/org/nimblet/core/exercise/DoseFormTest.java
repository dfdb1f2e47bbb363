package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.routine.StepTime;

class DoseFormTest {

  private static Dose dose(DoseForm form, int repetitions, int sets, Laterality laterality) {
    return new Dose(form, repetitions, sets, laterality, Units.WHOLE, 0);
  }

  /** Five presses and a hold of 5–10 s for a pair of digits (common practice, no source). */
  @ParameterizedTest
  @CsvSource({"5, 5", "5, 10", "8, 6"})
  void pressesAndAHoldTakeAllThePressesAndTheHold(int presses, int seconds) {
    DoseForm form = new DoseForm.PressesThenHold(presses, seconds);
    assertThat(form.repetitionSeconds(Pace.USUAL))
        .isEqualTo(BigFraction.of(presses + 2 * DoseForm.Hold.MOVE_SECONDS + seconds));
    assertThat(form.heldSeconds(Pace.USUAL)).isEqualTo(seconds);
    assertThat(form.isStatic()).isTrue();
  }

  @Test
  void onlyTheHoldGrowsNotThePresses() {
    DoseForm form = new DoseForm.PressesThenHold(5, 6);
    assertThat(form.quantity()).isEqualTo(6);
    assertThat(form.withQuantity(9)).isEqualTo(new DoseForm.PressesThenHold(5, 9));
    assertThat(dose(form, 1, 1, Laterality.EACH).atLevel(120, new Dose.Bounds(5, 7)).form())
        .isEqualTo(new DoseForm.PressesThenHold(5, 7));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 5, presses (0) must be between 1 and 20",
    "21, 5, presses (21) must be between 1 and 20",
    "5, 0, hold seconds (0) must be between 1 and 600"
  })
  void pressesAndHoldStayWithinReason(int presses, int seconds, String message) {
    assertThatThrownBy(() -> new DoseForm.PressesThenHold(presses, seconds)).hasMessage(message);
  }

  @ParameterizedTest
  @CsvSource({"60, 40, 40", "100, 50, 30", "120, 30, 15"})
  void aCountAtOnesOwnPaceIsReckonedByTheMinute(int aMinute, int count, int seconds) {
    Dose dose = dose(new DoseForm.OwnPace(aMinute), count, 1, Laterality.TOGETHER);
    assertThat(dose.form().repetitionSeconds(Pace.USUAL).multiply(count))
        .isEqualTo(BigFraction.of(seconds));
    assertThat(dose.totalRepetitions()).isEqualTo(count);
  }

  @ParameterizedTest
  @CsvSource({"0", "301"})
  void onesOwnPaceIsAPace(int aMinute) {
    assertThatThrownBy(() -> new DoseForm.OwnPace(aMinute))
        .hasMessage("repetitions a minute (%d) must be between 1 and 300", aMinute);
  }

  /** One hand rests while the other works: no rest of its own is needed between the rounds. */
  @Test
  void sidesInTurnWorkAsOftenAsEachSideButChangeAfterEveryRound() {
    DoseForm hold = new DoseForm.Hold(5);
    Dose inTurn = dose(hold, 1, 5, Laterality.IN_TURN);
    Dose each = dose(hold, 1, 5, Laterality.EACH);
    assertThat(inTurn.totalRepetitions()).isEqualTo(each.totalRepetitions()).isEqualTo(10);
    assertThat(Laterality.IN_TURN.sidesApart()).isTrue();
    assertThat(Laterality.TOGETHER.sidesApart()).isFalse();
    long more = StepTime.millis(inTurn, Pace.USUAL) - StepTime.millis(each, Pace.USUAL);
    assertThat(more).isPositive();
  }
}
