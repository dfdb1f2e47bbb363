package org.nimblet.core.routine;

import java.util.List;

/**
 * The choice behind a routine, stripped of the practice: from each group of each phase one
 * composite or none, within the phases' windows and the budget.
 *
 * @param budget seconds in all
 * @param phases in order
 */
record SelectionProblem(int budget, List<PhaseWindow> phases) {

  SelectionProblem {
    phases = List.copyOf(phases);
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
   * @param value what it is worth, in half points
   * @param floor whether it is done on the floor
   */
  record Composite(int seconds, long value, boolean floor) {}

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
