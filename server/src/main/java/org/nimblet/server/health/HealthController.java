package org.nimblet.server.health;

import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.health.HealthForms.ClearanceForm;
import org.nimblet.server.health.HealthForms.HealthView;
import org.nimblet.server.health.HealthForms.MindedForm;
import org.nimblet.server.health.HealthForms.MistakeForm;
import org.nimblet.server.health.HealthForms.PainView;
import org.nimblet.server.health.HealthForms.ScreeningForm;
import org.nimblet.server.health.HealthForms.ToldPainsForm;
import org.nimblet.server.health.HealthTrail.Deed;
import org.nimblet.server.health.HealthTrail.TrailLine;
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

  private final HealthService service;
  private final HealthFiles files;
  private final HealthViews views;
  private final HealthTrail trail;
  private final Clock clock;

  HealthController(
      HealthService service, HealthFiles files, HealthViews views, HealthTrail trail, Clock clock) {
    this.service = service;
    this.files = files;
    this.views = views;
    this.trail = trail;
    this.clock = clock;
  }

  @GetMapping("/health")
  HealthView health(@PathVariable("clientId") ClientFile client) {
    trail.note(client, Deed.READ_HEALTH);
    return views.of(client);
  }

  /** Who read or changed what a client told. */
  @GetMapping("/health/trail")
  List<TrailLine> trail(@PathVariable("clientId") ClientFile client) {
    return trail.of(client);
  }

  /** What hurts, as the player asks about it. */
  @GetMapping("/pains")
  List<PainView> pains(@PathVariable("clientId") ClientFile client) {
    return files.of(client).pains(clock.instant()).stream()
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
  HealthView tell(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody ToldPainsForm form) {
    service.tell(client, form.pains());
    return views.of(client);
  }

  @PostMapping("/health/screenings")
  HealthView screen(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody ScreeningForm form) {
    service.screen(client, form.answers());
    return views.of(client);
  }

  @PostMapping("/health/screenings/{screeningId}/clearance")
  HealthView clear(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID screeningId,
      @Valid @RequestBody ClearanceForm form) {
    service.clear(client, screeningId, form.words());
    return views.of(client);
  }

  @PostMapping("/health/screenings/{screeningId}/mistake")
  HealthView takeBack(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID screeningId,
      @Valid @RequestBody MistakeForm form) {
    service.takeBack(client, screeningId, form.words());
    return views.of(client);
  }

  @PostMapping("/health/minded")
  HealthView mind(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody MindedForm form) {
    service.mind(client, form);
    return views.of(client);
  }

  @DeleteMapping("/health/minded/{mindedId}")
  HealthView end(@PathVariable("clientId") ClientFile client, @PathVariable UUID mindedId) {
    service.endMinding(client, mindedId);
    return views.of(client);
  }
}
