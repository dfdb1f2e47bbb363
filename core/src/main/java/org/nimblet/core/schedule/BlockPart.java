package org.nimblet.core.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a block is made of: a round, a game, a piece, a set or a technique.
 *
 * @param title what it is called
 * @param minutes how long it is, 1 to {@value #LONGEST}
 * @param restMinutes the rest that follows it whatever the clock says, as between two sets of a
 *     show night; 0 if breaks are left to the rhythm of the activity
 * @param certainty how surely the length is known
 */
public record BlockPart(String title, int minutes, int restMinutes, Certainty certainty) {

  /** A part is no longer than half a day. */
  public static final int LONGEST = 720;

  /** How surely a length is known. */
  public enum Certainty {
    KNOWN,
    GUESSED,
    /** The middle one of those that were measured. */
    LEARNED
  }

  /**
   * Checks the lengths.
   *
   * @throws IllegalArgumentException if one is out of range
   */
  public BlockPart {
    if (minutes < 1 || minutes > LONGEST) {
      throw new IllegalArgumentException(
          "%s (%d min) must last 1 to %d min".formatted(title, minutes, LONGEST));
    }
    if (restMinutes < 0 || restMinutes > LONGEST) {
      throw new IllegalArgumentException(
          "the rest after %s (%d min) must be 0 to %d min".formatted(title, restMinutes, LONGEST));
    }
  }

  /** The same with a measured length in place of a guess. */
  public BlockPart learned(Optional<Integer> measured) {
    return certainty == Certainty.GUESSED && measured.isPresent()
        ? new BlockPart(title, measured.get(), restMinutes, Certainty.LEARNED)
        : this;
  }

  /** From the start of the first part to the end of the last, rests between them included. */
  public static int minutes(List<BlockPart> parts) {
    int minutes = 0;
    for (int i = 0; i < parts.size(); i++) {
      minutes += parts.get(i).minutes() + (i + 1 < parts.size() ? parts.get(i).restMinutes() : 0);
    }
    return minutes;
  }

  /** The ends of the parts, in minutes of work since the block began. */
  public static List<Integer> boundaries(List<BlockPart> parts) {
    List<Integer> boundaries = new ArrayList<>();
    int work = 0;
    for (BlockPart part : parts) {
      work += part.minutes();
      boundaries.add(work);
    }
    return boundaries;
  }

  /**
   * The breaks of a block: the rests between its parts if it has any, which holds for performances
   * too; otherwise those of the rhythm, at the ends of parts where one is near enough.
   *
   * @param rhythm empty where nothing breaks into the activity
   */
  public static BreakPlan breaks(
      int blockMinutes, List<BlockPart> parts, Optional<WorkRhythm> rhythm) {
    if (parts.stream().allMatch(part -> part.restMinutes() == 0)) {
      return rhythm
          .map(r -> BreakPlan.of(blockMinutes, r, boundaries(parts)))
          .orElseGet(() -> new BreakPlan(List.of()));
    }
    List<BreakPlan.Break> breaks = new ArrayList<>();
    int at = 0;
    int work = 0;
    for (int i = 0; i + 1 < parts.size(); i++) {
      BlockPart part = parts.get(i);
      at += part.minutes();
      work += part.minutes();
      if (part.restMinutes() > 0 && at + part.restMinutes() <= blockMinutes) {
        breaks.add(new BreakPlan.Break(at, part.restMinutes(), work, true));
        work = 0;
      }
      at += part.restMinutes();
    }
    return new BreakPlan(breaks);
  }
}
