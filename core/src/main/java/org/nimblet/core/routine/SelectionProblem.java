package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;

/**
 * The choice behind a routine, stripped of the practice: from each group of each phase one
 * composite or none, within the phases' windows and the budget.
 *
 * @param budget seconds in all
 * @param earlier from how many earlier choices this one has to differ, 0–2
 * @param limits how many exercises of each of some sorts there may be in all
 * @param phases in order
 */
record SelectionProblem(int budget, int earlier, List<Integer> limits, List<PhaseWindow> phases) {

  /** A choice that differs has at least so many exercises that the earlier one has not. */
  static final int DIFFERING = 2;

  /** A composite holds fewer exercises than this; counts are written to this base. */
  static final int COUNT_BASE = 4;

  SelectionProblem {
    limits = List.copyOf(limits);
    phases = List.copyOf(phases);
  }

  /** A problem without limits. */
  SelectionProblem(int budget, int earlier, List<PhaseWindow> phases) {
    this(budget, earlier, List.of(), phases);
  }

  /** How many exercises of each limited sort a choice holds. */
  List<Integer> counted(Selection selection) {
    int[] counted = new int[limits.size()];
    for (int p = 0; p < phases.size(); p++) {
      for (int g = 0; g < phases.get(p).groups().size(); g++) {
        int pick = selection.chosen().get(p).get(g);
        if (pick != Selection.NOTHING) {
          Composite composite = phases.get(p).groups().get(g).composites().get(pick);
          for (int i = 0; i < counted.length; i++) {
            counted[i] += composite.countOf(i);
          }
        }
      }
    }
    List<Integer> all = new ArrayList<>();
    for (int count : counted) {
      all.add(count);
    }
    return all;
  }

  /**
   * One phase.
   *
   * @param least seconds it should get
   * @param greatest seconds it may get
   * @param floorCharge seconds it pays once if any composite is on the floor
   * @param groups in the order in which ties are settled
   */
  record PhaseWindow(int least, int greatest, int floorCharge, List<Group> groups) {
    PhaseWindow {
      groups = List.copyOf(groups);
    }
  }

  /**
   * Alternatives of which at most one is chosen.
   *
   * @param composites the one to prefer among equals first
   */
  record Group(List<Composite> composites) {
    Group {
      composites = List.copyOf(composites);
    }
  }

  /**
   * One alternative.
   *
   * @param seconds what it takes
   * @param value what it is worth
   * @param floor whether it is done on the floor
   * @param fresh for each earlier choice, how many of its exercises that one has not; as a number
   *     to base three, the first earlier choice as the last digit
   * @param counted for each limited sort, how many of its exercises are of it; as a number to base
   *     four, the first sort as the last digit
   */
  record Composite(int seconds, long value, boolean floor, int fresh, int counted) {

    /** An alternative where no earlier choice and no limit matters. */
    Composite(int seconds, long value, boolean floor) {
      this(seconds, value, floor, 0, 0);
    }

    /** How many of its exercises are of a limited sort. */
    int countOf(int sort) {
      int rest = counted;
      for (int i = 0; i < sort; i++) {
        rest /= COUNT_BASE;
      }
      return rest % COUNT_BASE;
    }
  }

  /**
   * The best choice.
   *
   * @param chosen for each phase and group the index of the composite, or {@link #NOTHING}
   * @param value sum of the values
   * @param missing by how many seconds the phases stay under their least, in all
   */
  record Selection(List<List<Integer>> chosen, long value, int missing) {
    /** Nothing of a group is chosen. */
    static final int NOTHING = -1;

    Selection {
      chosen = chosen.stream().map(List::copyOf).toList();
    }
  }
}
