package org.nimblet.server.week;

import jakarta.validation.Valid;
import java.util.UUID;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.week.BlockForms.BlockForm;
import org.nimblet.server.week.BlockForms.BlockView;
import org.nimblet.server.week.BlockForms.RestoreForm;
import org.nimblet.server.week.BlockForms.SeriesForm;
import org.nimblet.server.week.BlockForms.SeriesView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/blocks")
class BlockController {

  private final ClientFiles clients;
  private final BlockService service;

  BlockController(ClientFiles clients, BlockService service) {
    this.clients = clients;
    this.service = service;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BlockView create(@PathVariable UUID clientId, @Valid @RequestBody BlockForm form) {
    return service.create(clients.require(clientId), form);
  }

  @PostMapping("/series")
  @ResponseStatus(HttpStatus.CREATED)
  SeriesView createSeries(@PathVariable UUID clientId, @Valid @RequestBody SeriesForm form) {
    return service.createSeries(clients.require(clientId), form);
  }

  @PutMapping("/{blockId}")
  BlockView update(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    return service.update(clients.require(clientId), blockId, form);
  }

  @PutMapping("/{blockId}/following")
  SeriesView updateFollowing(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    return service.updateFollowing(clients.require(clientId), blockId, form);
  }

  @DeleteMapping("/{blockId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    service.delete(clients.require(clientId), blockId);
  }

  @DeleteMapping("/{blockId}/following")
  SeriesView deleteFollowing(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    return service.deleteFollowing(clients.require(clientId), blockId);
  }

  @PostMapping("/restoration")
  SeriesView restore(@PathVariable UUID clientId, @Valid @RequestBody RestoreForm form) {
    return service.restore(clients.require(clientId), form);
  }
}
