package org.nimblet.server.week;

import jakarta.validation.Valid;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.week.TimelineForms.RoundForm;
import org.nimblet.server.week.TimelineForms.RoundView;
import org.nimblet.server.week.TimelineForms.TimelineView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A block as it is gone through. */
@RestController
@RequestMapping("/api/clients/{clientId}/blocks/{blockId}")
class TimelineController {

  private final TimelineService service;

  TimelineController(TimelineService service) {
    this.service = service;
  }

  @GetMapping("/timeline")
  TimelineView timeline(@PathVariable("clientId") ClientFile client, @PathVariable UUID blockId) {
    return service.timeline(client, blockId);
  }

  @PostMapping("/rounds")
  @ResponseStatus(HttpStatus.CREATED)
  RoundView roundOver(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID blockId,
      @Valid @RequestBody RoundForm form) {
    return service.roundOver(client, blockId, form);
  }
}
