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
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.week.BlockBook.BlockContent;
import org.nimblet.server.week.BlockBook.DayTime;
import org.nimblet.server.week.BlockForms.BlockForm;
import org.nimblet.server.week.BlockForms.BlockView;
import org.nimblet.server.week.BlockForms.PartForm;

/** What goes over the wire about blocks. */
final class BlockForms {

  private BlockForms() {}

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
          List<@Valid PartForm> parts) {}

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
   * @param before the changed ones as they were
   * @param added those that are new
   */
  record SeriesView(int made, List<BlockView> before, List<UUID> added) {}

  /**
   * Blocks as they were before.
   *
   * @param out those that were not there
   */
  record RestoreForm(
      @NotNull(message = "The blocks.") @Size(max = 400, message = "At most 400 blocks.")
          List<@Valid BlockView> blocks,
      @NotNull(message = "Blocks that were not there, or none.")
          @Size(max = 400, message = "At most 400 blocks.")
          List<@NotNull(message = "Which block.") UUID> out) {}

  /**
   * What a form says of a block.
   *
   * @param date the day it is for, which is another one for those that follow in a series
   * @throws InvalidFieldException naming the field and what is allowed
   */
  static BlockContent content(ClientFile client, BlockForm form, LocalDate date) {
    if (form.startsAt().equals(form.endsAt())) {
      throw new InvalidFieldException(
          "endsAt", "(%s) must differ from the start.".formatted(form.endsAt()));
    }
    return new BlockContent(
        client
            .activity(form.activityId())
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "activityId", "Choose one of the client's activities.")),
        form.title(),
        form.performance(),
        new DayTime(date, form.startsAt(), form.endsAt()),
        Optional.of(parts(form)));
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

  /** A block as stored. */
  static BlockView view(Block block) {
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
            block.parts.stream().map(PartForm::of).toList()));
  }

  /** The names of the fields in which a block differs from what was sent. */
  static List<String> changed(Block block, BlockForm form) {
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
