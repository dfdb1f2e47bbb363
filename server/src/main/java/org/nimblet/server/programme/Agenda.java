package org.nimblet.server.programme;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.Span;
import org.nimblet.core.schedule.WeekPlan;
import org.nimblet.core.session.PastSession;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.PlannedSession.Will;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.Readings;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.ProgrammeFiles.ProgrammeFile;
import org.nimblet.server.routine.WarmUps;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedules;
import org.springframework.stereotype.Service;

/**
 * Days with every session in them, and what became of each: what was done, the warm-ups of the
 * blocks, the breaks and cool-downs that a programme asks for, and what stands free. Whatever
 * shows, counts, reminds or feeds asks here.
 */
@Service
public class Agenda {

  private final People people;
  private final DaySchedules schedules;
  private final ProgrammeFiles programmes;
  private final AgreedSessions agreed;
  private final WarmUps warmUps;
  private final Readings readings;

  Agenda(
      People people,
      DaySchedules schedules,
      ProgrammeFiles programmes,
      AgreedSessions agreed,
      WarmUps warmUps,
      Readings readings) {
    this.people = people;
    this.schedules = schedules;
    this.programmes = programmes;
    this.agreed = agreed;
    this.warmUps = warmUps;
    this.readings = readings;
  }

  /**
   * A day of a person.
   *
   * @param planned what was planned, in the order of time, with what became of it
   * @param past what was done, the latest first
   */
  public record Day(
      DaySchedule schedule, List<SessionLedger.Entry> planned, List<PastSession> past) {

    /** Which day it is. */
    public LocalDate date() {
      return schedule.date();
    }

    /** What a session of it is called where nothing else is seen: "Warm-up before Practice". */
    public String title(PlannedSession session) {
      return session
          .blockId()
          .flatMap(schedule::block)
          .map(block -> session.purpose().beside(block.title()))
          .orElse(session.purpose().word());
    }
  }

  /** Days, first and last included, as what was agreed for them is kept. */
  private record Agreed(LocalDate first, LocalDate last) {}

  /** When the programmes of some people are to be looked at, by the identifiers of the clients. */
  public Map<UUID, LocalDate> reviews(List<Person> asked) {
    Map<UUID, LocalDate> reviews = new HashMap<>();
    programmes
        .current(asked.stream().map(Person::client).toList())
        .forEach((id, file) -> file.ifPresent(on -> reviews.put(id, on.reviewsOn())));
    return reviews;
  }

  /** Some days of one person, first and last included. */
  public List<Day> of(Person person, LocalDate first, LocalDate last) {
    return of(List.of(person), first, last).get(person.id());
  }

  /** Some days of some people, first and last included, by the identifiers of the clients. */
  public Map<UUID, List<Day>> of(List<Person> asked, LocalDate first, LocalDate last) {
    List<ClientFile> files = asked.stream().map(Person::client).toList();
    Map<UUID, List<DaySchedule>> days = schedules.days(files, first, last);
    Map<UUID, Optional<ProgrammeFile>> current = programmes.current(files);
    Map<UUID, List<PlannedSession>> standingFree =
        readings.of(files, new Agreed(first, last), missing -> agreed(missing, first, last));
    return asked.stream()
        .collect(
            Collectors.toMap(
                Person::id,
                person ->
                    days(
                        person,
                        days.get(person.id()),
                        current.get(person.id()),
                        standingFree.get(person.id()))));
  }

  /** The days of a plan, agreed or not, as they would be. */
  List<Day> of(Person person, Planner.Planned planned) {
    return days(person, planned.days(), programmes.current(person.client()), standingFree(planned));
  }

  /** What a plan has placed, and what of its days has no place in it any more. */
  private static List<PlannedSession> standingFree(Planner.Planned planned) {
    Map<SessionKey, Planner.Before> before =
        planned.before().stream()
            .collect(Collectors.toMap(Planner.Before::key, Function.identity()));
    Set<SessionKey> placed = new HashSet<>();
    List<PlannedSession> sessions = new ArrayList<>();
    for (WeekPlan.PlannedSession session : planned.plan().sessions()) {
      placed.add(session.key());
      Planner.Before row = before.get(session.key());
      Instant start = Span.momentOf(session.span().start());
      boolean asAgreed = row != null && row.startsAt().equals(start);
      boolean byHand = asAgreed ? row.pinned() : session.fixed();
      sessions.add(
          standingFree(
              session.key(),
              planned.line(session.key().lineId()).orElseThrow().purpose(),
              start,
              Span.momentOf(session.span().end()),
              byHand ? Will.MOVED : Will.AS_PLANNED,
              session.why()));
    }
    LocalDate first = planned.days().get(0).date();
    planned.before().stream()
        .filter(row -> !placed.contains(row.key()) && !row.key().date().isBefore(first))
        .filter(row -> row.skipped() || planned.request().missed().contains(row.key()))
        .map(
            row ->
                standingFree(
                    row.key(),
                    row.purpose(),
                    row.startsAt(),
                    row.endsAt(),
                    row.skipped() ? Will.LEFT_OUT : Will.AS_PLANNED,
                    ""))
        .forEach(sessions::add);
    return sessions;
  }

  private static PlannedSession standingFree(
      SessionKey key, Purpose purpose, Instant start, Instant end, Will will, String why) {
    return new PlannedSession(
        key.lineId() + "." + key.date(),
        purpose,
        Optional.empty(),
        Optional.of(key.lineId()),
        key.date(),
        start,
        end,
        will,
        why);
  }

  private Map<UUID, List<PlannedSession>> agreed(
      List<ClientFile> files, LocalDate first, LocalDate last) {
    Map<UUID, List<PlannedSession>> byClient =
        agreed
            .findByClientIdInAndDateBetweenOrderByStartsAtAscLineIdAsc(
                files.stream().map(ClientFile::id).toList(), first, last)
            .stream()
            .collect(
                Collectors.groupingBy(
                    row -> row.clientId,
                    Collectors.mapping(AgreedSession::planned, Collectors.toList())));
    return files.stream()
        .map(ClientFile::id)
        .collect(Collectors.toMap(id -> id, id -> byClient.getOrDefault(id, List.of())));
  }

  private List<Day> days(
      Person person,
      List<DaySchedule> schedule,
      Optional<ProgrammeFile> programme,
      List<PlannedSession> standingFree) {
    List<PastSession> past =
        people.past(person, schedule.get(0).date(), schedule.get(schedule.size() - 1).date());
    List<PlannedSession> planned = new ArrayList<>(standingFree);
    for (DaySchedule day : schedule) {
      day.blocks().forEach(block -> warmUp(person, day, block, past).ifPresent(planned::add));
      programme
          .filter(p -> p.holdsOn(day.date()))
          .ifPresent(
              p ->
                  AttachedSessions.of(person.client(), day, p.obligations()).stream()
                      .filter(session -> session.start().isAfter(p.madeAt()))
                      .forEach(planned::add));
    }
    planned.sort(Comparator.comparing(PlannedSession::start).thenComparing(PlannedSession::uid));
    SessionLedger ledger = SessionLedger.of(planned, past, person.now());
    return schedule.stream()
        .map(
            day ->
                new Day(
                    day,
                    ledger.entries().stream()
                        .filter(entry -> entry.planned().date().equals(day.date()))
                        .toList(),
                    past.stream().filter(one -> one.date().equals(day.date())).toList()))
        .toList();
  }

  /**
   * The warm-up of a block. One that is to come is as long as the routine that would be composed
   * now; one that was done, or can no longer be done, is as long as its place was.
   */
  private Optional<PlannedSession> warmUp(
      Person person, DaySchedule day, DayBlock block, List<PastSession> past) {
    if (!(block.warmUp() instanceof AttachedPlace.Placed placed)) {
      return Optional.empty();
    }
    boolean open =
        block.start().isAfter(person.now())
            && past.stream().noneMatch(one -> isWarmUpOf(one, block));
    Optional<Instant> start =
        open
            ? warmUps.forBlock(person, day, block).planned().map(WarmUps.PlannedWarmUp::start)
            : Optional.of(block.start().minus(placed.length()));
    return start.map(
        begins ->
            new PlannedSession(
                "warm-up." + block.id(),
                Purpose.WARM_UP,
                Optional.of(block.id()),
                Optional.empty(),
                day.date(),
                begins,
                block.start(),
                Will.AS_PLANNED,
                placed.reason()));
  }

  private static boolean isWarmUpOf(PastSession one, DayBlock block) {
    return one.purpose() == Purpose.WARM_UP && one.blockId().filter(block.id()::equals).isPresent();
  }
}
