package org.nimblet.core.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.nimblet.core.anatomy.Side;

/**
 * A stretch of time given to one activity, from {@code start} inclusive to {@code end} exclusive.
 *
 * @param id to tell blocks apart
 * @param start when it starts
 * @param end when it ends, after the start
 * @param hands the hands it works
 * @param performance whether it is played before others, and always warmed up for
 */
public record Block(String id, Instant start, Instant end, Set<Side> hands, boolean performance) {

  /**
   * Checks the order.
   *
   * @throws IllegalArgumentException if it does not end after it starts
   */
  public Block {
    hands = Set.copyOf(hands);
    if (!end.isAfter(start)) {
      throw new IllegalArgumentException(
          "block end (%s) must come after its start (%s)".formatted(end, start));
    }
  }

  /** How long it lasts. */
  public Duration length() {
    return Duration.between(start, end);
  }
}
