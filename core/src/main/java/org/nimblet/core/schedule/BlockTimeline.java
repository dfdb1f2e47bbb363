package org.nimblet.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What follows what in a block: its parts and its breaks, or stretches of work between breaks if it
 * has no parts.
 *
 * @param stretches in order, without gaps, from the start of the block to its end
 */
public record BlockTimeline(List<Stretch> stretches) {

  /** What a stretch is. */
  public enum StretchKind {
    PART,
    BREAK,
    /** Work that no part names. */
    OPEN
  }

  /**
   * One stretch.
   *
   * @param title the part's; empty for the others
   * @param startMinute minutes from the start of the block
   */
  public record Stretch(StretchKind kind, String title, int startMinute, int minutes) {}

  /** Copies the list. */
  public BlockTimeline {
    stretches = List.copyOf(stretches);
  }

  /**
   * The timeline of a block. A part into which a break falls goes on after it.
   *
   * @param rhythm empty where nothing breaks into the activity
   */
  public static BlockTimeline of(
      int blockMinutes, List<BlockPart> parts, Optional<WorkRhythm> rhythm) {
    List<BreakPlan.Break> breaks =
        new ArrayList<>(BlockPart.breaks(blockMinutes, parts, rhythm).breaks());
    breaks.sort(Comparator.comparingInt(BreakPlan.Break::startMinute));
    List<Stretch> stretches = new ArrayList<>();
    int at = 0;
    for (BlockPart part : parts) {
      at = breaksAt(at, breaks, stretches);
      at =
          work(StretchKind.PART, part.title(), part.minutes(), at, blockMinutes, breaks, stretches);
    }
    at = breaksAt(at, breaks, stretches);
    work(StretchKind.OPEN, "", blockMinutes, at, blockMinutes, breaks, stretches);
    return new BlockTimeline(stretches);
  }

  private static int breaksAt(int at, List<BreakPlan.Break> breaks, List<Stretch> stretches) {
    int end = at;
    while (!breaks.isEmpty() && breaks.get(0).startMinute() <= end) {
      BreakPlan.Break next = breaks.remove(0);
      stretches.add(new Stretch(StretchKind.BREAK, "", end, next.minutes()));
      end += next.minutes();
    }
    return end;
  }

  private static int work(
      StretchKind kind,
      String title,
      int minutes,
      int from,
      int blockMinutes,
      List<BreakPlan.Break> breaks,
      List<Stretch> stretches) {
    int at = from;
    int left = Math.min(minutes, blockMinutes - from);
    while (left > 0) {
      int until = breaks.isEmpty() ? at + left : Math.min(at + left, breaks.get(0).startMinute());
      stretches.add(new Stretch(kind, title, at, until - at));
      left -= until - at;
      at = until;
      if (left > 0) {
        at = breaksAt(at, breaks, stretches);
        left = Math.min(left, blockMinutes - at);
      }
    }
    return at;
  }
}
