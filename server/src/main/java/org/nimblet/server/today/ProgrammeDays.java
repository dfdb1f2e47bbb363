package org.nimblet.server.today;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.core.session.SessionState;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.Agenda;
import org.nimblet.server.programme.ProgrammeService;
import org.nimblet.server.routine.SessionContents;
import org.nimblet.server.routine.WarmUps;
import org.nimblet.server.today.DayViews.DayView;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a programme asks for as it stands in the days ahead: where, with what, and how much. */
@Component
class ProgrammeDays {

  private static final int DAYS = 7;

  private final Agenda agenda;
  private final ProgrammeService programmes;
  private final SessionContents contents;
  private final WarmUps warmUps;

  ProgrammeDays(
      Agenda agenda, ProgrammeService programmes, SessionContents contents, WarmUps warmUps) {
    this.agenda = agenda;
    this.programmes = programmes;
    this.contents = contents;
    this.warmUps = warmUps;
  }

  /**
   * A programme in the seven days from today on.
   *
   * @param minutesAllowed how much may stand free in them; 0 without a programme
   * @param stopRules when to stop, for whoever reads it on paper
   * @param endingPain from this pain on a clinician is seen first
   */
  record ProgrammeDaysView(
      List<ObligationDayView> obligations,
      int minutesAllowed,
      List<String> stopRules,
      int endingPain) {}

  /**
   * An obligation in the seven days from today on.
   *
   * @param day the first day on which it still stands, with nothing but its own sessions; null if
   *     it stands on none
   * @param look what such a session is made of
   * @param sessions how many there are
   * @param minutes how long they take together
   * @param attached whether they belong to blocks instead of standing free
   */
  record ObligationDayView(
      String obligationId,
      @Schema(nullable = true) DayView day,
      SessionContents.Look look,
      int sessions,
      int minutes,
      boolean attached) {}

  private record Found(Agenda.Day day, List<SessionLedger.Entry> entries) {}

  @Transactional(readOnly = true)
  ProgrammeDaysView of(Person person) {
    List<Agenda.Day> days = agenda.of(person, person.today(), person.today().plusDays(DAYS - 1L));
    OptionalInt minutesADay = programmes.minutesADay(person);
    return new ProgrammeDaysView(
        programmes.asked(person).stream()
            .map(obligation -> view(person, obligation, days))
            .toList(),
        minutesADay.orElse(0) * DAYS,
        SafetyRules.STOP_RULES,
        SafetyRules.ENDING_PAIN);
  }

  private ObligationDayView view(Person person, Obligation obligation, List<Agenda.Day> days) {
    List<Found> found =
        days.stream()
            .map(
                day ->
                    new Found(
                        day,
                        day.planned().stream()
                            .filter(entry -> entry.state() != SessionState.LEFT_OUT)
                            .filter(entry -> isOf(obligation, entry.planned()))
                            .toList()))
            .toList();
    Optional<Found> shown =
        found.stream()
            .map(
                one ->
                    new Found(
                        one.day(),
                        one.entries().stream().filter(entry -> entry.state().isOpen()).toList()))
            .filter(one -> !one.entries().isEmpty())
            .findFirst();
    Duration length =
        found.stream()
            .flatMap(one -> one.entries().stream())
            .map(entry -> Duration.between(entry.planned().start(), entry.planned().end()))
            .reduce(Duration.ZERO, Duration::plus);
    return new ObligationDayView(
        obligation.id(),
        shown
            .map(
                one ->
                    DayViews.view(
                        person, new Agenda.Day(one.day().schedule(), one.entries(), List.of())))
            .orElse(null),
        shown
            .flatMap(one -> warmUp(person, one))
            .map(planned -> SessionContents.look(person, planned))
            .orElseGet(
                () ->
                    contents.look(
                        person, obligation.purpose(), obligation.minutes(), obligation.contents())),
        found.stream().mapToInt(one -> one.entries().size()).sum(),
        Math.toIntExact(length.toMinutes()),
        obligation.frequency().attached());
  }

  private static boolean isOf(Obligation obligation, PlannedSession session) {
    return obligation.plans(session.purpose(), session.lineId());
  }

  private Optional<WarmUps.PlannedWarmUp> warmUp(Person person, Found found) {
    return found.entries().stream()
        .map(SessionLedger.Entry::planned)
        .filter(session -> session.purpose() == Purpose.WARM_UP)
        .flatMap(session -> session.blockId().stream())
        .flatMap(id -> found.day().schedule().block(id).stream())
        .flatMap(
            block -> warmUps.forBlock(person, found.day().schedule(), block).planned().stream())
        .findFirst();
  }
}
