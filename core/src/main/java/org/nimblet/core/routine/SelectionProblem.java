package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The choice behind a routine, stripped of the practice: for each phase one of its variants, and
 * from each group of that one composite or none, within the phases' windows and the budget.
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
    List<Composite> chosen = chosen(selection);
    return IntStream.range(0, limits.size())
        .map(sort -> chosen.stream().mapToInt(composite -> composite.countOf(sort)).sum())
        .boxed()
        .toList();
  }

  /** What a selection holds, what is fixed in its variants included. */
  List<Composite> chosen(Selection selection) {
    List<Composite> chosen = new ArrayList<>();
    for (int p = 0; p < phases.size(); p++) {
      Variant variant = phases.get(p).variants().get(selection.variants().get(p));
      chosen.add(variant.fixed());
      for (int g = 0; g < variant.groups().size(); g++) {
        int pick = selection.chosen().get(p).get(g);
        if (pick != Selection.NOTHING) {
          chosen.add(variant.groups().get(g).composites().get(pick));
        }
      }
    }
    return chosen;
  }

  /**
   * One phase.
   *
   * @param least seconds it should get
   * @param greatest seconds it may get
   * @param floorCharge seconds it pays once if any composite is on the floor
   * @param variants the ways to fill it, of which one is taken: the one to prefer among equals
   *     first
   */
  record PhaseWindow(int least, int greatest, int floorCharge, List<Variant> variants) {
    PhaseWindow {
      variants = List.copyOf(variants);
    }

    /** A phase that is filled in one way only. */
    static PhaseWindow of(int least, int greatest, int floorCharge, List<Group> groups) {
      return new PhaseWindow(
          least, greatest, floorCharge, List.of(new Variant(Composite.NOTHING, groups)));
    }
  }

  /**
   * A way to fill a phase.
   *
   * @param fixed what it holds in any case
   * @param groups what is chosen from besides, in the order in which ties are settled
   */
  record Variant(Composite fixed, List<Group> groups) {
    Variant {
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

    /** Takes nothing and is worth nothing. */
    static final Composite NOTHING = new Composite(0, 0, false);

    /** An alternative where no earlier choice and no limit matters. */
    Composite(int seconds, long value, boolean floor) {
      this(seconds, value, floor, 0, 0);
    }

    /** Both together. */
    Composite and(Composite other) {
      return new Composite(
          seconds + other.seconds,
          value + other.value,
          floor || other.floor,
          freshTogether(fresh, other.fresh),
          counted + other.counted);
    }

    /** The same in another time. */
    Composite lasting(int other) {
      return new Composite(other, value, floor, fresh, counted);
    }

    /** More than enough of fresh exercises counts as enough. */
    static int freshTogether(int one, int other) {
      int base = DIFFERING + 1;
      int low = Math.min(DIFFERING, one % base + other % base);
      int high = Math.min(DIFFERING, one / base + other / base);
      return low + base * high;
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
   * @param variants for each phase the index of the variant
   * @param chosen for each phase and group of that variant the index of the composite, or {@link
   *     #NOTHING}
   * @param value sum of the values
   * @param missing by how many seconds the phases stay under their least, in all
   */
  record Selection(List<Integer> variants, List<List<Integer>> chosen, long value, int missing) {
    /** Nothing of a group is chosen. */
    static final int NOTHING = -1;

    Selection {
      variants = List.copyOf(variants);
      chosen = chosen.stream().map(List::copyOf).toList();
    }
  }
}
