package org.nimblet.server.programme;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.PlanDay;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.Span;
import org.nimblet.core.schedule.WeekPlan;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.PlanService.Before;
import org.nimblet.server.programme.PlanService.Change;
import org.nimblet.server.programme.PlanService.Planned;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedules;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where the sessions of a week are, why, and what would be if something moved. */
@RestController
@RequestMapping("/api/clients/{clientId}/plan")
class PlanController {

  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

  private final ClientFiles clients;
  private final PlanService plans;
  private final AgreedSessions agreed;
  private final DaySchedules schedules;
  private final Clock clock;

  PlanController(
      ClientFiles clients,
      PlanService plans,
      AgreedSessions agreed,
      DaySchedules schedules,
      Clock clock) {
    this.clients = clients;
    this.plans = plans;
    this.agreed = agreed;
    this.schedules = schedules;
    this.clock = clock;
  }

  /**
   * The plan of the week in which a date lies, this week without one.
   *
   * @param moves what stands elsewhere than was agreed, for people
   */
  record PlanView(
      LocalDate monday,
      List<PlanSessionView> sessions,
      List<UnmetView> unmet,
      List<LineCountView> counts,
      List<String> moves) {}

  /** A free-standing session. */
  record PlanSessionView(
      String lineId,
      String title,
      Purpose purpose,
      LocalDate date,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      boolean fixed,
      boolean pinned,
      String why) {}

  /** Something without a place. */
  record UnmetView(String lineId, @Schema(nullable = true) LocalDate date, String sentence) {}

  /** How much of a line has a place. */
  record LineCountView(String lineId, String title, Purpose purpose, int placed, int wanted) {}

  /**
   * A session that is put somewhere, or left out.
   *
   * @param startsAt where it is put; null to leave that to the plan
   * @param pinned whether it stays there whatever comes; otherwise it moves if it must
   * @param skipped whether it is left out and not owed
   */
  record PinForm(
      @NotNull(message = "A line of the programme.") @Size(max = 80, message = "A line.")
          String lineId,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(type = "string", nullable = true, example = "18:00") LocalTime startsAt,
      boolean pinned,
      boolean skipped) {}

  /**
   * What would be moved.
   *
   * @param pin a session that would stand elsewhere
   * @param blockId a block that would stand elsewhere
   * @param toDate the date it would stand on; null for its own
   */
  record PreviewForm(
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(nullable = true) @Valid PinForm pin,
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) LocalDate toDate,
      @Schema(type = "string", nullable = true) LocalTime startsAt,
      @Schema(type = "string", nullable = true) LocalTime endsAt) {}

  @GetMapping
  @Transactional(readOnly = true)
  public PlanView plan(
      @PathVariable UUID clientId, @RequestParam(required = false) LocalDate date) {
    ClientFile client = clients.require(clientId);
    LocalDate monday =
        PlanService.monday(
            Optional.ofNullable(date)
                .orElseGet(() -> LocalDate.ofInstant(clock.instant(), client.zone())));
    return view(client, monday, plans.plan(client, monday, 1, Change.NONE));
  }

  /** Nothing is stored: what would move and what would no longer fit. */
  @PostMapping("/preview")
  @Transactional(readOnly = true)
  public PlanView preview(@PathVariable UUID clientId, @Valid @RequestBody PreviewForm form) {
    ClientFile client = clients.require(clientId);
    LocalDate monday = PlanService.monday(form.date());
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
    return view(client, monday, plans.plan(client, monday, 1, new Change(days, pins)));
  }

  /**
   * What came of fitting the weeks ahead.
   *
   * @param weeks how many
   * @param sessions how many have a place
   * @param moves what stands elsewhere than was agreed before
   * @param unmet what has no room
   */
  record AgreementView(int weeks, int sessions, List<String> moves, List<UnmetView> unmet) {}

  /** Fits the weeks ahead and keeps the result as agreed. */
  @PostMapping
  @Transactional
  public AgreementView agree(@PathVariable UUID clientId) {
    ClientFile client = clients.require(clientId);
    Planned planned = plans.agree(client);
    List<String> moves = moves(client, planned, before(planned));
    return new AgreementView(
        PlanService.WEEKS_AHEAD, planned.plan().sessions().size(), moves, unmet(client, planned));
  }

  /** Puts a session somewhere, leaves it to the plan again, or leaves it out. */
  @PostMapping("/pins")
  @Transactional
  public PlanView pin(@PathVariable UUID clientId, @Valid @RequestBody PinForm form) {
    ClientFile client = clients.require(clientId);
    LocalDate monday = PlanService.monday(form.date());
    Planned now = plans.plan(client, monday, 1, Change.NONE);
    Line line = now.line(form.lineId()).orElseThrow(() -> new NotFoundException("line"));
    if (!line.mayBeOn(form.date())) {
      throw new InvalidFieldException(
          "date", "(%s) is no day of this obligation.".formatted(form.date()));
    }
    SessionKey key = new SessionKey(form.lineId(), form.date());
    Optional<AgreedSession> before =
        agreed.findByClientIdAndLineIdAndDate(client.id(), form.lineId(), form.date());
    if (form.startsAt() == null && !form.skipped()) {
      before.ifPresent(agreed::delete);
    } else {
      AgreedSession row = before.orElseGet(() -> PlanService.newRow(client, key));
      if (form.startsAt() != null) {
        row.startsAt = moment(client, form.date(), form.startsAt());
      } else if (row.startsAt == null) {
        row.startsAt = moment(client, form.date(), client.wakesAt());
      }
      row.pinned = form.pinned() && !form.skipped();
      row.skipped = form.skipped();
      row.minutes = line.minutes();
      row.purpose = line.purpose();
      agreed.save(row);
    }
    agreed.flush();
    plans.agree(client);
    return view(client, monday, plans.plan(client, monday, 1, Change.NONE));
  }

  /** A time before waking belongs to the night at the end of the day. */
  private static Instant moment(ClientFile client, LocalDate date, LocalTime time) {
    LocalDate day = time.isBefore(client.wakesAt()) ? date.plusDays(1) : date;
    return day.atTime(time).atZone(client.zone()).toInstant();
  }

  private PlanView view(ClientFile client, LocalDate monday, Planned planned) {
    Map<SessionKey, Before> before = before(planned);
    List<PlanSessionView> sessions =
        planned.plan().sessions().stream()
            .map(session -> session(client, planned, session, before))
            .toList();
    return new PlanView(
        monday, sessions, unmet(client, planned), counts(planned), moves(client, planned, before));
  }

  private static Map<SessionKey, Before> before(Planned planned) {
    return planned.before().stream().collect(Collectors.toMap(Before::key, row -> row));
  }

  /** What is behind was missed or not, and has no use for room any more. */
  private List<UnmetView> unmet(ClientFile client, Planned planned) {
    LocalDate today = LocalDate.ofInstant(clock.instant(), client.zone());
    List<PlanDay> days = planned.request().days();
    boolean over = days.get(days.size() - 1).date().isBefore(today);
    List<UnmetView> notPlaced =
        over
            ? List.of()
            : planned.notPlaced().stream()
                .filter(
                    not ->
                        not.date().filter(date -> isIn(date, days)).isPresent()
                            || not.date().isEmpty())
                .map(PlanController::view)
                .toList();
    return Stream.concat(
            notPlaced.stream(),
            planned.plan().unmet().stream()
                .filter(
                    unmet -> !over && unmet.date().filter(date -> date.isBefore(today)).isEmpty())
                .map(
                    unmet ->
                        new UnmetView(unmet.lineId(), unmet.date().orElse(null), unmet.sentence())))
        .toList();
  }

  private static boolean isIn(LocalDate date, List<PlanDay> days) {
    return !date.isBefore(days.get(0).date()) && !date.isAfter(days.get(days.size() - 1).date());
  }

  private static UnmetView view(PlanService.NotPlaced not) {
    return new UnmetView(
        not.obligation().id(),
        not.date().orElse(null),
        "%s is not placed%s. %s"
            .formatted(
                capital(not.obligation().title()),
                not.date().isPresent() ? " today" : "",
                not.sentence()));
  }

  private static PlanSessionView session(
      ClientFile client, Planned planned, PlannedSession session, Map<SessionKey, Before> before) {
    Line line = planned.line(session.key().lineId()).orElseThrow();
    Instant start = Span.momentOf(session.span().start());
    Instant end = Span.momentOf(session.span().end());
    Before row = before.get(session.key());
    return new PlanSessionView(
        line.id(),
        line.title(),
        line.purpose(),
        session.key().date(),
        start,
        end,
        start.atZone(client.zone()).toLocalTime(),
        end.atZone(client.zone()).toLocalTime(),
        session.fixed(),
        row != null && row.pinned(),
        session.why());
  }

  private static List<LineCountView> counts(Planned planned) {
    Map<String, Long> placed =
        planned.plan().sessions().stream()
            .collect(Collectors.groupingBy(s -> s.key().lineId(), Collectors.counting()));
    Map<String, Long> unmet =
        planned.plan().unmet().stream()
            .collect(Collectors.groupingBy(WeekPlan.Unmet::lineId, Collectors.counting()));
    Map<String, LineCountView> counts = new LinkedHashMap<>();
    for (Line line : planned.request().lines()) {
      int has = placed.getOrDefault(line.id(), 0L).intValue();
      int lacks = unmet.getOrDefault(line.id(), 0L).intValue();
      if (has + lacks > 0) {
        counts.put(
            line.id(),
            new LineCountView(line.id(), line.title(), line.purpose(), has, has + lacks));
      }
    }
    return List.copyOf(counts.values());
  }

  private static List<String> moves(
      ClientFile client, Planned planned, Map<SessionKey, Before> before) {
    List<String> moves = new ArrayList<>();
    Map<SessionKey, PlannedSession> now =
        planned.plan().sessions().stream()
            .collect(Collectors.toMap(PlannedSession::key, session -> session));
    before.forEach(
        (key, row) -> {
          boolean open = planned.request().agreed().containsKey(key);
          PlannedSession session = now.get(key);
          String title = planned.line(key.lineId()).map(Line::title).orElse(row.purpose().noun());
          String was = WHEN.format(row.startsAt().atZone(client.zone()));
          if (session == null && open) {
            moves.add("%s, %s: no longer fits.".formatted(capital(title), was));
          } else if (session != null
              && (open || (session.fixed() && !row.pinned()))
              && Span.minuteOf(row.startsAt()) != session.span().start()
              && !row.startsAt().isBefore(Span.momentOf(planned.request().days().get(0).now()))) {
            long by =
                ChronoUnit.MINUTES.between(row.startsAt(), Span.momentOf(session.span().start()));
            moves.add(
                "%s, %s to %s (%+d min)."
                    .formatted(
                        capital(title),
                        was,
                        WHEN.format(Span.momentOf(session.span().start()).atZone(client.zone())),
                        by));
          }
        });
    return moves;
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
