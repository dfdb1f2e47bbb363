package org.nimblet.server.today;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Attention;
import org.nimblet.core.progress.AttentionRules;
import org.nimblet.core.routine.SafetyNote;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.health.HealthFiles;
import org.nimblet.server.programme.PlannedSessions;
import org.nimblet.server.programme.PlannedSessions.PlannedPeg;
import org.nimblet.server.routine.WarmUps;
import org.nimblet.server.routine.WarmUps.PlannedWarmUp;
import org.nimblet.server.session.History;
import org.nimblet.server.session.History.PastSession;
import org.nimblet.server.session.SessionState;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Draws days together from blocks, planned warm-ups and what happened. */
@Service
class DayViews {

  private final DaySchedules schedules;
  private final WarmUps warmUps;
  private final History history;
  private final HealthFiles healths;
  private final PlannedSessions plannedSessions;

  DayViews(
      DaySchedules schedules,
      WarmUps warmUps,
      History history,
      HealthFiles healths,
      PlannedSessions plannedSessions) {
    this.schedules = schedules;
    this.warmUps = warmUps;
    this.history = history;
    this.healths = healths;
    this.plannedSessions = plannedSessions;
  }

  /** The state of a session on the ribbon. */
  enum PegState {
    PLANNED,
    IN_SESSION,
    DONE,
    LEFT_MIDWAY,
    MISSED
  }

  /**
   * A day as a ribbon. Hours count from the day's midnight, 18.5 is half past six.
   *
   * @param notes what stands against work, of today; none on other days
   */
  record DayView(
      LocalDate date,
      String timeZone,
      double wakesHour,
      double sleepsHour,
      double nowHour,
      boolean today,
      List<DayBlockView> blocks,
      List<DayBusyView> busy,
      List<PegView> pegs,
      int done,
      int missed,
      int planned,
      List<SafetyNote> notes) {}

  /**
   * A block on the ribbon.
   *
   * @param parts what it is made of; empty for one whole
   * @param overlaps the titles of those that are at the same time
   */
  record DayBlockView(
      UUID id,
      UUID activityId,
      long version,
      String title,
      boolean performance,
      boolean repeats,
      double startHour,
      double endHour,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      String warmUpReason,
      List<BlockPartView> parts,
      List<String> overlaps) {}

  /** A round, set, piece or technique of a block. */
  record BlockPartView(String title, int minutes, int restMinutes, BlockPart.Certainty certainty) {}

  /** A busy time on the ribbon. */
  record DayBusyView(
      UUID id,
      double startHour,
      double endHour,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt) {}

  /**
   * A session on the ribbon.
   *
   * @param lineId what a free-standing session was planned for; null for all others
   * @param why why it is there, if that is known here
   */
  record PegView(
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) String lineId,
      boolean pinned,
      String why,
      Purpose purpose,
      PegState state,
      double startHour,
      double endHour,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      String label) {}

  /** A reason for a word. */
  record AttentionView(Attention.Urgency urgency, String heading, String sentence) {}

  /** One day of a client, as it stands now. */
  DayView day(ClientFile client, LocalDate date, Instant now) {
    return days(client, date, date, now).get(0);
  }

  /** Days of a client, first and last included. */
  List<DayView> days(ClientFile client, LocalDate first, LocalDate last, Instant now) {
    Looked looked = look(client, first, last);
    return looked.days().stream().map(day -> day(client, day, looked, now)).toList();
  }

  /** One client among all: a day as it stands now, and why a word is needed. */
  record Glance(ClientFile client, DayView day, List<AttentionView> attention) {}

  /**
   * All clients of a coach at a glance; in one transaction, since there are many small questions.
   */
  @Transactional(readOnly = true)
  List<Glance> glances(List<ClientFile> clients, LocalDate shown, Instant now) {
    return clients.stream().map(client -> glance(client, shown, now)).toList();
  }

  /** The days since the last week and the shown one are read together where they lie together. */
  private Glance glance(ClientFile client, LocalDate shown, Instant now) {
    LocalDate today = LocalDate.ofInstant(now, client.zone());
    LocalDate first = today.minusDays(AttentionRules.DAYS - 1L);
    boolean near = !shown.isBefore(first) && !shown.isAfter(today.plusDays(1));
    Looked looked = look(client, first, near && shown.isAfter(today) ? shown : today);
    DayView day =
        near
            ? looked.days().stream()
                .filter(d -> d.date().equals(shown))
                .map(d -> day(client, d, looked, now))
                .findFirst()
                .orElseThrow()
            : day(client, shown, now);
    return new Glance(client, day, attention(client, looked, today, now));
  }

  /** Days with what was done in them and what is planned. */
  private record Looked(
      List<DaySchedule> days,
      List<PastSession> sessions,
      Map<LocalDate, List<PlannedPeg>> planned) {}

  private Looked look(ClientFile client, LocalDate first, LocalDate last) {
    List<PastSession> sessions = history.sessions(client, first, last);
    List<DaySchedule> days = schedules.days(client, first, last);
    return new Looked(days, sessions, plannedSessions.of(client, days, sessions));
  }

  private DayView day(ClientFile client, DaySchedule day, Looked looked, Instant now) {
    return day(
        client,
        day,
        looked.sessions().stream().filter(s -> s.date().equals(day.date())).toList(),
        looked.planned().getOrDefault(day.date(), List.of()),
        now);
  }

  private DayView day(
      ClientFile client,
      DaySchedule day,
      List<PastSession> past,
      List<PlannedPeg> others,
      Instant now) {
    Hours hours = new Hours(day.date(), client.zone());
    Map<UUID, PastSession> byBlock =
        past.stream()
            .filter(session -> session.blockId().isPresent())
            .collect(
                Collectors.toMap(s -> s.blockId().orElseThrow(), Function.identity(), (a, b) -> a));
    List<PegView> pegs = new ArrayList<>();
    past.forEach(session -> pegs.add(peg(session, hours)));
    for (DayBlock block : day.blocks()) {
      if (!byBlock.containsKey(block.id())) {
        warmUps
            .forBlock(client, day, block)
            .planned()
            .ifPresent(planned -> pegs.add(peg(block, planned, hours, now)));
      }
    }
    others.forEach(planned -> pegs.add(peg(planned, hours, now)));
    pegs.sort(java.util.Comparator.comparing(PegView::start));
    return new DayView(
        day.date(),
        client.zone().getId(),
        hours.of(day.wakes()),
        hours.of(day.sleeps()),
        hours.of(now),
        LocalDate.ofInstant(now, client.zone()).equals(day.date()),
        day.blocks().stream().map(block -> block(day, block, hours)).toList(),
        day.busy().stream()
            .map(
                busy ->
                    new DayBusyView(
                        busy.id(),
                        hours.of(busy.start()),
                        hours.of(busy.end()),
                        hours.time(busy.start()),
                        hours.time(busy.end())))
            .toList(),
        pegs,
        count(pegs, PegState.DONE) + count(pegs, PegState.LEFT_MIDWAY),
        count(pegs, PegState.MISSED),
        count(pegs, PegState.PLANNED) + count(pegs, PegState.IN_SESSION),
        LocalDate.ofInstant(now, client.zone()).equals(day.date())
            ? SafetyNote.of(healths.of(client, day.date()))
            : List.of());
  }

  private List<AttentionView> attention(
      ClientFile client, Looked looked, LocalDate today, Instant now) {
    Set<UUID> served =
        looked.sessions().stream()
            .map(PastSession::blockId)
            .flatMap(Optional::stream)
            .collect(Collectors.toSet());
    List<LocalDate> missed = new ArrayList<>();
    for (DaySchedule day : looked.days()) {
      day.missed(served, now).forEach(block -> missed.add(day.date()));
      looked.planned().getOrDefault(day.date(), List.of()).stream()
          .filter(session -> session.lineId().isPresent() && session.isMissed(now))
          .forEach(session -> missed.add(day.date()));
    }
    return AttentionRules.reasons(
            today, history.painReadings(client), missed, healths.of(client, today))
        .stream()
        .map(reason -> new AttentionView(reason.urgency(), reason.heading(), reason.sentence()))
        .toList();
  }

  private static int count(List<PegView> pegs, PegState state) {
    return (int) pegs.stream().filter(peg -> peg.state() == state).count();
  }

  private static DayBlockView block(DaySchedule day, DayBlock block, Hours hours) {
    return new DayBlockView(
        block.id(),
        block.activityId(),
        block.version(),
        block.title(),
        block.performance(),
        block.repeats(),
        hours.of(block.start()),
        hours.of(block.end()),
        block.startsAt(),
        block.endsAt(),
        block.warmUp().reason(),
        parts(block),
        day.blocks().stream()
            .filter(other -> !other.id().equals(block.id()) && other.overlaps(block))
            .map(DayBlock::title)
            .toList());
  }

  private static List<BlockPartView> parts(DayBlock block) {
    return block.parts().stream()
        .map(
            part ->
                new BlockPartView(
                    part.title(), part.minutes(), part.restMinutes(), part.certainty()))
        .toList();
  }

  private static PegView peg(PastSession session, Hours hours) {
    return new PegView(
        session.blockId().orElse(null),
        null,
        false,
        "",
        session.purpose(),
        session.state() == SessionState.DONE ? PegState.DONE : PegState.LEFT_MIDWAY,
        hours.of(session.beganAt()),
        hours.of(session.endedAt()),
        session.beganAt(),
        session.endedAt(),
        hours.time(session.beganAt()),
        hours.time(session.endedAt()),
        session.purpose().word()
            + (session.state() == SessionState.DONE ? ", done" : ", left midway"));
  }

  private static PegView peg(DayBlock block, PlannedWarmUp planned, Hours hours, Instant now) {
    PegState state =
        !now.isBefore(block.start())
            ? PegState.MISSED
            : now.isBefore(planned.start()) ? PegState.PLANNED : PegState.IN_SESSION;
    return new PegView(
        block.id(),
        null,
        false,
        planned.reason(),
        planned.composed().purpose(),
        state,
        hours.of(planned.start()),
        hours.of(planned.end()),
        planned.start(),
        planned.end(),
        hours.time(planned.start()),
        hours.time(planned.end()),
        planned.composed().purpose().word() + words(state));
  }

  private static String words(PegState state) {
    return switch (state) {
      case MISSED -> ", missed";
      case IN_SESSION -> ", due now";
      default -> ", planned";
    };
  }

  /** A break is taken or not, nobody writes it down; every other session can be missed. */
  private static PegView peg(PlannedPeg planned, Hours hours, Instant now) {
    PegState state =
        now.isBefore(planned.start()) || planned.purpose() == Purpose.BREAK
            ? PegState.PLANNED
            : planned.isMissed(now) ? PegState.MISSED : PegState.IN_SESSION;
    return new PegView(
        planned.blockId().orElse(null),
        planned.lineId().orElse(null),
        planned.pinned(),
        planned.why(),
        planned.purpose(),
        state,
        hours.of(planned.start()),
        hours.of(planned.end()),
        planned.start(),
        planned.end(),
        hours.time(planned.start()),
        hours.time(planned.end()),
        planned.purpose().word() + words(state));
  }

  /** Local hours since the midnight of a date. */
  private record Hours(LocalDate date, ZoneId zone) {
    private static final double SECONDS = 3600;

    double of(Instant moment) {
      var local = moment.atZone(zone);
      long days = java.time.temporal.ChronoUnit.DAYS.between(date, local.toLocalDate());
      return days * 24 + local.toLocalTime().toSecondOfDay() / SECONDS;
    }

    LocalTime time(Instant moment) {
      return moment.atZone(zone).toLocalTime().withNano(0);
    }
  }
}
