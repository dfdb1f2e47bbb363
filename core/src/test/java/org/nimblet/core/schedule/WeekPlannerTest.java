package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Anchor.AfterActivity;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Line.Daily;
import org.nimblet.core.schedule.Line.EverySecondDay;
import org.nimblet.core.schedule.Line.Often;
import org.nimblet.core.schedule.Line.TimesAWeek;
import org.nimblet.core.schedule.PlanDay.ActivityTime;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.Cost;
import org.nimblet.core.schedule.WeekPlan.Hindrance;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;

/** Small weeks whose answer is plain by hand. */
class WeekPlannerTest {

  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);
  private static final Set<Tissue> FLEXORS = Set.of(Tissue.FINGER_FLEXORS);

  private final List<Line> lines = new ArrayList<>();
  private final Map<LocalDate, List<ActivityTime>> blocks = new HashMap<>();
  private final Map<LocalDate, List<Span>> busy = new HashMap<>();
  private final List<Fixed> fixed = new ArrayList<>();
  private final Map<SessionKey, Long> agreed = new HashMap<>();
  private final Set<SessionKey> missed = new HashSet<>();
  private final Map<String, LocalDate> lastBefore = new HashMap<>();
  private Instant now = MONDAY.minusDays(1).atStartOfDay(ZONE).toInstant();
  private Limits limits = Limits.USUAL;
  private int weeks = 1;
  private boolean performanceAfter;

  private static Line line(String id, int minutes, Anchor anchor, Often often, Set<Tissue> rest) {
    return new Line(
        id,
        id,
        Purpose.STRENGTH,
        minutes,
        anchor,
        often,
        Set.of(),
        MONDAY.minusWeeks(1),
        MONDAY.plusWeeks(8),
        !rest.isEmpty(),
        rest);
  }

  private static long minute(int day, String time) {
    return Span.minuteOf(
        MONDAY.plusDays(day).atTime(LocalTime.parse(time)).atZone(ZONE).toInstant());
  }

  private static Span span(int day, String from, String to) {
    return new Span(minute(day, from), minute(day, to));
  }

  private void block(int day, String from, String to, boolean performance) {
    blocks
        .computeIfAbsent(MONDAY.plusDays(day), d -> new ArrayList<>())
        .add(new ActivityTime("practice", span(day, from, to), performance));
  }

  private void busy(int day, String from, String to) {
    busy.computeIfAbsent(MONDAY.plusDays(day), d -> new ArrayList<>()).add(span(day, from, to));
  }

  private PlanRequest request() {
    List<PlanDay> days =
        MONDAY
            .datesUntil(MONDAY.plusWeeks(weeks))
            .map(
                date ->
                    PlanDay.of(
                        date,
                        ZONE,
                        LocalTime.of(7, 0),
                        LocalTime.of(23, 0),
                        blocks.getOrDefault(date, List.of()),
                        busy.getOrDefault(date, List.of()),
                        List.of(),
                        now))
            .toList();
    return new PlanRequest(
        days, performanceAfter, lines, fixed, agreed, missed, lastBefore, limits);
  }

  private WeekPlan plan() {
    return WeekPlanner.plan(request());
  }

  private static List<String> times(WeekPlan plan, String lineId) {
    return plan.sessions().stream()
        .filter(session -> session.key().lineId().equals(lineId))
        .map(
            session ->
                session.key().date().getDayOfWeek().name().substring(0, 3)
                    + " "
                    + Span.momentOf(session.span().start()).atZone(ZONE).toLocalTime())
        .toList();
  }

  private static String why(WeekPlan plan, int day) {
    return plan.sessions().stream()
        .filter(session -> session.key().date().equals(MONDAY.plusDays(day)))
        .findFirst()
        .map(PlannedSession::why)
        .orElseThrow();
  }

  @Test
  void aDailyLineStandsAtItsAnchorEveryDay() {
    lines.add(line("fingers", 5, PartOfDay.MORNING, new Daily(), Set.of()));
    WeekPlan plan = plan();
    assertThat(times(plan, "fingers")).hasSize(7).allMatch(time -> time.endsWith("08:00"));
    assertThat(plan.costs()).containsExactly(new Cost(0, 0, 0, 0, 0));
    assertThat(why(plan, 0)).isEqualTo("At its time: morning (08:00).");
  }

  @Test
  void goesToTheNearestFreeTimeAndSaysWhatIsInTheWay() {
    lines.add(line("fingers", 5, PartOfDay.MORNING, new Daily(), Set.of()));
    block(0, "07:30", "09:40", false);
    busy(1, "07:50", "08:20");
    WeekPlan plan = plan();
    assertThat(times(plan, "fingers")).startsWith("MON 07:25", "TUE 07:45");
    assertThat(why(plan, 0))
        .isEqualTo("35 min before morning (08:00): blocks and what belongs to them fill the day.");
    assertThat(why(plan, 1)).isEqualTo("15 min before morning (08:00): other times are taken.");
  }

  /**
   * Three a week: |3·2 − 7| twice and |3·3 − 7| or with the tail; Mon Wed Fri and such are best.
   */
  @Test
  void spacedSessionsAreSpreadAndKeepTheirDayOfRest() {
    lines.add(line("heavy", 15, PartOfDay.EVENING, new TimesAWeek(3), FLEXORS));
    lastBefore.put("heavy", MONDAY.minusDays(2));
    WeekPlan plan = plan();
    assertThat(times(plan, "heavy")).containsExactly("MON 19:00", "WED 19:00", "FRI 19:00");
    assertThat(plan.costs().get(0).uneven()).isEqualTo(3);
    lastBefore.put("heavy", MONDAY.minusDays(1));
    assertThat(times(plan(), "heavy"))
        .as("the day after last week's is a day of rest")
        .containsExactly("TUE 19:00", "THU 19:00", "SAT 19:00");
  }

  @Test
  void everySecondDayIsFourTimesThenThree() {
    lines.add(line("heavy", 15, PartOfDay.EVENING, new EverySecondDay(), FLEXORS));
    weeks = 4;
    List<String> days = times(plan(), "heavy").stream().map(time -> time.substring(0, 3)).toList();
    assertThat(days)
        .containsExactly(
            "MON", "WED", "FRI", "SUN", "TUE", "THU", "SAT", "MON", "WED", "FRI", "SUN", "TUE",
            "THU", "SAT");
  }

  @Test
  void linesThatShareATissueRestFromEachOther() {
    lines.add(line("squeeze", 10, PartOfDay.EVENING, new TimesAWeek(2), FLEXORS));
    lines.add(line("trainer", 10, PartOfDay.NOON, new TimesAWeek(2), FLEXORS));
    WeekPlan plan = plan();
    List<LocalDate> dates = plan.sessions().stream().map(s -> s.key().date()).toList();
    assertThat(plan.unmet()).isEmpty();
    for (int i = 1; i < dates.size(); i++) {
      assertThat(dates.get(i)).isAfterOrEqualTo(dates.get(i - 1).plusDays(2));
    }
  }

  @Test
  void strengtheningKeepsAwayFromPlayAndPerformances() {
    lines.add(line("heavy", 10, PartOfDay.NOON, new TimesAWeek(3), FLEXORS));
    for (int day = 0; day < 7; day++) {
      block(day, "13:00", "14:00", day == 2);
    }
    WeekPlan plan = plan();
    for (PlannedSession session : plan.sessions()) {
      int day = session.key().date().getDayOfWeek().ordinal();
      assertThat(
              session.span().end() <= minute(day, "12:00")
                  || session.span().start() >= minute(day, "14:20"))
          .isTrue();
    }
    assertThat(times(plan, "heavy")).noneMatch(time -> time.startsWith("TUE"));
    performanceAfter = true;
    assertThat(times(plan(), "heavy")).noneMatch(time -> time.startsWith("SUN"));
  }

  @Test
  void whatIsAgreedStaysUnlessItMust() {
    lines.add(line("fingers", 5, PartOfDay.MORNING, new Daily(), Set.of()));
    for (int day = 0; day < 7; day++) {
      agreed.put(new SessionKey("fingers", MONDAY.plusDays(day)), minute(day, "09:10"));
    }
    block(3, "09:00", "10:00", false);
    WeekPlan plan = plan();
    assertThat(times(plan, "fingers").stream().filter(time -> time.endsWith("09:10"))).hasSize(6);
    assertThat(times(plan, "fingers").get(3)).isEqualTo("THU 08:00");
    assertThat(plan.costs().get(0).moved()).isEqualTo(1);
    assertThat(why(plan, 0)).isEqualTo("Kept where it was agreed, 70 min after morning (08:00).");
  }

  @Test
  void planningAgainWithNothingNewChangesNothing() {
    lines.add(line("fingers", 5, PartOfDay.MORNING, new Daily(), Set.of()));
    lines.add(line("heavy", 15, PartOfDay.EVENING, new TimesAWeek(3), FLEXORS));
    block(1, "07:30", "11:00", false);
    WeekPlan first = plan();
    first.sessions().forEach(session -> agreed.put(session.key(), session.span().start()));
    WeekPlan again = plan();
    assertThat(again.sessions().stream().map(PlannedSession::span).toList())
        .isEqualTo(first.sessions().stream().map(PlannedSession::span).toList());
    assertThat(again.costs().get(0).moved()).isZero();
  }

  @Test
  void pinnedSessionsStayAndCount() {
    lines.add(line("heavy", 15, PartOfDay.EVENING, new TimesAWeek(2), FLEXORS));
    fixed.add(new Fixed(new SessionKey("heavy", MONDAY), span(0, "12:00", "12:15")));
    WeekPlan plan = plan();
    assertThat(times(plan, "heavy").get(0)).isEqualTo("MON 12:00");
    assertThat(times(plan, "heavy")).hasSize(2);
    assertThat(times(plan, "heavy").get(1)).isIn("THU 19:00", "FRI 19:00");
    assertThat(plan.sessions().get(0).fixed()).isTrue();
  }

  @Test
  void whatWasMissedIsNotOwedAgain() {
    now = MONDAY.plusDays(1).atTime(12, 0).atZone(ZONE).toInstant();
    lines.add(line("fingers", 5, PartOfDay.MORNING, new Daily(), Set.of()));
    lines.add(line("heavy", 15, PartOfDay.EVENING, new TimesAWeek(3), FLEXORS));
    missed.add(new SessionKey("fingers", MONDAY.plusDays(1)));
    WeekPlan plan = plan();
    assertThat(times(plan, "fingers"))
        .containsExactly("WED 08:00", "THU 08:00", "FRI 08:00", "SAT 08:00", "SUN 08:00");
    assertThat(times(plan, "heavy"))
        .as("three still have their days of rest")
        .containsExactly("TUE 19:00", "THU 19:00", "SAT 19:00");
    assertThat(plan.unmet()).isEmpty();
  }

  @Test
  void theRuleThatLeavesNoRoomIsNamed() {
    lines.add(line("fingers", 5, PartOfDay.MORNING, new Daily(), Set.of()));
    block(0, "07:00", "22:58", false);
    busy(1, "07:00", "23:00");
    limits = new Limits(1, 45);
    lines.add(line("rest", 20, PartOfDay.NOON, new Daily(), Set.of()));
    WeekPlan plan = plan();
    assertThat(plan.unmet())
        .extracting(unmet -> unmet.date().orElseThrow().getDayOfWeek(), WeekPlan.Unmet::hindrance)
        .contains(
            org.assertj.core.groups.Tuple.tuple(DayOfWeek.MONDAY, Optional.of(Hindrance.BLOCK)),
            org.assertj.core.groups.Tuple.tuple(DayOfWeek.TUESDAY, Optional.of(Hindrance.BUSY)),
            org.assertj.core.groups.Tuple.tuple(
                DayOfWeek.WEDNESDAY, Optional.of(Hindrance.DAY_IS_FULL)));
    assertThat(plan.unmet().get(0).sentence())
        .isEqualTo("No room for fingers on Monday: blocks and what belongs to them fill the day.");
  }

  @Test
  void aWeekOfPerformancesHasNoRoomForStrength() {
    lines.add(line("heavy", 15, PartOfDay.NOON, new TimesAWeek(2), FLEXORS));
    for (int day = 0; day < 7; day++) {
      block(day, "20:00", "21:00", true);
    }
    performanceAfter = true;
    WeekPlan plan = plan();
    assertThat(plan.sessions()).isEmpty();
    assertThat(plan.unmet()).hasSize(2);
    assertThat(plan.unmet().get(0).sentence())
        .isEqualTo(
            "No room for heavy this week: what tires keeps away from play, performances and"
                + " late hours.");
    assertThat(plan.unmet().get(0).date()).isEmpty();
  }

  @Test
  void aSessionAfterAnotherActivityNeedsThatActivity() {
    lines.add(
        line("care", 10, new AfterActivity("practice", "Practice"), new TimesAWeek(2), Set.of()));
    block(1, "10:00", "11:00", false);
    block(4, "17:00", "18:00", false);
    assertThat(times(plan(), "care")).containsExactly("TUE 11:00", "FRI 18:00");
  }

  @Test
  void aSessionKeepsItsPlaceOnTheClockWhenTheClockJumps() {
    lines.add(
        new Line(
            "night",
            "night",
            Purpose.RECOVERY,
            10,
            new AtClock(LocalTime.of(21, 0)),
            new Daily(),
            Set.of(),
            MONDAY.minusWeeks(2),
            MONDAY,
            false,
            Set.of()));
    LocalDate first = LocalDate.of(2026, 10, 19);
    List<PlanDay> days =
        first
            .datesUntil(first.plusWeeks(1))
            .map(
                date ->
                    PlanDay.of(
                        date,
                        ZONE,
                        LocalTime.of(7, 0),
                        LocalTime.of(23, 0),
                        List.of(),
                        List.of(),
                        List.of(),
                        Instant.EPOCH))
            .toList();
    WeekPlan plan =
        WeekPlanner.plan(
            new PlanRequest(
                days, false, lines, List.of(), Map.of(), Set.of(), Map.of(), Limits.USUAL));
    assertThat(times(plan, "night")).hasSize(7).allMatch(time -> time.endsWith("21:00"));
    assertThat(plan.sessions().get(6).span().start() - plan.sessions().get(5).span().start())
        .as("from Saturday to Sunday the clock goes back an hour")
        .isEqualTo(25 * 60);
  }

  @Test
  void whatCannotBePlannedExactlyIsNotPlanned() {
    for (int i = 0; i < 9; i++) {
      lines.add(line("line-" + i, 5, PartOfDay.NOON, new Daily(), Set.of()));
    }
    assertThatThrownBy(this::request)
        .hasMessage(
            "9 sessions a day, 0 of them not daily, are too many on 2026-11-02: at most 8 and 3");
    assertThatThrownBy(() -> new TimesAWeek(4)).hasMessageContaining("must be 1 to 3");
    assertThatThrownBy(() -> line("heavy", 5, PartOfDay.NOON, new Daily(), FLEXORS))
        .hasMessage(
            "heavy needs a day of rest between and cannot be daily; every second day is the most");
    assertThatThrownBy(() -> line("long", 61, PartOfDay.NOON, new Daily(), Set.of()))
        .hasMessage("long (61 min) must last 1 to 60 min");
  }

  /** Common practice, no source: a day of rest between two heavy sessions, Sunday to Monday too. */
  @Test
  void restsAlsoBeforeAMondayThatIsPinned() {
    lines.add(line("curls", 10, PartOfDay.MORNING, new EverySecondDay(), FLEXORS));
    fixed.add(new Fixed(new SessionKey("curls", MONDAY.plusWeeks(1)), span(7, "08:00", "08:10")));
    assertThat(times(plan(), "curls")).containsExactly("MON 08:00", "WED 08:00", "FRI 08:00");
  }

  @Test
  void restsFromALineThatEndedTheDayBefore() {
    Line over =
        new Line(
            "over",
            "over",
            Purpose.STRENGTH,
            10,
            PartOfDay.MORNING,
            new EverySecondDay(),
            Set.of(),
            MONDAY.minusWeeks(4),
            MONDAY.minusDays(1),
            true,
            FLEXORS);
    lines.add(over);
    lines.add(line("curls", 10, PartOfDay.MORNING, new EverySecondDay(), FLEXORS));
    lastBefore.put("over", MONDAY.minusDays(1));
    assertThat(times(plan(), "curls")).containsExactly("TUE 08:00", "THU 08:00", "SAT 08:00");
  }
}
