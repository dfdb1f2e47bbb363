package org.nimblet.server.measure;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.DeviceDemand;
import org.nimblet.core.measure.PieceDemand.Reach;

/** What goes over the wire about what pieces and devices ask of fingers. */
final class DemandForms {

  private static final String SPAN_RULE = "100 to 300 mm, from thumb to little finger.";
  private static final String VOICE_RULE = "A voice of the file, from 1 on.";
  private static final String BINDINGS_RULE = "1 to 60 bindings.";
  private static final String A_MINUTE_RULE = "0 to 900 presses a minute.";
  private static final String MINUTES_RULE = "1 to 960 minutes.";
  private static final String NAME_RULE = "What it is called, up to 60 characters.";

  private DemandForms() {}

  /**
   * How a piece is looked at.
   *
   * @param span how far the hand spans, in millimetres; without it no reach is marked
   * @param left which voice is the left hand's; left out for what the file says
   * @param right which voice is the right hand's
   */
  record PieceForm(
      @Schema(nullable = true)
          @Min(value = Reach.LEAST_SPAN, message = SPAN_RULE)
          @Max(value = Reach.GREATEST_SPAN, message = SPAN_RULE)
          Integer span,
      @Schema(nullable = true) @Min(value = 1, message = VOICE_RULE) Integer left,
      @Schema(nullable = true) @Min(value = 1, message = VOICE_RULE) Integer right) {}

  /** A voice of the file. */
  record VoiceView(int number, String name, int notes, @Schema(nullable = true) Side hand) {}

  /** Presses of a digit. */
  record PressesView(Digit digit, int times, double share) {}

  /** A finger after another. */
  record FingerStepView(Digit from, Digit to, int times) {}

  /** Two fingers at once. */
  record KeyStretchView(
      Digit nearer, Digit farther, double millimetres, String keys, int bar, boolean impossible) {}

  /** What a piece asks of a hand. */
  record PieceHandView(
      Side side,
      int all,
      List<PressesView> presses,
      List<FingerStepView> steps,
      List<KeyStretchView> stretches,
      List<KeyStretchView> beyond,
      int impossible) {}

  /**
   * What a piece asks.
   *
   * @param rule how fingers are guessed; null if none had to be
   * @param reachWords what reach is marked, as a sentence
   */
  record PieceDemandView(
      int notes,
      int guessed,
      @Schema(nullable = true) String rule,
      String reachWords,
      List<VoiceView> voices,
      List<PieceHandView> byHand) {}

  /** Something that a finger does. */
  record BindingForm(
      @NotNull(message = MeasureForms.SIDE_RULE) Side side,
      @NotNull(message = MeasureForms.DIGIT_RULE) Digit digit,
      @NotNull(message = NAME_RULE) @Size(min = 1, max = 60, message = NAME_RULE) String what,
      @Min(value = 0, message = A_MINUTE_RULE)
          @Max(value = DeviceDemand.MOST_A_MINUTE, message = A_MINUTE_RULE)
          int aMinute) {}

  /** What is done with a device. */
  record DeviceDemandForm(
      @NotEmpty(message = BINDINGS_RULE) @Size(max = 60, message = BINDINGS_RULE)
          List<@NotNull(message = "A binding.") @Valid BindingForm> bindings,
      @Min(value = 1, message = MINUTES_RULE)
          @Max(value = DeviceDemand.MOST_MINUTES, message = MINUTES_RULE)
          int minutes) {}

  /** What a device asks of a hand. */
  record DeviceHandView(Side side, int all, List<PressesView> presses, String steadying) {}

  /** What a device asks. */
  record DeviceDemandView(int minutes, List<DeviceHandView> byHand) {}
}
