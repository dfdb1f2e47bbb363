package org.nimblet.server.log;

import jakarta.validation.Valid;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.TwoAtOnce;
import org.nimblet.server.routine.RoutineTitles;
import org.nimblet.server.session.SessionForms.CheckInForm;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.session.SessionService.Played;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a device tells of a session, whenever it can. */
@RestController
@RequestMapping("/api/clients/{clientId}")
class RecordController {

  private final SessionService service;
  private final RoutineTitles routines;

  RecordController(SessionService service, RoutineTitles routines) {
    this.service = service;
    this.routines = routines;
  }

  /** Sent again as often as the device likes; the identifier it made is the idempotency key. */
  @PutMapping("/sessions/{sessionId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void record(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID sessionId,
      @Valid @RequestBody SessionForm form) {
    TwoAtOnce.settle(() -> service.record(client, sessionId, form, () -> played(client, form)));
  }

  private Optional<Played> played(ClientFile client, SessionForm form) {
    return Optional.ofNullable(form.routineId())
        .flatMap(id -> routines.title(client, id).map(title -> new Played(Optional.of(id), title)));
  }

  @PutMapping("/sessions/{sessionId}/check-in")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void checkIn(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID sessionId,
      @Valid @RequestBody CheckInForm form) {
    service.checkIn(client, sessionId, form);
  }
}
