package org.nimblet.server.client;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Map;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientForms.ActivityShape;
import org.nimblet.server.client.ClientForms.ClientForm;
import org.nimblet.server.client.ClientForms.ClientSummary;
import org.nimblet.server.client.ClientForms.ClientView;
import org.nimblet.server.client.ClientForms.HandRoleView;
import org.nimblet.server.client.ClientForms.WeightView;
import org.springframework.http.HttpStatus;
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
  private final AccountService accounts;

  ClientController(Scope scope, ClientFiles files, ClientService service, AccountService accounts) {
    this.scope = scope;
    this.files = files;
    this.service = service;
    this.accounts = accounts;
  }

  @GetMapping
  List<ClientSummary> list() {
    return files.all().stream()
        .map(file -> new ClientSummary(file.id(), file.name(), file.occupation()))
        .toList();
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

  @PostMapping("/{clientId}/invitation")
  AccountService.Token invite(@PathVariable("clientId") ClientFile client) {
    return accounts.invite(scope.coachId(), client.id());
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
