package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * Solves a {@link SelectionProblem} exactly by dynamic programming over seconds.
 *
 * <p>Problem: first minimise the seconds missing under the phases' least, then maximise the value;
 * among equals, going through phases and groups in order, take the earliest composite of each group
 * that some optimum takes, and take rather than leave.
 *
 * <p>Method: from the last group to the first, the best value of the rest of a phase for every
 * exact number of seconds, with and without floor work; from the last phase to the first, the best
 * value of the rest of the routine for every number of seconds left. Then a walk forward that keeps
 * every state still able to reach the optimum and settles ties on the way. Exact. Time is the sum
 * over the groups of composites × greatest seconds of the phase, plus phases × budget × greatest;
 * memory is groups × greatest seconds. Meant for budgets up to half an hour and some hundred
 * composites.
 */
final class ExactSelection {

  private static final long IMPOSSIBLE = Long.MIN_VALUE / 4;

  private final SelectionProblem problem;
  private final long missingCost;

  private ExactSelection(SelectionProblem problem) {
    this.problem = problem;
    long all = 1;
    for (PhaseWindow phase : problem.phases()) {
      for (Group group : phase.groups()) {
        all += group.composites().stream().mapToLong(Composite::value).max().orElse(0);
      }
    }
    this.missingCost = all;
  }

  static Selection solve(SelectionProblem problem) {
    return new ExactSelection(problem).solve();
  }

  private Selection solve() {
    int phaseCount = problem.phases().size();
    List<long[][][]> restOfPhase = new ArrayList<>();
    for (PhaseWindow phase : problem.phases()) {
      restOfPhase.add(restOfPhase(phase));
    }
    long[][] restOfRoutine = new long[phaseCount + 1][problem.budget() + 1];
    for (int p = phaseCount - 1; p >= 0; p--) {
      for (int left = 0; left <= problem.budget(); left++) {
        restOfRoutine[p][left] = best(p, left, restOfPhase.get(p), restOfRoutine[p + 1]);
      }
    }
    return walk(restOfPhase, restOfRoutine);
  }

  /**
   * {@code [group][floor still to come][seconds]} → best value of this group and those after it.
   */
  private static long[][][] restOfPhase(PhaseWindow phase) {
    int groups = phase.groups().size();
    int most = phase.greatest();
    long[][][] best = new long[groups + 1][2][most + 1];
    for (long[][] layer : best) {
      Arrays.fill(layer[0], IMPOSSIBLE);
      Arrays.fill(layer[1], IMPOSSIBLE);
    }
    best[groups][0][0] = 0;
    for (int g = groups - 1; g >= 0; g--) {
      for (int floor = 0; floor < 2; floor++) {
        System.arraycopy(best[g + 1][floor], 0, best[g][floor], 0, most + 1);
      }
      for (Composite composite : phase.groups().get(g).composites()) {
        for (int floor = 0; floor < 2; floor++) {
          long[] from = best[g + 1][floor];
          long[] to = best[g][composite.floor() ? 1 : floor];
          for (int t = composite.seconds(); t <= most; t++) {
            long value = from[t - composite.seconds()];
            if (value > IMPOSSIBLE && value + composite.value() > to[t]) {
              to[t] = value + composite.value();
            }
          }
        }
      }
    }
    return best;
  }

  /** The value of phase {@code p} lasting exactly {@code seconds}, floor charge included. */
  private long phaseValue(int p, int floor, int seconds, long[][][] restOfPhase) {
    PhaseWindow phase = problem.phases().get(p);
    int work = floor == 0 ? seconds : seconds - phase.floorCharge();
    if (work < 0 || restOfPhase[0][floor][work] <= IMPOSSIBLE) {
      return IMPOSSIBLE;
    }
    return restOfPhase[0][floor][work] - missingCost * Math.max(0, phase.least() - seconds);
  }

  private long best(int p, int left, long[][][] restOfPhase, long[] after) {
    long best = IMPOSSIBLE;
    int most = Math.min(left, problem.phases().get(p).greatest());
    for (int seconds = 0; seconds <= most; seconds++) {
      for (int floor = 0; floor < 2; floor++) {
        long value = phaseValue(p, floor, seconds, restOfPhase);
        if (value > IMPOSSIBLE && value + after[left - seconds] > best) {
          best = value + after[left - seconds];
        }
      }
    }
    return best;
  }

  /**
   * A state on the way forward: seconds left after this phase, work still to fill, floor to come.
   */
  private record State(int leftAfter, int work, int floor) {}

  private Selection walk(List<long[][][]> restOfPhase, long[][] restOfRoutine) {
    List<List<Integer>> chosen = new ArrayList<>();
    List<Integer> lefts = List.of(problem.budget());
    long value = 0;
    for (int p = 0; p < problem.phases().size(); p++) {
      List<State> states = openings(p, lefts, restOfPhase.get(p), restOfRoutine);
      List<Integer> picks = new ArrayList<>();
      PhaseWindow phase = problem.phases().get(p);
      for (int g = 0; g < phase.groups().size(); g++) {
        List<Composite> composites = phase.groups().get(g).composites();
        int pick = Selection.NOTHING;
        List<State> next = List.of();
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
      lefts = states.stream().map(State::leftAfter).distinct().toList();
    }
    long missing = (value - restOfRoutine[0][problem.budget()]) / missingCost;
    return new Selection(chosen, value, Math.toIntExact(missing));
  }

  /** The states at the start of a phase from which the optimum is reached. */
  private List<State> openings(
      int p, List<Integer> lefts, long[][][] restOfPhase, long[][] restOfRoutine) {
    List<State> states = new ArrayList<>();
    PhaseWindow phase = problem.phases().get(p);
    for (int left : lefts) {
      for (int seconds = 0; seconds <= Math.min(left, phase.greatest()); seconds++) {
        for (int floor = 0; floor < 2; floor++) {
          long value = phaseValue(p, floor, seconds, restOfPhase);
          if (value > IMPOSSIBLE
              && value + restOfRoutine[p + 1][left - seconds] == restOfRoutine[p][left]) {
            states.add(
                new State(
                    left - seconds, floor == 0 ? seconds : seconds - phase.floorCharge(), floor));
          }
        }
      }
    }
    return states;
  }

  private static List<State> after(
      List<State> states, int g, Composite composite, long[][][] restOfPhase) {
    List<State> next = new ArrayList<>();
    for (State state : states) {
      long wanted = restOfPhase[g][state.floor()][state.work()];
      int work = state.work() - composite.seconds();
      if (work < 0 || (composite.floor() && state.floor() == 0)) {
        continue;
      }
      int leastFloor = composite.floor() ? 0 : state.floor();
      for (int floor = leastFloor; floor <= state.floor(); floor++) {
        long rest = restOfPhase[g + 1][floor][work];
        if (rest > IMPOSSIBLE && rest + composite.value() == wanted) {
          next.add(new State(state.leftAfter(), work, floor));
        }
      }
    }
    return next.stream().distinct().toList();
  }
}
