package org.nimblet.server.programme;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.session.History;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Programmes as the planner reads them. */
@Service
class ProgrammeFiles {

  private final Programmes programmes;
  private final StoredObligations obligations;
  private final History history;

  ProgrammeFiles(Programmes programmes, StoredObligations obligations, History history) {
    this.programmes = programmes;
    this.obligations = obligations;
    this.history = history;
  }

  /** A programme with its obligations. */
  record ProgrammeFile(
      UUID id,
      Instant madeAt,
      LocalDate startsOn,
      LocalDate endsOn,
      Limits limits,
      List<Obligation> obligations) {

    /** Whether it holds on a date. */
    boolean holdsOn(LocalDate date) {
      return !date.isBefore(startsOn) && !date.isAfter(endsOn);
    }

    List<Line> lines(PainDose dose) {
      List<Line> lines = new ArrayList<>();
      obligations.forEach(o -> lines.addAll(o.lines(startsOn, endsOn, dose)));
      return lines;
    }
  }

  /** The programme a client is on. */
  @Transactional(readOnly = true)
  Optional<ProgrammeFile> current(ClientFile client) {
    return programmes
        .findFirstByClientIdAndEndedAtNullOrderByStartsOnDescIdAsc(client.id())
        .map(programme -> file(programme, client));
  }

  private ProgrammeFile file(Programme programme, ClientFile client) {
    return new ProgrammeFile(
        programme.id,
        programme.madeAt,
        programme.startsOn,
        programme.endsOn,
        new Limits(programme.dailySessions, programme.dailyMinutes),
        obligations.findByProgrammeIdOrderByPlaceAsc(programme.id).stream()
            .map(stored -> obligation(stored, client))
            .toList());
  }

  private static Obligation obligation(StoredObligation stored, ClientFile client) {
    Set<DayOfWeek> notOn =
        stored.notOn.stream().map(DayOfWeek::valueOf).collect(Collectors.toSet());
    return new Obligation(
        stored.id.toString(),
        stored.purpose,
        stored.minutes,
        stored.frequency,
        AnchorText.stored(stored.anchor, client),
        stored.heavy,
        notOn);
  }

  /** What the worst pain of the client asks of work that is left to pain. */
  @Transactional(readOnly = true)
  PainDose dose(ClientFile client) {
    return worst(client)
        .map(pain -> PainDose.of(pain.level(), pain.course()))
        .orElse(PainDose.of(0, Pain.Course.STEADY));
  }

  /** The worst pain of today, if there is any. */
  @Transactional(readOnly = true)
  Optional<Pain> worst(ClientFile client) {
    return history.pains(client).stream()
        .map(History.PainNow::pain)
        .filter(pain -> pain.level() > 0)
        .max(Comparator.comparingInt(Pain::level));
  }
}
