package org.nimblet.server.programme;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.Span;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.PlanForms.PinForm;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts sessions where somebody wants them, and has the rest fitted around them. */
@Component
class PinBook {

  /** What is put later begins at least so much later, or so long from now (ours). */
  private static final Duration LATER = Duration.ofMinutes(45);

  private final ProgrammeFiles programmes;
  private final AgreedSessions agreed;
  private final Planner planner;
  private final PlanService plans;

  PinBook(ProgrammeFiles programmes, AgreedSessions agreed, Planner planner, PlanService plans) {
    this.programmes = programmes;
    this.agreed = agreed;
    this.planner = planner;
    this.plans = plans;
  }

  /**
   * Puts sessions somewhere, leaves them to the plan again, or leaves them out, all or none of
   * them; then fits the rest, once.
   */
  @Transactional
  void pin(Person person, List<PinForm> pins) {
    List<Line> lines = lines(person);
    for (int i = 0; i < pins.size(); i++) {
      pin(person.client(), lines, pins.get(i), "pins[%d].date".formatted(i));
    }
    agreed.flush();
    plans.agree(person.client());
  }

  /**
   * Puts a session of today later, where the plan would have it if it could not begin before.
   *
   * @throws InvalidFieldException if there is no room later today
   */
  @Transactional
  void later(Person person, String lineId) {
    AgreedSession row =
        agreed
            .findByClientIdAndLineIdAndDate(person.id(), lineId, person.today())
            .orElseThrow(() -> new NotFoundException("session"));
    SessionKey key = new SessionKey(lineId, person.today());
    Instant from = row.startsAt.isAfter(person.now()) ? row.startsAt : person.now();
    Instant start =
        planner
            .plan(
                person.at(from.plus(LATER)),
                Planner.monday(person.today()),
                1,
                new Planner.Change(Map.of(), Map.of(), Set.of(key)))
            .plan()
            .sessions()
            .stream()
            .filter(session -> session.key().equals(key))
            .findFirst()
            .map(session -> Span.momentOf(session.span().start()))
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "lineId", "There is no room for it later today; start now or leave it."));
    row.startsAt = start;
    // Put there by hand: fitting the week anew would draw it back to where it had been.
    row.pinned = true;
    agreed.saveAndFlush(row);
    plans.agree(person.client());
  }

  private List<Line> lines(Person person) {
    return programmes
        .current(person.client())
        .map(p -> p.lines(ProgrammeFiles.works(person, p.obligations())))
        .orElse(List.of());
  }

  private void pin(ClientFile client, List<Line> lines, PinForm form, String field) {
    Line line =
        lines.stream()
            .filter(one -> one.id().equals(form.lineId()))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("line"));
    if (!line.mayBeOn(form.date())) {
      throw new InvalidFieldException(
          field, "(%s) is no day of this obligation.".formatted(form.date()));
    }
    Optional<AgreedSession> before =
        agreed.findByClientIdAndLineIdAndDate(client.id(), form.lineId(), form.date());
    if (form.startsAt() == null && !form.skipped()) {
      before.ifPresent(agreed::delete);
      return;
    }
    AgreedSession row =
        before.orElseGet(
            () -> PlanService.newRow(client, new SessionKey(form.lineId(), form.date())));
    if (form.startsAt() != null) {
      row.startsAt = Planner.moment(client, form.date(), form.startsAt());
    } else if (row.startsAt == null) {
      row.startsAt = Planner.moment(client, form.date(), client.wakesAt());
    }
    row.pinned = form.pinned() && !form.skipped();
    row.skipped = form.skipped();
    row.minutes = line.minutes();
    row.purpose = line.purpose();
    agreed.save(row);
  }
}
