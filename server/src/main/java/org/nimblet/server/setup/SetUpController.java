package org.nimblet.server.setup;

import jakarta.validation.Valid;
import org.nimblet.server.client.ClientFile;
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
  SetUpView setUp(@PathVariable("clientId") ClientFile client) {
    return service.view(client);
  }

  @PostMapping("/looks")
  SetUpView look(@PathVariable("clientId") ClientFile client, @Valid @RequestBody LookForm form) {
    service.look(client, form);
    return changed(client);
  }

  @PutMapping("/riding-point")
  SetUpView ride(@PathVariable("clientId") ClientFile client, @Valid @RequestBody RidingForm form) {
    service.ride(client, form);
    return changed(client);
  }

  @PostMapping("/comparisons")
  SetUpView compare(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody ComparisonForm form) {
    service.compare(client, form);
    return changed(client);
  }

  private SetUpView changed(ClientFile before) {
    return setUp(clients.require(before.id()));
  }
}
