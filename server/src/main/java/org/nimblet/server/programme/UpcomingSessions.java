package org.nimblet.server.programme;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.programme.PlannedSessions.PlannedPeg;
import org.nimblet.server.routine.WarmUps;
import org.nimblet.server.session.History;
import org.nimblet.server.session.History.PastSession;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All sessions that are still to come, warm-ups among them, as they leave the product. */
@Service
public class UpcomingSessions {

  private final DaySchedules schedules;
  private final History history;
  private final PlannedSessions plannedSessions;
  private final WarmUps warmUps;
  private final Clock clock;

  UpcomingSessions(
      DaySchedules schedules,
      History history,
      PlannedSessions plannedSessions,
      WarmUps warmUps,
      Clock clock) {
    this.schedules = schedules;
    this.history = history;
    this.plannedSessions = plannedSessions;
    this.warmUps = warmUps;
    this.clock = clock;
  }

  /**
   * A session that is still to come.
   *
   * @param uid the same as long as it is the same session, also when it moves
   * @param blockTitle the block it belongs to, if it does
   * @param activityId that block's activity
   */
  public record Upcoming(
      String uid,
      Purpose purpose,
      LocalDate date,
      Instant start,
      Instant end,
      Optional<String> blockTitle,
      Optional<UUID> activityId) {

    /** What it is called where nobody sees the rest of the product: "Warm-up before Practice". */
    public String title() {
      String where =
          switch (purpose) {
            case WARM_UP -> " before ";
            case BREAK -> " in ";
            default -> " after ";
          };
      return purpose.word() + blockTitle.map(block -> where + block).orElse("");
    }
  }

  /** Sessions of some days with the days themselves. */
  public record Outlook(List<DaySchedule> days, List<Upcoming> sessions) {}

  /** What is to come in some days, first and last included, in the order of time. */
  @Transactional(readOnly = true)
  public Outlook of(ClientFile client, LocalDate first, LocalDate last) {
    Instant now = clock.instant();
    List<DaySchedule> days = schedules.days(client, first, last);
    List<PastSession> past = history.sessions(client, first, last);
    Map<LocalDate, List<PlannedPeg>> planned = plannedSessions.of(client, days, past);
    Set<UUID> served =
        past.stream()
            .filter(session -> session.purpose() == Purpose.WARM_UP)
            .map(PastSession::blockId)
            .flatMap(Optional::stream)
            .collect(Collectors.toSet());
    List<Upcoming> sessions = new ArrayList<>();
    for (DaySchedule day : days) {
      for (DayBlock block : day.blocks()) {
        if (!served.contains(block.id())) {
          warmUp(client, day, block).ifPresent(sessions::add);
        }
      }
      int breaks = 0;
      for (PlannedPeg peg : planned.getOrDefault(day.date(), List.of())) {
        sessions.add(upcoming(day, peg, peg.purpose() == Purpose.BREAK ? ++breaks : 0));
      }
    }
    sessions.removeIf(session -> !session.start().isAfter(now));
    sessions.sort(Comparator.comparing(Upcoming::start).thenComparing(Upcoming::uid));
    return new Outlook(days, List.copyOf(sessions));
  }

  private Optional<Upcoming> warmUp(ClientFile client, DaySchedule day, DayBlock block) {
    return warmUps
        .forBlock(client, day, block)
        .planned()
        .map(
            planned ->
                new Upcoming(
                    "warm-up." + block.id(),
                    Purpose.WARM_UP,
                    day.date(),
                    planned.start(),
                    planned.end(),
                    Optional.of(block.title()),
                    Optional.of(block.activityId())));
  }

  private static Upcoming upcoming(DaySchedule day, PlannedPeg peg, int breakOfDay) {
    Optional<DayBlock> block = peg.blockId().flatMap(day::block);
    String uid =
        peg.lineId()
            .map(line -> line + "." + day.date())
            .orElseGet(
                () ->
                    peg.purpose() == Purpose.BREAK
                        ? "break-%d.%s".formatted(breakOfDay, peg.blockId().orElseThrow())
                        : "cool-down." + peg.blockId().orElseThrow());
    return new Upcoming(
        uid,
        peg.purpose(),
        day.date(),
        peg.start(),
        peg.end(),
        block.map(DayBlock::title),
        block.map(DayBlock::activityId));
  }
}
