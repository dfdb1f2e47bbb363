package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;
import org.nimblet.core.routine.SelectionProblem.Variant;

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
    search.phase(0, List.of(), new ArrayList<>(), problem.budget(), 0, 0);
    return Optional.ofNullable(search.best);
  }

  /** Whether a whole choice has two exercises or more that each earlier one has not. */
  private boolean differs(Selection selection) {
    int[] fresh = new int[problem.earlier()];
    for (Composite composite : problem.chosen(selection)) {
      int counts = composite.fresh();
      for (int e = 0; e < fresh.length; e++) {
        fresh[e] += counts % 3;
        counts /= 3;
      }
    }
    return Arrays.stream(fresh).allMatch(count -> count >= SelectionProblem.DIFFERING);
  }

  private boolean keepsLimits(Selection selection) {
    int[] counted = new int[problem.limits().size()];
    for (Composite composite : problem.chosen(selection)) {
      int counts = composite.counted();
      for (int i = 0; i < counted.length; i++) {
        counted[i] += counts % 4;
        counts /= 4;
      }
    }
    for (int i = 0; i < counted.length; i++) {
      if (counted[i] > problem.limits().get(i)) {
        return false;
      }
    }
    return true;
  }

  private void phase(
      int p,
      List<Integer> variants,
      List<List<Integer>> chosen,
      int left,
      long value,
      int missing) {
    if (p == problem.phases().size()) {
      Selection found = new Selection(variants, chosen, value, missing);
      if (differs(found)
          && keepsLimits(found)
          && (best == null
              || missing < best.missing()
              || (missing == best.missing() && value > best.value()))) {
        best = found;
      }
      return;
    }
    List<Variant> own = problem.phases().get(p).variants();
    for (int v = 0; v < own.size(); v++) {
      Composite fixed = own.get(v).fixed();
      List<Integer> next = new ArrayList<>(variants);
      next.add(v);
      group(
          p,
          0,
          new ArrayList<>(),
          fixed.seconds(),
          fixed.floor(),
          next,
          chosen,
          left,
          value + fixed.value(),
          missing);
    }
  }

  private void group(
      int p,
      int g,
      List<Integer> picks,
      int seconds,
      boolean floor,
      List<Integer> variants,
      List<List<Integer>> chosen,
      int left,
      long value,
      int missing) {
    PhaseWindow window = problem.phases().get(p);
    List<Group> groups = window.variants().get(variants.get(p)).groups();
    if (g == groups.size()) {
      int total = seconds + (floor ? window.floorCharge() : 0);
      if (total <= window.greatest() && total <= left) {
        List<List<Integer>> next = new ArrayList<>(chosen);
        next.add(List.copyOf(picks));
        phase(
            p + 1,
            variants,
            next,
            left - total,
            value,
            missing + Math.max(0, window.least() - total));
      }
      return;
    }
    List<Composite> composites = groups.get(g).composites();
    for (int c = 0; c <= composites.size(); c++) {
      boolean nothing = c == composites.size();
      Composite composite = nothing ? Composite.NOTHING : composites.get(c);
      picks.add(nothing ? Selection.NOTHING : c);
      group(
          p,
          g + 1,
          picks,
          seconds + composite.seconds(),
          floor || composite.floor(),
          variants,
          chosen,
          left,
          value + composite.value(),
          missing);
      picks.remove(picks.size() - 1);
    }
  }
}
