package org.nimblet.server.programme;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.server.person.Person;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.springframework.stereotype.Service;

/** All sessions that are still to come, warm-ups among them, as they leave the product. */
@Service
public class UpcomingSessions {

  private final Agenda agenda;

  UpcomingSessions(Agenda agenda) {
    this.agenda = agenda;
  }

  /**
   * A session that is still to come.
   *
   * @param uid the same as long as it is the same session, also when it moves
   * @param title what it is called where nobody sees the rest: "Warm-up before Practice"
   * @param activityId the activity of the block it belongs to, if it does
   */
  public record Upcoming(
      String uid,
      Purpose purpose,
      LocalDate date,
      Instant start,
      Instant end,
      String title,
      Optional<UUID> activityId) {}

  /** Sessions of some days with the days themselves. */
  public record Outlook(List<DaySchedule> days, List<Upcoming> sessions) {}

  /** What is to come in some days, first and last included, in the order of time. */
  public Outlook of(Person person, LocalDate first, LocalDate last) {
    List<Agenda.Day> days = agenda.of(person, first, last);
    return new Outlook(
        days.stream().map(Agenda.Day::schedule).toList(),
        days.stream()
            .flatMap(
                day ->
                    day.planned().stream()
                        .filter(entry -> entry.state().isOpen())
                        .map(SessionLedger.Entry::planned)
                        .filter(planned -> planned.start().isAfter(person.now()))
                        .map(planned -> upcoming(day, planned)))
            .sorted(Comparator.comparing(Upcoming::start).thenComparing(Upcoming::uid))
            .toList());
  }

  private static Upcoming upcoming(Agenda.Day day, PlannedSession planned) {
    return new Upcoming(
        planned.uid(),
        planned.purpose(),
        day.date(),
        planned.start(),
        planned.end(),
        day.title(planned),
        planned.blockId().flatMap(day.schedule()::block).map(DayBlock::activityId));
  }
}
