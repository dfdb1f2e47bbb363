package org.nimblet.core.schedule;

import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.nimblet.core.schedule.WeekPlan.Cost;

/**
 * How good the weeks are that Timefold Solver finds in a given time, beside the planner's, which
 * are proved to be the best.
 */
public final class TimefoldComparison {

  private static final int WEEKS = 20;
  private static final int WARM_UPS = 40;
  private static final List<Integer> LINES = List.of(3, 6);
  private static final List<Long> MILLIS = List.of(10L, 100L, 1_000L);

  private TimefoldComparison() {}

  /** One table. */
  public static String report() {
    StringBuilder text = new StringBuilder();
    text.append("Weeks of the planner (proved best) beside Timefold Solver 1.32, ")
        .append(WEEKS)
        .append(" weeks each\n")
        .append("lines  Timefold's time  planner's time  equal  same unmet  broken rule  better\n");
    for (int lines : LINES) {
      List<PlanRequest> requests = new ArrayList<>();
      for (long seed = 0; seed < WEEKS; seed++) {
        requests.add(new WeekGenerator(seed).whole(1, lines));
      }
      for (int i = 0; i < WARM_UPS; i++) {
        requests.forEach(WeekPlanner::plan);
      }
      long began = System.nanoTime();
      List<Cost> best = requests.stream().map(r -> WeekPlanner.plan(r).costs().get(0)).toList();
      double each = (System.nanoTime() - began) / 1e6 / WEEKS;
      for (long millis : MILLIS) {
        text.append(row(lines, millis, each, requests, best));
      }
    }
    return text.toString();
  }

  private static String row(
      int lines, long millis, double each, List<PlanRequest> requests, List<Cost> best) {
    int equal = 0;
    int sameUnmet = 0;
    int broken = 0;
    int better = 0;
    SolverFactory<TimefoldWeek> factory =
        SolverFactory.create(
            new SolverConfig()
                .withSolutionClass(TimefoldWeek.class)
                .withEntityClasses(TimefoldWeek.SessionEntity.class)
                .withEasyScoreCalculatorClass(TimefoldWeek.Counting.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(1L)
                .withTerminationConfig(
                    new TerminationConfig().withSpentLimit(Duration.ofMillis(millis))));
    for (int i = 0; i < requests.size(); i++) {
      TimefoldWeek week = new TimefoldWeek(requests.get(i));
      if (week.getSessions().isEmpty()) {
        equal++;
        sameUnmet++;
        continue;
      }
      Optional<Cost> found = factory.buildSolver().solve(week).cost();
      Cost proved = best.get(i);
      broken += found.isEmpty() ? 1 : 0;
      equal += found.filter(proved::equals).isPresent() ? 1 : 0;
      sameUnmet += found.filter(cost -> cost.unmet() == proved.unmet()).isPresent() ? 1 : 0;
      better += found.filter(cost -> packed(cost) < packed(proved)).isPresent() ? 1 : 0;
    }
    return String.format(
        Locale.ROOT,
        "%5d  %12d ms  %11.1f ms  %5d  %10d  %11d  %6d%n",
        lines,
        millis,
        each,
        equal,
        sameUnmet,
        broken,
        better);
  }

  private static long packed(Cost cost) {
    return cost.unmet() * Cost.ONE_UNMET
        + cost.soft() * Cost.ONE_SOFT
        + cost.moved() * Cost.ONE_MOVED
        + cost.anchor() * Cost.ONE_ANCHOR_MINUTE
        + cost.uneven();
  }

  /** Prints the table alone. */
  public static void main(String[] arguments) {
    System.out.println(report());
  }
}
