package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
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
  private final Blocks blocks;
  private final ApplicationEventPublisher events;

  BlockController(ClientFiles clients, Blocks blocks, ApplicationEventPublisher events) {
    this.clients = clients;
    this.blocks = blocks;
    this.events = events;
  }

  /** A block as written; an empty title takes the activity's. */
  record BlockForm(
      long version,
      @NotNull(message = "Choose one of the client's activities.") UUID activityId,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(type = "string", example = "18:00") @NotNull(message = "A time such as 18:00.")
          LocalTime startsAt,
      @Schema(type = "string", example = "19:30") @NotNull(message = "A time such as 19:30.")
          LocalTime endsAt,
      @NotNull(message = "Up to 40 characters.") @Size(max = 40, message = "Up to 40 characters.")
          String title,
      boolean performance) {}

  /** A block as stored. */
  record BlockView(UUID id, BlockForm block) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  BlockView create(@PathVariable UUID clientId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    Block block = new Block();
    block.id = UUID.randomUUID();
    block.coachId = client.coachId();
    block.clientId = client.id();
    write(block, client, form);
    BlockView saved = view(blocks.saveAndFlush(block));
    events.publishEvent(new BlocksChanged(client));
    return saved;
  }

  @PutMapping("/{blockId}")
  @Transactional
  BlockView update(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    Block block = require(client, blockId);
    if (block.version != form.version()) {
      throw new ConflictException(
          "Somebody else changed this block meanwhile.", view(block), changed(block, form));
    }
    write(block, client, form);
    BlockView saved = view(blocks.saveAndFlush(block));
    events.publishEvent(new BlocksChanged(client));
    return saved;
  }

  @DeleteMapping("/{blockId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void delete(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    ClientFile client = clients.require(clientId);
    blocks.delete(require(client, blockId));
    blocks.flush();
    events.publishEvent(new BlocksChanged(client));
  }

  private Block require(ClientFile client, UUID blockId) {
    return blocks
        .findByIdAndClientId(blockId, client.id())
        .orElseThrow(() -> new NotFoundException("block"));
  }

  private void write(Block block, ClientFile client, BlockForm form) {
    ClientFile.ActivityFile activity =
        client
            .activity(form.activityId())
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "activityId", "Choose one of the client's activities."));
    if (form.startsAt().equals(form.endsAt())) {
      throw new InvalidFieldException(
          "endsAt", "(%s) must differ from the start.".formatted(form.endsAt()));
    }
    boolean overlaps =
        blocks
            .findByClientIdAndDateBetweenOrderByDateAscStartsAtAscIdAsc(
                client.id(), form.date(), form.date())
            .stream()
            .filter(other -> !other.id.equals(block.id))
            .anyMatch(
                other ->
                    minutes(other.startsAt) < endMinutes(form.startsAt(), form.endsAt())
                        && minutes(form.startsAt()) < endMinutes(other.startsAt, other.endsAt));
    if (overlaps) {
      throw new InvalidFieldException(
          "startsAt",
          "(%s) lies in another block; blocks must not overlap.".formatted(form.startsAt()));
    }
    block.activityId = activity.id();
    block.date = form.date();
    block.startsAt = form.startsAt();
    block.endsAt = form.endsAt();
    block.title = form.title().isBlank() ? activity.title() : form.title().strip();
    block.performance = form.performance();
  }

  private static int minutes(LocalTime time) {
    return time.toSecondOfDay() / 60;
  }

  private static int endMinutes(LocalTime start, LocalTime end) {
    return minutes(end) + (end.isAfter(start) ? 0 : 24 * 60);
  }

  private static BlockView view(Block block) {
    return new BlockView(
        block.id,
        new BlockForm(
            block.version,
            block.activityId,
            block.date,
            block.startsAt,
            block.endsAt,
            block.title,
            block.performance));
  }

  private static List<String> changed(Block block, BlockForm form) {
    List<String> names = new ArrayList<>();
    if (!block.date.equals(form.date())) {
      names.add("date");
    }
    if (!block.startsAt.equals(form.startsAt())) {
      names.add("startsAt");
    }
    if (!block.endsAt.equals(form.endsAt())) {
      names.add("endsAt");
    }
    if (!block.title.equals(form.title())) {
      names.add("title");
    }
    return names;
  }
}
