package org.nimblet.server.today;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlannedWeeks;
import org.nimblet.server.today.DayViews.DayView;
import org.nimblet.server.today.DayViews.PegView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/my/day")
class MyDayController {

  private final Scope scope;
  private final People people;
  private final AccountService accounts;
  private final DayViews days;
  private final PlannedWeeks weeks;

  MyDayController(
      Scope scope, People people, AccountService accounts, DayViews days, PlannedWeeks weeks) {
    this.scope = scope;
    this.people = people;
    this.accounts = accounts;
    this.days = days;
    this.weeks = weeks;
  }

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

  /** The signed-in client's own day. */
  @GetMapping
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

  /** A session of the signed-in client's day is done later. */
  record LaterForm(
      @NotNull(message = "A session that stands free.") @Size(max = 80, message = "A session.")
          String lineId) {}

  /** Puts a session later today; nothing happens if there is no room, which is said. */
  @PostMapping("/later")
  MyDayView later(@Valid @RequestBody LaterForm form) {
    weeks.later(people.require(scope.current().clientId().orElseThrow()), form.lineId());
    return myDay();
  }

  private List<DayView> week(Person person, LocalDate date) {
    LocalDate monday = date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    return days.days(person, monday, monday.plusDays(6));
  }
}
