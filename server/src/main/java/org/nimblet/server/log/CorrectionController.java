package org.nimblet.server.log;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.progress.ChangedDecision;
import org.nimblet.core.progress.Progress;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.health.HealthTrail;
import org.nimblet.server.person.People;
import org.nimblet.server.session.CorrectionService;
import org.nimblet.server.session.SessionForms.CorrectionForm;
import org.nimblet.server.session.SessionForms.NoteForm;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Puts right what a session says; what it said before is kept, and what follows is judged anew. */
@RestController
@RequestMapping("/api/clients/{clientId}/sessions/{sessionId}")
class CorrectionController {

  private final CorrectionService service;
  private final People people;
  private final HealthTrail trail;
  private final Scope scope;

  CorrectionController(CorrectionService service, People people, HealthTrail trail, Scope scope) {
    this.service = service;
    this.people = people;
    this.trail = trail;
    this.scope = scope;
  }

  /** What is decided otherwise because of a correction. */
  record CorrectedView(List<ChangedDecision> changed) {}

  @PostMapping("/corrections")
  CorrectedView correct(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID sessionId,
      @Valid @RequestBody CorrectionForm form) {
    Progress before = people.of(client).progress();
    trail.note(client, HealthTrail.Deed.CORRECTED);
    service.correct(client, sessionId, form, scope.current().clientId().isEmpty());
    return new CorrectedView(
        ChangedDecision.between(before, people.require(client.id()).progress()));
  }

  /** Keeps what the coach notes about a session, for themselves. */
  @PutMapping("/note")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void note(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID sessionId,
      @Valid @RequestBody NoteForm form) {
    service.note(client, sessionId, form.words());
  }
}
