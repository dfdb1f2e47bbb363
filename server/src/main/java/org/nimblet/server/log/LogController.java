package org.nimblet.server.log;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.core.session.SessionState;
import org.nimblet.server.health.HealthTrail;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.Agenda;
import org.nimblet.server.progress.ProgressForms.DecisionView;
import org.nimblet.server.progress.ProgressViews;
import org.nimblet.server.session.SessionLog;
import org.nimblet.server.session.SessionLog.LogEntry;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The log: what was done, with what was said of it, and what was not done. */
@RestController
@RequestMapping("/api/clients/{clientId}/log")
class LogController {

  /** How far back the log is shown. */
  private static final int LOG_DAYS = 42;

  private final SessionLog log;
  private final Agenda agenda;
  private final HealthTrail trail;

  LogController(SessionLog log, Agenda agenda, HealthTrail trail) {
    this.log = log;
    this.agenda = agenda;
    this.trail = trail;
  }

  /**
   * A session that did not happen.
   *
   * @param minutes how long it would have been
   * @param title what it was, and around what
   */
  record MissedEntry(
      LocalDate date,
      @Schema(type = "string") LocalTime startsAt,
      Instant start,
      int minutes,
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) String lineId,
      Purpose purpose,
      String title) {}

  /** What was decided because of a session; nothing while it is open. */
  record SessionDecisions(UUID sessionId, List<DecisionView> decisions) {}

  /** The log of some weeks. */
  record LogView(
      List<LogEntry> entries, List<MissedEntry> missed, List<SessionDecisions> decided) {}

  @GetMapping
  LogView log(@PathVariable("clientId") Person person) {
    trail.note(person.client(), HealthTrail.Deed.READ_LOG);
    LocalDate first = person.today().minusDays(LOG_DAYS - 1L);
    List<LogEntry> entries = log.of(person.client(), person.told(), first, person.today());
    Map<UUID, List<DecisionView>> decided = ProgressViews.bySession(person);
    return new LogView(
        entries,
        agenda.of(person, first, person.today()).stream()
            .flatMap(
                day ->
                    day.planned().stream()
                        .filter(entry -> entry.state() == SessionState.MISSED)
                        .map(entry -> missed(person, day, entry)))
            .toList(),
        entries.stream()
            .map(
                entry ->
                    new SessionDecisions(entry.id(), decided.getOrDefault(entry.id(), List.of())))
            .toList());
  }

  private static MissedEntry missed(Person person, Agenda.Day day, SessionLedger.Entry entry) {
    return new MissedEntry(
        day.date(),
        entry.planned().start().atZone(person.client().zone()).toLocalTime().withNano(0),
        entry.planned().start(),
        Math.max(
            1, (int) Duration.between(entry.planned().start(), entry.planned().end()).toMinutes()),
        entry.planned().blockId().orElse(null),
        entry.planned().lineId().orElse(null),
        entry.planned().purpose(),
        day.title(entry.planned()));
  }
}
