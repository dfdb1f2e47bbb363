package org.nimblet.core.schedule;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * The breaks inside one block: as few as the rhythm allows, the work between them as even as whole
 * minutes can be.
 *
 * @param breaks in order
 */
public record BreakPlan(List<Break> breaks) {

  private static final long NONE = Long.MAX_VALUE;

  /** More than the squares of the pieces of any day can sum to. */
  private static final long AWAY_FROM_AN_END = 1L << 32;

  /**
   * One break.
   *
   * @param startMinute minutes from the start of the block
   * @param minutes how long
   * @param workMinutes the unbroken work before it
   * @param atBoundary whether it stands where a round or piece ends
   */
  public record Break(int startMinute, int minutes, int workMinutes, boolean atBoundary) {}

  /** Whether a break comes at once or after one more round. */
  public enum RoundOver {
    NOW,
    AFTER_THE_NEXT
  }

  /** Copies the list. */
  public BreakPlan {
    breaks = List.copyOf(breaks);
  }

  /**
   * Breaks for a block without natural boundaries: the least n with (L − n·b)/(n + 1) ≤ C, that is
   * n = max(0, ⌈(L − C)/(C + b)⌉); work in whole minutes, longer pieces first.
   *
   * @param blockMinutes the whole block, work and breaks
   */
  public static BreakPlan of(int blockMinutes, WorkRhythm rhythm) {
    return of(blockMinutes, rhythm, List.of());
  }

  /**
   * Breaks that stand at natural boundaries wherever the pieces stay within {@link
   * WorkRhythm#stretchedWorkMinutes}: no other cut of the block has more breaks at a boundary, and
   * of those with as many none is more even (least sum of squares; longer pieces first).
   *
   * @param boundaries ends of rounds, pieces or games, in minutes of work since the block began
   */
  public static BreakPlan of(int blockMinutes, WorkRhythm rhythm, Collection<Integer> boundaries) {
    int count = count(blockMinutes, rhythm);
    int work = blockMinutes - count * rhythm.breakMinutes();
    return boundaries.isEmpty()
        ? even(count, work, rhythm.breakMinutes())
        : atBoundaries(count, work, rhythm, boundaries);
  }

  /** Pieces that differ by a minute at most, the longer ones first. */
  private static BreakPlan even(int count, int work, int breakMinutes) {
    int piece = work / (count + 1);
    int longer = work % (count + 1);
    List<Break> breaks = new ArrayList<>();
    int done = 0;
    for (int i = 0; i < count; i++) {
      int minutes = i < longer ? piece + 1 : piece;
      done += minutes;
      breaks.add(new Break(done + i * breakMinutes, breakMinutes, minutes, false));
    }
    return new BreakPlan(breaks);
  }

  private static BreakPlan atBoundaries(
      int count, int work, WorkRhythm rhythm, Collection<Integer> boundaries) {
    boolean[] ends = new boolean[work + 1];
    boundaries.stream().filter(end -> end >= 0 && end <= work).forEach(end -> ends[end] = true);
    int longest = rhythm.stretchedWorkMinutes();
    long[][] least = least(count, work, longest, ends);
    List<Break> breaks = new ArrayList<>();
    int done = 0;
    for (int i = 0; i < count; i++) {
      int cut = cut(least[count - i - 1], done, longest, ends);
      breaks.add(
          new Break(cut + i * rhythm.breakMinutes(), rhythm.breakMinutes(), cut - done, ends[cut]));
      done = cut;
    }
    return new BreakPlan(breaks);
  }

  private static int count(int blockMinutes, WorkRhythm rhythm) {
    int over = blockMinutes - rhythm.workMinutes();
    return Math.max(0, -Math.floorDiv(-over, rhythm.workMinutes() + rhythm.breakMinutes()));
  }

  /**
   * By breaks still to come and minutes worked, the least cost of the rest; {@link #NONE} where the
   * rest cannot be cut so.
   */
  private static long[][] least(int count, int work, int longest, boolean[] ends) {
    long[][] least = new long[count + 1][work + 1];
    for (int done = 0; done <= work; done++) {
      int last = work - done;
      least[0][done] = last > 0 && last <= longest ? (long) last * last : NONE;
    }
    for (int left = 1; left <= count; left++) {
      for (int done = 0; done <= work; done++) {
        int cut = cut(least[left - 1], done, longest, ends);
        least[left][done] = cut < 0 ? NONE : cost(least[left - 1], done, cut, ends);
      }
    }
    return least;
  }

  /** The best next cut, the longest piece among equals; -1 if there is none. */
  private static int cut(long[] after, int done, int longest, boolean[] ends) {
    int best = -1;
    long least = NONE;
    for (int cut = Math.min(after.length - 1, done + longest); cut > done; cut--) {
      long cost = cost(after, done, cut, ends);
      if (cost < least) {
        least = cost;
        best = cut;
      }
    }
    return best;
  }

  private static long cost(long[] after, int done, int cut, boolean[] ends) {
    if (after[cut] == NONE) {
      return NONE;
    }
    long piece = (long) cut - done;
    return after[cut] + piece * piece + (ends[cut] ? 0 : AWAY_FROM_AN_END);
  }

  /** The pieces of work between the breaks, in minutes. */
  public List<Integer> workPieces(int blockMinutes) {
    List<Integer> pieces = new ArrayList<>();
    int left = blockMinutes;
    for (Break one : breaks) {
      pieces.add(one.workMinutes());
      left -= one.workMinutes() + one.minutes();
    }
    pieces.add(left);
    return pieces;
  }

  /**
   * What to do when a round is over.
   *
   * @param workMinutes unbroken work so far
   * @param nextRoundMinutes how long the next round will be, known or guessed
   */
  public static RoundOver roundOver(WorkRhythm rhythm, int workMinutes, int nextRoundMinutes) {
    int later = workMinutes + nextRoundMinutes;
    boolean nearerNow =
        Math.abs(workMinutes - rhythm.workMinutes()) <= Math.abs(later - rhythm.workMinutes());
    return later > rhythm.stretchedWorkMinutes() || nearerNow
        ? RoundOver.NOW
        : RoundOver.AFTER_THE_NEXT;
  }
}
