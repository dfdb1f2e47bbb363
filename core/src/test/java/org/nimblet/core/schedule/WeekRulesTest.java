package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Anchor.AfterPlay;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Line.TimesAWeek;
import org.nimblet.core.schedule.PlanDay.ActivityTime;
import org.nimblet.core.schedule.WeekPlan.Hindrance;

/** Each edge of the hard and soft rules of the model, section 4, by hand. */
class WeekRulesTest {

  private static final LocalDate DATE = LocalDate.of(2026, 11, 2);

  private static long at(String time) {
    return Span.minuteOf(DATE.atTime(LocalTime.parse(time)).toInstant(ZoneOffset.UTC));
  }

  private static Line line(boolean heavy, String anchor) {
    return line(heavy, heavy, new AtClock(LocalTime.parse(anchor)));
  }

  private static Line line(boolean tires, boolean heavy, Anchor anchor) {
    return new Line(
        "line",
        "line",
        Purpose.STRENGTH,
        10,
        anchor,
        new TimesAWeek(1),
        Set.of(),
        DATE,
        DATE,
        tires,
        heavy ? EnumSet.of(Tissue.WRIST) : Set.of());
  }

  /** One block from 14:00 to 16:00, one busy time from 10:00 to 11:00, sleep at 23:00. */
  private static PlanDay day() {
    return PlanDay.of(
        DATE,
        ZoneOffset.UTC,
        LocalTime.of(7, 0),
        LocalTime.of(23, 0),
        List.of(new ActivityTime("a", new Span(at("14:00"), at("16:00")), false)),
        List.of(new Span(at("10:00"), at("11:00"))),
        List.of(),
        Instant.EPOCH);
  }

  @ParameterizedTest
  @CsvSource({
    "false, 13:50, 14:00, ",
    "false, 13:55, 14:00, BLOCK",
    "false, 16:00, 14:00, ",
    "false, 09:55, 10:00, BUSY",
    "true, 12:50, 12:00, ",
    "true, 12:55, 12:00, AROUND_PLAY",
    "true, 16:15, 16:00, AROUND_PLAY",
    "true, 16:20, 16:00, ",
    "true, 18:20, 16:20, ",
    "true, 18:25, 16:20, AROUND_PLAY"
  })
  void whatKeepsASessionOut(boolean heavy, String start, String anchor, Hindrance expected) {
    assertThat(WeekRules.against(line(heavy, anchor), day(), false, at(start), at(anchor)))
        .isEqualTo(expected == null ? Set.of() : Set.of(expected));
  }

  /** Whatever tires keeps an hour off play before and 20 min after; heavy or not. */
  @ParameterizedTest
  @CsvSource({"13:00, AROUND_PLAY", "12:50,", "16:15, AROUND_PLAY", "16:20,"})
  void whatTiresKeepsOffPlayEvenIfItNeedsNoDayOfRest(String start, Hindrance expected) {
    Line trainer = line(true, false, new AtClock(LocalTime.parse(start)));
    assertThat(WeekRules.against(trainer, day(), false, at(start), at(start)))
        .isEqualTo(expected == null ? Set.of() : Set.of(expected));
  }

  /** At pain 0–1 work by pain stands after play, never before (common practice, no source). */
  @ParameterizedTest
  @CsvSource({"08:00, AROUND_PLAY", "16:20,", "20:00,"})
  void whatComesAfterPlayNeverStandsBeforeIt(String start, Hindrance expected) {
    Line after = line(false, false, new AfterPlay(PartOfDay.MORNING));
    long anchor = day().minuteOf(after.anchor()).orElseThrow();
    assertThat(anchor).isEqualTo(at("16:20"));
    assertThat(WeekRules.against(after, day(), false, at(start), anchor))
        .isEqualTo(expected == null ? Set.of() : Set.of(expected));
  }

  @ParameterizedTest
  @CsvSource({
    "false, 19:30, 18:00, 0",
    "false, 19:35, 18:00, 1",
    "true, 21:50, 21:00, 0",
    "true, 21:55, 21:00, 1",
    "false, 21:55, 21:00, 0"
  })
  void whatIsBetterElsewhere(boolean heavy, String start, String anchor, int broken) {
    assertThat(WeekRules.soft(line(heavy, anchor), day(), at(start), at(anchor))).isEqualTo(broken);
  }
}
