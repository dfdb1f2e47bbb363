package org.nimblet.server.measure;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.DemandForms.VoiceView;
import org.nimblet.server.measure.TapForms.TapKeptView;
import org.nimblet.server.measure.TapForms.TapResultView;
import org.nimblet.server.measure.TapForms.TapTaskForm;
import org.nimblet.server.measure.TapForms.TapTaskView;
import org.nimblet.server.measure.TapForms.TapTestForm;
import org.nimblet.server.measure.TapForms.TapTestsView;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.NimbletSettings;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tap tests of a client. */
@RestController
@RequestMapping("/api/clients/{clientId}/taps")
class TapController {

  private final TapService service;
  private final NimbletSettings settings;

  TapController(TapService service, NimbletSettings settings) {
    this.service = service;
    this.settings = settings;
  }

  @GetMapping
  TapTestsView tapTests(@PathVariable("clientId") Person person) {
    return service.all(person, settings.standIn().runs());
  }

  @GetMapping("/task")
  TapTaskView tapTask(
      @PathVariable("clientId") Person person, @ParameterObject @Valid TapTaskForm form) {
    return service.task(person, form);
  }

  @PostMapping
  TapKeptView keepTaps(
      @PathVariable("clientId") Person person, @Valid @RequestBody TapTestForm form) {
    return service.keep(person, form);
  }

  /**
   * A test that was played elsewhere, as a Standard MIDI File.
   *
   * @param left which voice of the file is the left hand's; left out for what the file says
   * @param right which voice is the right hand's
   */
  @PostMapping(value = "/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  TapResultView tapFile(
      @PathVariable("clientId") Person person,
      @ParameterObject @Valid TapTaskForm form,
      @RequestParam Optional<Integer> left,
      @RequestParam Optional<Integer> right,
      @RequestBody byte[] file) {
    return service.file(person, form, TapFile.read(file, left, right));
  }

  /** The voices of a file, so that somebody can say which hand played which. */
  @PostMapping(value = "/file/voices", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  List<VoiceView> tapFileVoices(
      @PathVariable("clientId") ClientFile client, @RequestBody byte[] file) {
    PieceFile read = PieceFile.read(file);
    return DemandViews.voices(read, read.hands(Optional.empty(), Optional.empty()));
  }

  @GetMapping("/result")
  TapResultView tapResult(@PathVariable("clientId") Person person, @RequestParam UUID test) {
    return service.result(person, test);
  }

  @DeleteMapping("/result")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetTaps(@PathVariable("clientId") ClientFile client, @RequestParam UUID test) {
    service.forget(client, test);
  }

  /** What was tapped, as it was tapped. */
  @GetMapping(value = "/taps.csv", produces = "text/csv")
  ResponseEntity<String> rawTaps(
      @PathVariable("clientId") ClientFile client, @RequestParam UUID test) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("taps.csv").build().toString())
        .body(RawCsv.of(service.raw(client, test)));
  }
}
