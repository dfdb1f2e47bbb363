package org.nimblet.server.today;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.today.DayViews.AttentionView;
import org.nimblet.server.today.DayViews.DayView;
import org.nimblet.server.today.DayViews.PegState;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class TodayController {

  /** The most urgent reason first, then who missed most; otherwise by name. */
  private static final Comparator<RosterRow> WHO_NEEDS_A_WORD =
      Comparator.comparing(
              (RosterRow row) ->
                  row.attention().stream()
                      .map(AttentionView::urgency)
                      .min(Comparator.naturalOrder())
                      .map(Enum::ordinal)
                      .orElse(Integer.MAX_VALUE))
          .thenComparing(row -> -row.day().missed())
          .thenComparing(RosterRow::name);

  private final Scope scope;
  private final ClientFiles clients;
  private final AccountService accounts;
  private final DayViews days;
  private final Clock clock;

  TodayController(
      Scope scope, ClientFiles clients, AccountService accounts, DayViews days, Clock clock) {
    this.scope = scope;
    this.clients = clients;
    this.accounts = accounts;
    this.days = days;
    this.clock = clock;
  }

  /** The coach's day. */
  record TodayView(LocalDate date, List<RosterRow> rows) {}

  /** One client in it. */
  record RosterRow(
      UUID clientId, String name, String occupation, DayView day, List<AttentionView> attention) {}

  /** The client's day: the next routine, today and the week. */
  record MyDayView(
      UUID clientId,
      String coachName,
      DayView today,
      @Schema(nullable = true) UUID nextBlockId,
      List<DayView> week) {}

  /** All ribbons of a date; without one, each client's own today. */
  @GetMapping("/today")
  TodayView today(@RequestParam(required = false) LocalDate date) {
    Instant now = clock.instant();
    List<ClientFile> files = clients.all();
    LocalDate shown =
        Optional.ofNullable(date)
            .orElseGet(
                () ->
                    files.stream()
                        .findFirst()
                        .map(file -> LocalDate.ofInstant(now, file.zone()))
                        .orElseGet(() -> LocalDate.ofInstant(now, clock.getZone())));
    return new TodayView(
        shown,
        days.glances(files, shown, now).stream()
            .map(
                glance ->
                    new RosterRow(
                        glance.client().id(),
                        glance.client().name(),
                        glance.client().occupation(),
                        glance.day(),
                        glance.attention()))
            .sorted(WHO_NEEDS_A_WORD)
            .toList());
  }

  /** One day of a client. */
  @GetMapping("/clients/{clientId}/day")
  DayView day(@PathVariable UUID clientId, @RequestParam(required = false) LocalDate date) {
    ClientFile file = clients.require(clientId);
    Instant now = clock.instant();
    return days.day(
        file,
        Optional.ofNullable(date).orElseGet(() -> LocalDate.ofInstant(now, file.zone())),
        now);
  }

  /** The week of a client in which a date lies, this week without one, from Monday on. */
  @GetMapping("/clients/{clientId}/week")
  List<DayView> week(@PathVariable UUID clientId, @RequestParam(required = false) LocalDate date) {
    ClientFile file = clients.require(clientId);
    Instant now = clock.instant();
    LocalDate shown =
        Optional.ofNullable(date).orElseGet(() -> LocalDate.ofInstant(now, file.zone()));
    LocalDate monday = shown.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    return days.days(file, monday, monday.plusDays(6), now);
  }

  /** The signed-in client's own day. */
  @GetMapping("/my/day")
  MyDayView myDay() {
    ClientFile file = clients.require(scope.current().clientId().orElseThrow());
    Instant now = clock.instant();
    LocalDate today = LocalDate.ofInstant(now, file.zone());
    LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    List<DayView> week = days.days(file, monday, monday.plusDays(6), now);
    DayView view = week.stream().filter(day -> day.date().equals(today)).findFirst().orElseThrow();
    return new MyDayView(
        file.id(),
        accounts.coachName(file.coachId()),
        view,
        view.pegs().stream()
            .filter(peg -> peg.state() == PegState.PLANNED || peg.state() == PegState.IN_SESSION)
            .filter(peg -> peg.purpose() == Purpose.WARM_UP)
            .findFirst()
            .map(DayViews.PegView::blockId)
            .orElse(null),
        week);
  }
}
