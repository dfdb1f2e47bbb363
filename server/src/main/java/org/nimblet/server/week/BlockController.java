package org.nimblet.server.week;

import jakarta.validation.Valid;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.week.BlockForms.BlockForm;
import org.nimblet.server.week.BlockForms.BlockView;
import org.nimblet.server.week.BlockForms.RestoreForm;
import org.nimblet.server.week.BlockForms.SeriesForm;
import org.nimblet.server.week.BlockForms.SeriesView;
import org.nimblet.server.week.Repetition.Weekly;
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
@RequestMapping("/api/clients/{clientId}/blocks")
class BlockController {

  private final BlockService service;

  BlockController(BlockService service) {
    this.service = service;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BlockView create(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody BlockForm form) {
    return service.create(client, form);
  }

  @PostMapping("/series")
  @ResponseStatus(HttpStatus.CREATED)
  SeriesView createSeries(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody SeriesForm form) {
    return service.createSeries(client, form);
  }

  @PutMapping("/{blockId}")
  BlockView update(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID blockId,
      @Valid @RequestBody BlockForm form) {
    return service.update(client, blockId, form);
  }

  @PutMapping("/{blockId}/following")
  SeriesView updateFollowing(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID blockId,
      @Valid @RequestBody BlockForm form) {
    return service.updateFollowing(client, blockId, form);
  }

  /** By which rule a block repeats. */
  @GetMapping("/{blockId}/repetition")
  Weekly repetition(@PathVariable("clientId") ClientFile client, @PathVariable UUID blockId) {
    return service.repetition(client, blockId);
  }

  /** Lets a block and those after it in its series come round otherwise. */
  @PutMapping("/{blockId}/following/days")
  SeriesView changeDays(
      @PathVariable("clientId") ClientFile client,
      @PathVariable UUID blockId,
      @Valid @RequestBody SeriesForm form) {
    return service.changeDays(client, blockId, form);
  }

  @DeleteMapping("/{blockId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable("clientId") ClientFile client, @PathVariable UUID blockId) {
    service.delete(client, blockId);
  }

  @DeleteMapping("/{blockId}/following")
  SeriesView deleteFollowing(
      @PathVariable("clientId") ClientFile client, @PathVariable UUID blockId) {
    return service.deleteFollowing(client, blockId);
  }

  @PostMapping("/restoration")
  SeriesView restore(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody RestoreForm form) {
    return service.restore(client, form);
  }
}
