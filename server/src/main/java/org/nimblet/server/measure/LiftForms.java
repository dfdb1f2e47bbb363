package org.nimblet.server.measure;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.server.measure.MeasureForms.DeviceForm;
import org.nimblet.server.measure.MeasureForms.LastView;
import org.nimblet.server.measure.MeasureForms.TestFrame;
import org.nimblet.server.measure.MeasureForms.ValueView;
import org.nimblet.server.routine.SafetyView;

/** What goes over the wire about holding and lifting. */
final class LiftForms {

  static final int MOST_MOVES = 5_000;
  private static final String MOVES_RULE = "Up to 5000 moves.";
  private static final String DIGITS_RULE = "The 2 to 5 digits that hold keys.";

  private LiftForms() {}

  /** A finger that is asked to lift. */
  record AskView(Side side, Digit digit) {}

  /**
   * A test, ready to be done: one hand after the other, all keys of it held.
   *
   * @param digits those that hold keys
   * @param asks in turn
   * @param closed why it may not be done; null if it may
   */
  record LiftTaskView(
      List<Digit> digits,
      List<AskView> asks,
      @Schema(nullable = true) String closed,
      SafetyView safety) {}

  /** A move of a finger, or that it was asked for one. */
  record MoveForm(
      @Min(value = 0, message = MeasureForms.TIME_RULE)
          @Max(value = MeasureForms.LONGEST_MILLIS, message = MeasureForms.TIME_RULE)
          double at,
      @NotNull(message = MeasureForms.SIDE_RULE) Side side,
      @NotNull(message = MeasureForms.DIGIT_RULE) Digit digit,
      @NotNull(message = "ASKED, UP or DOWN.") LiftTest.KeyMove what) {
    LiftTest.Move move() {
      return new LiftTest.Move(at, side, digit, what);
    }
  }

  /** A test as it was done. */
  record LiftTestForm(
      @NotNull(message = "How it went.") @Valid TestFrame frame,
      @NotEmpty(message = DIGITS_RULE) @Size(min = 2, max = 5, message = DIGITS_RULE)
          List<@NotNull(message = MeasureForms.DIGIT_RULE) Digit> digits,
      @NotNull(message = "What it was done on.") @Valid DeviceForm device,
      @NotNull(message = MOVES_RULE) @Size(max = MOST_MOVES, message = MOVES_RULE)
          List<@NotNull(message = "A move.") @Valid MoveForm> moves) {}

  /** A lift. */
  record LiftView(Digit asked, List<Digit> cameUp, boolean alone) {}

  /** How often a finger came along with another. */
  record AlongView(Digit digit, int times) {}

  /**
   * A finger that was asked for.
   *
   * @param independence per cent of the others that stayed down; null if it was never lifted
   * @param still per cent of the others' lifts in which it stayed down; null if there were none
   * @param leakage how much it takes others along: 0 hardly, 1 a little, 2 more, 3 noticeably
   */
  record LiftedFingerView(
      Digit digit,
      int times,
      List<AlongView> along,
      @Schema(nullable = true) Integer independence,
      @Schema(nullable = true) Integer still,
      int alone,
      int leakage,
      @Schema(nullable = true) ValueView value) {}

  /** A hand. */
  record LiftedHandView(
      Side side, boolean dominant, List<LiftedFingerView> fingers, List<LiftView> lifts) {}

  /**
   * An independence of a finger on a date.
   *
   * @param equal whether it was measured under equal conditions
   */
  record LiftPointView(LocalDateTime at, Side side, Digit digit, int independence, boolean equal) {}

  /** What takes what along most. */
  record LeakView(Side side, Digit asked, Digit along) {}

  /**
   * What a test says.
   *
   * @param changeCounts from so many points on a change means something
   * @param points of this test and the earlier ones with the same digits
   * @param changeWords what has changed since the first test under equal conditions
   */
  record LiftResultView(
      UUID testId,
      LocalDateTime at,
      String title,
      String conditions,
      int lifts,
      int alone,
      List<LiftedHandView> byHand,
      @Schema(nullable = true) LeakView leak,
      @Schema(nullable = true) LastView last,
      double changeCounts,
      List<LiftPointView> points,
      String changeWords) {}

  /** A test among others. */
  record LiftLineView(UUID testId, LocalDateTime at, String title) {}

  /**
   * All tests of somebody, the latest first.
   *
   * @param needed digits of a hand that have to report together
   */
  record LiftTestsView(List<Digit> needed, int times, boolean standIn, List<LiftLineView> tests) {}

  /** What became of a test; without a result where it was not done to its end. */
  record LiftKeptView(@Schema(nullable = true) LiftResultView result) {}
}
