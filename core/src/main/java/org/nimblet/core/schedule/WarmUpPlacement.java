package org.nimblet.core.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Places the warm-ups of a day: each ends as its block starts and is as long as wanted, or as the
 * free time before it allows. The numbers are ours.
 */
public final class WarmUpPlacement {

  /** A warm-up shorter than this is left out. */
  public static final Duration SHORTEST = Duration.ofMinutes(3);

  /** Hands that ended work less than this ago are still warm. */
  public static final Duration STILL_WARM = Duration.ofMinutes(20);

  /** A block shorter than this does not count as having warmed the hands. */
  public static final Duration WARMING_BLOCK = Duration.ofMinutes(10);

  private WarmUpPlacement() {}

  /**
   * A stretch of time in which nothing can be placed.
   *
   * @param start inclusive
   * @param end exclusive
   */
  public record Busy(Instant start, Instant end) {}

  /**
   * Places a warm-up before each block.
   *
   * @param wakes when the day begins; nothing is placed before
   * @param blocks the blocks of the day, in any order
   * @param busy times that are taken otherwise
   * @param wanted how long a warm-up should be
   * @return what was decided, by the block's id
   */
  public static Map<String, AttachedPlace> place(
      Instant wakes, Collection<Block> blocks, Collection<Busy> busy, Duration wanted) {
    List<Block> ordered =
        blocks.stream()
            .sorted(Comparator.comparing(Block::start).thenComparing(Block::id))
            .toList();
    Map<String, AttachedPlace> places = new TreeMap<>();
    for (Block block : ordered) {
      places.put(block.id(), place(block, wakes, ordered, busy, wanted));
    }
    return places;
  }

  private static AttachedPlace place(
      Block block, Instant wakes, List<Block> blocks, Collection<Busy> busy, Duration wanted) {
    Optional<Block> warming =
        blocks.stream()
            .filter(other -> !other.id().equals(block.id()))
            .filter(other -> other.length().compareTo(WARMING_BLOCK) >= 0)
            .filter(other -> other.hands().containsAll(block.hands()))
            .filter(other -> !other.start().isAfter(block.start()))
            .filter(other -> other.end().plus(STILL_WARM).isAfter(block.start()))
            .findFirst();
    if (warming.isPresent() && !block.performance()) {
      return new AttachedPlace.LeftOut(
          "Left out: the same hands worked until less than %d min before."
              .formatted(STILL_WARM.toMinutes()));
    }
    Instant free = wakes;
    for (Block other : blocks) {
      if (!other.id().equals(block.id()) && other.start().isBefore(block.start())) {
        free = later(free, other.end());
      }
    }
    for (Busy taken : busy) {
      if (taken.start().isBefore(block.start())) {
        free = later(free, taken.end());
      }
    }
    Duration gap =
        free.isBefore(block.start()) ? Duration.between(free, block.start()) : Duration.ZERO;
    if (gap.compareTo(wanted) >= 0) {
      return new AttachedPlace.Placed(
          wanted, false, "As long as wanted, ends as the block starts.");
    }
    if (gap.compareTo(SHORTEST) < 0) {
      return new AttachedPlace.LeftOut(
          "Left out: only %s free before it, under %d min."
              .formatted(words(gap), SHORTEST.toMinutes()));
    }
    return new AttachedPlace.Placed(
        gap,
        true,
        "Shortened from %s to %s: no more is free before it.".formatted(words(wanted), words(gap)));
  }

  private static Instant later(Instant a, Instant b) {
    return a.isAfter(b) ? a : b;
  }

  private static String words(Duration length) {
    return length.toSecondsPart() == 0
        ? length.toMinutes() + " min"
        : length.toMinutes() + " min " + length.toSecondsPart() + " s";
  }
}
