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
import java.util.OptionalInt;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.TapTask;
import org.nimblet.core.measure.Tapping;
import org.nimblet.server.measure.MeasureForms.DeviceForm;
import org.nimblet.server.measure.MeasureForms.LastView;
import org.nimblet.server.measure.MeasureForms.TestFrame;
import org.nimblet.server.measure.MeasureForms.ValueView;
import org.nimblet.server.routine.SafetyView;

/** What goes over the wire about tap tests. */
final class TapForms {

  private static final String BPM_RULE = "20 to 240 beats a minute.";
  private static final String NOTES_RULE = "1 to 4 taps a beat.";
  private static final String DIGITS_RULE = "1 to 125 digits.";
  private static final String TAPS_RULE = "Up to 20000 taps.";
  private static final int MOST_NOTES = 4;

  private TapForms() {}

  /** Which row is tapped. */
  enum TapRow {
    /** Every finger after every other one. */
    TRANSITIONS,
    /** From the index to the little finger, and from there anew. */
    ORDER,
    /** Two fingers in turn. */
    PAIR,
    /** One finger. */
    ONE
  }

  /**
   * Which test is asked for.
   *
   * @param thumb whether it takes part in a row of all fingers
   * @param from the one finger, or the first of two
   * @param to the second of two
   * @param bpm left out for the tempo at which this person is
   */
  record TapTaskForm(
      @NotNull(message = "CLICK_THEN_ALONE, OWN or SPEED.") Pace pace,
      @NotNull(message = "TRANSITIONS, ORDER, PAIR or ONE.") TapRow what,
      @NotNull(message = "How the hands share it.") TwoHandedRow hands,
      boolean thumb,
      @Schema(nullable = true) Digit from,
      @Schema(nullable = true) Digit to,
      @Schema(nullable = true)
          @Min(value = DrillTempo.LEAST, message = BPM_RULE)
          @Max(value = DrillTempo.GREATEST, message = BPM_RULE)
          Integer bpm,
      @Min(value = 1, message = NOTES_RULE) @Max(value = MOST_NOTES, message = NOTES_RULE)
          int notesABeat) {}

  /**
   * A test, ready to be tapped.
   *
   * @param doing what is done, for people
   * @param left what the left hand taps in turn; empty if it rests
   * @param withClick taps of a hand while it clicks
   * @param alone taps of a hand without it; 0 where only the seconds count
   * @param notCounted the first of them are led by the click still
   * @param clickMillis from one click to the next; null where none sounds
   * @param seconds how long it lasts; null where the taps are counted
   * @param closed why it may not be done; null if it may
   */
  record TapTaskView(
      Pace pace,
      TapRow what,
      List<Digit> digits,
      TwoHandedRow hands,
      @Schema(nullable = true) Integer bpm,
      int notesABeat,
      String doing,
      List<Digit> left,
      List<Digit> right,
      int withClick,
      int alone,
      int notCounted,
      @Schema(nullable = true) Integer clickMillis,
      @Schema(nullable = true) Integer seconds,
      @Schema(nullable = true) String closed,
      SafetyView safety) {}

  /**
   * A press.
   *
   * @param at in milliseconds since the first click, or since the first press
   * @param velocity null where the keys cannot tell
   */
  record TapForm(
      @NotNull(message = MeasureForms.SIDE_RULE) Side side,
      @NotNull(message = MeasureForms.DIGIT_RULE) Digit digit,
      @Min(value = -10_000, message = MeasureForms.TIME_RULE)
          @Max(value = MeasureForms.LONGEST_MILLIS, message = MeasureForms.TIME_RULE)
          double at,
      @Schema(nullable = true)
          @Min(value = 1, message = "1 to 127.")
          @Max(value = Tap.GREATEST_VELOCITY, message = "1 to 127.")
          Integer velocity) {
    Tap tap() {
      return new Tap(
          side, digit, at, velocity == null ? OptionalInt.empty() : OptionalInt.of(velocity));
    }
  }

  /** A test as it was tapped. */
  record TapTestForm(
      @NotNull(message = "How it went.") @Valid TestFrame frame,
      @NotNull(message = "CLICK_THEN_ALONE, OWN or SPEED.") Pace pace,
      @NotEmpty(message = DIGITS_RULE) @Size(max = TapTask.LONGEST_ROW, message = DIGITS_RULE)
          List<@NotNull(message = MeasureForms.DIGIT_RULE) Digit> digits,
      @NotNull(message = "How the hands share it.") TwoHandedRow hands,
      @Schema(nullable = true)
          @Min(value = DrillTempo.LEAST, message = BPM_RULE)
          @Max(value = DrillTempo.GREATEST, message = BPM_RULE)
          Integer bpm,
      @Min(value = 1, message = NOTES_RULE) @Max(value = MOST_NOTES, message = NOTES_RULE)
          int notesABeat,
      @NotNull(message = "What it was tapped on.") @Valid DeviceForm device,
      @NotNull(message = TAPS_RULE) @Size(max = Tapping.MOST_TAPS, message = TAPS_RULE)
          List<@NotNull(message = "A tap.") @Valid TapForm> taps) {

    TapTask task() {
      return new TapTask(
          pace,
          digits,
          hands,
          bpm == null ? OptionalInt.empty() : OptionalInt.of(bpm * notesABeat));
    }
  }

  /** A test among others. */
  record TapLineView(
      UUID testId,
      LocalDateTime at,
      String doing,
      @Schema(nullable = true) Integer bpm,
      String words,
      boolean even) {}

  /**
   * All tests of somebody, the latest first.
   *
   * @param bpm at which tempo this person is with the row of all transitions
   * @param standIn whether simulated hands are there to try it with
   */
  record TapTestsView(
      int bpm, int leastBpm, int greatestBpm, boolean standIn, List<TapLineView> tests) {}

  /**
   * A tap at its place.
   *
   * @param late in milliseconds; early is below 0
   */
  record PlacedView(int place, Digit wanted, Digit tapped, double late, boolean counted) {}

  /** One finger after another. */
  record LateTransitionView(Digit from, Digit to, int times, double late) {}

  /** One finger. */
  record FingerView(
      Digit digit,
      int taps,
      double late,
      double spread,
      @Schema(nullable = true) Double velocity) {}

  /**
   * Clock and hand, in ms².
   *
   * @param why they cannot be told apart, as a sentence; null if they can
   */
  record ClockView(
      @Schema(nullable = true) String why,
      double clock,
      double hand,
      double device,
      int intervals) {}

  /**
   * What a hand tapped.
   *
   * @param meanMillis from one tap to the next; null if too few were tapped
   * @param loudness how evenly loud, in percent; null where the keys cannot tell
   */
  record TappedHandView(
      Side side,
      @Schema(nullable = true) Double meanMillis,
      int right,
      int wrong,
      int missing,
      int additional,
      List<PlacedView> taps,
      List<LateTransitionView> transitions,
      List<FingerView> fingers,
      @Schema(nullable = true) Double loudness,
      ClockView clock) {}

  /** A measure with its values, a hand each. */
  record TapMeasureView(String id, String words, String unit, List<ValueView> values) {}

  /**
   * The transition that is late.
   *
   * @param hand in which hand; null if in both
   * @param words for people
   */
  record LateView(Digit from, Digit to, @Schema(nullable = true) Side hand, String words) {}

  /**
   * What a test says.
   *
   * @param title in short
   * @param washPercent up to this share of the interval is even enough
   * @param lateCounts a transition is late from so many milliseconds on
   * @param verdict whether it is even enough to go faster, and why, for people
   * @param nextBpm the next tempo where it is; null where it is not, or nothing clicked
   * @param between how the hands went together, as a sentence; null with one hand
   */
  record TapResultView(
      UUID testId,
      LocalDateTime at,
      String title,
      String doing,
      String conditions,
      Pace pace,
      TapRow what,
      List<Digit> digits,
      TwoHandedRow hands,
      @Schema(nullable = true) Integer bpm,
      int notesABeat,
      int withClick,
      double washPercent,
      double lateCounts,
      boolean even,
      String verdict,
      @Schema(nullable = true) Integer nextBpm,
      @Schema(nullable = true) String between,
      @Schema(nullable = true) LateView late,
      @Schema(nullable = true) LastView last,
      List<TapMeasureView> measures,
      List<TappedHandView> byHand) {}

  /**
   * What became of a test.
   *
   * @param result null where it was not done to its end: then nothing is measured
   */
  record TapKeptView(@Schema(nullable = true) TapResultView result) {}
}
