package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Variant;

/** Selection problems drawn from a seed. */
public final class SelectionGenerator {

  private final RandomGenerator random;

  /** The same seed gives the same problems. */
  public SelectionGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  /**
   * A problem with few distinct values, so that ties are common.
   *
   * @param phases how many phases
   * @param groups at most so many groups a phase
   * @param composites at most so many composites a group
   * @param greatestValue values are 1 to this
   */
  SelectionProblem problem(int phases, int groups, int composites, int greatestValue) {
    return problem(phases, groups, composites, greatestValue, 0);
  }

  /** The same, with a choice that differs from so many earlier ones. */
  SelectionProblem problem(int phases, int groups, int composites, int greatestValue, int earlier) {
    return problem(phases, groups, composites, greatestValue, earlier, List.of());
  }

  /** The same, with some sorts of which there may be only so many. */
  SelectionProblem problem(
      int phases,
      int groups,
      int composites,
      int greatestValue,
      int earlier,
      List<Integer> limits) {
    int sorts = limits.size() == 0 ? 1 : limits.size() == 1 ? 4 : 16;
    int counts = earlier == 0 ? 1 : earlier == 1 ? 3 : 9;
    int budget = between(20, 60);
    List<PhaseWindow> windows = new ArrayList<>();
    for (int p = 0; p < phases; p++) {
      List<Group> own = new ArrayList<>();
      for (int g = between(1, groups); g > 0; g--) {
        own.add(group(composites, greatestValue, counts, sorts));
      }
      List<Variant> variants = new ArrayList<>(List.of(new Variant(Composite.NOTHING, own)));
      if (p == 0 && random.nextInt(2) == 0) {
        Group other = group(composites, greatestValue, counts, sorts);
        List<Group> changed = new ArrayList<>(own);
        changed.set(0, other);
        variants.add(new Variant(other.composites().get(0), changed));
      }
      int least = between(0, budget / phases);
      windows.add(new PhaseWindow(least, between(least, budget), between(0, 8), variants));
    }
    return new SelectionProblem(budget, earlier, limits, windows);
  }

  private Group group(int composites, int greatestValue, int counts, int sorts) {
    Map<List<Object>, Composite> distinct = new LinkedHashMap<>();
    for (int c = between(1, composites); c > 0; c--) {
      Composite composite =
          new Composite(
              between(3, 25),
              between(1, greatestValue),
              random.nextInt(5) == 0,
              random.nextInt(counts),
              sorts == 1 ? 0 : random.nextInt(sorts));
      distinct.putIfAbsent(
          List.of(composite.seconds(), composite.floor(), composite.fresh(), composite.counted()),
          composite);
    }
    return new Group(List.copyOf(distinct.values()));
  }

  private int between(int least, int greatest) {
    return random.nextInt(least, greatest + 1);
  }
}
