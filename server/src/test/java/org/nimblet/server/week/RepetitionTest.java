package org.nimblet.server.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The worked examples of RFC 5545, section 3.8.5.3 (from memory), on local times. Times with a Z in
 * the text of the RFC are written without it, since a block has no zone of its own.
 */
class RepetitionTest {

  private static final String NINE = "T09:00";

  private static Arguments example(String rule, String first, String last, String expected) {
    return Arguments.of(rule, first, last, expected);
  }

  /** {@code "1997: 9/2 9/4-6; 1998: 1/3"} as dates. */
  private static List<LocalDate> dates(String text) {
    List<LocalDate> dates = new ArrayList<>();
    for (String year : text.split("; ")) {
      String[] parts = year.split(": ");
      for (String day : parts[1].split(" ")) {
        String[] monthAndDays = day.split("/");
        String[] days = monthAndDays[1].split("-");
        int month = Integer.parseInt(monthAndDays[0]);
        for (int d = Integer.parseInt(days[0]); d <= Integer.parseInt(days[days.length - 1]); d++) {
          dates.add(LocalDate.of(Integer.parseInt(parts[0]), month, d));
        }
      }
    }
    return dates;
  }

  static Stream<Arguments> examples() {
    return Stream.of(
        example("FREQ=DAILY;COUNT=10", "1997-09-02", "2000-01-01", "1997: 9/2-11"),
        example(
            "FREQ=DAILY;UNTIL=19971224T000000",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2-30 10/1-31 11/1-30 12/1-23"),
        example("FREQ=DAILY;INTERVAL=2", "1997-09-02", "1997-09-11", "1997: 9/2 9/4 9/6 9/8 9/10"),
        example(
            "FREQ=DAILY;INTERVAL=10;COUNT=5",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/12 9/22 10/2 10/12"),
        example(
            "FREQ=YEARLY;UNTIL=20000131T140000;BYMONTH=1;BYDAY=SU,MO,TU,WE,TH,FR,SA",
            "1998-01-01",
            "2001-01-01",
            "1998: 1/1-31; 1999: 1/1-31; 2000: 1/1-31"),
        example(
            "FREQ=DAILY;UNTIL=20000131T140000;BYMONTH=1",
            "1998-01-01",
            "2001-01-01",
            "1998: 1/1-31; 1999: 1/1-31; 2000: 1/1-31"),
        example(
            "FREQ=WEEKLY;COUNT=10",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/9 9/16 9/23 9/30 10/7 10/14 10/21 10/28 11/4"),
        example(
            "FREQ=WEEKLY;UNTIL=19971224T000000",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/9 9/16 9/23 9/30 10/7 10/14 10/21 10/28 11/4 11/11 11/18 11/25 12/2 12/9"
                + " 12/16 12/23"),
        example(
            "FREQ=WEEKLY;INTERVAL=2;WKST=SU",
            "1997-09-02",
            "1998-02-18",
            "1997: 9/2 9/16 9/30 10/14 10/28 11/11 11/25 12/9 12/23; 1998: 1/6 1/20 2/3 2/17"),
        example(
            "FREQ=WEEKLY;UNTIL=19971007T000000;WKST=SU;BYDAY=TU,TH",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/4 9/9 9/11 9/16 9/18 9/23 9/25 9/30 10/2"),
        example(
            "FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/4 9/9 9/11 9/16 9/18 9/23 9/25 9/30 10/2"),
        example(
            "FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000;WKST=SU;BYDAY=MO,WE,FR",
            "1997-09-01",
            "2000-01-01",
            "1997: 9/1 9/3 9/5 9/15 9/17 9/19 9/29 10/1 10/3 10/13 10/15 10/17 10/27 10/29 10/31"
                + " 11/10 11/12 11/14 11/24 11/26 11/28 12/8 12/10 12/12 12/22"),
        example(
            "FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/4 9/16 9/18 9/30 10/2 10/14 10/16"),
        example(
            "FREQ=MONTHLY;COUNT=10;BYDAY=1FR",
            "1997-09-05",
            "2000-01-01",
            "1997: 9/5 10/3 11/7 12/5; 1998: 1/2 2/6 3/6 4/3 5/1 6/5"),
        example(
            "FREQ=MONTHLY;UNTIL=19971224T000000;BYDAY=1FR",
            "1997-09-05",
            "2000-01-01",
            "1997: 9/5 10/3 11/7 12/5"),
        example(
            "FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU",
            "1997-09-07",
            "2000-01-01",
            "1997: 9/7 9/28 11/2 11/30; 1998: 1/4 1/25 3/1 3/29 5/3 5/31"),
        example(
            "FREQ=MONTHLY;COUNT=6;BYDAY=-2MO",
            "1997-09-22",
            "2000-01-01",
            "1997: 9/22 10/20 11/17 12/22; 1998: 1/19 2/16"),
        example(
            "FREQ=MONTHLY;BYMONTHDAY=-3",
            "1997-09-28",
            "1998-03-01",
            "1997: 9/28 10/29 11/28 12/29; 1998: 1/29 2/26"),
        example(
            "FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15",
            "1997-09-02",
            "2000-01-01",
            "1997: 9/2 9/15 10/2 10/15 11/2 11/15 12/2 12/15; 1998: 1/2 1/15"),
        example(
            "FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1",
            "1997-09-30",
            "2000-01-01",
            "1997: 9/30 10/1 10/31 11/1 11/30 12/1 12/31; 1998: 1/1 1/31 2/1"),
        example(
            "FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15",
            "1997-09-10",
            "2000-01-01",
            "1997: 9/10-15; 1999: 3/10-13"),
        example(
            "FREQ=MONTHLY;INTERVAL=2;BYDAY=TU",
            "1997-09-02",
            "1998-04-01",
            "1997: 9/2 9/9 9/16 9/23 9/30 11/4 11/11 11/18 11/25; 1998: 1/6 1/13 1/20 1/27 3/3 3/10"
                + " 3/17 3/24 3/31"),
        example(
            "FREQ=YEARLY;COUNT=10;BYMONTH=6,7",
            "1997-06-10",
            "2005-01-01",
            "1997: 6/10 7/10; 1998: 6/10 7/10; 1999: 6/10 7/10; 2000: 6/10 7/10; 2001: 6/10 7/10"),
        example(
            "FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3",
            "1997-03-10",
            "2005-01-01",
            "1997: 3/10; 1999: 1/10 2/10 3/10; 2001: 1/10 2/10 3/10; 2003: 1/10 2/10 3/10"),
        example(
            "FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200",
            "1997-01-01",
            "2010-01-01",
            "1997: 1/1 4/10 7/19; 2000: 1/1 4/9 7/18; 2003: 1/1 4/10 7/19; 2006: 1/1"),
        example(
            "FREQ=YEARLY;BYDAY=20MO",
            "1997-05-19",
            "2000-01-01",
            "1997: 5/19; 1998: 5/18; 1999: 5/17"),
        example(
            "FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO",
            "1997-05-12",
            "2000-01-01",
            "1997: 5/12; 1998: 5/11; 1999: 5/17"),
        example(
            "FREQ=YEARLY;BYMONTH=3;BYDAY=TH",
            "1997-03-13",
            "2000-01-01",
            "1997: 3/13 3/20 3/27; 1998: 3/5 3/12 3/19 3/26; 1999: 3/4 3/11 3/18 3/25"),
        example(
            "FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8",
            "1997-06-05",
            "1998-01-01",
            "1997: 6/5 6/12 6/19 6/26 7/3 7/10 7/17 7/24 7/31 8/7 8/14 8/21 8/28"),
        example(
            "FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13",
            "1998-02-13",
            "2000-12-31",
            "1998: 2/13 3/13 11/13; 1999: 8/13; 2000: 10/13"),
        example(
            "FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13",
            "1997-09-13",
            "1998-06-30",
            "1997: 9/13 10/11 11/8 12/13; 1998: 1/10 2/7 3/7 4/11 5/9 6/13"),
        example(
            "FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8",
            "1996-11-05",
            "2005-01-01",
            "1996: 11/5; 2000: 11/7; 2004: 11/2"),
        example(
            "FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3",
            "1997-09-04",
            "2000-01-01",
            "1997: 9/4 10/7 11/6"),
        example(
            "FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2",
            "1997-09-29",
            "1998-03-31",
            "1997: 9/29 10/30 11/27 12/30; 1998: 1/29 2/26 3/30"),
        example(
            "FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO",
            "1997-08-05",
            "2000-01-01",
            "1997: 8/5 8/10 8/19 8/24"),
        example(
            "FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU",
            "1997-08-05",
            "2000-01-01",
            "1997: 8/5 8/17 8/19 8/31"),
        example(
            "FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5",
            "2007-01-15",
            "2008-01-01",
            "2007: 1/15 1/30 2/15 3/15 3/30"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("examples")
  void comesRoundAsTheStandardSays(String rule, String first, String last, String expected) {
    assertThat(
            Repetition.times(
                rule, LocalDateTime.parse(first + NINE), LocalDateTime.parse(last + NINE)))
        .containsExactlyElementsOf(
            dates(expected).stream().map(date -> date.atTime(9, 0)).toList());
  }

  private static List<String> times(String rule, String until) {
    return Repetition.times(
            rule, LocalDateTime.parse("1997-09-02T09:00"), LocalDateTime.parse(until))
        .stream()
        .map(time -> time.toLocalTime().toString())
        .toList();
  }

  @Test
  void comesRoundWithinADay() {
    String evening = "1997-09-02T23:00";
    assertThat(times("FREQ=HOURLY;INTERVAL=3;UNTIL=19970902T170000", evening))
        .containsExactly("09:00", "12:00", "15:00");
    assertThat(times("FREQ=MINUTELY;INTERVAL=15;COUNT=6", evening))
        .containsExactly("09:00", "09:15", "09:30", "09:45", "10:00", "10:15");
    assertThat(times("FREQ=MINUTELY;INTERVAL=90;COUNT=4", evening))
        .containsExactly("09:00", "10:30", "12:00", "13:30");
  }

  @Test
  void anEndlessRuleIsBounded() {
    LocalDate first = LocalDate.of(2026, 11, 30);
    assertThat(Repetition.times("FREQ=WEEKLY;BYDAY=MO,WE", first, first.plusWeeks(26)))
        .hasSize(53)
        .allMatch(date -> !date.isAfter(first.plusWeeks(26)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "every Monday", "FREQ=OFTEN", "FREQ=WEEKLY;BYDAY=XX"})
  void whatIsNoRuleIsRefused(String rule) {
    LocalDate first = LocalDate.of(2026, 11, 30);
    assertThatThrownBy(() -> Repetition.times(rule, first, first.plusWeeks(4)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("must be a recurrence rule such as");
  }
}
