package org.nimblet.server.client;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.server.account.InvitationService;
import org.nimblet.server.account.InvitationService.Invited;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientForms.ActivityShape;
import org.nimblet.server.client.ClientForms.ClientForm;
import org.nimblet.server.client.ClientForms.ClientSummary;
import org.nimblet.server.client.ClientForms.ClientView;
import org.nimblet.server.client.ClientForms.DeletionForm;
import org.nimblet.server.client.ClientForms.HandRoleView;
import org.nimblet.server.client.ClientForms.InvitationForm;
import org.nimblet.server.client.ClientForms.WeightView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients")
class ClientController {

  private final Scope scope;
  private final ClientFiles files;
  private final ClientService service;
  private final InvitationService invitations;

  ClientController(
      Scope scope, ClientFiles files, ClientService service, InvitationService invitations) {
    this.scope = scope;
    this.files = files;
    this.service = service;
    this.invitations = invitations;
  }

  @GetMapping
  List<ClientSummary> list() {
    return files.all().stream().map(ClientViews::summary).toList();
  }

  /** Those who were put away. */
  @GetMapping("/archived")
  List<ClientSummary> archived() {
    return files.archived().stream().map(ClientViews::summary).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ClientView create(@Valid @RequestBody ClientForm form) {
    return service.create(form);
  }

  @GetMapping("/{clientId}")
  ClientView read(@PathVariable("clientId") ClientFile client) {
    return ClientViews.of(client);
  }

  @PutMapping("/{clientId}")
  ClientView update(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody ClientForm form) {
    return service.update(client, form);
  }

  /** Invites a client by mail, or by a link that is handed on. */
  @PostMapping("/{clientId}/invitation")
  @ResponseStatus(HttpStatus.CREATED)
  Invited invite(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody InvitationForm form) {
    return invitations.inviteClient(
        scope.coachId(),
        client.id(),
        client.name(),
        Optional.ofNullable(form.email()).filter(email -> !email.isBlank()),
        client.ageGroup() == AgeGroup.UNDER_16);
  }

  /** Puts a client away: out of the roster, with nothing lost. */
  @PostMapping("/{clientId}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(@PathVariable("clientId") ClientFile client) {
    service.archive(client, true);
  }

  @DeleteMapping("/{clientId}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable("clientId") ClientFile client) {
    service.archive(client, false);
  }

  /** Deletes a client and everything that is kept of them, for good. */
  @PostMapping("/{clientId}/deletion")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable("clientId") ClientFile client, @Valid @RequestBody DeletionForm form) {
    service.delete(client, form.name());
  }

  /** The roles that hands can have in each discipline; none where both do the same. */
  @GetMapping("/hand-roles")
  Map<Discipline, List<HandRoleView>> handRoles() {
    return ClientViews.handRoles();
  }

  /** What an activity like this asks for by itself, of each target and side. */
  @PostMapping("/usual-weights")
  List<WeightView> usualWeights(@Valid @RequestBody ActivityShape activity) {
    return ClientViews.usualWeights(activity);
  }
}
