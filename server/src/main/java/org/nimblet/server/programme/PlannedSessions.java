package org.nimblet.server.programme;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.session.History.PastSession;
import org.nimblet.server.week.DaySchedule;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a programme has put into days, as other features read it; warm-ups are not among it. */
@Service
public class PlannedSessions {

  /** A session may begin so long after its time before it counts as missed (ours). */
  private static final Duration STILL_DUE = Duration.ofHours(1);

  /** What began no longer before its time than this was meant for it (ours). */
  private static final Duration BEGINS_EARLY = Duration.ofMinutes(10);

  private final ProgrammeFiles programmes;
  private final AttachedSessions attached;
  private final AgreedSessions agreed;

  PlannedSessions(ProgrammeFiles programmes, AttachedSessions attached, AgreedSessions agreed) {
    this.programmes = programmes;
    this.attached = attached;
    this.agreed = agreed;
  }

  /**
   * A session that was not done yet.
   *
   * @param blockId the block it belongs to, if it does
   * @param lineId what it was planned for, if it stands free
   * @param why why it is there; empty for free-standing ones
   */
  public record PlannedPeg(
      Optional<UUID> blockId,
      Optional<String> lineId,
      Purpose purpose,
      Instant start,
      Instant end,
      boolean pinned,
      String why) {

    /** Whether it did not happen; a break is taken or not, nobody writes it down. */
    public boolean isMissed(Instant now) {
      return purpose != Purpose.BREAK && !now.isBefore(end.plus(STILL_DUE));
    }
  }

  /**
   * What is planned in some days and was not done.
   *
   * @param past what was done in these days
   */
  @Transactional(readOnly = true)
  public Map<LocalDate, List<PlannedPeg>> of(
      ClientFile client, List<DaySchedule> days, List<PastSession> past) {
    LocalDate first = days.get(0).date();
    LocalDate last = days.get(days.size() - 1).date();
    List<PastSession> free =
        new ArrayList<>(past.stream().filter(session -> session.blockId().isEmpty()).toList());
    Map<LocalDate, List<PlannedPeg>> pegs =
        agreed
            .findByClientIdAndDateBetweenOrderByStartsAtAscLineIdAsc(client.id(), first, last)
            .stream()
            .filter(row -> !row.skipped)
            .filter(row -> !isDone(row, free))
            .collect(
                Collectors.groupingBy(
                    row -> row.date,
                    Collectors.mapping(
                        PlannedSessions::peg, Collectors.toCollection(ArrayList::new))));
    Optional<ProgrammeFiles.ProgrammeFile> programme = programmes.current(client);
    for (DaySchedule day : days) {
      if (programme.filter(p -> p.holdsOn(day.date())).isEmpty()) {
        continue;
      }
      attached.of(client, day, programme.get().obligations()).stream()
          .filter(session -> session.start().isAfter(programme.get().madeAt()))
          .filter(session -> !servedBy(session, past))
          .forEach(
              session ->
                  pegs.computeIfAbsent(day.date(), d -> new ArrayList<>())
                      .add(
                          new PlannedPeg(
                              Optional.of(session.blockId()),
                              Optional.empty(),
                              session.purpose(),
                              session.start(),
                              session.end(),
                              false,
                              session.why())));
    }
    return pegs;
  }

  private static boolean isDone(AgreedSession row, List<PastSession> free) {
    Optional<PastSession> done = PlanService.doneFor(row, free);
    done.ifPresent(free::remove);
    return done.isPresent();
  }

  private static boolean servedBy(
      AttachedSessions.AttachedSession session, List<PastSession> past) {
    return past.stream()
        .filter(one -> one.purpose() == session.purpose())
        .anyMatch(
            one ->
                one.blockId().filter(session.blockId()::equals).isPresent()
                    || (!one.beganAt().isBefore(session.start().minus(BEGINS_EARLY))
                        && one.beganAt().isBefore(session.end().plus(STILL_DUE))));
  }

  private static PlannedPeg peg(AgreedSession row) {
    return new PlannedPeg(
        Optional.empty(),
        Optional.of(row.lineId),
        row.purpose,
        row.startsAt,
        row.startsAt.plus(row.minutes, ChronoUnit.MINUTES),
        row.pinned,
        "");
  }
}
