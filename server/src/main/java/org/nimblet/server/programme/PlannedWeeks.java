package org.nimblet.server.programme;

import java.time.LocalDate;
import java.util.List;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlanForms.PinForm;
import org.nimblet.server.programme.PlanForms.PlanView;
import org.nimblet.server.programme.PlanForms.PreviewForm;
import org.nimblet.server.programme.PlanService.Change;
import org.nimblet.server.programme.PlanService.Planned;
import org.springframework.stereotype.Service;

/** Whole weeks with their plan: as they are, as they would be, and as they are after a move. */
@Service
public class PlannedWeeks {

  private final PlanService plans;
  private final Agenda agenda;

  PlannedWeeks(PlanService plans, Agenda agenda) {
    this.plans = plans;
    this.agenda = agenda;
  }

  /**
   * A week from Monday on.
   *
   * @param days with every session in them
   * @param plan what stands free, why, and what has no room
   */
  public record PlannedWeek(List<Agenda.Day> days, PlanView plan) {}

  /** The week in which a date lies. */
  public PlannedWeek of(Person person, LocalDate date) {
    return week(person, date, Change.NONE);
  }

  /** The week as it would be if something moved; nothing is stored. */
  public PlannedWeek preview(Person person, PreviewForm form) {
    return week(person, form.date(), plans.change(person.client(), form));
  }

  /** Puts sessions somewhere, leaves them to the plan again or leaves them out, all or none. */
  public void pin(Person person, List<PinForm> pins) {
    plans.pin(person, pins);
  }

  /** Puts a session of today later, where there is room for it. */
  public void later(Person person, String lineId) {
    plans.later(person, lineId);
  }

  private PlannedWeek week(Person person, LocalDate date, Change change) {
    LocalDate monday = PlanService.monday(date);
    Planned planned = plans.plan(person, monday, 1, change);
    return new PlannedWeek(agenda.of(person, planned), PlanViews.of(person, monday, planned));
  }
}
