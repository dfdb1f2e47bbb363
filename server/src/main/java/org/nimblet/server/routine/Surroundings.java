package org.nimblet.server.routine;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.nimblet.core.routine.Around;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedules;
import org.springframework.stereotype.Service;

/**
 * What lies around a session in the days of a client: how soon play follows, whether it came
 * before.
 */
@Service
public class Surroundings {

  /** What was played so long ago still warms (ours: the model's half hour). */
  private static final Duration STILL_WARM = Duration.ofMinutes(30);

  private final DaySchedules days;

  Surroundings(DaySchedules days) {
    this.days = days;
  }

  /**
   * What lies around a session.
   *
   * @param start when it begins
   * @param end when it ends
   */
  public Around of(ClientFile client, Instant start, Instant end) {
    LocalDate date = LocalDate.ofInstant(start, client.zone());
    return of(days.days(client, date.minusDays(1), date.plusDays(1)), date, start, end);
  }

  /**
   * What lies around a session.
   *
   * @param days at least those about it
   */
  public static Around of(List<DaySchedule> days, LocalDate date, Instant start, Instant end) {
    List<DayBlock> blocks = days.stream().flatMap(day -> day.blocks().stream()).toList();
    boolean played =
        blocks.stream()
            .anyMatch(
                block ->
                    !block.start().isAfter(start)
                        && !block.end().isBefore(start.minus(STILL_WARM)));
    boolean performanceTomorrow =
        days.stream()
            .filter(day -> day.date().equals(date.plusDays(1)))
            .flatMap(day -> day.blocks().stream())
            .anyMatch(DayBlock::performance);
    return new Around(played, minutesToPlay(blocks, end), performanceTomorrow);
  }

  /** Minutes to the next block; none if nothing follows, 0 if a block goes on. */
  private static OptionalInt minutesToPlay(List<DayBlock> blocks, Instant end) {
    Optional<Instant> next =
        blocks.stream()
            .filter(block -> block.end().isAfter(end))
            .map(block -> block.start().isBefore(end) ? end : block.start())
            .min(Comparator.naturalOrder());
    return next.isEmpty()
        ? OptionalInt.empty()
        : OptionalInt.of(Math.toIntExact(Duration.between(end, next.get()).toMinutes()));
  }
}
