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
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Pain.Course;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.routine.Theme;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.core.schedule.PlanRequest.Limits;

class ProgrammeTest {

  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);
  private static final PainDose NO_PAIN = PainDose.of(0, Course.STEADY);

  private static Obligation obligation(Frequency frequency, boolean heavy) {
    return new Obligation(
        "o",
        frequency == Frequency.BETWEEN_STRENGTH ? Purpose.RECOVERY : Purpose.STRENGTH,
        10,
        frequency,
        PartOfDay.EVENING,
        heavy,
        Set.of(DayOfWeek.SUNDAY),
        Contents.ANEW);
  }

  private static Obligation recovery(Frequency frequency, Contents contents) {
    return new Obligation(
        "r", Purpose.RECOVERY, 8, frequency, PartOfDay.BEDTIME, false, Set.of(), contents);
  }

  private static List<Line> lines(Obligation obligation, PainDose dose) {
    return obligation.lines(MONDAY, MONDAY.plusWeeks(6), dose, List.of());
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
              MONDAY,
              MONDAY.plusWeeks(programme.weeks()),
              PainDose.of(2, Course.STEADY),
              List.copyOf(lines)));
    }
    WeekPlan plan = WeekPlanner.plan(weeks(2, lines));
    assertThat(plan.unmet()).isEmpty();
    assertThat(plan.costs()).allMatch(cost -> cost.soft() == 0);
    assertThat(programme.reviewWeeks()).isBetween(1, programme.weeks());
    assertThat(programme.aim()).endsWith(".");
  }

  private static PlanRequest weeks(int weeks, List<Line> lines) {
    List<PlanDay> days =
        MONDAY
            .datesUntil(MONDAY.plusWeeks(weeks))
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
    return new PlanRequest(
        days, false, lines, List.of(), Map.of(), Set.of(), Map.of(), Limits.USUAL);
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

  @Test
  void whatComesBetweenHasTheDaysThatStrengthLeavesFree() {
    List<Line> strength = lines(obligation(Frequency.THREE_A_WEEK, true), NO_PAIN);
    Line between =
        recovery(Frequency.BETWEEN_STRENGTH, Contents.ANEW)
            .lines(MONDAY, MONDAY.plusWeeks(6), NO_PAIN, strength)
            .get(0);
    WeekPlan plan = WeekPlanner.plan(weeks(1, List.of(strength.get(0), between)));
    Map<String, List<LocalDate>> days =
        plan.sessions().stream()
            .collect(
                Collectors.groupingBy(
                    session -> session.key().lineId(),
                    Collectors.mapping(session -> session.key().date(), Collectors.toList())));
    assertThat(days.get("o")).hasSize(3);
    assertThat(days.get("r")).hasSize(4).doesNotContainAnyElementsOf(days.get("o"));
    assertThat(plan.unmet()).isEmpty();
  }

  @Test
  void whatComesBetweenIsDailyWithoutStrengthToComeBetween() {
    assertThat(lines(recovery(Frequency.BETWEEN_STRENGTH, Contents.ANEW), NO_PAIN))
        .extracting(Line::often)
        .containsExactly(new Line.Daily());
  }

  @Test
  void contentsGoWithTheFrequency() {
    Contents kept = new Contents.Kept("squeezes", 3);
    Contents with = new Contents.Composed(List.of("ten-pairs-opened"), Optional.empty());
    assertThat(recovery(Frequency.DAILY, kept).contents()).isEqualTo(kept);
    assertThat(recovery(Frequency.AFTER_BLOCKS, with).contents()).isEqualTo(with);
    assertThatThrownBy(() -> recovery(Frequency.AFTER_BLOCKS, kept)).hasMessageContaining("shelf");
    assertThatThrownBy(() -> recovery(Frequency.BEFORE_BLOCKS, with))
        .hasMessageContaining("composed for that block");
    assertThatThrownBy(
            () ->
                new Contents.Composed(List.of("a", "b", "c", "d", "e", "f", "g"), Optional.empty()))
        .hasMessageContaining("at most 6");
    assertThatThrownBy(() -> new Contents.Composed(List.of("a", "a"), Optional.empty()))
        .hasMessageContaining("once");
    assertThatThrownBy(() -> new Contents.Kept("a", 0)).hasMessageContaining("version (0)");
  }

  /** What a ready programme is named for is in it by name, and can be composed for it. */
  @Test
  void readyProgrammesCarryWhatTheyAreNamedFor() {
    ExerciseLibrary library = ExerciseLibrary.shipped();
    for (ProgrammeTemplate template : ProgrammeTemplate.all()) {
      for (Obligation obligation : template.obligations()) {
        Contents.Composed contents = (Contents.Composed) obligation.contents();
        assertThat(contents.required())
            .as(template.id())
            .allSatisfy(
                id ->
                    assertThat(PurposePlan.of(obligation.purpose()))
                        .as(id)
                        .matches(plan -> plan.hasPlaceFor(library.find(id).orElseThrow())));
        assertThat(contents.theme().stream())
            .as(template.id())
            .allMatch(t -> Theme.find(t).isPresent());
      }
    }
    assertThat(required("trigger-endurance")).contains("trigger-on-the-trainer");
    assertThat(required("reach")).contains("ten-pairs-opened", "widening-two-note-stretch");
  }

  private static List<String> required(String programme) {
    return ProgrammeTemplate.all().stream()
        .filter(template -> template.id().equals(programme))
        .flatMap(template -> template.obligations().stream())
        .flatMap(obligation -> ((Contents.Composed) obligation.contents()).required().stream())
        .toList();
  }
}
