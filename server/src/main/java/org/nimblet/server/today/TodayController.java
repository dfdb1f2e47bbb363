package org.nimblet.server.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.today.DayViews.AttentionView;
import org.nimblet.server.today.DayViews.DayView;
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

  private final People people;
  private final DayViews days;
  private final Clock clock;

  TodayController(People people, DayViews days, Clock clock) {
    this.people = people;
    this.days = days;
    this.clock = clock;
  }

  /** The coach's day. */
  record TodayView(LocalDate date, List<RosterRow> rows) {}

  /** One client in it. */
  record RosterRow(
      UUID clientId, String name, String occupation, DayView day, List<AttentionView> attention) {}

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
  DayView day(
      @PathVariable("clientId") Person person, @RequestParam(required = false) LocalDate date) {
    return days.day(person, Optional.ofNullable(date).orElseGet(person::today));
  }
}
