package org.nimblet.server.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalAmount;
import java.time.temporal.TemporalQueries;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateProperty;

/** The times of events between two dates where the client is, and what there is to know of them. */
final class EventWindow {

  static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

  private final ZoneId zone;
  private final LocalDate first;
  private final LocalDate last;
  private final List<CalendarEvent> events = new ArrayList<>();
  private final Set<String> notes = new LinkedHashSet<>();

  EventWindow(ZoneId zone, LocalDate first, LocalDate last) {
    this.zone = zone;
    this.first = first;
    this.last = last;
  }

  ZoneId zone() {
    return zone;
  }

  LocalDate first() {
    return first;
  }

  LocalDate last() {
    return last;
  }

  List<CalendarEvent> events() {
    return events;
  }

  List<String> notes() {
    return List.copyOf(notes);
  }

  void note(String note) {
    notes.add(note);
  }

  void add(String key, VEvent event, Temporal start) {
    if (EventFields.value(event, Property.STATUS)
        .filter("CANCELLED"::equalsIgnoreCase)
        .isPresent()) {
      return;
    }
    if (start instanceof LocalDate date) {
      addDays(key, event, date, date.plusDays(Math.max(1, days(event, date))));
      return;
    }
    LocalDateTime from = here(start);
    Duration length = length(event, EventFields.start(event).orElse(start));
    LocalDateTime to = here(startMoment(start).plus(length).atZone(zone));
    if (length.isNegative() || length.isZero()) {
      if (inWindow(from.toLocalDate())) {
        notes.add(
            "“%s” on %s is left out: it has no length."
                .formatted(EventFields.summary(event), DAY.format(from.toLocalDate())));
      }
    } else if (length.compareTo(Duration.ofDays(1)) >= 0) {
      notes.add(
          "“%s” lasts a day or more; it is read as lasting all day."
              .formatted(EventFields.summary(event)));
      addDays(
          key,
          event,
          from.toLocalDate(),
          to.toLocalTime().equals(LocalTime.MIDNIGHT)
              ? to.toLocalDate()
              : to.toLocalDate().plusDays(1));
    } else if (inWindow(from.toLocalDate())) {
      events.add(
          new CalendarEvent(
              key,
              EventFields.title(event),
              from.toLocalDate(),
              from.toLocalTime(),
              to.toLocalTime(),
              false));
    }
  }

  private void addDays(String key, VEvent event, LocalDate from, LocalDate to) {
    for (LocalDate date = from; date.isBefore(to) && !date.isAfter(last); date = date.plusDays(1)) {
      if (inWindow(date)) {
        events.add(
            new CalendarEvent(
                key + "/" + date,
                EventFields.title(event),
                date,
                LocalTime.MIDNIGHT,
                LocalTime.MIDNIGHT,
                true));
      }
    }
  }

  private boolean inWindow(LocalDate date) {
    return !date.isBefore(first) && !date.isAfter(last);
  }

  private long days(VEvent event, LocalDate from) {
    LocalDate written = EventFields.start(event).map(LocalDate::from).orElse(from);
    return EventFields.date(event, Property.DTEND)
        .map(end -> LocalDate.from(end.getDate()))
        .or(() -> EventFields.duration(event).map(length -> after(written, length).toLocalDate()))
        .map(end -> ChronoUnit.DAYS.between(written, end))
        .orElse(1L);
  }

  /** The length of a day may differ where the clocks change, so days are counted on the clock. */
  private ZonedDateTime after(Temporal start, TemporalAmount length) {
    return startMoment(start).atZone(zone).plus(length);
  }

  private Duration length(VEvent event, Temporal start) {
    Optional<DateProperty<Temporal>> end = EventFields.date(event, Property.DTEND);
    if (end.isPresent()) {
      return Duration.between(startMoment(start), startMoment(end.get().getDate()));
    }
    return EventFields.duration(event)
        .map(length -> Duration.between(startMoment(start), after(start, length).toInstant()))
        .orElse(Duration.ZERO);
  }

  /** The zone in which what begins at a time repeats: its own, UTC's too, else the client's. */
  ZoneId zoneOf(Temporal time) {
    if (time instanceof Instant) {
      return ZoneOffset.UTC;
    }
    ZoneId own = time.query(TemporalQueries.zone());
    return own == null ? zone : own;
  }

  /** What the clock of a zone says. */
  static LocalDateTime local(Temporal time, ZoneId own) {
    if (time instanceof LocalDate date) {
      return date.atStartOfDay();
    }
    if (time instanceof LocalDateTime floating) {
      return floating;
    }
    return Instant.from(time).atZone(own).toLocalDateTime();
  }

  /** A time of the clock as the same kind of time as another one. */
  static Temporal at(Temporal kind, LocalDateTime time, ZoneId own) {
    return kind instanceof LocalDateTime ? time : time.atZone(own);
  }

  private Instant startMoment(Temporal time) {
    if (time instanceof LocalDate date) {
      return date.atStartOfDay(zone).toInstant();
    }
    return time instanceof LocalDateTime floating
        ? floating.atZone(zone).toInstant()
        : Instant.from(time);
  }

  private LocalDateTime here(Temporal time) {
    return startMoment(time).atZone(zone).toLocalDateTime().truncatedTo(ChronoUnit.MINUTES);
  }
}
