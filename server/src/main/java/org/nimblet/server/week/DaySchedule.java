package org.nimblet.server.week;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.core.schedule.BlockPart;

/**
 * A client's day: blocks with their warm-ups placed, and busy times.
 *
 * @param date the client's local date
 * @param wakes when the day begins
 * @param sleeps when it ends, perhaps past midnight
 * @param blocks in order of their start
 * @param busy in order of their start
 */
public record DaySchedule(
    LocalDate date, Instant wakes, Instant sleeps, List<DayBlock> blocks, List<DayBusy> busy) {

  /**
   * A block with what is decided about its warm-up.
   *
   * @param repeats whether it is one of a series
   * @param parts what it is made of, with lengths as they were learned; empty for one whole
   */
  public record DayBlock(
      UUID id,
      UUID activityId,
      long version,
      String title,
      boolean performance,
      boolean repeats,
      LocalTime startsAt,
      LocalTime endsAt,
      Instant start,
      Instant end,
      List<BlockPart> parts,
      AttachedPlace warmUp) {

    /** Whether some of the two is at the same time. */
    public boolean overlaps(DayBlock other) {
      return start.isBefore(other.end) && other.start.isBefore(end);
    }
  }

  /** A time that is taken otherwise. */
  public record DayBusy(UUID id, Instant start, Instant end) {}

  /** The block with this identifier, if it is in this day. */
  public Optional<DayBlock> block(UUID id) {
    return blocks.stream().filter(block -> block.id().equals(id)).findFirst();
  }
}
