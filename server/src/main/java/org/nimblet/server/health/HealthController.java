package org.nimblet.server.health;

import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.health.HealthForms.ClearanceForm;
import org.nimblet.server.health.HealthForms.HealthView;
import org.nimblet.server.health.HealthForms.MindedForm;
import org.nimblet.server.health.HealthForms.MistakeForm;
import org.nimblet.server.health.HealthForms.PainView;
import org.nimblet.server.health.HealthForms.ScreeningForm;
import org.nimblet.server.health.HealthForms.ToldPainsForm;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}")
class HealthController {

  private final ClientFiles clients;
  private final HealthService service;
  private final HealthFiles files;
  private final HealthViews views;
  private final Clock clock;

  HealthController(
      ClientFiles clients,
      HealthService service,
      HealthFiles files,
      HealthViews views,
      Clock clock) {
    this.clients = clients;
    this.service = service;
    this.files = files;
    this.views = views;
    this.clock = clock;
  }

  @GetMapping("/health")
  HealthView health(@PathVariable UUID clientId) {
    return views.of(clients.require(clientId));
  }

  /** What hurts, as the player asks about it. */
  @GetMapping("/pains")
  List<PainView> pains(@PathVariable UUID clientId) {
    return files.of(clients.require(clientId)).pains(clock.instant()).stream()
        .map(
            now ->
                new PainView(
                    now.pain().side(),
                    now.pain().region(),
                    now.pain().region().word(),
                    now.pain().level(),
                    now.saidOn()))
        .toList();
  }

  @PostMapping("/health/pains")
  HealthView tell(@PathVariable UUID clientId, @Valid @RequestBody ToldPainsForm form) {
    ClientFile client = clients.require(clientId);
    service.tell(client, form.pains());
    return views.of(client);
  }

  @PostMapping("/health/screenings")
  HealthView screen(@PathVariable UUID clientId, @Valid @RequestBody ScreeningForm form) {
    ClientFile client = clients.require(clientId);
    service.screen(client, form.answers());
    return views.of(client);
  }

  @PostMapping("/health/screenings/{screeningId}/clearance")
  HealthView clear(
      @PathVariable UUID clientId,
      @PathVariable UUID screeningId,
      @Valid @RequestBody ClearanceForm form) {
    ClientFile client = clients.require(clientId);
    service.clear(client, screeningId, form.words());
    return views.of(client);
  }

  @PostMapping("/health/screenings/{screeningId}/mistake")
  HealthView takeBack(
      @PathVariable UUID clientId,
      @PathVariable UUID screeningId,
      @Valid @RequestBody MistakeForm form) {
    ClientFile client = clients.require(clientId);
    service.takeBack(client, screeningId, form.words());
    return views.of(client);
  }

  @PostMapping("/health/minded")
  HealthView mind(@PathVariable UUID clientId, @Valid @RequestBody MindedForm form) {
    ClientFile client = clients.require(clientId);
    service.mind(client, form);
    return views.of(client);
  }

  @DeleteMapping("/health/minded/{mindedId}")
  HealthView end(@PathVariable UUID clientId, @PathVariable UUID mindedId) {
    ClientFile client = clients.require(clientId);
    service.endMinding(client, mindedId);
    return views.of(client);
  }
}
