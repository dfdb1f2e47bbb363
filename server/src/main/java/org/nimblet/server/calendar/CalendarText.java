package org.nimblet.server.calendar;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The text of a calendar before it is taken apart: its lines unfolded, counted, and without what
 * would never end.
 *
 * @param head what belongs to no event: the calendar's own properties and its time zones
 * @param events the events, each from BEGIN to END
 */
record CalendarText(List<String> head, List<List<String>> events) {

  /** More entries than this are not a person's calendar, however long it was kept (ours). */
  static final int MOST_ENTRIES = 20_000;

  /** Dates that are listed one by one in a whole file (ours). */
  static final int MOST_LISTED_DATES = 20_000;

  /** What is read of an event; words, people, places and alarms are nobody's business here. */
  private static final Set<String> READ =
      Set.of(
          "UID",
          "SUMMARY",
          "DTSTART",
          "DTEND",
          "DURATION",
          "RRULE",
          "RDATE",
          "EXRULE",
          "EXDATE",
          "RECURRENCE-ID",
          "SEQUENCE",
          "STATUS",
          "DTSTAMP");

  private static final Pattern FREQUENCY = Pattern.compile("FREQ=([A-Z]+)");

  /** Copies the lists. */
  CalendarText {
    head = List.copyOf(head);
    events = List.copyOf(events);
  }

  /**
   * Reads the lines of one or several calendars.
   *
   * @param note hears of what is left out
   * @throws UnreadableCalendarException if there is more in it than anybody's calendar holds
   */
  static CalendarText of(String text, Consumer<String> note) {
    List<String> head = new ArrayList<>();
    List<List<String>> events = new ArrayList<>();
    List<String> zone = null;
    List<String> event = null;
    int inside = 0;
    int listed = 0;
    for (String line : unfolded(text)) {
      String start = line.substring(0, Math.min(line.length(), 32)).toUpperCase(Locale.ROOT);
      if (start.startsWith("RDATE") || start.startsWith("EXDATE")) {
        listed += (int) line.chars().filter(letter -> letter == ',').count() + 1;
      }
      if (start.startsWith("BEGIN:VTIMEZONE")) {
        zone = new ArrayList<>();
      } else if (start.startsWith("BEGIN:VEVENT") && event == null) {
        event = new ArrayList<>();
        inside = 0;
      }
      if (zone != null) {
        zone.add(line);
      } else if (event == null) {
        if (!isFrame(start)) {
          head.add(line);
        }
      } else if (isOfEvent(start)) {
        event.add(line);
      } else if (start.startsWith("BEGIN:")) {
        inside++;
      } else if (start.startsWith("END:")) {
        inside--;
      } else if (inside == 0 && READ.contains(name(start))) {
        event.add(line);
      }
      if (zone != null && start.startsWith("END:VTIMEZONE")) {
        addZone(zone, head, note);
        zone = null;
      } else if (event != null && start.startsWith("END:VEVENT")) {
        events.add(event);
        event = null;
      }
    }
    if (zone != null || event != null) {
      throw new UnreadableCalendarException(
          "This is no whole iCalendar text (RFC 5545), nothing was taken from it: it breaks off.");
    }
    refuseMoreThan(MOST_ENTRIES, events.size(), "entries");
    refuseMoreThan(MOST_LISTED_DATES, listed, "dates listed one by one");
    return new CalendarText(head, events);
  }

  /** The lines; one that goes on after a line feed and a blank is one line (RFC 5545, 3.1). */
  private static List<String> unfolded(String text) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char letter = text.charAt(i);
      if (letter == '\r' && i + 1 < text.length() && text.charAt(i + 1) == '\n') {
        continue;
      }
      if (letter != '\n' && letter != '\r') {
        line.append(letter);
      } else if (letter == '\n' && i + 1 < text.length() && isBlank(text.charAt(i + 1))) {
        i++;
      } else {
        lines.add(line.toString());
        line.setLength(0);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  private static boolean isBlank(char letter) {
    return letter == ' ' || letter == '\t';
  }

  private static boolean isOfEvent(String start) {
    return start.startsWith("BEGIN:VEVENT") || start.startsWith("END:VEVENT");
  }

  /** The name of the property of a line: what stands before its parameters and its value. */
  private static String name(String start) {
    int end = 0;
    while (end < start.length() && start.charAt(end) != ':' && start.charAt(end) != ';') {
      end++;
    }
    return start.substring(0, end);
  }

  private static void refuseMoreThan(int most, int found, String what) {
    if (found > most) {
      throw new UnreadableCalendarException(
          "The calendar holds %d %s; at most %d are read.".formatted(found, what, most));
    }
  }

  /** Several calendars in one file are read as one. */
  private static boolean isFrame(String start) {
    return start.startsWith("BEGIN:VCALENDAR") || start.startsWith("END:VCALENDAR");
  }

  /** A clock changes once or twice a year; a zone that says otherwise is not followed. */
  private static void addZone(List<String> zone, List<String> head, Consumer<String> note) {
    for (String line : zone) {
      Matcher frequency = FREQUENCY.matcher(line.toUpperCase(Locale.ROOT));
      if (line.toUpperCase(Locale.ROOT).startsWith("RRULE")
          && frequency.find()
          && !frequency.group(1).equals("YEARLY")) {
        note.accept(
            "The rules of a time zone in the file are not followed: they repeat %s."
                .formatted(frequency.group(1).toLowerCase(Locale.ROOT)));
        return;
      }
    }
    head.addAll(zone);
  }

  /** A whole calendar with only some of the events, from one place on up to another. */
  String with(int from, int to) {
    StringBuilder text = new StringBuilder("BEGIN:VCALENDAR\r\n");
    head.forEach(line -> append(text, line));
    events.subList(from, to).forEach(event -> event.forEach(line -> append(text, line)));
    return text.append("END:VCALENDAR\r\n").toString();
  }

  private static void append(StringBuilder text, String line) {
    if (!line.isBlank()) {
      text.append(line).append("\r\n");
    }
  }

  /** The title of an event as it is written, for whoever is told of it. */
  String title(int place) {
    return events.get(place).stream()
        .filter(line -> line.toUpperCase(Locale.ROOT).startsWith("SUMMARY"))
        .map(line -> line.substring(line.indexOf(':') + 1).strip())
        .filter(title -> !title.isEmpty())
        .findFirst()
        .orElse("Without a title");
  }
}
