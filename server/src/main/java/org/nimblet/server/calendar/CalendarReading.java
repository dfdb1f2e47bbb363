package org.nimblet.server.calendar;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.server.calendar.CalendarForms.TitleChoice;
import org.nimblet.server.calendar.CalendarForms.TitleView;

/** A calendar as it was read, with what is known of it. */
record CalendarReading(
    String name,
    Optional<CalendarSource> source,
    CalendarReader.Content content,
    Map<String, TitleChoice> chosen) {

  /** Every title that is not chosen for. */
  static final String ALL_OTHERS = "";

  Optional<TitleChoice> of(CalendarEvent event) {
    return Optional.ofNullable(chosen.get(event.title()))
        .or(() -> Optional.ofNullable(chosen.get(ALL_OTHERS)))
        .filter(choice -> choice.meaning() != null);
  }

  /** Whether a time becomes a block or a busy time. */
  boolean wants(CalendarEvent event) {
    return of(event)
        .filter(
            choice ->
                choice.meaning() == TitleMeaning.BUSY
                    || (choice.meaning().isActivity() && !event.allDay()))
        .isPresent();
  }

  /** The titles with what was chosen for each, the most frequent first. */
  List<TitleView> titles() {
    Map<String, List<CalendarEvent>> byTitle = new LinkedHashMap<>();
    for (CalendarEvent event : content.events()) {
      byTitle.computeIfAbsent(event.title(), t -> new ArrayList<>()).add(event);
    }
    List<TitleView> titles = new ArrayList<>();
    byTitle.forEach(
        (title, events) -> {
          CalendarEvent next = events.get(0);
          titles.add(
              new TitleView(
                  Optional.ofNullable(chosen.get(title))
                      .orElseGet(() -> new TitleChoice(title, null, null)),
                  events.size(),
                  CalendarDifference.time(next).words(),
                  events.stream().allMatch(CalendarEvent::allDay)));
        });
    titles.sort(Comparator.comparing(title -> -title.times()));
    if (!titles.isEmpty()) {
      titles.add(
          new TitleView(
              Optional.ofNullable(chosen.get(ALL_OTHERS))
                  .orElseGet(() -> new TitleChoice(ALL_OTHERS, null, null)),
              0,
              "",
              false));
    }
    return titles;
  }
}
