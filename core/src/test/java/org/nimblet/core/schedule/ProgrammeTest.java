package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Pain.Course;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.core.schedule.PlanRequest.Limits;

class ProgrammeTest {

  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);
  private static final PainDose NO_PAIN = PainDose.of(0, Course.STEADY);

  private static Obligation obligation(Frequency frequency, boolean heavy) {
    return new Obligation(
        "o", Purpose.STRENGTH, 10, frequency, PartOfDay.EVENING, heavy, Set.of(DayOfWeek.SUNDAY));
  }

  private static List<Line> lines(Obligation obligation, PainDose dose) {
    return obligation.lines(MONDAY, MONDAY.plusWeeks(6), dose);
  }

  /** The table of PRACTICE section 5; 2–3 steady and 5–6 new are common practice, no source. */
  @ParameterizedTest
  @CsvSource({
    "0, STEADY, THREE_A_WEEK",
    "1, NEW, THREE_A_WEEK",
    "2, STEADY, MORNING_AND_NIGHT",
    "3, STEADY, MORNING_AND_NIGHT",
    "3, NEW, DAILY",
    "4, STEADY, DAILY",
    "5, NEW, DAILY",
    "6, STEADY, DAILY"
  })
  void whatIsLeftToPainFollowsItsTable(int level, Course course, Frequency frequency) {
    assertThat(obligation(Frequency.BY_PAIN, false).frequency(PainDose.of(level, course)))
        .isEqualTo(frequency);
  }

  @Test
  void painOfSevenEndsIt() {
    PainDose none = PainDose.of(7, Course.STEADY);
    assertThat(lines(obligation(Frequency.BY_PAIN, false), none)).isEmpty();
    assertThat(lines(obligation(Frequency.DAILY, false), none))
        .as("what is not left to pain is judged by the composer instead")
        .hasSize(1);
  }

  @Test
  void heavyWorkIsNeverDaily() {
    assertThat(obligation(Frequency.BY_PAIN, true).frequency(PainDose.of(3, Course.STEADY)))
        .isEqualTo(Frequency.EVERY_SECOND_DAY);
    assertThatThrownBy(() -> obligation(Frequency.DAILY, true))
        .hasMessageContaining("cannot be daily; every second day is the most");
    assertThat(lines(obligation(Frequency.THREE_A_WEEK, true), NO_PAIN).get(0).restDay())
        .isNotEmpty();
  }

  @Test
  void morningAndNightAreTwoLines() {
    List<Line> two = lines(obligation(Frequency.MORNING_AND_NIGHT, false), NO_PAIN);
    assertThat(two).extracting(Line::id).containsExactly("o:morning", "o:night");
    assertThat(two).extracting(Line::anchor).containsExactly(PartOfDay.MORNING, PartOfDay.BEDTIME);
    assertThat(two).allMatch(line -> !line.mayBeOn(MONDAY.plusDays(6)));
  }

  @Test
  void whatIsAttachedHasNoLine() {
    for (Frequency frequency : Frequency.values()) {
      assertThat(lines(obligation(frequency, false), NO_PAIN).isEmpty())
          .as(frequency.words())
          .isEqualTo(frequency.attached());
    }
  }

  static Stream<ProgrammeTemplate> programmes() {
    return ProgrammeTemplate.all().stream();
  }

  /** Every programme that ships fits an ordinary week with two blocks a day, without a word. */
  @ParameterizedTest
  @MethodSource("programmes")
  void everyProgrammeFitsAnOrdinaryWeek(ProgrammeTemplate programme) {
    List<Line> lines = new ArrayList<>();
    for (Obligation obligation : programme.obligations()) {
      lines.addAll(
          obligation.lines(
              MONDAY, MONDAY.plusWeeks(programme.weeks()), PainDose.of(2, Course.STEADY)));
    }
    List<PlanDay> days =
        MONDAY
            .datesUntil(MONDAY.plusWeeks(2))
            .map(
                date ->
                    PlanDay.of(
                        date,
                        ZoneOffset.UTC,
                        LocalTime.of(7, 0),
                        LocalTime.of(23, 0),
                        List.of(block(date, 10, 12), block(date, 15, 17)),
                        List.of(),
                        List.of(),
                        MONDAY.atStartOfDay(ZoneOffset.UTC).toInstant()))
            .toList();
    WeekPlan plan =
        WeekPlanner.plan(
            new PlanRequest(
                days, false, lines, List.of(), Map.of(), Set.of(), Map.of(), Limits.USUAL));
    assertThat(plan.unmet()).isEmpty();
    assertThat(plan.costs()).allMatch(cost -> cost.soft() == 0);
    assertThat(programme.reviewWeeks()).isBetween(1, programme.weeks());
    assertThat(programme.aim()).endsWith(".");
  }

  private static PlanDay.ActivityTime block(LocalDate date, int from, int to) {
    return new PlanDay.ActivityTime(
        "practice",
        new Span(
            Span.minuteOf(date.atTime(from, 0).toInstant(ZoneOffset.UTC)),
            Span.minuteOf(date.atTime(to, 0).toInstant(ZoneOffset.UTC))),
        false);
  }

  /** What is refused in a form must never be more than the planner takes, whatever the pain. */
  @Test
  void neverComesToMoreLinesThanItSays() {
    for (Frequency frequency : Frequency.values()) {
      Obligation obligation = obligation(frequency, false);
      for (int level = 0; level <= 10; level++) {
        for (Course course : Course.values()) {
          List<Line> lines = lines(obligation, PainDose.of(level, course));
          assertThat(lines).hasSizeLessThanOrEqualTo(obligation.mostLines());
          assertThat(obligation.maySpace() || lines.stream().noneMatch(Line::spaced)).isTrue();
        }
      }
    }
    assertThat(obligation(Frequency.BY_PAIN, false).mostLines()).isEqualTo(2);
  }

  @Test
  void sevenProgrammesShip() {
    assertThat(ProgrammeTemplate.all())
        .extracting(ProgrammeTemplate::id)
        .containsExactly(
            "daily-care",
            "conditioning",
            "desk-care",
            "trigger-endurance",
            "reach",
            "independence",
            "return");
  }
}
