package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * Solves a {@link SelectionProblem} exactly by dynamic programming over seconds.
 *
 * <p>Problem: among the choices that differ enough from every earlier one, first minimise the
 * seconds missing under the phases' least, then maximise the value; among equals, going through
 * phases and groups in order, take the earliest composite of each group that some optimum takes,
 * and take rather than leave.
 *
 * <p>Method: from the last group to the first, the best value of the rest of a phase for every
 * exact number of seconds, with and without floor work, and for every count of fresh exercises (0,
 * 1, 2 or more for each earlier choice); from the last phase to the first, the best value of the
 * rest of the routine for every number of seconds left and every such count. Then a walk forward
 * that keeps every state still able to reach the optimum and settles ties on the way. Exact. With k
 * earlier choices time is the sum over the groups of composites × greatest seconds of the phase ×
 * 3ᵏ, plus phases × budget × greatest × 9ᵏ; memory is groups × greatest seconds × 3ᵏ. Meant for
 * budgets up to half an hour and some hundred composites.
 */
final class ExactSelection {

  private static final long IMPOSSIBLE = Long.MIN_VALUE / 4;
  private static final int BASE = SelectionProblem.DIFFERING + 1;

  private final SelectionProblem problem;
  private final long missingCost;
  private final int counts;

  /** {@code [a][b]} is the count a and then b, each digit at most two. */
  private final int[][] plus;

  /** {@code [phase][group][floor · counts + count][seconds]}. */
  private final List<long[][][]> restOfPhase = new ArrayList<>();

  /** {@code [phase][count][seconds]}, floor charge and missing seconds included. */
  private final List<long[][]> phaseValues = new ArrayList<>();

  /** {@code [phase][count][seconds left]}. */
  private final long[][][] restOfRoutine;

  private ExactSelection(SelectionProblem problem) {
    this.problem = problem;
    long all = 1;
    for (PhaseWindow phase : problem.phases()) {
      for (Group group : phase.groups()) {
        all += group.composites().stream().mapToLong(Composite::value).max().orElse(0);
      }
    }
    this.missingCost = all;
    int size = 1;
    for (int i = 0; i < problem.earlier(); i++) {
      size *= BASE;
    }
    this.counts = size;
    this.plus = additions(size);
    this.restOfRoutine = new long[problem.phases().size() + 1][size][problem.budget() + 1];
  }

  /** The best choice; empty if none differs enough from the earlier ones. */
  static Optional<Selection> solve(SelectionProblem problem) {
    return new ExactSelection(problem).solve();
  }

  /** Sums with something impossible stay far below every real value. */
  private static boolean isPossible(long value) {
    return value > IMPOSSIBLE / 2;
  }

  private static int[][] additions(int size) {
    int[][] sums = new int[size][size];
    for (int a = 0; a < size; a++) {
      for (int b = 0; b < size; b++) {
        int sum = 0;
        for (int place = 1; place < size; place *= BASE) {
          sum += place * Math.min(BASE - 1, a / place % BASE + b / place % BASE);
        }
        sums[a][b] = sum;
      }
    }
    return sums;
  }

  private Optional<Selection> solve() {
    for (PhaseWindow phase : problem.phases()) {
      long[][][] rest = restOfPhase(phase);
      restOfPhase.add(rest);
      phaseValues.add(phaseValues(phase, rest[0]));
    }
    for (long[][] layer : restOfRoutine) {
      for (long[] values : layer) {
        Arrays.fill(values, IMPOSSIBLE);
      }
    }
    Arrays.fill(restOfRoutine[problem.phases().size()][0], 0);
    for (int p = problem.phases().size() - 1; p >= 0; p--) {
      fillRestOfRoutine(p);
    }
    return isPossible(restOfRoutine[0][counts - 1][problem.budget()])
        ? Optional.of(walk())
        : Optional.empty();
  }

  private long[][][] restOfPhase(PhaseWindow phase) {
    int groups = phase.groups().size();
    int most = phase.greatest();
    long[][][] best = new long[groups + 1][2 * counts][most + 1];
    for (long[] values : best[groups]) {
      Arrays.fill(values, IMPOSSIBLE);
    }
    best[groups][0][0] = 0;
    boolean[] reached = new boolean[2 * counts];
    reached[0] = true;
    for (int g = groups - 1; g >= 0; g--) {
      boolean[] before = reached.clone();
      for (int state = 0; state < 2 * counts; state++) {
        System.arraycopy(best[g + 1][state], 0, best[g][state], 0, most + 1);
      }
      for (Composite composite : phase.groups().get(g).composites()) {
        for (int state = 0; state < 2 * counts; state++) {
          if (!before[state]) {
            continue;
          }
          int next = after(state, composite);
          reached[next] = true;
          long[] from = best[g + 1][state];
          long[] to = best[g][next];
          long more = composite.value();
          int seconds = composite.seconds();
          for (int t = most; t >= seconds; t--) {
            long value = from[t - seconds] + more;
            if (value > to[t]) {
              to[t] = value;
            }
          }
        }
      }
    }
    return best;
  }

  private int after(int state, Composite composite) {
    int floor = composite.floor() ? 1 : state / counts;
    return floor * counts + plus[state % counts][composite.fresh()];
  }

  private long[][] phaseValues(PhaseWindow phase, long[][] rest) {
    long[][] values = new long[counts][phase.greatest() + 1];
    for (int count = 0; count < counts; count++) {
      for (int seconds = 0; seconds <= phase.greatest(); seconds++) {
        long without = rest[count][seconds];
        int work = seconds - phase.floorCharge();
        long with = work < 0 ? IMPOSSIBLE : rest[counts + count][work];
        long best = Math.max(without, with);
        values[count][seconds] =
            isPossible(best)
                ? best - missingCost * Math.max(0, phase.least() - seconds)
                : IMPOSSIBLE;
      }
    }
    return values;
  }

  private void fillRestOfRoutine(int p) {
    int most = problem.phases().get(p).greatest();
    for (int own = 0; own < counts; own++) {
      long[] values = phaseValues.get(p)[own];
      for (int later = 0; later < counts; later++) {
        long[] rest = restOfRoutine[p + 1][later];
        long[] to = restOfRoutine[p][plus[own][later]];
        for (int seconds = 0; seconds <= Math.min(most, problem.budget()); seconds++) {
          long value = values[seconds];
          if (!isPossible(value)) {
            continue;
          }
          for (int left = seconds; left <= problem.budget(); left++) {
            long sum = value + rest[left - seconds];
            if (sum > to[left]) {
              to[left] = sum;
            }
          }
        }
      }
    }
  }

  /**
   * A state on the way forward.
   *
   * @param leftAfter seconds left after this phase
   * @param countAfter fresh exercises still to come after this phase
   * @param work seconds still to fill in this phase
   * @param state floor and fresh exercises still to come in this phase
   */
  private record Ahead(int leftAfter, int countAfter, int work, int state) {}

  /** Seconds left and fresh exercises still to come, at the start of a phase. */
  private record Opening(int left, int count) {}

  private Selection walk() {
    List<List<Integer>> chosen = new ArrayList<>();
    List<Opening> openings = List.of(new Opening(problem.budget(), counts - 1));
    long value = 0;
    for (int p = 0; p < problem.phases().size(); p++) {
      List<Ahead> states = begin(p, openings);
      List<Integer> picks = new ArrayList<>();
      PhaseWindow phase = problem.phases().get(p);
      for (int g = 0; g < phase.groups().size(); g++) {
        List<Composite> composites = phase.groups().get(g).composites();
        int pick = Selection.NOTHING;
        List<Ahead> next = List.of();
        for (int c = 0; c < composites.size() && next.isEmpty(); c++) {
          next = after(states, g, composites.get(c), restOfPhase.get(p));
          pick = next.isEmpty() ? pick : c;
        }
        if (next.isEmpty()) {
          next = after(states, g, new Composite(0, 0, false), restOfPhase.get(p));
        } else {
          value += composites.get(pick).value();
        }
        picks.add(pick);
        states = next;
      }
      chosen.add(picks);
      openings =
          states.stream().map(s -> new Opening(s.leftAfter(), s.countAfter())).distinct().toList();
    }
    long missing = (value - restOfRoutine[0][counts - 1][problem.budget()]) / missingCost;
    return new Selection(chosen, value, Math.toIntExact(missing));
  }

  /** The states at the start of a phase from which the optimum is reached. */
  private List<Ahead> begin(int p, List<Opening> openings) {
    List<Ahead> states = new ArrayList<>();
    PhaseWindow phase = problem.phases().get(p);
    for (Opening opening : openings) {
      long wanted = restOfRoutine[p][opening.count()][opening.left()];
      for (int seconds = 0; seconds <= Math.min(opening.left(), phase.greatest()); seconds++) {
        for (int own = 0; own < counts; own++) {
          long value = phaseValues.get(p)[own][seconds];
          if (!isPossible(value)) {
            continue;
          }
          for (int later = 0; later < counts; later++) {
            long rest = restOfRoutine[p + 1][later][opening.left() - seconds];
            if (plus[own][later] == opening.count() && isPossible(rest) && value + rest == wanted) {
              addStates(states, p, own, later, seconds, opening.left() - seconds);
            }
          }
        }
      }
    }
    return states;
  }

  private void addStates(
      List<Ahead> states, int p, int own, int later, int seconds, int leftAfter) {
    PhaseWindow phase = problem.phases().get(p);
    long wanted =
        phaseValues.get(p)[own][seconds] + missingCost * Math.max(0, phase.least() - seconds);
    long[][] rest = restOfPhase.get(p)[0];
    if (rest[own][seconds] == wanted) {
      states.add(new Ahead(leftAfter, later, seconds, own));
    }
    int work = seconds - phase.floorCharge();
    if (work >= 0 && rest[counts + own][work] == wanted) {
      states.add(new Ahead(leftAfter, later, work, counts + own));
    }
  }

  private List<Ahead> after(
      List<Ahead> states, int g, Composite composite, long[][][] restOfPhase) {
    List<Ahead> next = new ArrayList<>();
    for (Ahead ahead : states) {
      long wanted = restOfPhase[g][ahead.state()][ahead.work()];
      int work = ahead.work() - composite.seconds();
      if (work < 0) {
        continue;
      }
      for (int state = 0; state < 2 * counts; state++) {
        long rest = restOfPhase[g + 1][state][work];
        if (after(state, composite) == ahead.state()
            && isPossible(rest)
            && rest + composite.value() == wanted) {
          next.add(new Ahead(ahead.leftAfter(), ahead.countAfter(), work, state));
        }
      }
    }
    return next.stream().distinct().toList();
  }
}
