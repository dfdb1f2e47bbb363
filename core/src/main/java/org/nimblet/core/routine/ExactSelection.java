package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.Group;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;
import org.nimblet.core.routine.SelectionProblem.Variant;

/**
 * Solves a {@link SelectionProblem} exactly by dynamic programming over seconds.
 *
 * <p>Problem: among the choices that differ enough from every earlier one, first minimise the
 * seconds missing under the phases' least, then maximise the value; among equals, going through
 * phases and groups in order, take the earliest variant of each phase and the earliest composite of
 * each group that some optimum takes, and take rather than leave.
 *
 * <p>Method: from the last group to the first, the best value of the rest of a phase for every
 * exact number of seconds, with and without floor work, and for every count of fresh exercises (0,
 * 1, 2 or more for each earlier choice) and of each limited sort; from the last phase to the first,
 * the best value of the rest of the routine for every number of seconds left and every such count.
 * Then a walk forward that keeps every state still able to reach the optimum and settles ties on
 * the way. Exact. A limit is counted only where the choice without it breaks it: an optimum of
 * fewer conditions that keeps them all is the optimum of all, ties included. With k earlier choices
 * and no limit time is the sum over the groups of composites × greatest seconds of the phase × 3ᵏ,
 * plus phases × budget × greatest × 9ᵏ; memory is groups × greatest seconds × 3ᵏ. Meant for budgets
 * up to half an hour and some hundred composites.
 */
final class ExactSelection {

  private static final long IMPOSSIBLE = Long.MIN_VALUE / 4;

  /** The same within a phase, whose values are narrower. */
  private static final int NEVER = Integer.MIN_VALUE / 2;

  private static final int BASE = SelectionProblem.DIFFERING + 1;
  private static final int TOO_MANY = -1;

  private final SelectionProblem problem;
  private final Memory memory;
  private final List<Integer> limited;
  private final long missingCost;
  private final int counts;

  /** {@code [a][b]} is the count a and then b; {@link #TOO_MANY} where that breaks a limit. */
  private final int[][] plus;

  /** {@code [phase][variant][group][floor · counts + count][seconds]}. */
  private final List<List<int[][][]>> restOfPhase = new ArrayList<>();

  /** {@code [phase][count][seconds]}, floor charge and missing seconds included. */
  private final List<long[][]> phaseValues = new ArrayList<>();

  /** {@code [phase][count][seconds left]}. */
  private final long[][][] restOfRoutine;

  /** Whether a count has enough fresh exercises for each earlier choice. */
  private final boolean[] differs;

  private ExactSelection(SelectionProblem problem, Memory memory) {
    this.problem = problem;
    this.memory = memory;
    this.limited = List.copyOf(memory.limited);
    long all = 1;
    for (PhaseWindow phase : problem.phases()) {
      all += phase.variants().stream().mapToLong(ExactSelection::most).max().orElse(0);
    }
    if (all >= -NEVER / 2) {
      throw new IllegalArgumentException(
          "values of a choice (%d) must add up to less than %d".formatted(all, -NEVER / 2));
    }
    this.missingCost = all;
    int size = 1;
    for (int base : bases()) {
      size *= base;
    }
    this.counts = size;
    this.plus = additions(size);
    this.differs = differing(size);
    this.restOfRoutine = new long[problem.phases().size() + 1][size][problem.budget() + 1];
  }

  private static long most(Variant variant) {
    long most = variant.fixed().value();
    for (Group group : variant.groups()) {
      most += group.composites().stream().mapToLong(Composite::value).max().orElse(0);
    }
    return most;
  }

  /**
   * What was worked out for problems that have whole phases in common: the rest of each phase, and
   * which limits mattered.
   */
  static final class Memory {
    private final SortedSet<Integer> limited = new TreeSet<>();
    private final IdentityHashMap<List<Variant>, Map<RestKey, List<int[][][]>>> rests =
        new IdentityHashMap<>();

    private List<int[][][]> rest(
        PhaseWindow phase, List<Integer> counted, Function<PhaseWindow, List<int[][][]>> work) {
      return rests
          .computeIfAbsent(phase.variants(), variants -> new HashMap<>())
          .computeIfAbsent(new RestKey(phase.greatest(), counted), key -> work.apply(phase));
    }
  }

  private record RestKey(int greatest, List<Integer> limited) {}

  /** The best choice; empty if none differs enough from the earlier ones. */
  static Optional<Selection> solve(SelectionProblem problem) {
    return solve(problem, new Memory());
  }

  /**
   * The best choice; empty if none differs enough from the earlier ones.
   *
   * @param memory of problems that differ from as many earlier choices
   */
  static Optional<Selection> solve(SelectionProblem problem, Memory memory) {
    while (true) {
      Optional<Selection> best = new ExactSelection(problem, memory).solve();
      if (best.isEmpty()) {
        return best;
      }
      List<Integer> counted = problem.counted(best.get());
      boolean kept = true;
      for (int i = 0; i < counted.size(); i++) {
        if (counted.get(i) > problem.limits().get(i)) {
          memory.limited.add(i);
          kept = false;
        }
      }
      if (kept) {
        return best;
      }
    }
  }

  /** The digits of a count: one for each earlier choice, then one for each limit that matters. */
  private List<Integer> bases() {
    List<Integer> bases = new ArrayList<>();
    for (int i = 0; i < problem.earlier(); i++) {
      bases.add(BASE);
    }
    limited.forEach(sort -> bases.add(problem.limits().get(sort) + 1));
    return bases;
  }

  /** Sums with something impossible stay far below every real value. */
  private static boolean isPossible(long value) {
    return value > IMPOSSIBLE / 2;
  }

  private static boolean isOfPhase(int value) {
    return value > NEVER / 2;
  }

  private int[][] additions(int size) {
    int[][] sums = new int[size][size];
    for (int a = 0; a < size; a++) {
      for (int b = 0; b < size; b++) {
        sums[a][b] = sum(a, b);
      }
    }
    return sums;
  }

  private int sum(int a, int b) {
    List<Integer> bases = bases();
    int sum = 0;
    int place = 1;
    for (int i = 0; i < bases.size(); i++) {
      int base = bases.get(i);
      int digits = a / place % base + b / place % base;
      if (digits >= base) {
        if (i >= problem.earlier()) {
          return TOO_MANY;
        }
        digits = base - 1;
      }
      sum += place * digits;
      place *= base;
    }
    return sum;
  }

  private boolean[] differing(int size) {
    int places = 1;
    for (int i = 0; i < problem.earlier(); i++) {
      places *= BASE;
    }
    boolean[] enough = new boolean[size];
    for (int count = 0; count < size; count++) {
      enough[count] = count % places == places - 1;
    }
    return enough;
  }

  /** A composite as a count; {@link #TOO_MANY} if it breaks a limit by itself. */
  private int countOf(Composite composite) {
    int place = 1;
    for (int i = 0; i < problem.earlier(); i++) {
      place *= BASE;
    }
    int count = composite.fresh();
    for (int i = 0; i < limited.size(); i++) {
      int sort = limited.get(i);
      int most = problem.limits().get(sort);
      int own = composite.countOf(sort);
      if (own > most) {
        return TOO_MANY;
      }
      count += place * own;
      place *= most + 1;
    }
    return count;
  }

  private Optional<Selection> solve() {
    for (PhaseWindow phase : problem.phases()) {
      List<int[][][]> rest = memory.rest(phase, limits(), this::restsOfPhase);
      restOfPhase.add(rest);
      phaseValues.add(phaseValues(phase, rest));
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
    long best = IMPOSSIBLE;
    for (int count = 0; count < counts; count++) {
      if (differs[count]) {
        best = Math.max(best, restOfRoutine[0][count][problem.budget()]);
      }
    }
    return isPossible(best) ? Optional.of(walk(best)) : Optional.empty();
  }

  private List<int[][][]> restsOfPhase(PhaseWindow phase) {
    return phase.variants().stream().map(variant -> restOfPhase(phase, variant)).toList();
  }

  /** What is counted, and to how many: the place of each limit and then the limit itself. */
  private List<Integer> limits() {
    return limited.stream().flatMap(sort -> Stream.of(sort, problem.limits().get(sort))).toList();
  }

  private int[][][] restOfPhase(PhaseWindow phase, Variant variant) {
    int groups = variant.groups().size();
    int most = phase.greatest();
    int[] never = new int[most + 1];
    Arrays.fill(never, NEVER);
    int[] later = new int[most + 1];
    // What a group does not change is the same array before and after it.
    int[][][] best = new int[groups + 1][2 * counts][];
    Arrays.fill(best[groups], never);
    Composite fixed = variant.fixed();
    int begun = after(0, fixed, countOf(fixed));
    if (begun != TOO_MANY && fixed.seconds() <= most) {
      best[groups][begun] = never.clone();
      best[groups][begun][fixed.seconds()] = (int) fixed.value();
    }
    for (int g = groups - 1; g >= 0; g--) {
      int[][] before = best[g + 1];
      int[][] with = before.clone();
      for (Composite composite : variant.groups().get(g).composites()) {
        int own = countOf(composite);
        for (int state = 0; state < 2 * counts; state++) {
          int next = before[state] == never ? TOO_MANY : after(state, composite, own);
          if (next == TOO_MANY || composite.seconds() > most) {
            continue;
          }
          if (with[next] == before[next]) {
            with[next] = before[next].clone();
          }
          System.arraycopy(
              before[state], 0, later, composite.seconds(), most + 1 - composite.seconds());
          raise(with[next], later, composite.seconds(), (int) composite.value());
        }
      }
      best[g] = with;
    }
    return best;
  }

  /**
   * For each second from some second on the greater of what is there and so much more than another.
   * Without a comparison, at the same place in both, and as far as it goes rather than as far as it
   * matters, it is done for many seconds at a time. What is impossible stays so: all values add up
   * to less than would make it possible.
   */
  private static void raise(int[] to, int[] other, int from, int more) {
    for (int t = from; t < to.length; t++) {
      int gain = other[t] + more - to[t];
      to[t] += gain & ~(gain >> 31);
    }
  }

  private int after(int state, Composite composite, int own) {
    int count = own == TOO_MANY ? TOO_MANY : plus[state % counts][own];
    int floor = composite.floor() ? 1 : state / counts;
    return count == TOO_MANY ? TOO_MANY : floor * counts + count;
  }

  private long[][] phaseValues(PhaseWindow phase, List<int[][][]> variants) {
    long[][] values = new long[counts][phase.greatest() + 1];
    for (int count = 0; count < counts; count++) {
      for (int seconds = 0; seconds <= phase.greatest(); seconds++) {
        int work = seconds - phase.floorCharge();
        int best = NEVER;
        for (int[][][] rest : variants) {
          best = Math.max(best, rest[0][count][seconds]);
          best = work < 0 ? best : Math.max(best, rest[0][counts + count][work]);
        }
        values[count][seconds] =
            isOfPhase(best)
                ? best - missingCost * Math.max(0, phase.least() - seconds)
                : IMPOSSIBLE;
      }
    }
    return values;
  }

  private void fillRestOfRoutine(int p) {
    int most = problem.phases().get(p).greatest();
    // What comes before cannot spend more than this.
    int leastLeft =
        problem.budget()
            - Math.min(
                problem.budget(),
                problem.phases().stream().limit(p).mapToInt(PhaseWindow::greatest).sum());
    // What comes later cannot use more than this, so with more left it is worth the same.
    int reachAfter = problem.phases().stream().skip(p + 1L).mapToInt(PhaseWindow::greatest).sum();
    for (int own = 0; own < counts; own++) {
      long[] values = phaseValues.get(p)[own];
      if (!isReached(values)) {
        continue;
      }
      for (int later = 0; later < counts; later++) {
        if (plus[own][later] == TOO_MANY || !isReached(restOfRoutine[p + 1][later])) {
          continue;
        }
        long[] rest = restOfRoutine[p + 1][later];
        long[] to = restOfRoutine[p][plus[own][later]];
        long inLess = IMPOSSIBLE / 2;
        for (int seconds = 0; seconds <= Math.min(most, problem.budget()); seconds++) {
          long value = values[seconds];
          // With more seconds left the rest is never worth less.
          if (value <= inLess) {
            continue;
          }
          inLess = value;
          int last = Math.min(problem.budget(), seconds + reachAfter);
          for (int left = Math.min(last, Math.max(seconds, leastLeft)); left <= last; left++) {
            long sum = value + rest[left - seconds];
            if (sum > to[left]) {
              to[left] = sum;
            }
          }
        }
      }
    }
    for (long[] values : restOfRoutine[p]) {
      carryOn(values);
    }
  }

  private static void carryOn(long[] values) {
    for (int left = 1; left < values.length; left++) {
      values[left] = Math.max(values[left], values[left - 1]);
    }
  }

  private static boolean isReached(long[] values) {
    for (long value : values) {
      if (isPossible(value)) {
        return true;
      }
    }
    return false;
  }

  /**
   * A state on the way forward.
   *
   * @param variant of this phase
   * @param leftAfter seconds left after this phase
   * @param countAfter fresh exercises still to come after this phase
   * @param work seconds still to fill in this phase
   * @param state floor and fresh exercises still to come in this phase
   */
  private record Ahead(int variant, int leftAfter, int countAfter, int work, int state) {}

  /** Seconds left and fresh exercises still to come, at the start of a phase. */
  private record Opening(int left, int count) {}

  private Selection walk(long best) {
    List<Integer> variants = new ArrayList<>();
    List<List<Integer>> chosen = new ArrayList<>();
    List<Opening> openings = new ArrayList<>();
    for (int count = 0; count < counts; count++) {
      if (differs[count] && restOfRoutine[0][count][problem.budget()] == best) {
        openings.add(new Opening(problem.budget(), count));
      }
    }
    long value = 0;
    for (int p = 0; p < problem.phases().size(); p++) {
      List<Ahead> begun = begin(p, openings);
      int first = begun.stream().mapToInt(Ahead::variant).min().orElseThrow();
      List<Ahead> states = begun.stream().filter(ahead -> ahead.variant() == first).toList();
      Variant variant = problem.phases().get(p).variants().get(first);
      int[][][] rest = restOfPhase.get(p).get(first);
      variants.add(first);
      value += variant.fixed().value();
      List<Integer> picks = new ArrayList<>();
      for (int g = 0; g < variant.groups().size(); g++) {
        List<Composite> composites = variant.groups().get(g).composites();
        int pick = Selection.NOTHING;
        List<Ahead> next = List.of();
        for (int c = 0; c < composites.size() && next.isEmpty(); c++) {
          next = after(states, g, composites.get(c), rest);
          pick = next.isEmpty() ? pick : c;
        }
        if (next.isEmpty()) {
          next = after(states, g, Composite.NOTHING, rest);
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
    long missing = (value - best) / missingCost;
    return new Selection(variants, chosen, value, Math.toIntExact(missing));
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
    int work = seconds - phase.floorCharge();
    for (int variant = 0; variant < phase.variants().size(); variant++) {
      int[][] rest = restOfPhase.get(p).get(variant)[0];
      if (rest[own][seconds] == wanted) {
        states.add(new Ahead(variant, leftAfter, later, seconds, own));
      }
      if (work >= 0 && rest[counts + own][work] == wanted) {
        states.add(new Ahead(variant, leftAfter, later, work, counts + own));
      }
    }
  }

  private List<Ahead> after(List<Ahead> states, int g, Composite composite, int[][][] restOfPhase) {
    Set<Ahead> next = Set.of();
    int own = countOf(composite);
    for (Ahead ahead : states) {
      long wanted = restOfPhase[g][ahead.state()][ahead.work()];
      int work = ahead.work() - composite.seconds();
      if (work < 0) {
        continue;
      }
      for (int state = 0; state < 2 * counts; state++) {
        int rest = restOfPhase[g + 1][state][work];
        if (after(state, composite, own) == ahead.state()
            && isOfPhase(rest)
            && rest + composite.value() == wanted) {
          // Most composites lead nowhere.
          next = next.isEmpty() ? new LinkedHashSet<>() : next;
          next.add(new Ahead(ahead.variant(), ahead.leftAfter(), ahead.countAfter(), work, state));
        }
      }
    }
    return List.copyOf(next);
  }
}
