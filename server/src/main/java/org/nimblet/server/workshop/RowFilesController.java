package org.nimblet.server.workshop;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.server.client.ClientFile;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rows of taps to take away as music. */
@RestController
@RequestMapping("/api/clients/{clientId}/workshop")
class RowFilesController {

  private static final String BPM_RULE = "20 to 240 beats a minute.";
  private static final String NOTES_RULE = "1 to 4 taps a beat.";
  private static final String ROUNDS_RULE = "1 to 64 rounds.";
  private static final String ANOTHER_RULE = "0 to 999.";

  /** The kinds of files. */
  enum FileKind {
    MIDI("row.mid", "audio/midi", MidiWriter::write),
    MUSIC_XML(
        "row.musicxml",
        "application/vnd.recordare.musicxml+xml",
        music -> MusicXmlWriter.write(music).getBytes(StandardCharsets.UTF_8));

    private final String fileName;
    private final String type;
    private final Function<RowMusic, byte[]> writer;

    FileKind(String fileName, String type, Function<RowMusic, byte[]> writer) {
      this.fileName = fileName;
      this.type = type;
      this.writer = writer;
    }
  }

  @GetMapping("/row/file")
  ResponseEntity<byte[]> file(
      @PathVariable("clientId") ClientFile client,
      @RequestParam FileKind kind,
      @RequestParam Circle.What what,
      @RequestParam TwoHandedRow hands,
      @RequestParam boolean thumb,
      @RequestParam
          @Min(value = 0, message = ANOTHER_RULE)
          @Max(value = 999, message = ANOTHER_RULE)
          int another,
      @RequestParam
          @Min(value = RowMusic.LEAST_BPM, message = BPM_RULE)
          @Max(value = RowMusic.GREATEST_BPM, message = BPM_RULE)
          int bpm,
      @RequestParam
          @Min(value = 1, message = NOTES_RULE)
          @Max(value = RowMusic.MOST_NOTES, message = NOTES_RULE)
          int notesABeat,
      @RequestParam
          @Min(value = 1, message = ROUNDS_RULE)
          @Max(value = RowMusic.MOST_ROUNDS, message = ROUNDS_RULE)
          int rounds) {
    List<Digit> row =
        Circle.of(what, thumb ? List.of(Digit.values()) : Digit.FINGERS, another).taps();
    RowMusic music = new RowMusic(hands.left(row), hands.right(row), bpm, notesABeat, rounds);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(kind.type))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(kind.fileName).build().toString())
        .body(kind.writer.apply(music));
  }
}
