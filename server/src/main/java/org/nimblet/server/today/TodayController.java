package org.nimblet.server.today;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlannedWeeks;
import org.nimblet.server.today.DayViews.AttentionView;
import org.nimblet.server.today.DayViews.DayView;
import org.nimblet.server.today.DayViews.PegView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
  private final People people;
  private final AccountService accounts;
  private final DayViews days;
  private final PlannedWeeks weeks;
  private final Clock clock;

  TodayController(
      Scope scope,
      People people,
      AccountService accounts,
      DayViews days,
      PlannedWeeks weeks,
      Clock clock) {
    this.scope = scope;
    this.people = people;
    this.accounts = accounts;
    this.days = days;
    this.weeks = weeks;
    this.clock = clock;
  }

  /** The coach's day. */
  record TodayView(LocalDate date, List<RosterRow> rows) {}

  /** One client in it. */
  record RosterRow(
      UUID clientId, String name, String occupation, DayView day, List<AttentionView> attention) {}

  /**
   * The client's day: what is next, today and the week.
   *
   * @param next the session that is due or comes next, breaks aside; null if none is left today
   */
  record MyDayView(
      UUID clientId,
      String coachName,
      DayView today,
      @Schema(nullable = true) PegView next,
      List<DayView> week) {}

  /** All ribbons of a date; without one, each client's own today. */
  @GetMapping("/today")
  TodayView today(@RequestParam(required = false) LocalDate date) {
    List<Person> all = people.all();
    LocalDate shown =
        Optional.ofNullable(date)
            .orElseGet(
                () ->
                    all.stream()
                        .findFirst()
                        .map(Person::today)
                        .orElseGet(() -> LocalDate.now(clock)));
    return new TodayView(
        shown,
        days.glances(all, shown).stream()
            .map(
                glance ->
                    new RosterRow(
                        glance.person().id(),
                        glance.person().client().name(),
                        glance.person().client().occupation(),
                        glance.day(),
                        glance.attention()))
            .sorted(WHO_NEEDS_A_WORD)
            .toList());
  }

  /** One day of a client. */
  @GetMapping("/clients/{clientId}/day")
  DayView day(@PathVariable UUID clientId, @RequestParam(required = false) LocalDate date) {
    Person person = people.require(clientId);
    return days.day(person, Optional.ofNullable(date).orElseGet(person::today));
  }

  /** A session of the signed-in client's day is done later. */
  record LaterForm(
      @NotNull(message = "A session that stands free.") @Size(max = 80, message = "A session.")
          String lineId) {}

  /** Puts a session later today; nothing happens if there is no room, which is said. */
  @PostMapping("/my/day/later")
  MyDayView later(@Valid @RequestBody LaterForm form) {
    weeks.later(people.require(scope.current().clientId().orElseThrow()), form.lineId());
    return myDay();
  }

  private List<DayView> week(Person person, LocalDate date) {
    LocalDate monday = date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    return days.days(person, monday, monday.plusDays(6));
  }

  /** The signed-in client's own day. */
  @GetMapping("/my/day")
  MyDayView myDay() {
    Person person = people.require(scope.current().clientId().orElseThrow());
    List<DayView> week = week(person, person.today());
    DayView view =
        week.stream().filter(day -> day.date().equals(person.today())).findFirst().orElseThrow();
    return new MyDayView(
        person.id(),
        accounts.coachName(person.client().coachId()),
        view,
        view.pegs().stream()
            .filter(PegView::open)
            .filter(peg -> peg.purpose() != Purpose.BREAK)
            .findFirst()
            .orElse(null),
        week);
  }
}
