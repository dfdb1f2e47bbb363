package org.nimblet.server.calendar;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
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
import java.time.zone.ZoneRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryImpl;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateListProperty;
import net.fortuna.ical4j.model.property.DateProperty;
import net.fortuna.ical4j.model.property.ExDate;
import net.fortuna.ical4j.model.property.RDate;
import net.fortuna.ical4j.util.CompatibilityHints;
import org.nimblet.server.week.Repetition;

/**
 * Reads calendars as RFC 5545 describes them; ical4j takes the text apart. Repetitions are expanded
 * on the clock of the event's own zone and then brought to the client's.
 */
final class CalendarReader {

  /** A larger file is refused: half a year of anybody's life fits many times (ours). */
  static final int LARGEST_BYTES = 5_000_000;

  /** More times than this in the window are not a person's calendar (ours). */
  static final int MOST_EVENTS = 5_000;

  private static final int TITLE_LETTERS = 40;
  private static final Pattern LOCAL_START =
      Pattern.compile(
          "(?im)^DTSTART[^:\\n]*?;TZID=\"?([^\":;\\n]+)\"?[^:\\n]*:(\\d{8}T\\d{6})\\s*$");
  private static final DateTimeFormatter BASIC =
      DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss", Locale.ROOT);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
  private static final Pattern UNTIL_UTC = Pattern.compile("UNTIL=(\\d{8}T\\d{6})Z");
  private static final Pattern TOO_OFTEN = Pattern.compile("FREQ=(SECONDLY|MINUTELY|HOURLY)");

  static {
    CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_UNFOLDING, true);
    CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_PARSING, true);
  }

  private final ZoneId zone;
  private final LocalDate first;
  private final LocalDate last;
  private final Set<String> notes = new LinkedHashSet<>();
  private final List<CalendarEvent> events = new ArrayList<>();

  private CalendarReader(ZoneId zone, LocalDate first, LocalDate last) {
    this.zone = zone;
    this.first = first;
    this.last = last;
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
    return new CalendarReader(zone, first, last).read(text);
  }

  private Content read(String text) {
    Calendar calendar;
    try {
      calendar =
          new CalendarBuilder(new ForgivingZones(new TimeZoneRegistryImpl()))
              .build(new StringReader(text));
    } catch (ParserException | IOException | DateTimeException | IllegalArgumentException e) {
      throw new UnreadableCalendarException(
          "This is no whole iCalendar text (RFC 5545), nothing was taken from it: %s."
              .formatted(reason(e)));
    }
    noteTimesThatDoNotExist(text);
    Map<String, List<VEvent>> byUid = new LinkedHashMap<>();
    int nameless = 0;
    for (Component component : calendar.getComponents()) {
      if (component instanceof VEvent event) {
        String uid = value(event, Property.UID).orElse("");
        byUid
            .computeIfAbsent(
                uid.isBlank() ? "without UID " + nameless++ + summary(event) : uid,
                u -> new ArrayList<>())
            .add(event);
      }
    }
    byUid.forEach(this::readSeries);
    if (events.size() > MOST_EVENTS) {
      throw new UnreadableCalendarException(
          "The calendar holds %d times between %s and %s; at most %d are read."
              .formatted(events.size(), DAY.format(first), DAY.format(last), MOST_EVENTS));
    }
    events.sort(
        java.util.Comparator.comparing(CalendarEvent::date)
            .thenComparing(CalendarEvent::startsAt)
            .thenComparing(CalendarEvent::key));
    return new Content(
        calendar
            .getProperty("X-WR-CALNAME")
            .map(Property::getValue)
            .filter(name -> !name.isBlank()),
        List.copyOf(events),
        List.copyOf(notes));
  }

  private static String reason(Exception e) {
    String message = Optional.ofNullable(e.getMessage()).orElse("it breaks off");
    return message.strip().replaceAll("[.\\s]+$", "");
  }

  // ---- one event with its repetitions

  private void readSeries(String uid, List<VEvent> together) {
    List<VEvent> moved = new ArrayList<>();
    VEvent main = null;
    for (VEvent event : together) {
      if (date(event, Property.RECURRENCE_ID).isPresent()) {
        moved.add(event);
      } else if (main == null || sequence(event) >= sequence(main)) {
        main = event;
      }
    }
    try {
      ZoneId own = main == null ? zone : start(main).map(this::zoneOf).orElse(zone);
      Set<String> movedKeys = new HashSet<>();
      for (VEvent event : moved) {
        Temporal original = date(event, Property.RECURRENCE_ID).orElseThrow().getDate();
        String key = uid + "/" + local(original, own).toLocalDate();
        movedKeys.add(key);
        if (event
            .getProperty(Property.RECURRENCE_ID)
            .flatMap(p -> p.getParameter("RANGE"))
            .isPresent()) {
          notes.add(
              "“%s” is changed for “this and all that follow”; only that one is read as changed."
                  .formatted(summary(event)));
        }
        start(event).ifPresent(start -> add(key, event, start));
      }
      if (main != null) {
        readMain(uid, main, movedKeys);
      }
    } catch (DateTimeException | IllegalArgumentException e) {
      notes.add("“%s” is left out: %s.".formatted(summary(together.get(0)), reason(e)));
    }
  }

  private void readMain(String uid, VEvent event, Set<String> movedKeys) {
    Optional<Temporal> start = start(event);
    if (start.isEmpty()) {
      notes.add("“%s” is left out: it has no start.".formatted(summary(event)));
      return;
    }
    ZoneId own = zoneOf(start.get());
    boolean dates = start.get() instanceof LocalDate;
    LocalDateTime seed = local(start.get(), own);
    Set<LocalDateTime> times = new LinkedHashSet<>();
    times.add(seed);
    Optional<String> rule = value(event, Property.RRULE);
    if (rule.isPresent()) {
      if (TOO_OFTEN.matcher(rule.get().toUpperCase(Locale.ROOT)).find()) {
        notes.add(
            "“%s” is left out: it repeats more often than once a day.".formatted(summary(event)));
        return;
      }
      noteIfEndless(event, rule.get());
      times.addAll(
          Repetition.times(
              untilOnTheClock(rule.get(), own), seed, last.plusDays(1).atTime(23, 59)));
    }
    for (Property property : event.getProperties()) {
      if (property instanceof RDate<?> more) {
        for (Temporal time : more.getDates()) {
          times.add(local(time, own));
        }
      }
    }
    Set<Temporal> without = exceptions(event, own);
    Set<String> seen = new HashSet<>();
    for (LocalDateTime time : times) {
      if (without.contains(time) || without.contains(time.toLocalDate())) {
        continue;
      }
      Temporal at = dates ? time.toLocalDate() : at(start.get(), time, own);
      boolean repeats = rule.isPresent() || times.size() > 1;
      String key = repeats ? uid + "/" + time.toLocalDate() : uid;
      boolean again = !seen.add(key);
      if (!movedKeys.contains(key)) {
        add(again ? key + "/" + time.toLocalTime() : key, event, at);
      }
    }
  }

  private static Set<Temporal> exceptions(VEvent event, ZoneId own) {
    Set<Temporal> without = new HashSet<>();
    for (Property property : event.getProperties()) {
      if (property instanceof ExDate<?> less) {
        for (Temporal time : ((DateListProperty<?>) less).getDates()) {
          without.add(time instanceof LocalDate ? time : local(time, own));
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
        LocalDateTime.parse(until.group(1), BASIC)
            .atZone(ZoneOffset.UTC)
            .withZoneSameInstant(own)
            .toLocalDateTime();
    return until.replaceFirst("UNTIL=" + BASIC.format(local));
  }

  private void noteIfEndless(VEvent event, String rule) {
    if (!rule.contains("UNTIL=") && !rule.contains("COUNT=")) {
      notes.add(
          "“%s” repeats without an end; it is read until %s."
              .formatted(summary(event), DAY.format(last)));
    }
  }

  // ---- one time

  private void add(String key, VEvent event, Temporal start) {
    if (value(event, Property.STATUS).filter("CANCELLED"::equalsIgnoreCase).isPresent()) {
      return;
    }
    if (start instanceof LocalDate date) {
      addDays(key, event, date, date.plusDays(Math.max(1, days(event, date))));
      return;
    }
    LocalDateTime from = here(start);
    Duration length = length(event, start(event).orElse(start));
    LocalDateTime to = here(startMoment(start).plus(length).atZone(zone));
    if (length.isNegative() || length.isZero()) {
      if (inWindow(from.toLocalDate())) {
        notes.add(
            "“%s” on %s is left out: it has no length."
                .formatted(summary(event), DAY.format(from.toLocalDate())));
      }
    } else if (length.compareTo(Duration.ofDays(1)) >= 0) {
      notes.add(
          "“%s” lasts a day or more; it is read as lasting all day.".formatted(summary(event)));
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
              key, title(event), from.toLocalDate(), from.toLocalTime(), to.toLocalTime(), false));
    }
  }

  private void addDays(String key, VEvent event, LocalDate from, LocalDate to) {
    for (LocalDate date = from; date.isBefore(to) && !date.isAfter(last); date = date.plusDays(1)) {
      if (inWindow(date)) {
        events.add(
            new CalendarEvent(
                key + "/" + date,
                title(event),
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
    LocalDate written = start(event).map(LocalDate::from).orElse(from);
    return date(event, Property.DTEND)
        .map(end -> LocalDate.from(end.getDate()))
        .or(() -> duration(event).map(length -> after(written, length).toLocalDate()))
        .map(end -> ChronoUnit.DAYS.between(written, end))
        .orElse(1L);
  }

  /** The length of a day may differ where the clocks change, so days are counted on the clock. */
  private ZonedDateTime after(Temporal start, TemporalAmount length) {
    return startMoment(start).atZone(zone).plus(length);
  }

  private Duration length(VEvent event, Temporal start) {
    Optional<DateProperty<Temporal>> end = date(event, Property.DTEND);
    if (end.isPresent()) {
      return Duration.between(startMoment(start), startMoment(end.get().getDate()));
    }
    return duration(event)
        .map(length -> Duration.between(startMoment(start), after(start, length).toInstant()))
        .orElse(Duration.ZERO);
  }

  private static Optional<TemporalAmount> duration(VEvent event) {
    return event
        .getProperty(Property.DURATION)
        .map(p -> ((net.fortuna.ical4j.model.property.Duration) p).getDuration());
  }

  // ---- times

  private ZoneId zoneOf(Temporal time) {
    if (time instanceof ZonedDateTime zoned) {
      return zoned.getZone();
    }
    return time instanceof Instant ? ZoneOffset.UTC : zone;
  }

  /** What the clock of a zone says. */
  private static LocalDateTime local(Temporal time, ZoneId own) {
    if (time instanceof LocalDate date) {
      return date.atStartOfDay();
    }
    if (time instanceof LocalDateTime floating) {
      return floating;
    }
    return Instant.from(time).atZone(own).toLocalDateTime();
  }

  /** A time of the clock as the same kind of time as another one. */
  private static Temporal at(Temporal kind, LocalDateTime time, ZoneId own) {
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

  /** When clocks go forward an hour is left out; a time in it is moved on by as much. */
  private void noteTimesThatDoNotExist(String text) {
    Matcher start = LOCAL_START.matcher(text);
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
        notes.add(
            "%s on %s does not exist in %s (clocks go forward); it is read as %s."
                .formatted(
                    written.toLocalTime(),
                    DAY.format(written),
                    own,
                    written.atZone(own).toLocalTime()));
      }
    }
  }

  // ---- properties

  private static Optional<Temporal> start(VEvent event) {
    return date(event, Property.DTSTART).map(DateProperty::getDate);
  }

  @SuppressWarnings("unchecked")
  private static Optional<DateProperty<Temporal>> date(VEvent event, String name) {
    return event.getProperty(name).map(property -> (DateProperty<Temporal>) property);
  }

  private static Optional<String> value(VEvent event, String name) {
    return event.getProperty(name).map(Property::getValue);
  }

  private static int sequence(VEvent event) {
    return value(event, Property.SEQUENCE)
        .filter(text -> text.matches("\\d{1,9}"))
        .map(Integer::valueOf)
        .orElse(0);
  }

  private static String summary(VEvent event) {
    return value(event, Property.SUMMARY)
        .map(String::strip)
        .filter(title -> !title.isEmpty())
        .orElse("Without a title");
  }

  private static String title(VEvent event) {
    String title = summary(event);
    return title.length() <= TITLE_LETTERS ? title : title.substring(0, TITLE_LETTERS);
  }

  /** Zones that nobody knows are taken for the client's own, and noted. */
  private final class ForgivingZones implements TimeZoneRegistry {
    private final TimeZoneRegistry known;

    ForgivingZones(TimeZoneRegistry known) {
      this.known = known;
    }

    @Override
    public void register(TimeZone timeZone) {
      known.register(timeZone);
    }

    @Override
    public void register(TimeZone timeZone, boolean update) {
      known.register(timeZone, update);
    }

    @Override
    public void clear() {
      known.clear();
    }

    @Override
    public TimeZone getTimeZone(String id) {
      return known.getTimeZone(id);
    }

    /** Never empty: where there are no rules ical4j asks nobody for a zone. */
    @Override
    public Map<String, ZoneRules> getZoneRules() {
      Map<String, ZoneRules> rules = new HashMap<>(known.getZoneRules());
      rules.put("", ZoneOffset.UTC.getRules());
      return rules;
    }

    @Override
    public ZoneId getZoneId(String id) {
      try {
        return known.getZoneId(id);
      } catch (DateTimeException notInTheFile) {
        return global(id);
      }
    }

    private ZoneId global(String id) {
      try {
        return TimeZoneRegistry.getGlobalZoneId(id);
      } catch (DateTimeException e) {
        notes.add(
            "Nobody knows the time zone “%s”; its times are read as times in %s."
                .formatted(id, zone));
        return zone;
      }
    }

    @Override
    public String getTzId(String zoneId) {
      return known.getTzId(zoneId);
    }
  }
}
