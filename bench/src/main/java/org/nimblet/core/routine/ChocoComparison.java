package org.nimblet.core.routine;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * Our exact selection beside Choco's on the same problems: ratios only where Choco proved its
 * optimum, otherwise its value after the time limit.
 */
public final class ChocoComparison {

  private static final int SEEDS = 30;
  private static final int REPEATS = 200;
  private static final Duration LIMIT = Duration.ofSeconds(30);

  private ChocoComparison() {}

  /** Runs the comparison and gives its report. */
  public static String report() {
    StringBuilder report = new StringBuilder();
    List<Double> ratios = new ArrayList<>();
    for (int seed = 0; seed < SEEDS; seed++) {
      SelectionProblem problem = new SelectionGenerator(9000 + seed).problem(4, 5, 5, 900);
      long ours = ourNanos(problem);
      long started = System.nanoTime();
      ChocoSelection.Found choco = ChocoSelection.solve(problem, LIMIT);
      long theirs = System.nanoTime() - started;
      if (choco.proved()) {
        if (choco.value().orElseThrow() != ExactSelection.solve(problem).orElseThrow().value()) {
          throw new IllegalStateException("seed " + seed + ": the optima differ");
        }
        ratios.add((double) theirs / ours);
      }
    }
    ratios.sort(null);
    report.append(
        String.format(
            Locale.ROOT,
            "small random cases where Choco proved its optimum: %d of %d, same value on each;"
                + " Choco takes %.0f times as long (median; %.0f to %.0f)%n",
            ratios.size(),
            SEEDS,
            ratios.get(ratios.size() / 2),
            ratios.get(0),
            ratios.get(ratios.size() - 1)));
    SelectionProblem real = BenchCase.of(Purpose.WARM_UP, 10).problem();
    Selection exact = ExactSelection.solve(real).orElseThrow();
    ChocoSelection.Found found = ChocoSelection.solve(real, LIMIT);
    report.append(
        String.format(
            Locale.ROOT,
            "warm-up of 10 min: ours %d half points in %.2f ms, proved; Choco after %d s: %s half"
                + " points, %s%n",
            exact.value(),
            ourNanos(real) / 1e6,
            LIMIT.toSeconds(),
            found.value().isPresent() ? found.value().getAsLong() : "none",
            found.proved() ? "proved" : "not proved"));
    return report.toString();
  }

  /** Nanoseconds for one solution, the median of many after as many to warm up. */
  private static long ourNanos(SelectionProblem problem) {
    List<Long> times = new ArrayList<>();
    for (int i = 0; i < 2 * REPEATS; i++) {
      long started = System.nanoTime();
      Selection selection = ExactSelection.solve(problem).orElseThrow();
      long took = System.nanoTime() - started;
      if (selection.value() >= 0 && i >= REPEATS) {
        times.add(took);
      }
    }
    times.sort(null);
    return times.get(times.size() / 2);
  }
}
