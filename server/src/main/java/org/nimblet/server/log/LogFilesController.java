package org.nimblet.server.log;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.server.health.HealthTrail;
import org.nimblet.server.log.LogReader.LineProblem;
import org.nimblet.server.log.LogReader.Reading;
import org.nimblet.server.person.Person;
import org.nimblet.server.session.SessionLog;
import org.nimblet.server.session.SessionLog.LogEntry;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.session.SessionService.Told;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log as a file, out and in. */
@RestController
@RequestMapping("/api/clients/{clientId}/log")
class LogFilesController {

  private static final LocalDate EARLIEST = LocalDate.of(1970, 1, 1);
  private static final String TEXT_RULE = "A log of 1 to 2 000 000 characters.";

  private final SessionLog log;
  private final SessionService sessions;
  private final HealthTrail trail;

  LogFilesController(SessionLog log, SessionService sessions, HealthTrail trail) {
    this.log = log;
    this.sessions = sessions;
    this.trail = trail;
  }

  /** A file as it was read. */
  record LogFileForm(
      @NotBlank(message = TEXT_RULE) @Size(max = 2_000_000, message = TEXT_RULE) String text) {}

  /**
   * What a file holds.
   *
   * @param fresh sessions that are not known yet
   * @param known sessions that are; they stay as they are
   * @param kept whether the fresh ones were kept
   */
  record LogFileView(int fresh, int known, boolean kept, List<LineProblem> problems) {}

  /** Everything that ever happened, a line a step. */
  @GetMapping(value = "/sessions.csv", produces = "text/csv")
  ResponseEntity<String> write(@PathVariable("clientId") Person person) {
    trail.note(person.client(), HealthTrail.Deed.READ_LOG);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("sessions.csv").build().toString())
        .body(LogWriter.write(entries(person), person.client().zone()));
  }

  /**
   * Reads a file, and keeps what is new in it if nothing is wrong with it.
   *
   * @param keep whether to keep it, or only to say what it holds
   */
  @PostMapping("/file")
  LogFileView read(
      @PathVariable("clientId") Person person,
      @RequestParam(defaultValue = "false") boolean keep,
      @Valid @RequestBody LogFileForm form) {
    Reading reading = new LogReader(person.client().zone(), person.now()).read(form.text());
    Set<?> known = entries(person).stream().map(LogEntry::id).collect(Collectors.toSet());
    List<Told> fresh =
        reading.sessions().stream().filter(told -> !known.contains(told.id())).toList();
    boolean keeps = keep && reading.problems().isEmpty() && !fresh.isEmpty();
    if (keeps) {
      trail.note(person.client(), HealthTrail.Deed.TOLD_PAIN);
      sessions.recordAll(person.client(), fresh);
    }
    return new LogFileView(
        fresh.size(), reading.sessions().size() - fresh.size(), keeps, reading.problems());
  }

  private List<LogEntry> entries(Person person) {
    return log.of(person.client(), person.told(), EARLIEST, person.today());
  }
}
