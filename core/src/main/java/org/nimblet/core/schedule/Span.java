package org.nimblet.core.schedule;

import java.time.Duration;
import java.time.Instant;

/**
 * A stretch of time in whole minutes since 1970, from {@code start} inclusive to {@code end}
 * exclusive.
 */
public record Span(long start, long end) {

  private static final long SECONDS = 60;

  /**
   * Checks the order.
   *
   * @throws IllegalArgumentException if it ends before it starts
   */
  public Span {
    if (end < start) {
      throw new IllegalArgumentException(
          "end (minute %d) must not come before the start (minute %d)".formatted(end, start));
    }
  }

  /** The whole minutes that cover a stretch of time. */
  public static Span covering(Instant start, Instant end) {
    return new Span(
        Math.floorDiv(start.getEpochSecond(), SECONDS),
        -Math.floorDiv(-end.getEpochSecond(), SECONDS));
  }

  /** The minute in which a moment lies. */
  public static long minuteOf(Instant moment) {
    return Math.floorDiv(moment.getEpochSecond(), SECONDS);
  }

  /** The moment at which a minute begins. */
  public static Instant momentOf(long minute) {
    return Instant.EPOCH.plus(Duration.ofMinutes(minute));
  }

  /** How long it is, in minutes. */
  public long minutes() {
    return end - start;
  }

  /** Whether both have a minute in common. */
  public boolean overlaps(Span other) {
    return start < other.end && other.start < end;
  }

  /** The same stretch with so many minutes more before and after. */
  public Span widened(long before, long after) {
    return new Span(start - before, end + after);
  }
}
