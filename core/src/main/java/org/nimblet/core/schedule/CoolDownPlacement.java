package org.nimblet.core.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.nimblet.core.schedule.WarmUpPlacement.Busy;

/** Places the cool-downs of a day: each starts as its block ends. The numbers are ours. */
public final class CoolDownPlacement {

  /** Blocks that follow within this share one cool-down in any case. */
  public static final Duration CLOSE = Duration.ofMinutes(20);

  private CoolDownPlacement() {}

  /**
   * Places a cool-down after each block.
   *
   * @param sleeps when the day ends; nothing reaches over it
   * @param blocks the blocks of the day, in any order
   * @param busy times that are taken otherwise
   * @param wanted how long a cool-down should be
   * @param warmUp how long a warm-up should be: what follows closer than both together shares one
   * @return what was decided, by the block's id
   */
  public static Map<String, AttachedPlace> place(
      Instant sleeps,
      Collection<Block> blocks,
      Collection<Busy> busy,
      Duration wanted,
      Duration warmUp) {
    List<Block> ordered =
        blocks.stream().sorted(Comparator.comparing(Block::end).thenComparing(Block::id)).toList();
    Duration both = wanted.plus(warmUp);
    Duration close = both.compareTo(CLOSE) > 0 ? both : CLOSE;
    Map<String, AttachedPlace> places = new TreeMap<>();
    for (Block block : ordered) {
      places.put(block.id(), place(block, sleeps, ordered, busy, wanted, close));
    }
    return places;
  }

  private static AttachedPlace place(
      Block block,
      Instant sleeps,
      List<Block> blocks,
      Collection<Busy> busy,
      Duration wanted,
      Duration close) {
    Optional<Block> next =
        blocks.stream()
            .filter(other -> follows(other, block))
            .filter(other -> other.start().isBefore(block.end().plus(close)))
            .findFirst();
    if (next.isPresent()) {
      return new AttachedPlace.LeftOut(
          "Left out: the next block follows within %d min, one cool-down comes after the last."
              .formatted(close.toMinutes()));
    }
    Instant free = sleeps;
    for (Block other : blocks) {
      if (follows(other, block) && other.start().isBefore(free)) {
        free = other.start();
      }
    }
    for (Busy taken : busy) {
      if (taken.end().isAfter(block.end()) && taken.start().isBefore(free)) {
        free = taken.start();
      }
    }
    Duration gap = free.isAfter(block.end()) ? Duration.between(block.end(), free) : Duration.ZERO;
    if (gap.compareTo(wanted) >= 0) {
      return new AttachedPlace.Placed(wanted, false, "Starts as the block ends.");
    }
    if (gap.compareTo(WarmUpPlacement.SHORTEST) < 0) {
      return new AttachedPlace.LeftOut(
          "Left out: under %d min are free after it."
              .formatted(WarmUpPlacement.SHORTEST.toMinutes()));
    }
    return new AttachedPlace.Placed(
        gap,
        true,
        "Shortened from %d to %d min: no more is free after it."
            .formatted(wanted.toMinutes(), gap.toMinutes()));
  }

  private static boolean follows(Block other, Block block) {
    return !other.id().equals(block.id())
        && (other.end().isAfter(block.end())
            || (other.end().equals(block.end()) && other.id().compareTo(block.id()) > 0));
  }
}
