package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * Tries every choice there is, in the order of preference, and keeps the first of the best: the
 * plainest reading of the statement, to check the fast one against.
 */
final class BruteForceSelection {

  private final SelectionProblem problem;
  private Selection best;

  private BruteForceSelection(SelectionProblem problem) {
    this.problem = problem;
  }

  static Optional<Selection> solve(SelectionProblem problem) {
    BruteForceSelection search = new BruteForceSelection(problem);
    search.phase(0, new ArrayList<>(), problem.budget(), 0, 0);
    return Optional.ofNullable(search.best);
  }

  /** Whether a whole choice has two exercises or more that each earlier one has not. */
  private boolean differs(List<List<Integer>> chosen) {
    int[] fresh = new int[problem.earlier()];
    for (int p = 0; p < chosen.size(); p++) {
      for (int g = 0; g < chosen.get(p).size(); g++) {
        int pick = chosen.get(p).get(g);
        if (pick != Selection.NOTHING) {
          int counts = problem.phases().get(p).groups().get(g).composites().get(pick).fresh();
          for (int e = 0; e < fresh.length; e++) {
            fresh[e] += counts % 3;
            counts /= 3;
          }
        }
      }
    }
    return Arrays.stream(fresh).allMatch(count -> count >= SelectionProblem.DIFFERING);
  }

  private boolean keepsLimits(List<List<Integer>> chosen) {
    int[] counted = new int[problem.limits().size()];
    for (int p = 0; p < chosen.size(); p++) {
      for (int g = 0; g < chosen.get(p).size(); g++) {
        int pick = chosen.get(p).get(g);
        int counts =
            pick == Selection.NOTHING
                ? 0
                : problem.phases().get(p).groups().get(g).composites().get(pick).counted();
        for (int i = 0; i < counted.length; i++) {
          counted[i] += counts % 4;
          counts /= 4;
        }
      }
    }
    for (int i = 0; i < counted.length; i++) {
      if (counted[i] > problem.limits().get(i)) {
        return false;
      }
    }
    return true;
  }

  private void phase(int p, List<List<Integer>> chosen, int left, long value, int missing) {
    if (p == problem.phases().size()) {
      if (differs(chosen)
          && keepsLimits(chosen)
          && (best == null
              || missing < best.missing()
              || (missing == best.missing() && value > best.value()))) {
        best = new Selection(chosen, value, missing);
      }
      return;
    }
    group(p, 0, new ArrayList<>(), 0, false, chosen, left, value, missing);
  }

  private void group(
      int p,
      int g,
      List<Integer> picks,
      int seconds,
      boolean floor,
      List<List<Integer>> chosen,
      int left,
      long value,
      int missing) {
    PhaseWindow window = problem.phases().get(p);
    if (g == window.groups().size()) {
      int total = seconds + (floor ? window.floorCharge() : 0);
      if (total <= window.greatest() && total <= left) {
        List<List<Integer>> next = new ArrayList<>(chosen);
        next.add(List.copyOf(picks));
        phase(p + 1, next, left - total, value, missing + Math.max(0, window.least() - total));
      }
      return;
    }
    List<Composite> composites = window.groups().get(g).composites();
    for (int c = 0; c <= composites.size(); c++) {
      boolean nothing = c == composites.size();
      Composite composite = nothing ? new Composite(0, 0, false) : composites.get(c);
      picks.add(nothing ? Selection.NOTHING : c);
      group(
          p,
          g + 1,
          picks,
          seconds + composite.seconds(),
          floor || composite.floor(),
          chosen,
          left,
          value + composite.value(),
          missing);
      picks.remove(picks.size() - 1);
    }
  }
}
