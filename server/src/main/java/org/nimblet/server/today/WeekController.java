package org.nimblet.server.today;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlanForms.PinForm;
import org.nimblet.server.programme.PlanForms.PlanView;
import org.nimblet.server.programme.PlanForms.PreviewForm;
import org.nimblet.server.programme.PlannedWeeks;
import org.nimblet.server.programme.PlannedWeeks.PlannedWeek;
import org.nimblet.server.today.DayViews.DayView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Weeks as they can be shown, and as they would be if something moved. */
@RestController
@RequestMapping("/api/clients/{clientId}/week")
class WeekController {

  private final People people;
  private final PlannedWeeks weeks;

  WeekController(People people, PlannedWeeks weeks) {
    this.people = people;
    this.weeks = weeks;
  }

  /** A week from Monday on with its plan. */
  record WeekView(List<DayView> days, PlanView plan) {}

  /**
   * Sessions that are put somewhere, left to the plan or left out, together.
   *
   * @param date a day of the week that is answered
   */
  record PinsForm(
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @NotEmpty(message = "At least one session.") @Size(max = 20, message = "At most 20 sessions.")
          List<@Valid @NotNull(message = "A session.") PinForm> pins) {}

  /** The week in which a date lies, this week without one. */
  @GetMapping
  WeekView week(
      @PathVariable("clientId") Person person, @RequestParam(required = false) LocalDate date) {
    return view(person, weeks.of(person, Optional.ofNullable(date).orElseGet(person::today)));
  }

  /** The week as it would be; nothing is stored. */
  @PostMapping("/preview")
  WeekView preview(@PathVariable("clientId") Person person, @Valid @RequestBody PreviewForm form) {
    return view(person, weeks.preview(person, form));
  }

  /** Moves sessions, all or none, and answers the week as it is then. */
  @PostMapping("/pins")
  WeekView pin(@PathVariable("clientId") Person person, @Valid @RequestBody PinsForm form) {
    weeks.pin(person, form.pins());
    return week(people.require(person.id()), form.date());
  }

  private static WeekView view(Person person, PlannedWeek week) {
    return new WeekView(DayViews.of(person, week.days()), week.plan());
  }
}
