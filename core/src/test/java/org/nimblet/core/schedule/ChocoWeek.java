package org.nimblet.core.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.nimblet.core.schedule.PlanDay.ActivityTime;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.Cost;

/**
 * One week stated for Choco 5.0.0, straight from the words of the model and without the planner's
 * own rules: five solves one after the other, each holding what the ones before it reached.
 */
final class ChocoWeek {

  private static final int NONE = 0;

  private final PlanRequest request;
  private final Duration limit;

  ChocoWeek(PlanRequest request, Duration limit) {
    this.request = request;
    this.limit = limit;
  }

  /** The proved optimum; empty if the time did not suffice to prove one of its parts. */
  Optional<Cost> solve() {
    List<Integer> reached = new ArrayList<>();
    for (int part = 0; part < 5; part++) {
      Statement statement = new Statement();
      IntVar[] parts = statement.parts();
      for (int earlier = 0; earlier < part; earlier++) {
        statement.model.arithm(parts[earlier], "=", reached.get(earlier)).post();
      }
      statement.model.setObjective(Model.MINIMIZE, parts[part]);
      var solver = statement.model.getSolver();
      solver.limitTime(limit.toMillis());
      solver.setSearch(Search.domOverWDegSearch(statement.decisions()));
      Solution best = new Solution(statement.model, parts);
      boolean any = false;
      while (solver.solve()) {
        best.record();
        any = true;
      }
      if (!any || solver.isStopCriterionMet()) {
        return Optional.empty();
      }
      reached.add(best.getIntVal(parts[part]));
    }
    return Optional.of(
        new Cost(reached.get(0), reached.get(1), reached.get(2), reached.get(3), reached.get(4)));
  }

  private final class Statement {
    private final Model model = new Model();
    private final Map<SessionKey, IntVar> starts = new HashMap<>();
    private final Map<SessionKey, List<Long>> domains = new HashMap<>();
    private final Map<SessionKey, BoolVar> present = new HashMap<>();
    private final List<IntVar> unmet = new ArrayList<>();
    private final List<IntVar> soft = new ArrayList<>();
    private final List<IntVar> moved = new ArrayList<>();
    private final List<IntVar> anchor = new ArrayList<>();
    private final List<IntVar> uneven = new ArrayList<>();

    Statement() {
      for (Line line : request.lines()) {
        for (int d = 0; d < 7; d++) {
          declare(line, d);
        }
      }
      for (int d = 0; d < 7; d++) {
        dayLimits(d);
      }
      restDays();
      request.lines().stream().filter(line -> !daily(line)).forEach(this::spacing);
    }

    IntVar[] decisions() {
      return starts.values().toArray(IntVar[]::new);
    }

    IntVar[] parts() {
      return new IntVar[] {
        sum("unmet", unmet),
        sum("soft", soft),
        sum("moved", moved),
        sum("anchor", anchor),
        sum("uneven", uneven)
      };
    }

    private IntVar sum(String name, List<IntVar> all) {
      if (all.isEmpty()) {
        return model.intVar(name, 0);
      }
      int most = all.stream().mapToInt(IntVar::getUB).sum();
      IntVar total = model.intVar(name, 0, Math.max(0, most));
      model.sum(all.toArray(IntVar[]::new), "=", total).post();
      return total;
    }

    private void declare(Line line, int d) {
      PlanDay day = request.days().get(d);
      SessionKey key = new SessionKey(line.id(), day.date());
      if (fixed(key).isPresent()) {
        present.put(key, model.boolVar(true));
        return;
      }
      boolean over = day.awake().end() <= day.now();
      if (over || !line.mayBeOn(day.date()) || request.missed().contains(key)) {
        return;
      }
      long at = day.minuteOf(line.anchor()).orElseThrow();
      Long agreed = request.agreed().get(key);
      List<Long> domain = new ArrayList<>(day.slots());
      if (agreed != null && !domain.contains(agreed)) {
        domain.add(agreed);
      }
      domain.removeIf(start -> !may(line, d, start, at));
      domains.put(key, domain);
      IntVar start = model.intVar(key.toString(), 0, domain.size());
      starts.put(key, start);
      BoolVar there = model.arithm(start, "!=", NONE).reify();
      present.put(key, there);
      if (daily(line)) {
        unmet.add(there.not());
      }
      soft.add(table(start, domain, s -> softOf(line, day, s, at), 0));
      anchor.add(table(start, domain, s -> (int) Math.abs(s - at), 0));
      if (agreed != null) {
        moved.add(table(start, domain, s -> s.equals(agreed) ? 0 : 1, 1));
      }
    }

    private IntVar table(
        IntVar start, List<Long> domain, ToIntFunction<Long> cost, int costOfNone) {
      int most = Math.max(costOfNone, domain.stream().mapToInt(cost).max().orElse(0));
      IntVar found = model.intVar(0, most);
      Tuples tuples = new Tuples(true);
      tuples.add(NONE, costOfNone);
      for (int i = 0; i < domain.size(); i++) {
        tuples.add(i + 1, cost.applyAsInt(domain.get(i)));
      }
      model.table(start, found, tuples).post();
      return found;
    }

    private void dayLimits(int d) {
      LocalDate date = request.days().get(d).date();
      List<BoolVar> count = new ArrayList<>();
      List<Integer> lengths = new ArrayList<>();
      List<Line> lines =
          request.lines().stream()
              .filter(line -> starts.containsKey(new SessionKey(line.id(), date)))
              .toList();
      List<Fixed> done = request.fixed().stream().filter(f -> f.key().date().equals(date)).toList();
      for (Line line : lines) {
        count.add(present.get(new SessionKey(line.id(), date)));
        lengths.add(line.minutes());
      }
      int minutes = (int) done.stream().mapToLong(f -> f.span().end() - f.span().start()).sum();
      if (lines.isEmpty()) {
        return;
      }
      BoolVar[] all = count.toArray(BoolVar[]::new);
      model.sum(all, "<=", Math.max(0, request.limits().sessions() - done.size())).post();
      model
          .scalar(
              all,
              lengths.stream().mapToInt(Integer::intValue).toArray(),
              "<=",
              Math.max(0, request.limits().minutes() - minutes))
          .post();
      for (int a = 0; a < lines.size(); a++) {
        for (int b = a + 1; b < lines.size(); b++) {
          apart(lines.get(a), lines.get(b), date);
        }
      }
    }

    /** Two sessions of a day: 45 minutes between the end of one and the start of the other. */
    private void apart(Line a, Line b, LocalDate date) {
      SessionKey keyA = new SessionKey(a.id(), date);
      SessionKey keyB = new SessionKey(b.id(), date);
      Tuples tuples = new Tuples(true);
      List<Long> ofA = domains.get(keyA);
      List<Long> ofB = domains.get(keyB);
      for (int i = 0; i <= ofA.size(); i++) {
        for (int j = 0; j <= ofB.size(); j++) {
          boolean free = i == NONE || j == NONE;
          if (free
              || ofA.get(i - 1) + occupied(a) + 45 <= ofB.get(j - 1)
              || ofB.get(j - 1) + occupied(b) + 45 <= ofA.get(i - 1)) {
            tuples.add(i, j);
          }
        }
      }
      model.table(starts.get(keyA), starts.get(keyB), tuples).post();
    }

    private void restDays() {
      for (Line a : request.lines()) {
        for (Line b : request.lines()) {
          boolean shared = a.restDay().stream().anyMatch(b.restDay()::contains);
          if (!shared) {
            continue;
          }
          for (int d = 0; d < 7; d++) {
            LocalDate date = request.days().get(d).date();
            IntVar own = starts.get(new SessionKey(a.id(), date));
            if (own == null) {
              continue;
            }
            LocalDate before = request.lastBefore().get(b.id());
            if (d == 0 && date.minusDays(1).equals(before)) {
              model.arithm(own, "=", NONE).post();
            }
            for (int other = Math.max(0, d - 1); other <= Math.min(6, d + 1); other++) {
              SessionKey key = new SessionKey(b.id(), request.days().get(other).date());
              boolean same = a.id().equals(b.id()) && other == d;
              if (!same && present.containsKey(key)) {
                model
                    .sum(
                        new BoolVar[] {present.get(new SessionKey(a.id(), date)), present.get(key)},
                        "<=",
                        1)
                    .post();
              }
            }
          }
        }
      }
    }

    private void spacing(Line line) {
      LocalDate monday = request.days().get(0).date();
      LocalDate before = request.lastBefore().get(line.id());
      int tail = before == null ? -99 : (int) ChronoUnit.DAYS.between(monday, before);
      int wanted = wanted(line, tail);
      List<Integer> days = new ArrayList<>();
      for (int d = 0; d < 7; d++) {
        if (present.containsKey(new SessionKey(line.id(), monday.plusDays(d)))) {
          days.add(d);
        }
      }
      BoolVar[] all =
          days.stream()
              .map(d -> present.get(new SessionKey(line.id(), monday.plusDays(d))))
              .toArray(BoolVar[]::new);
      int done =
          (int) request.fixed().stream().filter(f -> f.key().lineId().equals(line.id())).count();
      IntVar placed = model.intVar(0, 7);
      if (all.length == 0) {
        unmet.add(model.intVar(wanted));
        return;
      }
      model.sum(all, "=", placed).post();
      model.arithm(placed, "<=", Math.max(wanted, done)).post();
      IntVar missing = model.intVar(0, 7);
      model.max(missing, model.intVar(0), model.offset(model.neg(placed), wanted)).post();
      unmet.add(missing);
      if (tail >= -7) {
        for (int to = 0; to < all.length; to++) {
          pair(wanted, days.get(to) - tail, -1, to, all);
        }
      }
      for (int from = 0; from < all.length; from++) {
        for (int to = from + 1; to < all.length; to++) {
          pair(wanted, days.get(to) - days.get(from), from, to, all);
        }
      }
    }

    /** Two sessions with none between them cost |n·gap − 7|. */
    private void pair(int wanted, int gap, int from, int to, BoolVar[] all) {
      List<BoolVar> needed = new ArrayList<>();
      if (from >= 0) {
        needed.add(all[from]);
      }
      needed.add(all[to]);
      for (int between = from + 1; between < to; between++) {
        needed.add(all[between].not());
      }
      BoolVar both = model.and(needed.toArray(BoolVar[]::new)).reify();
      uneven.add(model.mul(both, Math.abs(wanted * gap - 7)));
    }
  }

  private static boolean daily(Line line) {
    return line.often() instanceof Line.Daily;
  }

  private static int occupied(Line line) {
    return (line.minutes() + 4) / 5 * 5;
  }

  private Optional<Fixed> fixed(SessionKey key) {
    return request.fixed().stream().filter(f -> f.key().equals(key)).findFirst();
  }

  private int wanted(Line line, int tail) {
    long possible = request.days().stream().filter(day -> line.mayBeOn(day.date())).count();
    if (line.often() instanceof Line.TimesAWeek times) {
      return (int) Math.min(times.times(), possible);
    }
    int count = 0;
    int previous = tail >= -7 ? tail : -2;
    for (int d = 0; d < 7; d++) {
      if (d >= previous + 2 && line.mayBeOn(request.days().get(d).date())) {
        count++;
        previous = d;
      }
    }
    return count;
  }

  private boolean may(Line line, int d, long start, long anchor) {
    PlanDay day = request.days().get(d);
    long end = start + occupied(line);
    boolean awake = start >= day.now() && start >= day.awake().start() && end <= day.awake().end();
    boolean clear =
        day.blocks().stream().noneMatch(b -> meets(b.span(), start, end))
            && day.busy().stream().noneMatch(b -> meets(b, start, end))
            && day.attached().stream().noneMatch(b -> meets(b, start, end));
    for (Fixed fixed : request.fixed()) {
      clear &=
          !fixed.key().date().equals(day.date())
              || end + 45 <= fixed.span().start()
              || fixed.span().end() + 45 <= start;
    }
    if (!line.restDay().isEmpty()) {
      boolean performance =
          d < 6
              ? request.days().get(d + 1).blocks().stream().anyMatch(ActivityTime::performance)
              : request.performanceAfter();
      clear &= !performance && Math.abs(start - anchor) <= 120;
    }
    for (ActivityTime block : day.blocks()) {
      boolean away = end + 60 <= block.span().start() || start >= block.span().end() + 20;
      boolean behind = start >= block.span().end();
      clear &= !line.tires() || away;
      clear &= !(line.anchor() instanceof Anchor.AfterPlay) || behind || block.span().start() < end;
    }
    return awake && clear;
  }

  private static boolean meets(Span other, long start, long end) {
    return start < other.end() && other.start() < end;
  }

  private static int softOf(Line line, PlanDay day, long start, long anchor) {
    int broken = Math.abs(start - anchor) > 90 ? 1 : 0;
    if (!line.restDay().isEmpty()) {
      long end = start + occupied(line);
      long ten = day.date().atTime(22, 0).atZone(day.zone()).toInstant().getEpochSecond() / 60;
      broken += end > ten || end > day.awake().end() - 60 ? 1 : 0;
      long playing = day.blocks().stream().mapToLong(b -> b.span().end() - b.span().start()).sum();
      broken += playing > 240 ? 1 : 0;
    }
    return broken;
  }
}
