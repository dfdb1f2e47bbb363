package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
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
  private final AllBlockSeries series;
  private final BlockBook book;
  private final SeriesDates seriesDates;

  BlockController(
      ClientFiles clients,
      Blocks blocks,
      AllBlockSeries series,
      BlockBook book,
      SeriesDates seriesDates) {
    this.clients = clients;
    this.blocks = blocks;
    this.series = series;
    this.book = book;
    this.seriesDates = seriesDates;
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
      boolean performance,
      @NotNull(message = "What the block is made of; nothing for one whole.")
          @Size(max = 30, message = "At most 30 parts.")
          @Valid
          List<PartForm> parts) {}

  /**
   * A round, set, piece or technique.
   *
   * @param restMinutes the rest after it; 0 to leave breaks to the rhythm of the activity
   */
  record PartForm(
      @NotNull(message = "Up to 40 characters.") @Size(max = 40, message = "Up to 40 characters.")
          String title,
      @Min(value = 1, message = "1 to 720 min.")
          @Max(value = BlockPart.LONGEST, message = "1 to 720 min.")
          int minutes,
      @Min(value = 0, message = "0 to 720 min.")
          @Max(value = BlockPart.LONGEST, message = "0 to 720 min.")
          int restMinutes,
      boolean guessed) {

    static PartForm of(BlockPart part) {
      return new PartForm(
          part.title(),
          part.minutes(),
          part.restMinutes(),
          part.certainty() != BlockPart.Certainty.KNOWN);
    }

    BlockPart part() {
      return new BlockPart(
          title,
          minutes,
          restMinutes,
          guessed ? BlockPart.Certainty.GUESSED : BlockPart.Certainty.KNOWN);
    }
  }

  /** A block as stored. */
  record BlockView(
      @NotNull(message = "Which block.") UUID id,
      @Schema(nullable = true) UUID seriesId,
      @NotNull(message = "The block.") @Valid BlockForm block) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  BlockView create(@PathVariable UUID clientId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    Block block = BlockBook.newBlock(client);
    write(block, client, form, form.date());
    BlockView saved = view(blocks.saveAndFlush(block));
    book.changed(client);
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
   * What was done with a series.
   *
   * @param made how many blocks it has got, or how many of it were changed or taken out
   * @param before the changed ones as they were, for {@link #restore}
   */
  record SeriesView(int made, List<BlockView> before) {}

  /** Puts a block into every day of a rule, for half a year at the most. */
  @PostMapping("/series")
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  SeriesView createSeries(@PathVariable UUID clientId, @Valid @RequestBody SeriesForm form) {
    ClientFile client = clients.require(clientId);
    List<LocalDate> dates = seriesDates.of("rule", form.rule(), form.block().date());
    UUID seriesId = book.newSeries(client, form.rule(), form.block().date());
    for (LocalDate date : dates) {
      Block block = BlockBook.newBlock(client);
      block.seriesId = seriesId;
      write(block, client, form.block(), date);
      blocks.save(block);
    }
    book.changed(client);
    return new SeriesView(dates.size(), List.of());
  }

  /** Gives this block and those after it in its series the same times, title and activity. */
  @PutMapping("/{blockId}/following")
  @Transactional
  SeriesView updateFollowing(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    refuseIfChanged(require(client, blockId), form);
    List<Block> following = following(client, blockId);
    List<BlockView> before = following.stream().map(BlockController::view).toList();
    following.forEach(block -> write(block, client, form, block.date));
    book.changed(client);
    return new SeriesView(before.size(), before);
  }

  /** Takes out this block and those after it in its series. */
  @DeleteMapping("/{blockId}/following")
  @Transactional
  SeriesView deleteFollowing(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    ClientFile client = clients.require(clientId);
    List<Block> following = following(client, blockId);
    List<BlockView> before = following.stream().map(BlockController::view).toList();
    blocks.deleteAll(following);
    book.changed(client);
    return new SeriesView(before.size(), before);
  }

  /** Blocks as they were before. */
  record RestoreForm(
      @NotNull(message = "The blocks.") @Size(max = 400, message = "At most 400 blocks.") @Valid
          List<BlockView> blocks) {}

  /** Puts blocks back as they were, those that were taken out among them. */
  @PostMapping("/restoration")
  @Transactional
  SeriesView restore(@PathVariable UUID clientId, @Valid @RequestBody RestoreForm form) {
    ClientFile client = clients.require(clientId);
    for (BlockView was : form.blocks()) {
      Block block =
          blocks
              .findByIdAndClientId(was.id(), client.id())
              .orElseGet(() -> BlockBook.newBlock(client));
      block.seriesId =
          series.findByIdAndClientId(was.seriesId(), client.id()).map(s -> s.id).orElse(null);
      write(block, client, was.block(), was.block().date());
      blocks.save(block);
    }
    book.changed(client);
    return new SeriesView(form.blocks().size(), List.of());
  }

  private List<Block> following(ClientFile client, UUID blockId) {
    Block block = require(client, blockId);
    return block.seriesId == null
        ? List.of(block)
        : blocks.findBySeriesIdAndDateGreaterThanEqualOrderByDateAsc(block.seriesId, block.date);
  }

  @PutMapping("/{blockId}")
  @Transactional
  BlockView update(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody BlockForm form) {
    ClientFile client = clients.require(clientId);
    Block block = require(client, blockId);
    refuseIfChanged(block, form);
    write(block, client, form, form.date());
    BlockView saved = view(blocks.saveAndFlush(block));
    book.changed(client);
    return saved;
  }

  @DeleteMapping("/{blockId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void delete(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    ClientFile client = clients.require(clientId);
    blocks.delete(require(client, blockId));
    book.changed(client);
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

  private static void write(Block block, ClientFile client, BlockForm form, LocalDate date) {
    ClientFile.ActivityFile activity = activity(client, form);
    if (form.startsAt().equals(form.endsAt())) {
      throw new InvalidFieldException(
          "endsAt", "(%s) must differ from the start.".formatted(form.endsAt()));
    }
    block.activityId = activity.id();
    block.date = date;
    block.startsAt = form.startsAt();
    block.endsAt = form.endsAt();
    block.title = form.title().isBlank() ? activity.title() : form.title().strip();
    block.performance = form.performance();
    block.parts = StoredParts.write(parts(form));
  }

  private static List<BlockPart> parts(BlockForm form) {
    List<BlockPart> parts = form.parts().stream().map(PartForm::part).toList();
    int length = BlockBook.minutes(form.startsAt(), form.endsAt());
    if (BlockPart.minutes(parts) > length) {
      throw new InvalidFieldException(
          "parts",
          "(%d min with their rests) must not be longer than the block (%d min)."
              .formatted(BlockPart.minutes(parts), length));
    }
    return parts;
  }

  private static ClientFile.ActivityFile activity(ClientFile client, BlockForm form) {
    return client
        .activity(form.activityId())
        .orElseThrow(
            () ->
                new InvalidFieldException("activityId", "Choose one of the client's activities."));
  }

  private static BlockView view(Block block) {
    return new BlockView(
        block.id,
        block.seriesId,
        new BlockForm(
            block.version,
            block.activityId,
            block.date,
            block.startsAt,
            block.endsAt,
            block.title,
            block.performance,
            StoredParts.read(block.parts).stream().map(PartForm::of).toList()));
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
