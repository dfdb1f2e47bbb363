package org.nimblet.server.programme;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.LineOfWork;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.Readings;
import org.nimblet.server.person.Person;
import org.nimblet.server.routine.RoutineRequests;
import org.springframework.stereotype.Service;

/** Programmes as the planner reads them. */
@Service
class ProgrammeFiles {

  private final Programmes programmes;
  private final Readings readings;

  ProgrammeFiles(Programmes programmes, Readings readings) {
    this.programmes = programmes;
    this.readings = readings;
  }

  /** A programme with its obligations. */
  record ProgrammeFile(
      UUID id,
      Instant madeAt,
      LocalDate startsOn,
      LocalDate reviewsOn,
      LocalDate endsOn,
      Limits limits,
      List<Obligation> obligations) {

    /** The obligation that a session belongs to: by its line, or by how it is attached. */
    Optional<Obligation> obligationOf(Purpose purpose, Optional<String> lineId) {
      return obligations.stream().filter(o -> o.plans(purpose, lineId)).findFirst();
    }

    /** Whether it holds on a date. */
    boolean holdsOn(LocalDate date) {
      return !date.isBefore(startsOn) && !date.isAfter(endsOn);
    }

    /** What is planned of it; obligations of which nothing may be done have no lines. */
    List<Line> lines(Map<String, Work> works) {
      List<Line> strength = new ArrayList<>();
      for (Obligation obligation : obligations) {
        Work work = works.get(obligation.id());
        if (obligation.purpose() == Purpose.STRENGTH && work.forbidden().isEmpty()) {
          strength.addAll(obligation.lines(startsOn, endsOn, work.dose(), List.of()));
        }
      }
      List<Line> lines = new ArrayList<>();
      for (Obligation obligation : obligations) {
        Work work = works.get(obligation.id());
        if (work.forbidden().isEmpty()) {
          lines.addAll(obligation.lines(startsOn, endsOn, work.dose(), strength));
        }
      }
      return lines;
    }
  }

  /**
   * How an obligation stands as things are.
   *
   * @param dose what the pain of the regions that it loads asks for
   * @param pains these pains
   * @param forbidden why none of it may be done, if that is so
   * @param forbiddenToday why none of it may be done today; the days after are another matter
   * @param limits what of it waits although some may be done
   */
  record Work(
      PainDose dose,
      List<Pain> pains,
      Optional<String> forbidden,
      Optional<String> forbiddenToday,
      List<String> limits) {}

  /** How each obligation of a programme stands today. */
  static Map<String, Work> works(Person person, List<Obligation> obligations) {
    ClientFacts today = RoutineRequests.factsToday(person);
    ClientFacts otherDays = today.withHealth(today.health().withoutStops());
    Map<String, Work> works = new HashMap<>();
    for (Obligation obligation : obligations) {
      LineOfWork now =
          RoutineRequests.lineOfWork(person, today, obligation.purpose(), obligation.heavy());
      LineOfWork later =
          RoutineRequests.lineOfWork(person, otherDays, obligation.purpose(), obligation.heavy());
      works.put(
          obligation.id(),
          new Work(
              later.dose(),
              later.pains(),
              later.forbidden().or(() -> byPain(obligation, later)),
              now.forbidden(),
              now.limits()));
    }
    return works;
  }

  /** Work that is left to pain ends with pain of 7 and more of what it loads. */
  private static Optional<String> byPain(Obligation obligation, LineOfWork work) {
    boolean ends =
        obligation.frequency() == Obligation.Frequency.BY_PAIN
            && work.dose().often() == PainDose.Often.NOT_AT_ALL;
    return ends
        ? work.pains().stream()
            .max(Comparator.comparingInt(Pain::level))
            .map(
                pain ->
                    "Pain is %d of 10 in the %s %s, which it loads; a clinician is seen first."
                        .formatted(pain.level(), pain.side().word(), pain.region().word()))
        : Optional.empty();
  }

  /** What a client is on, as it is kept; empty if on nothing. */
  private record Current() {}

  /** The programme a client is on. */
  Optional<ProgrammeFile> current(ClientFile client) {
    return current(List.of(client)).get(client.id());
  }

  /** The programmes that some clients are on, by their identifiers. */
  Map<UUID, Optional<ProgrammeFile>> current(Collection<ClientFile> clients) {
    return readings.of(clients, new Current(), this::read);
  }

  private Map<UUID, Optional<ProgrammeFile>> read(List<ClientFile> clients) {
    Map<UUID, List<ProgrammeRow>> rows =
        programmes.running(clients.stream().map(ClientFile::id).toList()).stream()
            .collect(Collectors.groupingBy(row -> row.programme().clientId));
    return clients.stream()
        .collect(
            Collectors.toMap(
                ClientFile::id,
                client ->
                    Optional.ofNullable(rows.get(client.id())).map(own -> file(own, client))));
  }

  /** The one that starts last, of those that were not ended. */
  private static ProgrammeFile file(List<ProgrammeRow> rows, ClientFile client) {
    Programme programme = rows.get(0).programme();
    return new ProgrammeFile(
        programme.id,
        programme.madeAt,
        programme.startsOn,
        programme.reviewsOn,
        programme.endsOn,
        new Limits(programme.dailySessions, programme.dailyMinutes),
        rows.stream()
            .filter(row -> row.programme().id.equals(programme.id))
            .flatMap(row -> Optional.ofNullable(row.obligation()).stream())
            .map(stored -> obligation(stored, client))
            .toList());
  }

  private static Obligation obligation(StoredObligation stored, ClientFile client) {
    return new Obligation(
        stored.id.toString(),
        stored.purpose,
        stored.minutes,
        stored.frequency,
        stored.anchor.of(client),
        stored.heavy,
        Set.copyOf(stored.notOn),
        stored.contents.contents());
  }
}
