package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Sentences as people write them, read on Wednesday 25 November 2026. */
class BlockSentenceTest {

  private static final LocalDate WEDNESDAY = LocalDate.of(2026, 11, 25);
  private static final List<BlockSentence.Named> ACTIVITIES =
      List.of(
          new BlockSentence.Named("p", "Practice", ActivityKind.PRACTICE, "violin, viola"),
          new BlockSentence.Named("r", "Sectional", ActivityKind.REHEARSAL, ""),
          new BlockSentence.Named("d", "Chart room", ActivityKind.DESK_WORK, "computer, office"));

  private static BlockSentence read(String text) {
    return BlockSentence.read(text, WEDNESDAY, ACTIVITIES);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "Mon Wed Fri 18-20:30 practice from 1 Dec | p 2026-12-02 18:00-20:30 FREQ=WEEKLY;BYDAY=MO,WE,FR",
        "practice mon, wed and fri 18:00 to 20:30 from 2026-12-01 until 31 Jan"
            + " | p 2026-12-02 18:00-20:30 FREQ=WEEKLY;BYDAY=MO,WE,FR;UNTIL=20270131",
        "Thu 19-21:30 rehearsal | r 2026-11-26 19:00-21:30",
        "Thursdays 19-21:30 rehearsal | r 2026-11-26 19:00-21:30 FREQ=WEEKLY;BYDAY=TH",
        "every Thu 19–21.30 rehearsal for 6 weeks"
            + " | r 2026-11-26 19:00-21:30 FREQ=WEEKLY;BYDAY=TH;UNTIL=20270106",
        "every second Thursday 7-9pm rehearsal | r 2026-11-26 19:00-21:00 FREQ=WEEKLY;INTERVAL=2;BYDAY=TH",
        "every 3 weeks on Sat 10am-1pm practice | p 2026-11-28 10:00-13:00 FREQ=WEEKLY;INTERVAL=3;BYDAY=SA",
        "tomorrow 9 for 90 min desk work | d 2026-11-26 09:00-10:30",
        "today 18:15 2h practice | p 2026-11-25 18:15-20:15",
        "3 dec 22-1 practice | p 2026-12-03 22:00-01:00",
        "practice on 24 nov 18-19 | p 2027-11-24 18:00-19:00",
        "chart room mon-fri 9 to 17 | d 2026-11-25 09:00-17:00 FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR",
        "weekdays 9-12 chart room | d 2026-11-25 09:00-12:00 FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR",
        "weekends 11-12 practice | p 2026-11-28 11:00-12:00 FREQ=WEEKLY;BYDAY=SA,SU",
        "daily 7:00-7:30 practice until 1 dec"
            + " | p 2026-11-25 07:00-07:30 FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR,SA,SU;UNTIL=20261201",
        "fri-mon 11-12 practice | p 2026-11-27 11:00-12:00 FREQ=WEEKLY;BYDAY=MO,FR,SA,SU",
        "busy tue 14-16 | - 2026-12-01 14:00-16:00",
        "practice 18-24 tomorrow | p 2026-11-26 18:00-00:00",
        "practice starting 1 Dec 18-19 | p 2026-12-01 18:00-19:00",
        "12am-1am sat practice | p 2026-11-28 00:00-01:00",
      })
  void sentencesAreRead(String text, String expected) {
    assertThat(understood(text)).isEqualTo(expected);
  }

  private static String understood(String text) {
    BlockSentence block = read(text);
    return "%s %s %s-%s %s"
        .formatted(
            block.activityId().orElse("-"),
            block.first(),
            block.startsAt(),
            block.endsAt(),
            block.rule().orElse(""))
        .strip();
  }

  static Stream<String[]> typed() throws IOException {
    try (InputStream file = BlockSentenceTest.class.getResourceAsStream("/typed-sentences.txt")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8)
              .lines()
              .filter(line -> !line.startsWith("#"))
              .map(line -> line.split(" \\| ", -1))
              .toList()
              .stream();
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("typed")
  void whatIsTypedIsReadAsMeantOrRefusedByName(String typed, String meant) {
    if (meant.startsWith("!")) {
      assertThatThrownBy(() -> read(typed))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining(meant.substring(1));
    } else {
      assertThat(understood(typed)).isEqualTo(meant);
    }
  }

  @Test
  void theTableOfTypedSentencesIsLongEnough() throws IOException {
    assertThat(typed()).hasSizeGreaterThanOrEqualTo(80);
  }

  @Test
  void whatIsLeftIsTheTitle() {
    BlockSentence hall = read("Fri 18-20 Practice with Ana in the hall");
    assertThat(hall.title()).isEqualTo("Practice with Ana in hall");
    assertThat(hall.activityId()).contains("p");
    assertThat(read("Fri 18-20 PRACTICE").title()).isEqualTo("Practice");
  }

  @Test
  void aConcertIsAPerformance() {
    BlockSentence concert =
        BlockSentence.read("Sat 20-22 concert", WEDNESDAY, ACTIVITIES.subList(0, 1));
    assertThat(concert.performance()).isTrue();
    assertThat(concert.words())
        .isEqualTo("Concert (Practice) before an audience, Sat 28 Nov 2026, 20:00–22:00");
    List<BlockSentence.Named> stage =
        List.of(
            ACTIVITIES.get(0), new BlockSentence.Named("s", "Stage", ActivityKind.PERFORMANCE, ""));
    assertThat(BlockSentence.read("Sat 20-22 show", WEDNESDAY, stage).activityId())
        .isEqualTo(Optional.of("s"));
  }

  @Test
  void whatWasUnderstoodIsSaid() {
    assertThat(read("Mon Wed Fri 18-20:30 practice from 1 Dec").words())
        .isEqualTo("Practice, Mon, Wed and Fri, 18:00–20:30, from Wed 2 Dec 2026");
    assertThat(read("every second Thu 19-21 rehearsal until 31 Jan").words())
        .isEqualTo(
            "Rehearsal (Sectional), Thu every 2 weeks, 19:00–21:00, from Thu 26 Nov 2026 until Sun"
                + " 31 Jan 2027");
    assertThat(read("daily 7-8 practice").words())
        .isEqualTo("Practice, every day, 07:00–08:00, from Wed 25 Nov 2026");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "practice 18-20 | Say which day: Mon, weekdays, tomorrow, or a date such as 1 Dec.",
        "mon practice | Say from when to when: 18-20:30, 6 to 8pm, or 18:00 for 90 min.",
        "mon 18-20 seagulls | “seagulls” is none of: Practice, Sectional, Chart room, or busy.",
        "mon 18-20 | Say what it is: Practice, Sectional, Chart room, or busy.",
        "mon 18-18 practice | The end (18:00) must differ from the start.",
        "mon 18-25 practice | “25” is no time of the clock.",
        "mon 13pm-14 practice | “13pm” is no time of the clock.",
        "31 feb 18-19 practice | “31 feb” is no date.",
        "mon 18-19 practice until 2026-11-01 | The end (Sun 1 Nov 2026) lies before the first one (Mon 30 Nov 2026).",
        "every 30 weeks on mon 18-19 practice | “every 30 weeks” must be 1 to 12.",
        "mon 18 for 0 min practice | The length (0 min) must be 1 min to less than a day.",
      })
  void whatIsMissingIsNamed(String text, String message) {
    assertThatThrownBy(() -> read(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage(message);
  }

  /** "violin" was none of the activities. */
  @Test
  void anInstrumentNamesTheActivityInWhichItIsPlayed() {
    BlockSentence read = read("Mon 18-19 violin");
    assertThat(read.activityId()).contains("p");
    assertThat(read.title()).isEqualTo("Violin");
    assertThat(read("Tue 9-12 office").activityId()).contains("d");
    assertThatThrownBy(() -> read("Tue 9-12 violinist")).hasMessageContaining("is none of");
  }
}
