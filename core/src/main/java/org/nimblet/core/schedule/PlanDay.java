package org.nimblet.core.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.OptionalLong;
import org.nimblet.core.schedule.Anchor.AfterActivity;
import org.nimblet.core.schedule.Anchor.AfterPlay;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;

/**
 * A day as the planner sees it: one awake window, also past midnight, with what is already in it.
 *
 * @param date the date where the person is
 * @param zone where the person is
 * @param awake from waking to sleep
 * @param slots the minutes at which a session may start, ascending: every five minutes of the clock
 *     that exist that day; of a doubled hour only the first
 * @param blocks times of playing or work
 * @param busy times that are taken otherwise
 * @param attached warm-ups, breaks outside blocks and cool-downs
 * @param now nothing is placed before it
 */
public record PlanDay(
    LocalDate date,
    ZoneId zone,
    Span awake,
    List<Long> slots,
    List<ActivityTime> blocks,
    List<Span> busy,
    List<Span> attached,
    long now) {

  /** Sessions start on such minutes of the clock. */
  public static final int STEP_MINUTES = 5;

  /** A block with what it is. */
  public record ActivityTime(String activityId, Span span, boolean performance) {}

  /** Copies the lists. */
  public PlanDay {
    slots = List.copyOf(slots);
    blocks = List.copyOf(blocks);
    busy = List.copyOf(busy);
    attached = List.copyOf(attached);
  }

  /**
   * A day from times of the clock.
   *
   * @param wakesAt when the day begins
   * @param sleepsAt when it ends; not after waking means on the next date
   */
  public static PlanDay of(
      LocalDate date,
      ZoneId zone,
      LocalTime wakesAt,
      LocalTime sleepsAt,
      Collection<ActivityTime> blocks,
      Collection<Span> busy,
      Collection<Span> attached,
      Instant now) {
    ZonedDateTime wakes = date.atTime(wakesAt).atZone(zone);
    LocalDate lastDate = sleepsAt.isAfter(wakesAt) ? date : date.plusDays(1);
    ZonedDateTime sleeps = lastDate.atTime(sleepsAt).atZone(zone);
    Span awake = Span.covering(wakes.toInstant(), sleeps.toInstant());
    List<Long> slots = new ArrayList<>();
    int past = wakesAt.getMinute() % STEP_MINUTES;
    LocalDateTime first =
        date.atTime(wakesAt)
            .truncatedTo(ChronoUnit.MINUTES)
            .plusMinutes(past == 0 ? 0 : STEP_MINUTES - past);
    LocalDateTime end = lastDate.atTime(sleepsAt);
    for (var local = first; local.isBefore(end); local = local.plusMinutes(STEP_MINUTES)) {
      ZonedDateTime moment = local.atZone(zone);
      boolean exists = moment.toLocalDateTime().equals(local);
      long minute = Span.minuteOf(moment.toInstant());
      if (exists && (slots.isEmpty() || minute > slots.get(slots.size() - 1))) {
        slots.add(minute);
      }
    }
    return new PlanDay(
        date,
        zone,
        awake,
        slots,
        List.copyOf(blocks),
        List.copyOf(busy),
        List.copyOf(attached),
        -Math.floorDiv(-now.getEpochSecond(), 60L));
  }

  /** Where an anchor lies in this day; empty if it has no such time. */
  public OptionalLong minuteOf(Anchor anchor) {
    if (anchor instanceof PartOfDay part) {
      return OptionalLong.of(
          switch (part) {
            case MORNING -> awake.start() + PartOfDay.FROM_THE_EDGE_MINUTES;
            case NOON -> atClock(PartOfDay.AT_NOON);
            case EVENING -> atClock(PartOfDay.IN_THE_EVENING);
            case BEDTIME -> awake.end() - PartOfDay.FROM_THE_EDGE_MINUTES;
          });
    }
    if (anchor instanceof AtClock clock) {
      return OptionalLong.of(atClock(clock.time()));
    }
    if (anchor instanceof AfterPlay afterPlay) {
      OptionalLong end = blocks.stream().mapToLong(block -> block.span().end()).max();
      return end.isPresent()
          ? OptionalLong.of(end.getAsLong() + WeekRules.AFTER_PLAY)
          : minuteOf(afterPlay.otherwise());
    }
    AfterActivity after = (AfterActivity) anchor;
    return blocks.stream()
        .filter(block -> block.activityId().equals(after.activityId()))
        .mapToLong(block -> block.span().end())
        .max();
  }

  /** A time before waking belongs to the night at the end of the day. */
  private long atClock(LocalTime time) {
    LocalTime wakes = Span.momentOf(awake.start()).atZone(zone).toLocalTime();
    LocalDate day = time.isBefore(wakes) ? date.plusDays(1) : date;
    return Span.minuteOf(day.atTime(time).atZone(zone).toInstant());
  }

  /** The minute of a clock time in this day. */
  long minuteAt(LocalTime time) {
    return Span.minuteOf(date.atTime(time).atZone(zone).toInstant());
  }

  /** Whether there is a performance in it. */
  public boolean hasPerformance() {
    return blocks.stream().anyMatch(ActivityTime::performance);
  }

  /** All blocks together, in minutes. */
  long blockMinutes() {
    return blocks.stream().mapToLong(block -> block.span().minutes()).sum();
  }

  /** Whether something of the day is still to come. */
  boolean isNotOver() {
    return awake.end() > now;
  }

  LocalTime clock(long minute) {
    return Span.momentOf(minute).atZone(zone).toLocalTime();
  }
}
