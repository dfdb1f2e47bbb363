package org.nimblet.server.measure;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.LiftForms.LiftKeptView;
import org.nimblet.server.measure.LiftForms.LiftResultView;
import org.nimblet.server.measure.LiftForms.LiftTaskView;
import org.nimblet.server.measure.LiftForms.LiftTestForm;
import org.nimblet.server.measure.LiftForms.LiftTestsView;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.NimbletSettings;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
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

/** Tests of holding and lifting of a client. */
@RestController
@RequestMapping("/api/clients/{clientId}/lifts")
class LiftController {

  private static final String SEED_RULE = "0 to 999999.";

  private final LiftService service;
  private final NimbletSettings settings;

  LiftController(LiftService service, NimbletSettings settings) {
    this.service = service;
    this.settings = settings;
  }

  @GetMapping
  LiftTestsView liftTests(@PathVariable("clientId") Person person) {
    return service.all(person, settings.standIn().runs());
  }

  @GetMapping("/task")
  LiftTaskView liftTask(
      @PathVariable("clientId") Person person,
      @RequestParam Optional<Side> side,
      @RequestParam(defaultValue = "false") boolean thumb,
      @RequestParam @Min(value = 0, message = SEED_RULE) @Max(value = 999_999, message = SEED_RULE)
          long seed) {
    return service.task(person, side, thumb, seed);
  }

  @PostMapping
  LiftKeptView keepLifts(
      @PathVariable("clientId") Person person, @Valid @RequestBody LiftTestForm form) {
    return service.keep(person, form);
  }

  @GetMapping("/result")
  LiftResultView liftResult(@PathVariable("clientId") Person person, @RequestParam UUID test) {
    return service.result(person, test);
  }

  @DeleteMapping("/result")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetLifts(@PathVariable("clientId") ClientFile client, @RequestParam UUID test) {
    service.forget(client, test);
  }

  /** What was done, move by move. */
  @GetMapping(value = "/lifts.csv", produces = "text/csv")
  ResponseEntity<String> rawLifts(
      @PathVariable("clientId") ClientFile client, @RequestParam UUID test) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("lifts.csv").build().toString())
        .body(RawCsv.of(service.raw(client, test)));
  }
}
