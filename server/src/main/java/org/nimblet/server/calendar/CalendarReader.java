package org.nimblet.server.calendar;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.util.CompatibilityHints;

/**
 * Reads calendars as RFC 5545 describes them; ical4j takes the text apart. Repetitions are expanded
 * on the clock of the event's own zone and then brought to the client's.
 */
final class CalendarReader {

  /** A larger file is refused: half a year of anybody's life fits many times (ours). */
  static final int LARGEST_BYTES = 5_000_000;

  /** More times than this in the window are not a person's calendar (ours). */
  static final int MOST_EVENTS = 5_000;

  private static final Pattern LOCAL_START =
      Pattern.compile("(?i)^DTSTART(?=[;:])[^:]*?;TZID=\"?([^\":;]+)\"?[^:]*:(\\d{8}T\\d{6})\\s*$");

  /** A line with a start is no longer than this; a longer one is not looked at for its zone. */
  private static final int LONGEST_START = 200;

  private static final Pattern BEGINS = Pattern.compile("(?i)BEGIN:VCALENDAR");
  static final DateTimeFormatter BASIC =
      DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss", Locale.ROOT);

  static {
    CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_UNFOLDING, true);
    CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_PARSING, true);
  }

  private final EventWindow window;

  private CalendarReader(EventWindow window) {
    this.window = window;
  }

  /**
   * What a calendar holds in a window.
   *
   * @param name what it calls itself, if it does
   * @param events in the order of their time
   * @param notes what was read otherwise than it was written, or left out
   */
  record Content(Optional<String> name, List<CalendarEvent> events, List<String> notes) {}

  /**
   * Reads a calendar.
   *
   * @param zone where the client is
   * @param first the first date that is asked for
   * @param last the last one; what repeats without an end is followed as far as here
   * @throws UnreadableCalendarException if it is no calendar, too large or not whole
   */
  static Content read(String text, ZoneId zone, LocalDate first, LocalDate last) {
    int bytes = text.getBytes(StandardCharsets.UTF_8).length;
    if (bytes > LARGEST_BYTES) {
      throw new UnreadableCalendarException(
          "The calendar has %.1f MB; at most %d MB are read."
              .formatted(bytes / 1e6, LARGEST_BYTES / 1_000_000));
    }
    return new CalendarReader(new EventWindow(zone, first, last)).read(text);
  }

  private Content read(String text) {
    if (!BEGINS.matcher(text).find()) {
      throw new UnreadableCalendarException(
          "This is no whole iCalendar text (RFC 5545), nothing was taken from it: it does not begin"
              + " with BEGIN:VCALENDAR.");
    }
    CalendarText lines = CalendarText.of(text, window::note);
    List<Component> components = new ArrayList<>();
    Optional<String> name = build(lines, 0, lines.events().size(), components);
    noteTimesThatDoNotExist(lines);
    Map<String, List<VEvent>> byUid = new LinkedHashMap<>();
    int nameless = 0;
    for (Component component : components) {
      if (component instanceof VEvent event) {
        String uid = EventFields.value(event, Property.UID).orElse("");
        byUid
            .computeIfAbsent(
                uid.isBlank() ? "without UID " + nameless++ + EventFields.summary(event) : uid,
                u -> new ArrayList<>())
            .add(event);
      }
    }
    byUid.forEach(new SeriesReader(window)::read);
    List<CalendarEvent> events = window.events();
    if (events.size() > MOST_EVENTS) {
      throw new UnreadableCalendarException(
          "The calendar holds %d times between %s and %s; at most %d are read."
              .formatted(
                  events.size(),
                  EventWindow.DAY.format(window.first()),
                  EventWindow.DAY.format(window.last()),
                  MOST_EVENTS));
    }
    events.sort(
        Comparator.comparing(CalendarEvent::date)
            .thenComparing(CalendarEvent::startsAt)
            .thenComparing(CalendarEvent::key));
    return new Content(name, List.copyOf(events), window.notes());
  }

  /**
   * Takes some events apart; where that fails, each half by itself, so that one bad event is left
   * out and the others are read.
   *
   * @return what the calendar calls itself
   */
  private Optional<String> build(CalendarText lines, int from, int to, List<Component> components) {
    try {
      Calendar calendar =
          new CalendarBuilder(new ForgivingZones(window.zone(), window::note))
              .build(new StringReader(lines.with(from, to)));
      components.addAll(calendar.getComponents());
      return calendar
          .getProperty("X-WR-CALNAME")
          .map(Property::getValue)
          .filter(name -> !name.isBlank());
    } catch (ParserException | IOException | DateTimeException | IllegalArgumentException e) {
      if (to - from == 0) {
        throw new UnreadableCalendarException(
            "This is no whole iCalendar text (RFC 5545), nothing was taken from it: %s."
                .formatted(reason(e)));
      }
      if (to - from == 1) {
        if (lines.events().size() == 1) {
          throw new UnreadableCalendarException(
              "This is no whole iCalendar text (RFC 5545), nothing was taken from it: “%s” cannot be read, %s."
                  .formatted(lines.title(from), reason(e)));
        }
        window.note("“%s” is left out: %s.".formatted(lines.title(from), reason(e)));
        return Optional.empty();
      }
      int middle = (from + to) / 2;
      Optional<String> name = build(lines, from, middle, components);
      return build(lines, middle, to, components).or(() -> name);
    }
  }

  static String reason(Exception e) {
    String message = Optional.ofNullable(e.getMessage()).orElse("it breaks off").strip();
    // What names a class of this program says nothing to people.
    return message.contains("net.fortuna") || message.contains("java.")
        ? "it is not written as RFC 5545 asks"
        : message.replaceAll("[.\\s]+$", "");
  }

  /** When clocks go forward an hour is left out; a time in it is moved on by as much. */
  private void noteTimesThatDoNotExist(CalendarText lines) {
    for (List<String> event : lines.events()) {
      for (String line : event) {
        if (line.length() <= LONGEST_START) {
          noteTimeThatDoesNotExist(LOCAL_START.matcher(line));
        }
      }
    }
  }

  private void noteTimeThatDoesNotExist(Matcher start) {
    while (start.find()) {
      ZoneId own;
      LocalDateTime written;
      try {
        own = ZoneId.of(start.group(1));
        written = LocalDateTime.parse(start.group(2), BASIC);
      } catch (DateTimeException e) {
        continue;
      }
      if (own.getRules().getValidOffsets(written).isEmpty()) {
        window.note(
            "%s on %s does not exist in %s (clocks go forward); it is read as %s."
                .formatted(
                    written.toLocalTime(),
                    EventWindow.DAY.format(written),
                    own,
                    written.atZone(own).toLocalTime()));
      }
    }
  }
}
