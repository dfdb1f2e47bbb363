package org.nimblet.server.week;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Writes blocks and busy times for features that make several; {@link #changed} ends the work. */
@Service
public class BlockBook {

  private static final int DAY_MINUTES = 24 * 60;

  private final Blocks blocks;
  private final BusyTimes busyTimes;
  private final AllBlockSeries series;
  private final ApplicationEventPublisher events;

  BlockBook(
      Blocks blocks, BusyTimes busyTimes, AllBlockSeries series, ApplicationEventPublisher events) {
    this.series = series;
    this.blocks = blocks;
    this.busyTimes = busyTimes;
    this.events = events;
  }

  /**
   * A stretch of a day.
   *
   * @param endsAt on the next date if it is not after the start
   */
  public record DayTime(LocalDate date, LocalTime startsAt, LocalTime endsAt) {}

  /**
   * How long something lasts by the clock, in minutes; past midnight if it ends before it starts.
   */
  static int minutes(LocalTime startsAt, LocalTime endsAt) {
    int minutes = (int) ChronoUnit.MINUTES.between(startsAt, endsAt);
    return minutes > 0 ? minutes : minutes + DAY_MINUTES;
  }

  /**
   * What a block is.
   *
   * @param title empty for that of the activity
   * @param parts what it is made of, nothing for one whole; empty to leave that as it is
   */
  public record BlockContent(
      ActivityFile activity,
      String title,
      boolean performance,
      DayTime time,
      Optional<List<BlockPart>> parts) {}

  /** Puts a new block into a day. */
  public UUID putBlock(ClientFile client, BlockContent content) {
    return write(new Block().of(client, Block.class), content);
  }

  /** Whether the same activity stands at the same time already. */
  boolean stands(ClientFile client, BlockContent content) {
    DayTime time = content.time();
    return blocks.existsByClientIdAndActivityIdAndDateAndStartsAtAndEndsAt(
        client.id(), content.activity().id(), time.date(), time.startsAt(), time.endsAt());
  }

  /**
   * Puts blocks into several days.
   *
   * @param rule by which they repeat (RFC 5545); empty if it is one that stands alone
   */
  List<UUID> putBlocks(ClientFile client, List<BlockContent> contents, Optional<String> rule) {
    Optional<UUID> seriesId =
        rule.map(text -> newSeries(client, text, contents.get(0).time().date()));
    List<UUID> ids = new ArrayList<>();
    for (BlockContent content : contents) {
      Block block = new Block().of(client, Block.class);
      block.seriesId = seriesId.orElse(null);
      ids.add(write(block, content));
    }
    return ids;
  }

  /** A series of which nothing stands yet. */
  UUID newSeries(ClientFile client, String rule, LocalDate first) {
    BlockSeries made = new BlockSeries();
    made.id = UUID.randomUUID();
    made.coachId = client.coachId();
    made.clientId = client.id();
    made.rule = rule;
    made.firstDate = first;
    return series.saveAndFlush(made).id;
  }

  /** Makes a block something else; false if there is no such block. */
  public boolean changeBlock(ClientFile client, UUID id, BlockContent content) {
    return blocks
        .findByIdAndClientId(id, client.id())
        .map(block -> write(block, content))
        .isPresent();
  }

  /** The one way in which a block is written. */
  UUID write(Block block, BlockContent content) {
    block.activityId = content.activity().id();
    block.title = content.title().isBlank() ? content.activity().title() : content.title().strip();
    block.performance = content.performance();
    block.date = content.time().date();
    block.startsAt = content.time().startsAt();
    block.endsAt = content.time().endsAt();
    content.parts().ifPresent(parts -> block.parts = List.copyOf(parts));
    return blocks.save(block).id;
  }

  /** Puts a busy time into a day. */
  public UUID putBusy(ClientFile client, DayTime time) {
    BusyTime busy = new BusyTime().of(client, BusyTime.class);
    busy.date = time.date();
    busy.startsAt = time.startsAt();
    busy.endsAt = time.endsAt();
    return busyTimes.save(busy).id;
  }

  /** Takes a block out, if it is still there. */
  public void removeBlock(ClientFile client, UUID id) {
    blocks.findByIdAndClientId(id, client.id()).ifPresent(blocks::delete);
  }

  /** Takes out what is still there of many. */
  public void removeAll(ClientFile client, List<UUID> blockIds, List<UUID> busyIds) {
    blocks.flush();
    blocks.deleteAll(blocks.findByClientIdAndIdIn(client.id(), blockIds));
    busyTimes.deleteAll(busyTimes.findByClientIdAndIdIn(client.id(), busyIds));
  }

  void requireBusy(ClientFile client, UUID id) {
    if (busyTimes.findByIdAndClientId(id, client.id()).isEmpty()) {
      throw new NotFoundException("busy time");
    }
  }

  /** Takes a busy time out, if it is still there. */
  public void removeBusy(ClientFile client, UUID id) {
    busyTimes.findByIdAndClientId(id, client.id()).ifPresent(busyTimes::delete);
  }

  /** Writes everything down and lets the sessions around it be fitted anew. */
  public void changed(ClientFile client) {
    blocks.flush();
    events.publishEvent(new PersonChanged(client));
  }
}
