package org.nimblet.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CalendarReaderTest {

  private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");
  private static final LocalDate FIRST = LocalDate.of(2027, 3, 1);
  private static final LocalDate LAST = LocalDate.of(2027, 4, 30);

  static String calendar(String... lines) {
    return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//harbour//test//EN\r\n"
        + String.join("\r\n", lines)
        + "\r\nEND:VCALENDAR\r\n";
  }

  static String event(String... lines) {
    return "BEGIN:VEVENT\r\nDTSTAMP:20270101T000000Z\r\n"
        + String.join("\r\n", lines)
        + "\r\nEND:VEVENT";
  }

  private static CalendarReader.Content read(String... events) {
    return CalendarReader.read(calendar(events), OSLO, FIRST, LAST);
  }

  private static List<String> times(CalendarReader.Content content) {
    return content.events().stream()
        .map(
            e ->
                e.allDay()
                    ? "%s all day".formatted(e.date())
                    : "%s %s-%s".formatted(e.date(), e.startsAt(), e.endsAt()))
        .toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // a time in another zone, in UTC, on the clock alone
        "DTSTART;TZID=Europe/London:20270310T180000 | DTEND;TZID=Europe/London:20270310T193000"
            + " | 2027-03-10 19:00-20:30",
        "DTSTART:20270310T180000Z | DTEND:20270310T193000Z | 2027-03-10 19:00-20:30",
        "DTSTART:20270310T180000 | DTEND:20270310T193000 | 2027-03-10 18:00-19:30",
        // a length in place of an end; an end after midnight
        "DTSTART:20270310T180000 | DURATION:PT1H30M | 2027-03-10 18:00-19:30",
        "DTSTART:20270310T230000 | DURATION:PT2H | 2027-03-10 23:00-01:00",
        // one day, several days, days as a length
        "DTSTART;VALUE=DATE:20270310 | DTEND;VALUE=DATE:20270311 | 2027-03-10 all day",
        "DTSTART;VALUE=DATE:20270310 | DURATION:P2D | 2027-03-10 all day, 2027-03-11 all day",
        "DTSTART:20270310T120000 | DTEND:20270311T130000 | 2027-03-10 all day, 2027-03-11 all day",
      })
  void timesComeToTheClientsClock(String start, String end, String expected) {
    CalendarReader.Content content = read(event("UID:1", start, end, "SUMMARY:Rehearsal"));
    assertThat(String.join(", ", times(content))).isEqualTo(expected);
    assertThat(content.events().get(0).title()).isEqualTo("Rehearsal");
  }

  @Test
  void aRepetitionKeepsTheClockOfItsZoneWhenTheClocksChange() {
    // New York changes on 14 March 2027, Oslo on 28 March: between them the distance is 5 hours
    CalendarReader.Content content =
        read(
            event(
                "UID:1",
                "DTSTART;TZID=America/New_York:20270308T120000",
                "DURATION:PT1H",
                "RRULE:FREQ=WEEKLY;UNTIL=20270329T160000Z",
                "SUMMARY:Lesson from afar"));
    assertThat(times(content))
        .containsExactly(
            "2027-03-08 18:00-19:00",
            "2027-03-15 17:00-18:00",
            "2027-03-22 17:00-18:00",
            "2027-03-29 18:00-19:00");
  }

  @Test
  void exceptionsAdditionsAndMovedTimesOfASeries() {
    CalendarReader.Content content =
        read(
            event(
                "UID:1",
                "DTSTART;TZID=Europe/Oslo:20270301T180000",
                "DURATION:PT1H",
                "RRULE:FREQ=WEEKLY;COUNT=5",
                "EXDATE;TZID=Europe/Oslo:20270308T180000",
                "RDATE;TZID=Europe/Oslo:20270310T180000",
                "SUMMARY:Rehearsal"),
            event(
                "UID:1",
                "RECURRENCE-ID;TZID=Europe/Oslo:20270315T180000",
                "DTSTART;TZID=Europe/Oslo:20270316T200000",
                "DURATION:PT2H",
                "SUMMARY:Rehearsal in the hall"),
            event(
                "UID:1",
                "RECURRENCE-ID:20270322T170000Z",
                "DTSTART;TZID=Europe/Oslo:20270322T180000",
                "DURATION:PT1H",
                "STATUS:CANCELLED",
                "SUMMARY:Rehearsal"));
    assertThat(times(content))
        .containsExactly(
            "2027-03-01 18:00-19:00",
            "2027-03-10 18:00-19:00",
            "2027-03-16 20:00-22:00",
            "2027-03-29 18:00-19:00");
    assertThat(content.events()).extracting(CalendarEvent::key).doesNotHaveDuplicates();
    assertThat(content.events().get(2).key()).isEqualTo("1/2027-03-15");
  }

  @Test
  void foldedLinesForeignPropertiesAndANameOfItsOwn() {
    CalendarReader.Content content =
        read(
            "X-WR-CALNAME:Harbour players",
            event(
                "UID:1",
                "DTSTART:20270310T180000",
                "DURATION:PT1H",
                "X-SEAGULLS;LOUD=yes:three",
                "SUMMARY:Rehearsal\\, with the",
                "  long line"));
    assertThat(content.name()).contains("Harbour players");
    assertThat(content.events().get(0).title()).isEqualTo("Rehearsal, with the long line");
  }

  @Test
  void whatIsNotReadMayBeAnything() {
    CalendarReader.Content content =
        read(
            event(
                "UID:1",
                "DESCRIPTION;ALTREP=\"half a quote:seagulls",
                "ATTENDEE;CN=:mailto:",
                "not even a property",
                "BEGIN:VALARM",
                "TRIGGER:whenever",
                "SUMMARY:An alarm has a title of its own",
                "END:VALARM",
                "DTSTART:20270310T180000",
                "DURATION:PT1H",
                "SUMMARY:Rehearsal"));
    assertThat(content.events()).extracting(CalendarEvent::title).containsExactly("Rehearsal");
    assertThat(content.notes()).isEmpty();
  }

  @Test
  void aZoneThatTheFileDefinesItself() {
    CalendarReader.Content content =
        read(
            "BEGIN:VTIMEZONE",
            "TZID:Lighthouse",
            "BEGIN:STANDARD",
            "DTSTART:19700101T000000",
            "TZOFFSETFROM:+0300",
            "TZOFFSETTO:+0300",
            "END:STANDARD",
            "END:VTIMEZONE",
            event("UID:1", "DTSTART;TZID=Lighthouse:20270310T180000", "DURATION:PT1H", "SUMMARY:A"),
            event(
                "UID:2",
                "DTSTART;TZID=Europe/London:20270311T180000",
                "DURATION:PT1H",
                "SUMMARY:Its zone is known without the file"));
    assertThat(times(content)).containsExactly("2027-03-10 16:00-17:00", "2027-03-11 19:00-20:00");
    assertThat(content.notes()).isEmpty();
  }

  @Test
  void aZoneThatNobodyKnowsIsTheClientsOwnAndIsSaid() {
    CalendarReader.Content content =
        read(event("UID:1", "DTSTART;TZID=Sea/Fog:20270310T180000", "DURATION:PT1H", "SUMMARY:A"));
    assertThat(times(content)).containsExactly("2027-03-10 18:00-19:00");
    assertThat(content.notes())
        .containsExactly(
            "Nobody knows the time zone “Sea/Fog”; its times are read as times in Europe/Oslo.");
  }

  @Test
  void aTimeThatDoesNotExistIsMovedOnAndIsSaid() {
    CalendarReader.Content content =
        read(
            event(
                "UID:1",
                "DTSTART;TZID=Europe/Oslo:20270328T023000",
                "DURATION:PT1H",
                "SUMMARY:Night"));
    assertThat(times(content)).containsExactly("2027-03-28 03:30-04:30");
    assertThat(content.notes())
        .containsExactly(
            "02:30 on 28 Mar 2027 does not exist in Europe/Oslo (clocks go forward); it is read as"
                + " 03:30.");
  }

  @Test
  void whatRepeatsWithoutAnEndStopsWithTheWindow() {
    CalendarReader.Content content =
        read(
            event(
                "UID:1",
                "DTSTART:20010101T070000",
                "DURATION:PT1H",
                "RRULE:FREQ=DAILY",
                "SUMMARY:Scales"));
    assertThat(content.events()).hasSize(61);
    assertThat(content.events().get(0).date()).isEqualTo(FIRST);
    assertThat(content.events().get(60).date()).isEqualTo(LAST);
    assertThat(content.notes())
        .containsExactly("“Scales” repeats without an end; it is read until 30 Apr 2027.");
  }

  @Test
  void anEventThatCannotBeReadIsLeftOutAndTheOthersAreNot() {
    CalendarReader.Content content =
        read(
            event("UID:1", "DTSTART:20270310T180000", "DURATION:PT0S", "SUMMARY:Nothing"),
            event(
                "UID:2",
                "DTSTART:20270310T180000",
                "DURATION:PT1H",
                "RRULE:FREQ=MINUTELY",
                "SUMMARY:Clock"),
            event("UID:3", "SUMMARY:Some day"),
            event("DTSTART:20270311T180000", "DURATION:PT1H", "SUMMARY:Without a UID"));
    assertThat(times(content)).containsExactly("2027-03-11 18:00-19:00");
    assertThat(content.notes())
        .containsExactly(
            "“Nothing” on 10 Mar 2027 is left out: it has no length.",
            "“Clock” is left out: it repeats more often than once a day.",
            "“Some day” is left out: it has no start.");
  }

  @Test
  void aRepetitionIsKnownByItsDayAndTwoOfADayApart() {
    String[] lines = {
      "UID:1", "DTSTART:20270301T080000", "DURATION:PT1H", "RRULE:FREQ=DAILY;COUNT=2;BYHOUR=8,17"
    };
    assertThat(read(event(lines)).events())
        .extracting(CalendarEvent::key)
        .containsExactly("1/2027-03-01", "1/2027-03-01/17:00");
  }

  @Test
  void theNewerOfTwoWritingsOfAnEventHolds() {
    CalendarReader.Content content =
        read(
            event("UID:1", "SEQUENCE:2", "DTSTART:20270310T190000", "DURATION:PT1H", "SUMMARY:A"),
            event("UID:1", "SEQUENCE:1", "DTSTART:20270310T180000", "DURATION:PT1H", "SUMMARY:A"));
    assertThat(times(content)).containsExactly("2027-03-10 19:00-20:00");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "seagulls",
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTST",
        "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:soon\r\nEND:VEVENT\r\nEND:VCALENDAR"
      })
  void garbageAndHalfAFileGiveNothing(String text) {
    assertThatThrownBy(() -> CalendarReader.read(text, OSLO, FIRST, LAST))
        .isInstanceOf(UnreadableCalendarException.class)
        .hasMessageContaining("no whole iCalendar text (RFC 5545), nothing was taken from it");
  }

  @Test
  void tooMuchIsRefused() {
    String large = calendar(event("UID:1", "SUMMARY:" + "a".repeat(10_000_000)));
    assertThatThrownBy(() -> CalendarReader.read(large, OSLO, FIRST, LAST))
        .isInstanceOf(UnreadableCalendarException.class)
        .hasMessage("The calendar has 10.0 MB; at most 5 MB are read.");
    String[] daily = new String[90];
    for (int i = 0; i < daily.length; i++) {
      daily[i] =
          event(
              "UID:" + i,
              "DTSTART:20270101T%02d0000".formatted(i % 24),
              "DURATION:PT1H",
              "RRULE:FREQ=DAILY",
              "SUMMARY:" + "X");
    }
    assertThatThrownBy(() -> read(daily))
        .isInstanceOf(UnreadableCalendarException.class)
        .hasMessage(
            "The calendar holds 5490 times between 1 Mar 2027 and 30 Apr 2027; at most 5000 are"
                + " read.");
  }

  private static String practice(String uid, String... lines) {
    return event(
        "UID:" + uid,
        "SUMMARY:" + uid,
        "DTEND:20270310T193000",
        "DTSTART:20270310T180000",
        String.join("\r\n", lines));
  }

  /** Each of these kept a server busy without end, or for many seconds. */
  @Test
  void whatWouldNeverEndIsLeftOutOrRefused() {
    String zone =
        String.join(
            "\r\n",
            "BEGIN:VTIMEZONE",
            "TZID:Bomb",
            "BEGIN:STANDARD",
            "DTSTART:19700101T000000",
            "TZOFFSETFROM:+0000",
            "TZOFFSETTO:+0000",
            "RRULE:FREQ=SECO",
            " NDLY",
            "END:STANDARD",
            "END:VTIMEZONE");
    CalendarReader.Content content =
        read(
            zone,
            event("UID:a", "SUMMARY:In it", "DTSTART;TZID=Bomb:20270310T180000", "DURATION:PT1H"));
    assertThat(times(content)).containsExactly("2027-03-10 18:00-19:00");
    assertThat(content.notes())
        .anyMatch(note -> note.contains("they repeat secondly"))
        .anyMatch(note -> note.contains("Nobody knows the time zone “Bomb”"));
    assertThat(
            read(event(
                    "UID:a",
                    "SUMMARY:Old",
                    "DTSTART:00010101T100000",
                    "DURATION:PT1H",
                    "RRULE:FREQ=DAILY"))
                .notes())
        .anyMatch(note -> note.contains("1970 is the earliest"));
    assertThat(
            read(practice("Often", "RRULE:FREQ=DAILY;BYHOUR=8,9;BYMINUTE=0,10,20,30,40,50,55"))
                .notes())
        .anyMatch(note -> note.contains("more than 12 times a day"));
    assertThat(read("X-LONG" + ";TZID=a".repeat(50_000) + ":x", practice("Short")).events())
        .hasSize(1);
    assertThat(
            read(event(
                    "UID:a",
                    "SUMMARY:S",
                    "DTSTARTX" + ";TZID=a".repeat(50_000) + ":x",
                    "DTSTART:20270310T180000",
                    "DURATION:PT1H"))
                .events())
        .hasSize(1);
    assertThatThrownBy(
            () ->
                read(
                    practice(
                        "Listed",
                        "EXDATE:" + "20270310T180000,".repeat(30_000) + "20270310T180000")))
        .isInstanceOf(UnreadableCalendarException.class)
        .hasMessageContaining("30001 dates listed one by one; at most 20000");
    String[] many = new String[CalendarText.MOST_ENTRIES + 1];
    for (int i = 0; i < many.length; i++) {
      many[i] = practice("p" + i);
    }
    assertThatThrownBy(() -> read(many)).hasMessageContaining("20001 entries; at most 20000");
    String[] daily = new String[30];
    for (int i = 0; i < daily.length; i++) {
      daily[i] = event("UID:d" + i, "DTSTART:19700102T100000", "DURATION:PT1H", "RRULE:FREQ=DAILY");
    }
    assertThatThrownBy(() -> read(daily)).hasMessageContaining("repeats too often to be read");
  }

  @Test
  void oneBadEventIsLeftOutByNameAndTheOthersAreRead() {
    CalendarReader.Content content =
        read(
            practice("First"),
            event("UID:b", "SUMMARY:Broken", "DTSTART:2027-03-10 at six", "DURATION:PT1H"),
            practice("Last"));
    assertThat(content.events()).extracting(CalendarEvent::title).containsExactly("First", "Last");
    assertThat(content.notes())
        .anyMatch(note -> note.startsWith("“Broken” is left out"))
        .noneMatch(note -> note.contains("net.fortuna") || note.contains("java."));
  }

  @Test
  void severalCalendarsInOneFileAreReadAsOne() {
    String both = calendar(practice("First")) + calendar(practice("Second"));
    assertThat(CalendarReader.read(both, OSLO, FIRST, LAST).events())
        .extracting(CalendarEvent::title)
        .containsExactly("First", "Second");
  }
}
