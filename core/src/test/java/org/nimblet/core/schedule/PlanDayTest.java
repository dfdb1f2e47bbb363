package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nimblet.core.schedule.Anchor.AfterActivity;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.PlanDay.ActivityTime;

/** Days on the clock, with the two nights of the year on which the clock jumps. */
class PlanDayTest {

  private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

  private static PlanDay day(String date, String wakes, String sleeps) {
    return PlanDay.of(
        LocalDate.parse(date),
        BERLIN,
        LocalTime.parse(wakes),
        LocalTime.parse(sleeps),
        List.of(
            new ActivityTime("practice", at(date + "T10:00:00Z", 60), false),
            new ActivityTime("practice", at(date + "T15:00:00Z", 90), false)),
        List.of(),
        List.of(),
        Instant.EPOCH);
  }

  private static Span at(String moment, int minutes) {
    Instant start = Instant.parse(moment);
    return Span.covering(start, start.plus(Duration.ofMinutes(minutes)));
  }

  private static Instant moment(long minute) {
    return Span.momentOf(minute);
  }

  @Test
  void hasAStartEveryFiveMinutes() {
    PlanDay plain = day("2026-06-03", "07:02", "23:00");
    assertThat(moment(plain.slots().get(0))).isEqualTo("2026-06-03T05:05:00Z");
    assertThat(plain.slots()).hasSize(16 * 12 - 1);
  }

  /** In Berlin 02:00 to 03:00 does not exist on 29 March 2026 (tz database). */
  @Test
  void aTimeThatTheClockLeavesOutIsNoStart() {
    PlanDay spring = day("2026-03-28", "07:00", "03:30");
    assertThat(spring.slots()).hasSize((24 - 7 + 3) * 12 + 6 - 12);
    assertThat(spring.awake().minutes()).isEqualTo((24 - 7 + 3) * 60 + 30 - 60);
    assertThat(spring.slots()).doesNotHaveDuplicates().isSorted();
  }

  /** On 25 October 2026 the hour from 02:00 to 03:00 comes twice; only the first has starts. */
  @Test
  void ofADoubledHourOnlyTheFirstHasStarts() {
    PlanDay autumn = day("2026-10-24", "07:00", "03:30");
    assertThat(autumn.awake().minutes()).isEqualTo((24 - 7 + 3) * 60 + 30 + 60);
    assertThat(autumn.slots()).hasSize((24 - 7 + 3) * 12 + 6);
    assertThat(autumn.slots()).contains(Span.minuteOf(Instant.parse("2026-10-25T00:30:00Z")));
    assertThat(autumn.slots()).doesNotContain(Span.minuteOf(Instant.parse("2026-10-25T01:30:00Z")));
  }

  @Test
  void knowsWhereItsAnchorsLie() {
    PlanDay day = day("2026-06-03", "07:00", "01:00");
    assertThat(moment(day.minuteOf(PartOfDay.MORNING).orElseThrow()))
        .isEqualTo("2026-06-03T06:00:00Z");
    assertThat(moment(day.minuteOf(PartOfDay.NOON).orElseThrow()))
        .isEqualTo("2026-06-03T10:30:00Z");
    assertThat(moment(day.minuteOf(PartOfDay.EVENING).orElseThrow()))
        .isEqualTo("2026-06-03T17:00:00Z");
    assertThat(moment(day.minuteOf(PartOfDay.BEDTIME).orElseThrow()))
        .as("past midnight")
        .isEqualTo("2026-06-03T22:00:00Z");
    assertThat(moment(day.minuteOf(new AtClock(LocalTime.of(0, 30))).orElseThrow()))
        .as("a time before waking belongs to the night after")
        .isEqualTo("2026-06-03T22:30:00Z");
    assertThat(moment(day.minuteOf(new AfterActivity("practice", "Practice")).orElseThrow()))
        .as("after the last of them")
        .isEqualTo("2026-06-03T16:30:00Z");
    assertThat(day.minuteOf(new AfterActivity("run", "Run"))).isEmpty();
  }

  @Test
  void spansCoverWholeMinutes() {
    Span span =
        Span.covering(Instant.parse("2026-06-03T05:00:30Z"), Instant.parse("2026-06-03T05:10:01Z"));
    assertThat(moment(span.start())).isEqualTo("2026-06-03T05:00:00Z");
    assertThat(moment(span.end())).isEqualTo("2026-06-03T05:11:00Z");
    assertThat(span.overlaps(new Span(span.end(), span.end() + 5))).isFalse();
  }
}
