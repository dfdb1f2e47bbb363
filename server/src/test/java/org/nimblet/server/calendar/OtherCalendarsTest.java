package org.nimblet.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateOrDateTimeProperty;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TimeZone;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Calendars that others wrote (calendars/README.md says whose) and the rules of RFC 5545, read as a
 * second library (biweekly) reads them, over half a year in three zones.
 */
class OtherCalendarsTest {

  private static final List<ZoneId> ZONES =
      Stream.of("Europe/Oslo", "America/New_York", "Pacific/Auckland").map(ZoneId::of).toList();

  private static final Path FOLDER = Path.of("src/test/resources/calendars");

  static Stream<Arguments> calendars() throws IOException {
    try (Stream<Path> files = Files.list(FOLDER)) {
      return files.filter(file -> file.toString().endsWith(".ics")).sorted().toList().stream()
          .flatMap(file -> ZONES.stream().map(zone -> Arguments.of(file.getFileName(), zone)));
    }
  }

  @ParameterizedTest
  @MethodSource("calendars")
  void whatOthersWroteIsReadAsAnotherLibraryReadsIt(Path name, ZoneId zone) throws IOException {
    String text = Files.readString(FOLDER.resolve(name));
    LocalDate first = firstDay(text, zone);
    compare(text, zone, first);
  }

  /** The examples of RFC 5545, 3.8.5.3, that repeat at most once a day (from memory). */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          19970902 | FREQ=DAILY;COUNT=10
          19970902 | FREQ=DAILY;UNTIL=19971224T000000Z
          19970902 | FREQ=DAILY;INTERVAL=2
          19970902 | FREQ=DAILY;INTERVAL=10;COUNT=5
          19980101 | FREQ=YEARLY;UNTIL=20000131T140000Z;BYMONTH=1;BYDAY=SU,MO,TU,WE,TH,FR,SA
          19970902 | FREQ=WEEKLY;COUNT=10
          19970902 | FREQ=WEEKLY;UNTIL=19971224T000000Z
          19970902 | FREQ=WEEKLY;INTERVAL=2;WKST=SU
          19970902 | FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH
          19970901 | FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR
          19970902 | FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH
          19970905 | FREQ=MONTHLY;COUNT=10;BYDAY=1FR
          19970905 | FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR
          19970907 | FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU
          19970922 | FREQ=MONTHLY;COUNT=6;BYDAY=-2MO
          19970928 | FREQ=MONTHLY;BYMONTHDAY=-3
          19970902 | FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15
          19970930 | FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1
          19970910 | FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15
          19970902 | FREQ=MONTHLY;INTERVAL=2;BYDAY=TU
          19970610 | FREQ=YEARLY;COUNT=10;BYMONTH=6,7
          19970310 | FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3
          19970101 | FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200
          19970519 | FREQ=YEARLY;BYDAY=20MO
          19970512 | FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO
          19970313 | FREQ=YEARLY;BYMONTH=3;BYDAY=TH
          19970605 | FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8
          19970613 | FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13
          19970913 | FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13
          19961105 | FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8
          19970904 | FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3
          19970929 | FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2
          19970805 | FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO
          19970805 | FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU
          20070115 | FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5
          """)
  void theRulesOfTheStandardAreReadAsAnotherLibraryReadsThem(String first, String rule) {
    for (String time : List.of("TZID=America/New_York:%sT090000", "VALUE=DATE-TIME:%sT230000Z")) {
      String text = one("DTSTART;" + time.formatted(first), "DURATION:PT1H", "RRULE:" + rule);
      for (ZoneId zone : ZONES) {
        compare(text, zone, firstDay(text, zone));
      }
    }
  }

  /** What follows these rules as RFC 5545, 3.8.5.3, writes it out (from memory). */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          19970805 | FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO | 08-05 08-10 08-19 08-24
          19970805 | FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU | 08-05 08-17 08-19 08-31
          19970904 | FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3 | 09-04 10-07 11-06
          20070115 | FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5 | 01-15 01-30 02-15 03-15 03-30
          """)
  void theDatesOfTheStandard(String first, String rule, String dates) {
    ZoneId zone = ZoneId.of("America/New_York");
    String text =
        one(
            "DTSTART;TZID=America/New_York:%sT090000".formatted(first),
            "DURATION:PT1H",
            "RRULE:" + rule);
    LocalDate day = firstDay(text, zone);
    assertThat(CalendarReader.read(text, zone, day, day.plusMonths(6)).events())
        .extracting(event -> event.date().toString().substring(5))
        .containsExactly(dates.split(" "));
  }

  /** It was read without a word, and wrongly (RFC 7529). */
  @Test
  void aRuleOfAnotherCalendarIsLeftOutAndSaid() {
    String chinese = "RRULE:RSCALE=CHINESE;FREQ=YEARLY";
    String back = "RRULE:RSCALE=GREGORIAN;FREQ=MONTHLY;SKIP=BACKWARD;BYMONTHDAY=31";
    String plain = "RRULE:RSCALE=GREGORIAN;FREQ=MONTHLY;SKIP=OMIT;BYMONTHDAY=31;COUNT=3";
    ZoneId zone = ZONES.get(0);
    LocalDate day = LocalDate.of(2027, 1, 31);
    for (String rule : List.of(chinese, back)) {
      CalendarReader.Content content =
          CalendarReader.read(
              one("DTSTART:20270131T090000", "DURATION:PT1H", rule), zone, day, day.plusMonths(6));
      assertThat(content.events()).isEmpty();
      assertThat(content.notes()).singleElement().asString().contains("RFC 7529");
    }
    assertThat(
            CalendarReader.read(
                    one("DTSTART:20270131T090000", "DURATION:PT1H", plain),
                    zone,
                    day,
                    day.plusMonths(6))
                .events())
        .extracting(event -> event.date().toString())
        .containsExactly("2027-01-31", "2027-03-31", "2027-05-31");
  }

  private static String one(String... lines) {
    return String.join("\r\n", "BEGIN:VCALENDAR", "VERSION:2.0", "BEGIN:VEVENT", "UID:1")
        + "\r\nSUMMARY:Event\r\n"
        + String.join("\r\n", lines)
        + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
  }

  private static void compare(String text, ZoneId zone, LocalDate first) {
    LocalDate last = first.plusMonths(6);
    Set<String> ours = new TreeSet<>();
    for (CalendarEvent event : CalendarReader.read(text, zone, first, last).events()) {
      if (!event.allDay()) {
        ours.add(event.date() + " " + event.startsAt());
      }
    }
    assertThat(ours).isEqualTo(theirs(text, zone, first, last));
  }

  private static LocalDate firstDay(String text, ZoneId zone) {
    return events(text, zone).stream()
        .map(event -> day(event.getDateStart(), zone))
        .min(LocalDate::compareTo)
        .orElseThrow();
  }

  private static LocalDate day(DateOrDateTimeProperty start, ZoneId zone) {
    return Instant.ofEpochMilli(start.getValue().getTime()).atZone(zone).toLocalDate();
  }

  private static List<VEvent> events(String text, ZoneId zone) {
    List<VEvent> events = new ArrayList<>();
    for (ICalendar calendar : read(text, zone)) {
      calendar.getEvents().stream()
          .filter(event -> event.getDateStart() != null)
          .forEach(events::add);
    }
    return events;
  }

  private static List<ICalendar> read(String text, ZoneId zone) {
    return Biweekly.parse(text).defaultTimezone(TimeZone.getTimeZone(zone)).all();
  }

  /** The second library's own expansion; moved times of a series replace the ones they moved. */
  private static Set<String> theirs(String text, ZoneId zone, LocalDate first, LocalDate last) {
    Set<String> times = new TreeSet<>();
    for (ICalendar calendar : read(text, zone)) {
      Set<String> moved = new HashSet<>();
      for (VEvent event : calendar.getEvents()) {
        if (event.getRecurrenceId() != null) {
          moved.add(uid(event) + event.getRecurrenceId().getValue().getTime());
        }
      }
      for (VEvent event : calendar.getEvents()) {
        if (event.getDateStart() == null
            || !event.getDateStart().getValue().hasTime()
            || !isTimed(event)) {
          continue;
        }
        TimeZone own =
            calendar.getTimezoneInfo().getTimezone(event.getDateStart()) == null
                ? event.getDateStart().getValue().getRawComponents().isUtc()
                    ? TimeZone.getTimeZone("UTC")
                    : TimeZone.getTimeZone(zone)
                : calendar.getTimezoneInfo().getTimezone(event.getDateStart()).getTimeZone();
        DateIterator every = event.getDateIterator(own);
        every.advanceTo(Date.from(first.atStartOfDay(zone).toInstant()));
        while (every.hasNext()) {
          Instant at = every.next().toInstant();
          LocalDate date = at.atZone(zone).toLocalDate();
          if (date.isAfter(last)) {
            break;
          }
          if (!date.isBefore(first)
              && (event.getRecurrenceId() != null
                  || !moved.contains(uid(event) + at.toEpochMilli()))) {
            times.add(date + " " + at.atZone(zone).toLocalTime());
          }
        }
      }
    }
    return times;
  }

  private static String uid(VEvent event) {
    return event.getUid() == null ? "" : event.getUid().getValue();
  }

  private static boolean isTimed(VEvent event) {
    long day = 24L * 60 * 60 * 1000;
    long length =
        event.getDateEnd() != null
            ? event.getDateEnd().getValue().getTime() - event.getDateStart().getValue().getTime()
            : event.getDuration() != null ? event.getDuration().getValue().toMillis() : 0;
    return length > 0 && length < day;
  }
}
