package org.nimblet.server.session;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.session.SessionForms.CheckInForm;
import org.nimblet.server.session.SessionForms.LogEntry;
import org.nimblet.server.session.SessionForms.LogPain;
import org.nimblet.server.session.SessionForms.LogStep;
import org.nimblet.server.session.SessionForms.LogView;
import org.nimblet.server.session.SessionForms.MissedEntry;
import org.nimblet.server.session.SessionForms.PainView;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.week.DaySchedules;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}")
class SessionController {

  /** How far back the log is shown. */
  private static final int LOG_DAYS = 42;

  private final ClientFiles clients;
  private final SessionService service;
  private final Sessions sessions;
  private final SessionSteps steps;
  private final PainEntries pains;
  private final History history;
  private final DaySchedules days;
  private final Clock clock;

  SessionController(
      ClientFiles clients,
      SessionService service,
      Sessions sessions,
      SessionSteps steps,
      PainEntries pains,
      History history,
      DaySchedules days,
      Clock clock) {
    this.clients = clients;
    this.service = service;
    this.sessions = sessions;
    this.steps = steps;
    this.pains = pains;
    this.history = history;
    this.days = days;
    this.clock = clock;
  }

  /** Sent again as often as the device likes; the identifier it made is the idempotency key. */
  @PutMapping("/sessions/{sessionId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void record(
      @PathVariable UUID clientId,
      @PathVariable UUID sessionId,
      @Valid @RequestBody SessionForm form) {
    ClientFile client = clients.require(clientId);
    try {
      service.record(client, sessionId, form);
    } catch (DataIntegrityViolationException e) {
      // Two copies arrived at once: the other one was stored, so this finds it.
      service.record(client, sessionId, form);
    }
  }

  @PutMapping("/sessions/{sessionId}/check-in")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void checkIn(
      @PathVariable UUID clientId,
      @PathVariable UUID sessionId,
      @Valid @RequestBody CheckInForm form) {
    service.checkIn(clients.require(clientId), sessionId, form);
  }

  @GetMapping("/pains")
  List<PainView> pains(@PathVariable UUID clientId) {
    return history.pains(clients.require(clientId)).stream()
        .map(
            now ->
                new PainView(
                    now.pain().side(),
                    now.pain().region(),
                    now.pain().region().word(),
                    now.pain().level(),
                    now.saidOn()))
        .toList();
  }

  @GetMapping("/log")
  @Transactional(readOnly = true)
  public LogView log(@PathVariable UUID clientId) {
    ClientFile client = clients.require(clientId);
    LocalDate today = LocalDate.ofInstant(clock.instant(), client.zone());
    LocalDate first = today.minusDays(LOG_DAYS - 1L);
    List<Session> rows =
        sessions.findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(client.id(), first, today);
    Set<UUID> ids = rows.stream().map(session -> session.id).collect(Collectors.toSet());
    Map<UUID, List<SessionStep>> stepsOf =
        steps.findBySessionIdInOrderByPlace(ids).stream()
            .collect(Collectors.groupingBy(step -> step.sessionId));
    Map<UUID, List<PainEntry>> painsOf =
        pains.findBySessionIdInOrderByAtAscIdAsc(ids).stream()
            .collect(Collectors.groupingBy(pain -> pain.sessionId));
    return new LogView(
        rows.stream()
            .map(
                session ->
                    entry(
                        session,
                        client,
                        stepsOf.getOrDefault(session.id, List.of()),
                        painsOf.getOrDefault(session.id, List.of())))
            .toList(),
        missed(client, rows, first, today));
  }

  private List<MissedEntry> missed(
      ClientFile client, List<Session> rows, LocalDate first, LocalDate today) {
    Set<UUID> served =
        rows.stream()
            .filter(session -> session.blockId != null)
            .map(session -> session.blockId)
            .collect(Collectors.toSet());
    return days.days(client, first, today).stream()
        .flatMap(
            day ->
                day.missed(served, clock.instant()).stream()
                    .map(block -> new MissedEntry(day.date(), block.startsAt(), block.title())))
        .toList();
  }

  private static LogEntry entry(
      Session session, ClientFile client, List<SessionStep> steps, List<PainEntry> pains) {
    return new LogEntry(
        session.id,
        session.purpose,
        session.purpose.word(),
        session.title,
        session.date,
        session.beganAt.atZone(client.zone()).toLocalTime().withNano(0),
        session.state,
        session.plannedMillis,
        Duration.between(session.beganAt, session.endedAt).toMillis(),
        session.checkedInAt != null,
        session.effort,
        session.tighterSide,
        session.words,
        steps.stream()
            .map(
                step ->
                    new LogStep(
                        step.exerciseId,
                        step.exerciseVersion,
                        step.title,
                        step.kind,
                        step.dose,
                        step.laterality,
                        step.plannedMillis,
                        step.donePercent,
                        step.outcome))
            .toList(),
        pains.stream()
            .map(
                pain ->
                    new LogPain(
                        pain.moment,
                        pain.side,
                        pain.region,
                        pain.region.word(),
                        pain.level,
                        pain.sensation))
            .toList());
  }
}
