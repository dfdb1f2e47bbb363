package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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

  /** A rule without an end is followed for so long. */
  private static final int WEEKS_OF_A_SERIES = 26;

  private final ClientFiles clients;
  private final Blocks blocks;
  private final AllBlockSeries series;
  private final ApplicationEventPublisher events;

  BlockController(
      ClientFiles clients, Blocks blocks, AllBlockSeries series, ApplicationEventPublisher events) {
    this.clients = clients;
    this.blocks = blocks;
    this.series = series;
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

  /**
   * A block that repeats.
   *
   * @param block the first one
   * @param rule a recurrence rule of RFC 5545
   */
  record SeriesForm(
      @NotNull(message = "The first block.") @Valid BlockForm block,
      @Schema(example = "FREQ=WEEKLY;BYDAY=MO,WE")
          @NotNull(message = "A rule such as FREQ=WEEKLY;BYDAY=MO,WE.")
          @Size(max = 200, message = "Up to 200 characters.")
          String rule) {}

  /**
   * What became of a series.
   *
   * @param made how many blocks
   * @param taken the dates on which another block lies, which were left out
   */
  record SeriesView(int made, List<LocalDate> taken) {}

  /** Puts a block into every day of a rule, for half a year at the most. */
  @PostMapping("/series")
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  SeriesView createSeries(@PathVariable UUID clientId, @Valid @RequestBody SeriesForm form) {
    ClientFile client = clients.require(clientId);
    LocalDate first = form.block().date();
    List<LocalDate> dates;
    try {
      dates = Repetition.times(form.rule(), first, first.plusWeeks(WEEKS_OF_A_SERIES));
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("rule", capital(e.getMessage()) + ".");
    }
    if (dates.isEmpty()) {
      throw new InvalidFieldException(
          "rule",
          "(%s) meets no day in the %d weeks from %s on."
              .formatted(form.rule(), WEEKS_OF_A_SERIES, first));
    }
    BlockSeries made = new BlockSeries();
    made.id = UUID.randomUUID();
    made.coachId = client.coachId();
    made.clientId = client.id();
    made.rule = form.rule();
    made.firstDate = first;
    series.saveAndFlush(made);
    List<LocalDate> taken = new ArrayList<>();
    for (LocalDate date : dates) {
      Block block = new Block();
      block.id = UUID.randomUUID();
      block.coachId = client.coachId();
      block.clientId = client.id();
      block.seriesId = made.id;
      if (overlaps(client, block, date, form.block())) {
        taken.add(date);
      } else {
        write(block, client, form.block(), date);
        blocks.saveAndFlush(block);
      }
    }
    events.publishEvent(new BlocksChanged(client));
    return new SeriesView(dates.size() - taken.size(), taken);
  }

  /** Gives this block and those after it in its series the same times, title and activity. */
  @PutMapping("/{blockId}/following")
  @Transactional
  SeriesView updateFollowing(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    refuseIfChanged(require(client, blockId), form);
    List<LocalDate> taken = new ArrayList<>();
    List<Block> following = following(client, blockId);
    for (Block block : following) {
      if (overlaps(client, block, block.date, form)) {
        taken.add(block.date);
      } else {
        write(block, client, form, block.date);
      }
    }
    blocks.flush();
    events.publishEvent(new BlocksChanged(client));
    return new SeriesView(following.size() - taken.size(), taken);
  }

  /** Takes out this block and those after it in its series. */
  @DeleteMapping("/{blockId}/following")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void deleteFollowing(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    ClientFile client = clients.require(clientId);
    blocks.deleteAll(following(client, blockId));
    blocks.flush();
    events.publishEvent(new BlocksChanged(client));
  }

  private List<Block> following(ClientFile client, UUID blockId) {
    Block block = require(client, blockId);
    return block.seriesId == null
        ? List.of(block)
        : blocks.findBySeriesIdAndDateGreaterThanEqualOrderByDateAsc(block.seriesId, block.date);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  @PutMapping("/{blockId}")
  @Transactional
  BlockView update(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    Block block = require(client, blockId);
    refuseIfChanged(block, form);
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

  private static void refuseIfChanged(Block block, BlockForm form) {
    if (block.version != form.version()) {
      throw new ConflictException(
          "Somebody else changed this block meanwhile.", view(block), changed(block, form));
    }
  }

  private Block require(ClientFile client, UUID blockId) {
    return blocks
        .findByIdAndClientId(blockId, client.id())
        .orElseThrow(() -> new NotFoundException("block"));
  }

  private void write(Block block, ClientFile client, BlockForm form) {
    if (overlaps(client, block, form.date(), form)) {
      throw new InvalidFieldException(
          "startsAt",
          "(%s) lies in another block; blocks must not overlap.".formatted(form.startsAt()));
    }
    write(block, client, form, form.date());
  }

  private static void write(Block block, ClientFile client, BlockForm form, LocalDate date) {
    ClientFile.ActivityFile activity = activity(client, form);
    block.activityId = activity.id();
    block.date = date;
    block.startsAt = form.startsAt();
    block.endsAt = form.endsAt();
    block.title = form.title().isBlank() ? activity.title() : form.title().strip();
    block.performance = form.performance();
  }

  private static ClientFile.ActivityFile activity(ClientFile client, BlockForm form) {
    return client
        .activity(form.activityId())
        .orElseThrow(
            () ->
                new InvalidFieldException("activityId", "Choose one of the client's activities."));
  }

  /** Whether a block of these times would lie in another one of that date. */
  private boolean overlaps(ClientFile client, Block block, LocalDate date, BlockForm form) {
    activity(client, form);
    if (form.startsAt().equals(form.endsAt())) {
      throw new InvalidFieldException(
          "endsAt", "(%s) must differ from the start.".formatted(form.endsAt()));
    }
    return blocks
        .findByClientIdAndDateBetweenOrderByDateAscStartsAtAscIdAsc(client.id(), date, date)
        .stream()
        .filter(other -> !other.id.equals(block.id))
        .anyMatch(
            other ->
                minutes(other.startsAt) < endMinutes(form.startsAt(), form.endsAt())
                    && minutes(form.startsAt()) < endMinutes(other.startsAt, other.endsAt));
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
