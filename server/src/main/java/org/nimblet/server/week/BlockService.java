package org.nimblet.server.week;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.week.BlockForms.BlockForm;
import org.nimblet.server.week.BlockForms.BlockView;
import org.nimblet.server.week.BlockForms.RestoreForm;
import org.nimblet.server.week.BlockForms.SeriesForm;
import org.nimblet.server.week.BlockForms.SeriesView;
import org.nimblet.server.week.Repetition.Weekly;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the blocks of a client, one or those of a series. */
@Service
class BlockService {

  private final Blocks blocks;
  private final AllBlockSeries series;
  private final BlockBook book;
  private final SeriesDates seriesDates;

  BlockService(Blocks blocks, AllBlockSeries series, BlockBook book, SeriesDates seriesDates) {
    this.blocks = blocks;
    this.series = series;
    this.book = book;
    this.seriesDates = seriesDates;
  }

  /** Puts a block into a day. */
  @Transactional
  public BlockView create(ClientFile client, BlockForm form) {
    UUID id = book.putBlock(client, BlockForms.content(client, form, form.date()));
    book.changed(client);
    return BlockForms.view(require(client, id));
  }

  /** Puts a block into every day of a rule, for half a year at the most. */
  @Transactional
  public SeriesView createSeries(ClientFile client, SeriesForm form) {
    List<LocalDate> dates = seriesDates.of("rule", form.rule(), form.block().date());
    book.putBlocks(
        client,
        dates.stream().map(date -> BlockForms.content(client, form.block(), date)).toList(),
        Optional.of(form.rule()));
    book.changed(client);
    return new SeriesView(dates.size(), List.of(), List.of());
  }

  /** Changes a block, unless somebody else did meanwhile. */
  @Transactional
  public BlockView update(ClientFile client, UUID blockId, BlockForm form) {
    Block block = require(client, blockId);
    refuseIfChanged(block, form);
    book.write(block, BlockForms.content(client, form, form.date()));
    book.changed(client);
    return BlockForms.view(block);
  }

  /** Gives a block and those after it in its series the same times, title and activity. */
  @Transactional
  public SeriesView updateFollowing(ClientFile client, UUID blockId, BlockForm form) {
    Block first = require(client, blockId);
    refuseIfChanged(first, form);
    List<Block> following = following(first);
    List<BlockView> before = following.stream().map(BlockForms::view).toList();
    following.forEach(block -> book.write(block, BlockForms.content(client, form, block.date)));
    book.changed(client);
    return new SeriesView(before.size(), before, List.of());
  }

  /** By which rule a block repeats; on no day if it stands alone. */
  @Transactional(readOnly = true)
  public Weekly repetition(ClientFile client, UUID blockId) {
    UUID seriesId = require(client, blockId).seriesId;
    return seriesId == null
        ? new Weekly(List.of(), 1, null)
        : series
            .findByIdAndClientId(seriesId, client.id())
            .map(found -> Repetition.weekly(found.rule))
            .orElseThrow(() -> new NotFoundException("series"));
  }

  /**
   * Lets a block and those after it in its series come round otherwise; what falls on the same day
   * stays the same block.
   */
  @Transactional
  public SeriesView changeDays(ClientFile client, UUID blockId, SeriesForm form) {
    Block first = require(client, blockId);
    refuseIfChanged(first, form.block());
    List<Block> following = following(first);
    List<BlockView> before = following.stream().map(BlockForms::view).toList();
    List<LocalDate> dates = seriesDates.of("rule", form.rule(), first.date);
    UUID seriesId = book.newSeries(client, form.rule(), dates.get(0));
    Map<LocalDate, Block> byDate = new HashMap<>();
    following.forEach(block -> byDate.putIfAbsent(block.date, block));
    List<UUID> added = new ArrayList<>();
    Set<Block> kept = new HashSet<>();
    for (LocalDate date : dates) {
      Block there = byDate.get(date);
      Block block = there == null ? new Block().of(client, Block.class) : there;
      block.seriesId = seriesId;
      UUID id = book.write(block, BlockForms.content(client, form.block(), date));
      if (there == null) {
        added.add(id);
      } else {
        kept.add(there);
      }
    }
    blocks.deleteAll(following.stream().filter(block -> !kept.contains(block)).toList());
    book.changed(client);
    return new SeriesView(dates.size(), before, added);
  }

  /** Takes a block out. */
  @Transactional
  public void delete(ClientFile client, UUID blockId) {
    blocks.delete(require(client, blockId));
    book.changed(client);
  }

  /** Takes out a block and those after it in its series. */
  @Transactional
  public SeriesView deleteFollowing(ClientFile client, UUID blockId) {
    List<Block> following = following(require(client, blockId));
    List<BlockView> before = following.stream().map(BlockForms::view).toList();
    blocks.deleteAll(following);
    book.changed(client);
    return new SeriesView(before.size(), before, List.of());
  }

  /** Puts blocks back as they were, those that were taken out among them. */
  @Transactional
  public SeriesView restore(ClientFile client, RestoreForm form) {
    blocks.deleteAll(blocks.findByClientIdAndIdIn(client.id(), form.out()));
    for (BlockView was : form.blocks()) {
      Block block =
          blocks
              .findByIdAndClientId(was.id(), client.id())
              .orElseGet(() -> new Block().of(client, Block.class));
      block.seriesId =
          series.findByIdAndClientId(was.seriesId(), client.id()).map(s -> s.id).orElse(null);
      book.write(block, BlockForms.content(client, was.block(), was.block().date()));
    }
    book.changed(client);
    return new SeriesView(form.blocks().size(), List.of(), List.of());
  }

  private List<Block> following(Block block) {
    return block.seriesId == null
        ? List.of(block)
        : blocks.findBySeriesIdAndDateGreaterThanEqualOrderByDateAsc(block.seriesId, block.date);
  }

  private Block require(ClientFile client, UUID blockId) {
    return blocks
        .findByIdAndClientId(blockId, client.id())
        .orElseThrow(() -> new NotFoundException("block"));
  }

  private static void refuseIfChanged(Block block, BlockForm form) {
    if (block.version != form.version()) {
      throw new ConflictException(
          "Somebody else changed this block meanwhile.",
          BlockForms.view(block),
          BlockForms.changed(block, form));
    }
  }
}
