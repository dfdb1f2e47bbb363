package org.nimblet.server.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.nimblet.server.calendar.CalendarForms.ChangeKind;
import org.nimblet.server.calendar.CalendarForms.ChangeView;
import org.nimblet.server.calendar.CalendarForms.EventTime;
import org.nimblet.server.calendar.CalendarForms.TitleChoice;
import org.nimblet.server.calendar.CalendarMemory.Stamp;

/** What is to be done with one time; one of event and memory may be missing. */
record CalendarDifference(
    ChangeKind kind, CalendarEvent event, TitleChoice choice, CalendarMemory memory) {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  LocalDate date() {
    return event == null ? memory.date : event.date();
  }

  /**
   * What a reading says otherwise than what is remembered of the last one.
   *
   * @param memories what is remembered
   * @param today what lies before is left as it is
   */
  static List<CalendarDifference> between(
      CalendarReading reading, List<CalendarMemory> memories, LocalDate today) {
    Map<String, CalendarMemory> known = new HashMap<>();
    memories.forEach(memory -> known.put(memory.eventKey, memory));
    List<CalendarDifference> differences = new ArrayList<>();
    for (CalendarEvent event : reading.content().events()) {
      if (!reading.wants(event)) {
        continue;
      }
      TitleChoice choice = reading.of(event).orElseThrow();
      CalendarMemory memory = known.remove(event.key());
      if (memory == null) {
        differences.add(new CalendarDifference(ChangeKind.NEW, event, choice, null));
      } else if (!memory.stamp.equals(stamp(event, choice))) {
        differences.add(new CalendarDifference(ChangeKind.CHANGED, event, choice, memory));
      }
    }
    known.values().stream()
        .filter(memory -> !memory.date.isBefore(today))
        .forEach(
            memory -> differences.add(new CalendarDifference(ChangeKind.GONE, null, null, memory)));
    differences.sort(Comparator.comparing(CalendarDifference::date));
    return differences;
  }

  /** What is remembered of a time. */
  static Stamp stamp(CalendarEvent event, TitleChoice choice) {
    return new Stamp(
        event.date(),
        event.startsAt(),
        event.endsAt(),
        choice.meaning(),
        choice.activityId(),
        event.title());
  }

  private static EventTime time(LocalDate date, LocalTime from, LocalTime to) {
    boolean allDay = from.equals(to);
    return new EventTime(
        date,
        from,
        to,
        allDay,
        allDay
            ? DAY.format(date) + ", all day"
            : "%s, %s–%s".formatted(DAY.format(date), from, to));
  }

  static EventTime time(CalendarEvent event) {
    return time(event.date(), event.startsAt(), event.endsAt());
  }

  /** The difference for people. */
  ChangeView view() {
    String title = event == null ? "" : event.title();
    EventTime before = null;
    if (memory != null) {
      Stamp was = memory.stamp;
      before = time(was.date(), was.startsAt(), was.endsAt());
      title = event == null ? was.title() : title;
    }
    return new ChangeView(kind, title, before, event == null ? null : time(event));
  }
}
