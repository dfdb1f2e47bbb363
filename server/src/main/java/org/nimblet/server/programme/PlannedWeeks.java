package org.nimblet.server.programme;

import java.time.LocalDate;
import java.util.List;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlanForms.PinForm;
import org.nimblet.server.programme.PlanForms.PlanView;
import org.nimblet.server.programme.PlanForms.PreviewForm;
import org.nimblet.server.programme.Planner.Change;
import org.nimblet.server.programme.Planner.Planned;
import org.springframework.stereotype.Service;

/** Whole weeks with their plan: as they are, as they would be, and as they are after a move. */
@Service
public class PlannedWeeks {

  private final Planner planner;
  private final PinBook pins;
  private final Agenda agenda;

  PlannedWeeks(Planner planner, PinBook pins, Agenda agenda) {
    this.planner = planner;
    this.pins = pins;
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
    return week(person, form.date(), planner.change(person.client(), form));
  }

  /** Puts sessions somewhere, leaves them to the plan again or leaves them out, all or none. */
  public void pin(Person person, List<PinForm> pins) {
    this.pins.pin(person, pins);
  }

  /** Puts a session of today later, where there is room for it. */
  public void later(Person person, String lineId) {
    pins.later(person, lineId);
  }

  private PlannedWeek week(Person person, LocalDate date, Change change) {
    LocalDate monday = Planner.monday(date);
    Planned planned = planner.plan(person, monday, 1, change);
    return new PlannedWeek(agenda.of(person, planned), PlanViews.of(person, monday, planned));
  }
}
