package org.nimblet.server.calendar;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateListProperty;
import net.fortuna.ical4j.model.property.ExDate;
import net.fortuna.ical4j.model.property.RDate;
import org.nimblet.server.week.Repetition;

/**
 * Reads the events of one UID together: what repeats is expanded on the clock of the event's own
 * zone, and a time that was moved stands for the one it was moved from.
 */
final class SeriesReader {

  private static final Pattern UNTIL_UTC = Pattern.compile("UNTIL=(\\d{8}T\\d{6})Z");
  private static final Pattern TOO_OFTEN = Pattern.compile("FREQ=(SECONDLY|MINUTELY|HOURLY)");

  /** RFC 7529: the calendar that most people have, and nothing moved within it. */
  private static final Pattern GREGORIAN = Pattern.compile("RSCALE=GREGORIAN;?|;?SKIP=OMIT");

  private static final Pattern OTHER_CALENDAR = Pattern.compile("(?:RSCALE|SKIP)=([A-Z-]+)");

  private static final Pattern TIMES_OF_DAY = Pattern.compile("BY(?:HOUR|MINUTE|SECOND)=([\\d,]+)");

  /** Nobody does the same more often on one day (ours). */
  private static final int MOST_A_DAY = 12;

  /** What began earlier is no appointment of anybody who lives (ours); expansion begins there. */
  private static final int EARLIEST_YEAR = 1970;

  /** Times that are counted through in a whole file before it is refused (ours). */
  private static final int MOST_TIMES = 200_000;

  private int counted;

  private final EventWindow window;

  SeriesReader(EventWindow window) {
    this.window = window;
  }

  void read(String uid, List<VEvent> together) {
    List<VEvent> moved = new ArrayList<>();
    VEvent main = null;
    for (VEvent event : together) {
      if (EventFields.date(event, Property.RECURRENCE_ID).isPresent()) {
        moved.add(event);
      } else if (main == null || EventFields.sequence(event) >= EventFields.sequence(main)) {
        main = event;
      }
    }
    try {
      ZoneId own =
          main == null
              ? window.zone()
              : EventFields.start(main).map(window::zoneOf).orElse(window.zone());
      Set<String> movedKeys = new HashSet<>();
      for (VEvent event : moved) {
        Temporal original = EventFields.date(event, Property.RECURRENCE_ID).orElseThrow().getDate();
        String key = uid + "/" + EventWindow.local(original, own).toLocalDate();
        movedKeys.add(key);
        if (event
            .getProperty(Property.RECURRENCE_ID)
            .flatMap(p -> p.getParameter("RANGE"))
            .isPresent()) {
          window.note(
              "“%s” is changed for “this and all that follow”; only that one is read as changed."
                  .formatted(EventFields.summary(event)));
        }
        EventFields.start(event).ifPresent(start -> window.add(key, event, start));
      }
      if (main != null) {
        readMain(uid, main, movedKeys);
      }
    } catch (DateTimeException | IllegalArgumentException e) {
      window.note(
          "“%s” is left out: %s."
              .formatted(EventFields.summary(together.get(0)), CalendarReader.reason(e)));
    }
  }

  private void readMain(String uid, VEvent event, Set<String> movedKeys) {
    Optional<Temporal> start = EventFields.start(event);
    if (start.isEmpty()) {
      window.note("“%s” is left out: it has no start.".formatted(EventFields.summary(event)));
      return;
    }
    ZoneId own = window.zoneOf(start.get());
    boolean dates = start.get() instanceof LocalDate;
    LocalDateTime seed = EventWindow.local(start.get(), own);
    Set<LocalDateTime> times = new LinkedHashSet<>();
    times.add(seed);
    Optional<String> rule =
        EventFields.value(event, Property.RRULE)
            .map(text -> GREGORIAN.matcher(text.toUpperCase(Locale.ROOT)).replaceAll(""));
    if (rule.isPresent()) {
      Matcher other = OTHER_CALENDAR.matcher(rule.get());
      if (other.find()) {
        window.note(
            "“%s” is left out: it repeats by a rule that is not read (%s, RFC 7529)."
                .formatted(EventFields.summary(event), other.group()));
        return;
      }
      if (TOO_OFTEN.matcher(rule.get()).find()) {
        window.note(
            "“%s” is left out: it repeats more often than once a day."
                .formatted(EventFields.summary(event)));
        return;
      }
      if (timesADay(rule.get()) > MOST_A_DAY) {
        window.note(
            "“%s” is left out: it repeats more than %d times a day."
                .formatted(EventFields.summary(event), MOST_A_DAY));
        return;
      }
      if (seed.getYear() < EARLIEST_YEAR) {
        window.note(
            "“%s” is left out: it repeats since %d; %d is the earliest that is followed."
                .formatted(EventFields.summary(event), seed.getYear(), EARLIEST_YEAR));
        return;
      }
      noteIfEndless(event, rule.get());
      times.addAll(
          Repetition.times(
              untilOnTheClock(rule.get(), own), seed, window.last().plusDays(1).atTime(23, 59)));
    }
    if (Thread.interrupted()) {
      throw new UnreadableCalendarException("Reading was given up.");
    }
    counted += times.size();
    if (counted > MOST_TIMES) {
      throw new UnreadableCalendarException(
          "The calendar repeats too often to be read: more than %d times.".formatted(MOST_TIMES));
    }
    for (Property property : event.getProperties()) {
      if (property instanceof RDate<?> more) {
        for (Temporal time : more.getDates()) {
          times.add(EventWindow.local(time, own));
        }
      }
    }
    Set<Temporal> without = exceptions(event, own);
    Set<String> seen = new HashSet<>();
    for (LocalDateTime time : times) {
      if (without.contains(time) || without.contains(time.toLocalDate())) {
        continue;
      }
      Temporal at = dates ? time.toLocalDate() : EventWindow.at(start.get(), time, own);
      boolean repeats = rule.isPresent() || times.size() > 1;
      String key = repeats ? uid + "/" + time.toLocalDate() : uid;
      boolean again = !seen.add(key);
      if (!movedKeys.contains(key)) {
        window.add(again ? key + "/" + time.toLocalTime() : key, event, at);
      }
    }
  }

  private static long timesADay(String rule) {
    long times = 1;
    Matcher lists = TIMES_OF_DAY.matcher(rule);
    while (lists.find()) {
      times *= lists.group(1).chars().filter(letter -> letter == ',').count() + 1;
    }
    return times;
  }

  private static Set<Temporal> exceptions(VEvent event, ZoneId own) {
    Set<Temporal> without = new HashSet<>();
    for (Property property : event.getProperties()) {
      if (property instanceof ExDate<?> less) {
        for (Temporal time : ((DateListProperty<?>) less).getDates()) {
          without.add(time instanceof LocalDate ? time : EventWindow.local(time, own));
        }
      }
    }
    return without;
  }

  /** The wall clock has no zone, so the end of a rule is brought to the clock of the event. */
  private static String untilOnTheClock(String rule, ZoneId own) {
    Matcher until = UNTIL_UTC.matcher(rule);
    if (!until.find()) {
      return rule;
    }
    LocalDateTime local =
        LocalDateTime.parse(until.group(1), CalendarReader.BASIC)
            .atZone(ZoneOffset.UTC)
            .withZoneSameInstant(own)
            .toLocalDateTime();
    return until.replaceFirst("UNTIL=" + CalendarReader.BASIC.format(local));
  }

  private void noteIfEndless(VEvent event, String rule) {
    if (!rule.contains("UNTIL=") && !rule.contains("COUNT=")) {
      window.note(
          "“%s” repeats without an end; it is read until %s."
              .formatted(EventFields.summary(event), EventWindow.DAY.format(window.last())));
    }
  }
}
