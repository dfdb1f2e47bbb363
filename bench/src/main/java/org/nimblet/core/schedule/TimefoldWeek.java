package org.nimblet.core.schedule;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.Cost;

/**
 * One week stated for Timefold Solver 1.32: every session that may be is an entity, whose start is
 * one of those that its own day allows, or none. Rules between sessions are hard, the planner's
 * cost is soft.
 */
@PlanningSolution
public final class TimefoldWeek {

  private static final int DAYS = 7;

  private PlanRequest request;
  private List<SessionEntity> sessions;
  private HardSoftLongScore score;

  /** For the solver. */
  public TimefoldWeek() {}

  TimefoldWeek(PlanRequest request) {
    this.request = request;
    this.sessions = new ArrayList<>();
    for (Line line : request.lines()) {
      for (int d = 0; d < DAYS; d++) {
        declare(line, d);
      }
    }
  }

  private void declare(Line line, int d) {
    PlanDay day = request.days().get(d);
    SessionKey key = new SessionKey(line.id(), day.date());
    boolean fixed = request.fixed().stream().anyMatch(f -> f.key().equals(key));
    if (fixed || !day.isNotOver() || !line.mayBeOn(day.date()) || request.missed().contains(key)) {
      return;
    }
    long anchor = day.minuteOf(line.anchor()).orElseThrow();
    boolean performanceTomorrow =
        d < DAYS - 1 ? request.days().get(d + 1).hasPerformance() : request.performanceAfter();
    List<Long> starts = new ArrayList<>(day.slots());
    Long agreed = request.agreed().get(key);
    if (agreed != null && !starts.contains(agreed)) {
      starts.add(agreed);
    }
    starts.removeIf(
        start ->
            !WeekRules.inTime(line, day, start)
                || !WeekRules.against(line, day, performanceTomorrow, start, anchor).isEmpty()
                || request.fixed().stream()
                    .filter(f -> f.key().date().equals(day.date()))
                    .anyMatch(f -> near(f.span(), WeekRules.at(line, start))));
    sessions.add(new SessionEntity(key.toString(), line, d, anchor, agreed, starts));
  }

  private static boolean near(Span a, Span b) {
    return a.widened(WeekRules.BETWEEN_SESSIONS, WeekRules.BETWEEN_SESSIONS).overlaps(b);
  }

  /** The sessions that may be. */
  @PlanningEntityCollectionProperty
  public List<SessionEntity> getSessions() {
    return sessions;
  }

  /** For the solver. */
  public void setSessions(List<SessionEntity> sessions) {
    this.sessions = sessions;
  }

  /** What the solver thinks of it. */
  @PlanningScore
  public HardSoftLongScore getScore() {
    return score;
  }

  /** For the solver. */
  public void setScore(HardSoftLongScore score) {
    this.score = score;
  }

  /** What it costs as the planner counts; empty if it breaks a rule. */
  Optional<Cost> cost() {
    return score.hardScore() < 0 ? Optional.empty() : Optional.of(Cost.unpack(-score.softScore()));
  }

  /** A session that may be. */
  @PlanningEntity
  public static final class SessionEntity {
    @PlanningId private String id;
    private Line line;
    private int day;
    private long anchor;
    private Long agreed;
    private List<Long> starts;

    @PlanningVariable(allowsUnassigned = true)
    private Long start;

    /** For the solver. */
    public SessionEntity() {}

    SessionEntity(String id, Line line, int day, long anchor, Long agreed, List<Long> starts) {
      this.id = id;
      this.line = line;
      this.day = day;
      this.anchor = anchor;
      this.agreed = agreed;
      this.starts = starts;
    }

    /** The starts that its day allows. */
    @ValueRangeProvider
    public List<Long> getStarts() {
      return starts;
    }

    private Span span() {
      return WeekRules.at(line, start);
    }
  }

  /** Counts broken rules and the planner's cost from the words of the model. */
  public static final class Counting
      implements EasyScoreCalculator<TimefoldWeek, HardSoftLongScore> {

    @Override
    public HardSoftLongScore calculateScore(TimefoldWeek week) {
      long hard = 0;
      long cost = 0;
      PlanRequest request = week.request;
      for (SessionEntity a : week.sessions) {
        boolean daily = a.line.often() instanceof Line.Daily;
        if (a.start == null) {
          cost += daily ? Cost.ONE_UNMET : 0;
          cost += a.agreed != null ? Cost.ONE_MOVED : 0;
          continue;
        }
        PlanDay day = request.days().get(a.day);
        cost += WeekRules.soft(a.line, day, a.start, a.anchor) * Cost.ONE_SOFT;
        cost += Math.abs(a.start - a.anchor) * Cost.ONE_ANCHOR_MINUTE;
        cost += a.agreed != null && !a.agreed.equals(a.start) ? Cost.ONE_MOVED : 0;
        for (SessionEntity b : week.sessions) {
          if (b.start != null && b.id.compareTo(a.id) > 0) {
            hard += b.day == a.day && near(a.span(), b.span()) ? 1 : 0;
            hard += Math.abs(b.day - a.day) <= 1 && shareRest(a.line, b.line) ? 1 : 0;
          }
        }
        hard += againstFixed(request, a);
      }
      for (int d = 0; d < DAYS; d++) {
        hard += overTheDay(week, d);
      }
      for (Line line : request.lines()) {
        if (!(line.often() instanceof Line.Daily)) {
          long[] found = spacing(week, line);
          hard += found[0];
          cost += found[1];
        }
      }
      return HardSoftLongScore.of(-hard, -cost);
    }

    private static boolean shareRest(Line a, Line b) {
      return a.restDay().stream().anyMatch(b.restDay()::contains);
    }

    private static long againstFixed(PlanRequest request, SessionEntity a) {
      long broken = 0;
      LocalDate date = request.days().get(a.day).date();
      for (Line other : request.lines()) {
        if (!shareRest(a.line, other)) {
          continue;
        }
        LocalDate before = request.lastBefore().get(other.id());
        broken += a.day == 0 && date.minusDays(1).equals(before) ? 1 : 0;
        for (Fixed fixed : request.fixed()) {
          boolean its = fixed.key().lineId().equals(other.id());
          broken += its && Math.abs(ChronoUnit.DAYS.between(fixed.key().date(), date)) <= 1 ? 1 : 0;
        }
      }
      return broken;
    }

    private static long overTheDay(TimefoldWeek week, int d) {
      LocalDate date = week.request.days().get(d).date();
      int count = 0;
      long minutes = 0;
      for (Fixed fixed : week.request.fixed()) {
        if (fixed.key().date().equals(date)) {
          count++;
          minutes += fixed.span().minutes();
        }
      }
      int allowedCount = Math.max(0, week.request.limits().sessions() - count);
      long allowedMinutes = Math.max(0, week.request.limits().minutes() - minutes);
      for (SessionEntity session : week.sessions) {
        if (session.day == d && session.start != null) {
          allowedCount--;
          allowedMinutes -= session.line.minutes();
        }
      }
      return Math.max(0, -allowedCount) + Math.max(0, -allowedMinutes);
    }

    /** Broken rules, then what it costs that sessions are missing or not evenly spread. */
    private static long[] spacing(TimefoldWeek week, Line line) {
      PlanRequest request = week.request;
      LocalDate monday = request.days().get(0).date();
      LocalDate before = request.lastBefore().get(line.id());
      int tail = before == null ? -99 : (int) ChronoUnit.DAYS.between(monday, before);
      int wanted = wanted(request, line, tail);
      Map<Integer, Boolean> days = new TreeMap<>();
      int done = 0;
      for (Fixed fixed : request.fixed()) {
        if (fixed.key().lineId().equals(line.id())) {
          days.put((int) ChronoUnit.DAYS.between(monday, fixed.key().date()), true);
          done++;
        }
      }
      for (SessionEntity session : week.sessions) {
        if (session.line.id().equals(line.id()) && session.start != null) {
          days.put(session.day, true);
        }
      }
      long cost = Math.max(0, wanted - days.size()) * Cost.ONE_UNMET;
      int previous = tail >= -DAYS ? tail : -99;
      for (int day : days.keySet()) {
        if (previous >= -DAYS) {
          cost += Math.abs(wanted * (day - previous) - DAYS) * Cost.ONE_UNEVEN;
        }
        previous = day;
      }
      return new long[] {Math.max(0, days.size() - Math.max(wanted, done)), cost};
    }

    private static int wanted(PlanRequest request, Line line, int tail) {
      long possible = request.days().stream().filter(day -> line.mayBeOn(day.date())).count();
      if (line.often() instanceof Line.TimesAWeek times) {
        return (int) Math.min(times.times(), possible);
      }
      int count = 0;
      int previous = tail >= -DAYS ? tail : -2;
      for (int d = 0; d < DAYS; d++) {
        if (d >= previous + 2 && line.mayBeOn(request.days().get(d).date())) {
          count++;
          previous = d;
        }
      }
      return count;
    }
  }
}
