package org.nimblet.core.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Optional;

/** When somebody is told of a session: some time before it, never while they play or work. */
public final class ReminderTime {

  /** A reminder comes at most so long before. */
  public static final int LONGEST_MINUTES = 120;

  private ReminderTime() {}

  /**
   * The moment for a reminder.
   *
   * @param session when the session begins
   * @param before how long before it to tell
   * @param wakes nobody is woken up for it
   * @param blocks times of playing or work
   * @return the wanted moment, or the end of the block in which it lies; empty if there is none
   *     before the session begins, as for a break inside a block
   */
  public static Optional<Instant> of(
      Instant session, Duration before, Instant wakes, Collection<Span> blocks) {
    Instant wanted = session.minus(before);
    Instant moment = wanted.isBefore(wakes) ? wakes : wanted;
    boolean moved = true;
    while (moved) {
      moved = false;
      for (Span block : blocks) {
        if (contains(block, moment)) {
          moment = Span.momentOf(block.end());
          moved = true;
        }
      }
    }
    return moment.isAfter(session) ? Optional.empty() : Optional.of(moment);
  }

  /** Whether somebody plays or works at a moment. */
  public static boolean isIn(Collection<Span> blocks, Instant moment) {
    return blocks.stream().anyMatch(block -> contains(block, moment));
  }

  private static boolean contains(Span block, Instant moment) {
    return !moment.isBefore(Span.momentOf(block.start()))
        && moment.isBefore(Span.momentOf(block.end()));
  }
}
