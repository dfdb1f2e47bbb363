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
   * Breaks that stand at natural boundaries where one is near enough: each moves to the boundary
   * nearest to the clock's answer that keeps the pieces within {@link
   * WorkRhythm#stretchedWorkMinutes}.
   *
   * @param boundaries ends of rounds, pieces or games, in minutes of work since the block began
   */
  public static BreakPlan of(int blockMinutes, WorkRhythm rhythm, Collection<Integer> boundaries) {
    int count = count(blockMinutes, rhythm);
    int work = blockMinutes - count * rhythm.breakMinutes();
    List<Break> breaks = new ArrayList<>();
    int done = 0;
    for (int i = 0; i < count; i++) {
      int piecesLeft = count - i + 1;
      int clock = done + -Math.floorDiv(-(work - done), piecesLeft);
      int cut = nearest(clock, done, work, piecesLeft - 1, rhythm, boundaries);
      breaks.add(
          new Break(
              cut + i * rhythm.breakMinutes(),
              rhythm.breakMinutes(),
              cut - done,
              boundaries.contains(cut)));
      done = cut;
    }
    return new BreakPlan(breaks);
  }

  private static int count(int blockMinutes, WorkRhythm rhythm) {
    int over = blockMinutes - rhythm.workMinutes();
    return Math.max(0, -Math.floorDiv(-over, rhythm.workMinutes() + rhythm.breakMinutes()));
  }

  private static int nearest(
      int clock,
      int done,
      int work,
      int piecesAfter,
      WorkRhythm rhythm,
      Collection<Integer> boundaries) {
    int longest = rhythm.stretchedWorkMinutes();
    return boundaries.stream()
        .filter(boundary -> boundary > done && boundary <= work - piecesAfter)
        .filter(boundary -> boundary - done <= longest)
        .filter(boundary -> work - boundary <= longest * piecesAfter)
        .min(
            java.util.Comparator.comparingInt((Integer boundary) -> Math.abs(boundary - clock))
                .thenComparingInt(boundary -> boundary))
        .orElse(clock);
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
