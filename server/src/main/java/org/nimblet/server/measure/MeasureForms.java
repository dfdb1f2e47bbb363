package org.nimblet.server.measure;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Change;
import org.nimblet.core.measure.Device;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.session.SessionForms.PainForm;

/** What goes over the wire about all tests. */
final class MeasureForms {

  static final String SIDE_RULE = "LEFT or RIGHT.";
  static final String DIGIT_RULE = "THUMB, INDEX, MIDDLE, RING or LITTLE.";
  static final String TIME_RULE = "Milliseconds from 0 to 3 600 000.";

  /** An hour. */
  static final long LONGEST_MILLIS = 3_600_000;

  private MeasureForms() {}

  /** What was tapped on. */
  record DeviceForm(
      @NotNull(message = "COMPUTER_KEYBOARD, MIDI_KEYBOARD, MIDI_FILE or TOUCH_SCREEN.")
          Device.DeviceKind kind,
      @NotNull(message = "A name, or an empty text.")
          @Size(max = 100, message = "Up to 100 characters.")
          String name) {
    Device device() {
      return new Device(kind, name);
    }
  }

  /**
   * How a test began and ended; it is kept as a session too, so that what hurt in it is known.
   *
   * @param testId the test's identifier; one that is known is passed over
   * @param ending only what was done to its end is measured
   * @param before what hurt before it; null if nobody was asked
   */
  record TestFrame(
      @NotNull(message = "An identifier.") UUID testId,
      @NotNull(message = "When it began.") Instant beganAt,
      @NotNull(message = "When it ended.") Instant endedAt,
      @NotNull(message = "DONE, LEFT or STOPPED.") SessionEnding ending,
      @NotNull(message = "What hurt, or an empty list.") @Size(max = 60, message = "At most 60.")
          List<@NotNull(message = "What hurt.") @Valid PainForm> hurts,
      @Schema(nullable = true) @Size(max = 30, message = "At most 30.")
          List<@NotNull(message = "What hurt before.") @Valid PainForm> before) {}

  /**
   * A value of a test against the last one.
   *
   * @param before null if there is none to compare with
   * @param counts from which difference on a change means something
   * @param verdict null if there is nothing to compare with
   * @param words what it means, for people
   */
  record ValueView(
      @Schema(nullable = true) Side side,
      double now,
      @Schema(nullable = true) Double before,
      double counts,
      @Schema(nullable = true) Change.ChangeVerdict verdict,
      String words) {}

  /**
   * The test that is compared with.
   *
   * @param unlike what was unlike at it, as sentences; then nothing is called better or worse
   */
  record LastView(
      UUID testId, LocalDateTime at, @Schema(nullable = true) Integer bpm, List<String> unlike) {}
}
