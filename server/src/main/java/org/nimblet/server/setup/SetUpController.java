package org.nimblet.server.setup;

import jakarta.validation.Valid;
import java.util.UUID;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.setup.SetUpForms.ComparisonForm;
import org.nimblet.server.setup.SetUpForms.LookForm;
import org.nimblet.server.setup.SetUpForms.RidingForm;
import org.nimblet.server.setup.SetUpForms.SetUpView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/set-up")
class SetUpController {

  private final ClientFiles clients;
  private final SetUpService service;

  SetUpController(ClientFiles clients, SetUpService service) {
    this.clients = clients;
    this.service = service;
  }

  @GetMapping
  SetUpView setUp(@PathVariable UUID clientId) {
    return service.view(clients.require(clientId));
  }

  @PostMapping("/looks")
  SetUpView look(@PathVariable UUID clientId, @Valid @RequestBody LookForm form) {
    service.look(clients.require(clientId), form);
    return setUp(clientId);
  }

  @PutMapping("/riding-point")
  SetUpView ride(@PathVariable UUID clientId, @Valid @RequestBody RidingForm form) {
    service.ride(clients.require(clientId), form);
    return setUp(clientId);
  }

  @PostMapping("/comparisons")
  SetUpView compare(@PathVariable UUID clientId, @Valid @RequestBody ComparisonForm form) {
    service.compare(clients.require(clientId), form);
    return setUp(clientId);
  }
}
