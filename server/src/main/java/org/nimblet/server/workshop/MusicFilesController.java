package org.nimblet.server.workshop;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.DrillLength;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.workshop.MusicForms.PatternMusicForm;
import org.nimblet.server.workshop.MusicForms.RowMusicForm;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Rows of taps and patterns to take away as music. */
@RestController
@RequestMapping("/api/clients/{clientId}/workshop")
class MusicFilesController {

  /** The kinds of files. */
  enum FileKind {
    MIDI(".mid", "audio/midi", MidiWriter::write),
    MUSIC_XML(
        ".musicxml",
        "application/vnd.recordare.musicxml+xml",
        music -> MusicXmlWriter.write(music).getBytes(StandardCharsets.UTF_8));

    private final String ending;
    private final String type;
    private final Function<TapMusic, byte[]> writer;

    FileKind(String ending, String type, Function<TapMusic, byte[]> writer) {
      this.ending = ending;
      this.type = type;
      this.writer = writer;
    }
  }

  @GetMapping("/row/file")
  ResponseEntity<byte[]> row(
      @PathVariable("clientId") ClientFile client, @ParameterObject @Valid RowMusicForm form) {
    List<Digit> row =
        Circle.of(
                form.what(), form.thumb() ? List.of(Digit.values()) : Digit.FINGERS, form.another())
            .taps();
    TapMusic music =
        TapMusic.ofRow(row, form.hands(), form.bpm(), form.notesABeat(), form.rounds());
    return file("row", form.kind(), form.phrase().map(music::in).orElse(music));
  }

  /** A pattern, gone through as often as a drill of it lasts. */
  @GetMapping("/pattern/file")
  ResponseEntity<byte[]> pattern(
      @PathVariable("clientId") ClientFile client, @ParameterObject @Valid PatternMusicForm form) {
    Drill drill = WorkshopService.drill("pattern", form.pattern(), form.hand());
    if (drill.pattern().first().stream().allMatch(state -> state.bent().isEmpty())) {
      throw new InvalidFieldException(
          "pattern", "(%s) opens gaps and presses nothing.".formatted(form.pattern()));
    }
    int rounds = DrillLength.CHANGES / drill.pattern().first().size();
    TapMusic music = TapMusic.ofDrill(drill, form.bpm(), Math.max(1, rounds));
    return file("pattern", form.kind(), form.phrase().map(music::in).orElse(music));
  }

  private static ResponseEntity<byte[]> file(String name, FileKind kind, TapMusic music) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(kind.type))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name + kind.ending).build().toString())
        .body(kind.writer.apply(music));
  }
}
