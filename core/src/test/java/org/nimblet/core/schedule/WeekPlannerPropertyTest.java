package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;

/** What holds of every plan, on whole weeks with every start there is. */
class WeekPlannerPropertyTest {

  private static final int WEEKS = 3;

  static LongStream seeds() {
    return LongStream.range(1000, 1060);
  }

  private static PlanRequest request(long seed) {
    return new WeekGenerator(seed).whole(WEEKS, 1 + (int) (seed % 6));
  }

  private static Line line(PlanRequest request, PlannedSession session) {
    return request.lines().stream()
        .filter(line -> line.id().equals(session.key().lineId()))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void nothingOverlapsAndNoCapIsBroken(long seed) {
    PlanRequest request = request(seed);
    WeekPlan plan = WeekPlanner.plan(request);
    for (PlanDay day : request.days()) {
      List<PlannedSession> ofDay =
          plan.sessions().stream().filter(s -> s.key().date().equals(day.date())).toList();
      List<PlannedSession> free = ofDay.stream().filter(s -> !s.fixed()).toList();
      for (PlannedSession session : free) {
        assertThat(session.span().start()).isGreaterThanOrEqualTo(day.now());
        assertThat(day.blocks()).noneMatch(b -> b.span().overlaps(session.span()));
        assertThat(day.busy()).noneMatch(session.span()::overlaps);
        assertThat(day.attached()).noneMatch(session.span()::overlaps);
        for (PlannedSession other : ofDay) {
          if (!other.key().equals(session.key())) {
            assertThat(other.span().widened(45, 45).overlaps(session.span())).isFalse();
          }
        }
      }
      if (!free.isEmpty()) {
        assertThat(ofDay).hasSizeLessThanOrEqualTo(request.limits().sessions());
        assertThat(ofDay.stream().mapToLong(s -> s.span().minutes()).sum())
            .isLessThanOrEqualTo(request.limits().minutes());
      }
    }
  }

  /** 48 hours from one date to the next but one: never on the same or on adjacent dates. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aTissueThatNeedsADayOfRestHasIt(long seed) {
    PlanRequest request = request(seed);
    WeekPlan plan = WeekPlanner.plan(request);
    for (PlannedSession session : plan.sessions()) {
      Line line = line(request, session);
      if (session.fixed() || line.restDay().isEmpty()) {
        continue;
      }
      LocalDate date = session.key().date();
      for (PlannedSession other : plan.sessions()) {
        boolean shares = line.sharesTissueWith(line(request, other));
        if (!other.key().equals(session.key()) && shares) {
          assertThat(other.key().date()).isNotIn(date.minusDays(1), date, date.plusDays(1));
        }
      }
      for (Map.Entry<String, LocalDate> tail : request.lastBefore().entrySet()) {
        Line before =
            request.lines().stream()
                .filter(l -> l.id().equals(tail.getKey()))
                .findFirst()
                .orElseThrow();
        if (line.sharesTissueWith(before)) {
          assertThat(tail.getValue()).isBefore(date.minusDays(1));
        }
      }
      PlanDay day =
          request.days().stream().filter(d -> d.date().equals(date)).findFirst().orElseThrow();
      assertThat(day.blocks()).noneMatch(b -> b.span().widened(60, 20).overlaps(session.span()));
      assertThat(request.days())
          .noneMatch(d -> d.date().equals(date.plusDays(1)) && d.hasPerformance());
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void isTheSameEachTimeAndStaysOnceItIsAgreed(long seed) {
    PlanRequest request = request(seed);
    WeekPlan plan = WeekPlanner.plan(request);
    assertThat(WeekPlanner.plan(request)).isEqualTo(plan);
    for (Fixed fixed : request.fixed()) {
      assertThat(plan.sessions())
          .anyMatch(s -> s.fixed() && s.key().equals(fixed.key()) && s.span().equals(fixed.span()));
    }
    Map<SessionKey, Long> agreed = new HashMap<>();
    plan.sessions().stream()
        .filter(session -> !session.fixed())
        .forEach(session -> agreed.put(session.key(), session.span().start()));
    WeekPlan again =
        WeekPlanner.plan(
            new PlanRequest(
                request.days(),
                request.performanceAfter(),
                request.lines(),
                request.fixed(),
                agreed,
                request.missed(),
                request.lastBefore(),
                request.limits()));
    assertThat(again.sessions().stream().map(PlannedSession::key).toList())
        .containsExactlyElementsOf(plan.sessions().stream().map(PlannedSession::key).toList());
    assertThat(again.sessions().stream().map(PlannedSession::span).toList())
        .containsExactlyElementsOf(plan.sessions().stream().map(PlannedSession::span).toList());
  }

  /** Every wanted session is in the plan or named as unmet with a rule or several. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsNotPlacedIsNamed(long seed) {
    PlanRequest request = request(seed);
    WeekPlan plan = WeekPlanner.plan(request);
    assertThat(plan.unmet()).hasSize(plan.costs().stream().mapToInt(WeekPlan.Cost::unmet).sum());
    assertThat(plan.unmet()).allMatch(unmet -> unmet.sentence().startsWith("No room for line-"));
  }
}
