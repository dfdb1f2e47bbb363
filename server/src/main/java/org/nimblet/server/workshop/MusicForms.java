package org.nimblet.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.Phrase;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.server.workshop.MusicFilesController.FileKind;

/** What is asked for as music. */
final class MusicForms {

  static final String BARS_RULE = "1 to 16 bars.";
  static final String BEATS_RULE = "2 to 7 beats a bar.";
  private static final String KIND_RULE = "MIDI or MUSIC_XML.";
  static final String BPM_RULE = "20 to 240 beats a minute.";
  private static final String NOTES_RULE = "1 to 4 taps a beat.";
  private static final String ROUNDS_RULE = "1 to 64 rounds.";
  private static final String ANOTHER_RULE = "0 to 999.";

  private MusicForms() {}

  /**
   * A phrase as it is asked for.
   *
   * @param bars left out where there is none
   */
  static Optional<Phrase> phrase(Integer bars, Integer beatsABar) {
    return Optional.ofNullable(bars)
        .map(b -> new Phrase(b, beatsABar == null ? Phrase.USUAL_BEATS_A_BAR : beatsABar));
  }

  /** A row as music. */
  record RowMusicForm(
      @NotNull(message = KIND_RULE) FileKind kind,
      @NotNull(message = "What is held once.") Circle.What what,
      @NotNull(message = "How the hands share it.") TwoHandedRow hands,
      boolean thumb,
      @Min(value = 0, message = ANOTHER_RULE) @Max(value = 999, message = ANOTHER_RULE) int another,
      @Min(value = WorkshopForms.LEAST_A_MINUTE, message = BPM_RULE)
          @Max(value = WorkshopForms.GREATEST_A_MINUTE, message = BPM_RULE)
          int bpm,
      @Min(value = 1, message = NOTES_RULE) @Max(value = TapMusic.MOST_NOTES, message = NOTES_RULE)
          int notesABeat,
      @Min(value = 1, message = ROUNDS_RULE)
          @Max(value = TapMusic.MOST_ROUNDS, message = ROUNDS_RULE)
          int rounds,
      @Schema(nullable = true)
          @Min(value = 1, message = BARS_RULE)
          @Max(value = Phrase.MOST_BARS, message = BARS_RULE)
          Integer bars,
      @Schema(nullable = true)
          @Min(value = Phrase.LEAST_BEATS_A_BAR, message = BEATS_RULE)
          @Max(value = Phrase.MOST_BEATS_A_BAR, message = BEATS_RULE)
          Integer beatsABar) {

    Optional<Phrase> phrase() {
      return MusicForms.phrase(bars, beatsABar);
    }
  }

  /** A pattern as music. */
  record PatternMusicForm(
      @NotNull(message = KIND_RULE) FileKind kind,
      @NotNull(message = "One of the patterns.") String pattern,
      @Schema(nullable = true) Side hand,
      @Min(value = WorkshopForms.LEAST_A_MINUTE, message = BPM_RULE)
          @Max(value = WorkshopForms.GREATEST_A_MINUTE, message = BPM_RULE)
          int bpm,
      @Schema(nullable = true)
          @Min(value = 1, message = BARS_RULE)
          @Max(value = Phrase.MOST_BARS, message = BARS_RULE)
          Integer bars,
      @Schema(nullable = true)
          @Min(value = Phrase.LEAST_BEATS_A_BAR, message = BEATS_RULE)
          @Max(value = Phrase.MOST_BEATS_A_BAR, message = BEATS_RULE)
          Integer beatsABar) {

    Optional<Phrase> phrase() {
      return MusicForms.phrase(bars, beatsABar);
    }
  }
}
