package org.nimblet.core.routine;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.Stream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Variant;

/**
 * The same problem stated for Choco, a general constraint solver (choco-solver 5.0.0), on equal
 * terms: charged seconds, integer points, the same constraints, lexicographic in two runs.
 */
public final class ChocoSelection {

  private ChocoSelection() {}

  /**
   * What Choco found.
   *
   * @param missing seconds under the phases' least
   * @param value the value it reached; empty if it found none
   * @param proved whether it proved that nothing is better
   */
  public record Found(int missing, OptionalLong value, boolean proved) {}

  static Found solve(SelectionProblem problem, Duration limit) {
    Statement first = new Statement(problem);
    first.model.setObjective(Model.MINIMIZE, first.missing);
    Solution least = best(first, limit);
    if (least == null) {
      return new Found(-1, OptionalLong.empty(), false);
    }
    int missing = least.getIntVal(first.missing);
    boolean proved = !first.model.getSolver().isStopCriterionMet();
    Statement second = new Statement(problem);
    second.model.arithm(second.missing, "=", missing).post();
    second.model.setObjective(Model.MAXIMIZE, second.value);
    Solution most = best(second, limit);
    return most == null
        ? new Found(missing, OptionalLong.empty(), false)
        : new Found(
            missing,
            OptionalLong.of(most.getIntVal(second.value)),
            proved && !second.model.getSolver().isStopCriterionMet());
  }

  /** What is fixed in a variant and all that can be chosen in it, in the order of its variables. */
  private static Stream<Composite> all(Variant variant) {
    return Stream.concat(
        Stream.of(variant.fixed()),
        variant.groups().stream().flatMap(group -> group.composites().stream()));
  }

  private static Solution best(Statement statement, Duration limit) {
    statement.model.getSolver().limitTime(limit.toMillis());
    Solution solution = new Solution(statement.model);
    boolean any = false;
    while (statement.model.getSolver().solve()) {
      solution.record();
      any = true;
    }
    return any ? solution : null;
  }

  private static final class Statement {
    private final Model model = new Model();
    private final IntVar missing;
    private final IntVar value;

    Statement(SelectionProblem problem) {
      List<BoolVar> takes = new ArrayList<>();
      List<Integer> values = new ArrayList<>();
      List<IntVar> times = new ArrayList<>();
      List<IntVar> shortfalls = new ArrayList<>();
      for (PhaseWindow phase : problem.phases()) {
        times.add(phaseTime(phase, takes, values));
        IntVar shortfall = model.intVar(0, phase.least());
        model
            .max(
                shortfall,
                model.intVar(0),
                model.intView(-1, times.get(times.size() - 1), phase.least()))
            .post();
        shortfalls.add(shortfall);
      }
      model.sum(times.toArray(IntVar[]::new), "<=", problem.budget()).post();
      missing = model.intVar(0, problem.phases().stream().mapToInt(PhaseWindow::least).sum());
      model.sum(shortfalls.toArray(IntVar[]::new), "=", missing).post();
      int most = 0;
      for (PhaseWindow phase : problem.phases()) {
        for (Variant variant : phase.variants()) {
          most += Math.toIntExact(variant.fixed().value());
          for (Group group : variant.groups()) {
            most +=
                group.composites().stream()
                    .mapToInt(composite -> Math.toIntExact(composite.value()))
                    .max()
                    .orElse(0);
          }
        }
      }
      for (int i = 0; i < problem.limits().size(); i++) {
        int sort = i;
        int[] counted =
            problem.phases().stream()
                .flatMap(phase -> phase.variants().stream())
                .flatMap(ChocoSelection::all)
                .mapToInt(composite -> composite.countOf(sort))
                .toArray();
        if (counted.length > 0) {
          model
              .scalar(takes.toArray(BoolVar[]::new), counted, "<=", problem.limits().get(i))
              .post();
        }
      }
      value = model.intVar(0, most);
      model
          .scalar(
              takes.toArray(BoolVar[]::new),
              values.stream().mapToInt(Integer::intValue).toArray(),
              "=",
              value)
          .post();
    }

    private static void take(
        Composite composite,
        BoolVar take,
        List<BoolVar> takes,
        List<Integer> values,
        List<IntVar> parts,
        List<Integer> seconds,
        List<BoolVar> floors) {
      takes.add(take);
      values.add(Math.toIntExact(composite.value()));
      parts.add(take);
      seconds.add(composite.seconds());
      if (composite.floor()) {
        floors.add(take);
      }
    }

    private IntVar phaseTime(PhaseWindow phase, List<BoolVar> takes, List<Integer> values) {
      List<IntVar> parts = new ArrayList<>();
      List<Integer> seconds = new ArrayList<>();
      List<BoolVar> floors = new ArrayList<>();
      List<BoolVar> variants = new ArrayList<>();
      for (Variant variant : phase.variants()) {
        BoolVar taken = model.boolVar();
        variants.add(taken);
        take(variant.fixed(), taken, takes, values, parts, seconds, floors);
        for (Group group : variant.groups()) {
          List<BoolVar> own = new ArrayList<>();
          for (Composite composite : group.composites()) {
            BoolVar take = model.boolVar();
            own.add(take);
            take(composite, take, takes, values, parts, seconds, floors);
          }
          model.sum(own.toArray(BoolVar[]::new), "<=", taken).post();
        }
      }
      model.sum(variants.toArray(BoolVar[]::new), "=", 1).post();
      if (!floors.isEmpty()) {
        BoolVar floor = model.boolVar();
        model.addClausesBoolOrArrayEqVar(floors.toArray(BoolVar[]::new), floor);
        parts.add(floor);
        seconds.add(phase.floorCharge());
      }
      IntVar time = model.intVar(0, phase.greatest());
      model
          .scalar(
              parts.toArray(IntVar[]::new),
              seconds.stream().mapToInt(Integer::intValue).toArray(),
              "=",
              time)
          .post();
      return time;
    }
  }
}
