package org.nimblet.server.programme;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.PlanDay;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.Span;
import org.nimblet.core.schedule.WeekPlan;
import org.nimblet.core.schedule.WeekPlanner;
import org.nimblet.core.session.PastSession;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.PlannedSession.Will;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.programme.PlanForms.PreviewForm;
import org.nimblet.server.programme.ProgrammeFiles.ProgrammeFile;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedules;
import org.springframework.stereotype.Component;

/** Has the core plan the weeks of a person; stores nothing. */
@Component
class Planner {

  private static final int WEEK = 7;

  private final ProgrammeFiles programmes;
  private final AgreedSessions agreed;
  private final DaySchedules schedules;
  private final People people;

  Planner(ProgrammeFiles programmes, AgreedSessions agreed, DaySchedules schedules, People people) {
    this.programmes = programmes;
    this.agreed = agreed;
    this.schedules = schedules;
    this.people = people;
  }

  /**
   * What would be if something were otherwise.
   *
   * @param days the days with the change in them
   * @param pins sessions that would stand elsewhere
   * @param open sessions that would have no place yet
   */
  record Change(
      Map<LocalDate, DaySchedule> days, Map<SessionKey, Instant> pins, Set<SessionKey> open) {
    static final Change NONE = new Change(Map.of(), Map.of(), Set.of());
  }

  /** What was agreed before a plan; the row behind it may say something else by now. */
  record Before(
      SessionKey key,
      Purpose purpose,
      Instant startsAt,
      Instant endsAt,
      boolean pinned,
      boolean skipped) {
    static Before of(AgreedSession row) {
      return new Before(
          new SessionKey(row.lineId, row.date),
          row.purpose,
          row.startsAt,
          row.startsAt.plus(row.minutes, ChronoUnit.MINUTES),
          row.pinned,
          row.skipped);
    }
  }

  /**
   * An obligation that is not placed since none of it may be done.
   *
   * @param date the day on which; empty if on none
   */
  record NotPlaced(Obligation obligation, Optional<LocalDate> date, String sentence) {}

  /** A plan with what it was made from. */
  record Planned(
      List<DaySchedule> days,
      PlanRequest request,
      WeekPlan plan,
      List<Before> before,
      List<NotPlaced> notPlaced) {

    Optional<Line> line(String id) {
      return request.lines().stream().filter(line -> line.id().equals(id)).findFirst();
    }
  }

  static LocalDate monday(LocalDate date) {
    return date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }

  /** Plans whole weeks from a Monday on; stores nothing. */
  Planned plan(Person person, LocalDate monday, int weeks, Change change) {
    ClientFile client = person.client();
    LocalDate last = monday.plusDays((long) WEEK * weeks - 1);
    Instant now = person.now();
    LocalDate today = person.today();
    Optional<ProgrammeFile> programme = programmes.current(client);
    Map<String, ProgrammeFiles.Work> works =
        programme.map(p -> ProgrammeFiles.works(person, p.obligations())).orElse(Map.of());
    List<Line> lines = programme.map(p -> p.lines(works)).orElse(List.of());
    List<NotPlaced> notPlaced =
        programme.map(p -> notPlaced(p.obligations(), works, today)).orElse(List.of());
    List<DaySchedule> days = new ArrayList<>();
    for (DaySchedule day : schedules.days(client, monday, last.plusDays(1))) {
      days.add(change.days().getOrDefault(day.date(), day));
    }
    List<PlannedSession> attached = new ArrayList<>();
    List<PlanDay> planDays = new ArrayList<>();
    for (DaySchedule day : days.subList(0, days.size() - 1)) {
      List<PlannedSession> ofDay =
          programme
              .filter(p -> p.holdsOn(day.date()))
              .map(p -> AttachedSessions.of(client, day, p.obligations()))
              .orElse(List.of());
      attached.addAll(ofDay);
      planDays.add(planDay(client, day, ofDay, now));
    }
    List<AgreedSession> before =
        agreed.findByClientIdAndDateBetweenOrderByStartsAtAscLineIdAsc(
            client.id(), monday.minusWeeks(2), last.plusDays(1));
    Standing standing = standing(person, lines, before, attached, monday, last, change);
    Set<SessionKey> missed = new HashSet<>(standing.missed());
    notPlaced.stream()
        .filter(not -> not.date().isPresent())
        .flatMap(not -> lines.stream().filter(line -> not.obligation().hasLine(line.id())))
        .map(line -> new SessionKey(line.id(), today))
        .forEach(missed::add);
    List<Fixed> fixed = new ArrayList<>(standing.fixed());
    fixed.removeIf(one -> missed.contains(one.key()) && one.span().start() >= Span.minuteOf(now));
    fixed.forEach(one -> missed.remove(one.key()));
    Map<SessionKey, Long> agreedStarts = new HashMap<>(standing.agreed());
    agreedStarts.keySet().removeAll(missed);
    PlanRequest request =
        new PlanRequest(
            planDays,
            days.get(days.size() - 1).blocks().stream().anyMatch(block -> block.performance()),
            lines,
            fixed,
            agreedStarts,
            missed,
            standing.lastBefore(),
            programme.map(p -> p.limits()).orElse(Limits.USUAL));
    return new Planned(
        days.subList(0, days.size() - 1),
        request,
        WeekPlanner.plan(request),
        before.stream().filter(row -> !row.date.isAfter(last)).map(Before::of).toList(),
        notPlaced);
  }

  /** Free-standing obligations that nothing is open for, always or today. */
  private static List<NotPlaced> notPlaced(
      List<Obligation> obligations, Map<String, ProgrammeFiles.Work> works, LocalDate today) {
    List<NotPlaced> found = new ArrayList<>();
    for (Obligation obligation : obligations) {
      ProgrammeFiles.Work work = works.get(obligation.id());
      if (obligation.frequency().attached()) {
        continue;
      }
      if (work.forbidden().isPresent()) {
        found.add(new NotPlaced(obligation, Optional.empty(), work.forbidden().get()));
      } else if (work.forbiddenToday().isPresent()) {
        found.add(new NotPlaced(obligation, Optional.of(today), work.forbiddenToday().get()));
      }
    }
    return found;
  }

  private static PlanDay planDay(
      ClientFile client, DaySchedule day, List<PlannedSession> attachedToBlocks, Instant now) {
    List<Span> attached = new ArrayList<>();
    day.blocks()
        .forEach(
            block -> {
              if (block.warmUp() instanceof AttachedPlace.Placed placed) {
                attached.add(Span.covering(block.start().minus(placed.length()), block.start()));
              }
            });
    attachedToBlocks.stream()
        .filter(session -> session.purpose() == Purpose.COOL_DOWN)
        .map(session -> Span.covering(session.start(), session.end()))
        .forEach(attached::add);
    return PlanDay.of(
        day.date(),
        client.zone(),
        client.wakesAt(),
        client.sleepsAt(),
        day.blocks().stream()
            .map(
                block ->
                    new PlanDay.ActivityTime(
                        block.activityId().toString(),
                        Span.covering(block.start(), block.end()),
                        block.performance()))
            .toList(),
        day.busy().stream().map(busy -> Span.covering(busy.start(), busy.end())).toList(),
        attached,
        now);
  }

  private record Standing(
      List<Fixed> fixed,
      Map<SessionKey, Long> agreed,
      Set<SessionKey> missed,
      Map<String, LocalDate> lastBefore) {}

  private Standing standing(
      Person person,
      List<Line> lines,
      List<AgreedSession> before,
      List<PlannedSession> attached,
      LocalDate monday,
      LocalDate last,
      Change change) {
    Set<String> ids = lines.stream().map(Line::id).collect(Collectors.toSet());
    List<PlannedSession> planned = new ArrayList<>(attached);
    before.stream()
        .filter(row -> ids.contains(row.lineId))
        .map(AgreedSession::planned)
        .forEach(planned::add);
    SessionLedger ledger =
        SessionLedger.of(planned, people.past(person, monday.minusWeeks(2), last), person.now());
    Map<SessionKey, Fixed> fixed = new HashMap<>();
    Map<SessionKey, Long> starts = new HashMap<>();
    Set<SessionKey> missed = new HashSet<>();
    Map<String, LocalDate> lastBefore = new HashMap<>();
    for (SessionLedger.Entry entry : ledger.entries()) {
      PlannedSession one = entry.planned();
      if (one.lineId().isEmpty()) {
        continue;
      }
      SessionKey key = new SessionKey(one.lineId().get(), one.date());
      if (change.open().contains(key)) {
        continue;
      }
      if (one.date().isBefore(monday)) {
        if (entry.done().isPresent() || one.will() == Will.MOVED) {
          lastBefore.merge(key.lineId(), one.date(), Planner::later);
        }
        continue;
      }
      switch (entry.state()) {
        case DONE, LEFT -> {
          PastSession done = entry.done().orElseThrow();
          fixed.put(key, new Fixed(key, Span.covering(done.beganAt(), done.endedAt())));
        }
        case DUE, MOVED -> fixed.put(key, new Fixed(key, Span.covering(one.start(), one.end())));
        case MISSED, LEFT_OUT -> missed.add(key);
        case PLANNED -> starts.put(key, Span.minuteOf(one.start()));
      }
    }
    change
        .pins()
        .forEach(
            (key, start) ->
                lines.stream()
                    .filter(line -> line.id().equals(key.lineId()))
                    .findFirst()
                    .ifPresent(
                        line -> fixed.put(key, new Fixed(key, span(start, line.minutes())))));
    fixed.keySet().forEach(starts::remove);
    return new Standing(List.copyOf(fixed.values()), starts, missed, lastBefore);
  }

  /** What a form asks to be otherwise. */
  Change change(ClientFile client, PreviewForm form) {
    Map<SessionKey, Instant> pins = new HashMap<>();
    Map<LocalDate, DaySchedule> days = new HashMap<>();
    if (form.pin() != null && form.pin().startsAt() != null) {
      pins.put(
          new SessionKey(form.pin().lineId(), form.pin().date()),
          moment(client, form.pin().date(), form.pin().startsAt()));
    }
    if (form.blockId() != null) {
      if (form.startsAt() == null || form.endsAt() == null) {
        throw new InvalidFieldException("startsAt", "A time such as 18:00 for start and end.");
      }
      days.putAll(
          schedules.moved(
              client,
              form.blockId(),
              Optional.ofNullable(form.toDate()),
              form.startsAt(),
              form.endsAt()));
    }
    return new Change(days, pins, Set.of());
  }

  /** A time before waking belongs to the night at the end of the day. */
  static Instant moment(ClientFile client, LocalDate date, LocalTime time) {
    LocalDate day = time.isBefore(client.wakesAt()) ? date.plusDays(1) : date;
    return day.atTime(time).atZone(client.zone()).toInstant();
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }

  private static Span span(Instant start, int minutes) {
    long minute = Span.minuteOf(start);
    return new Span(minute, minute + minutes);
  }
}
