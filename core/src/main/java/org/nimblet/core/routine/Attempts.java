package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.Attempt.Picked;
import org.nimblet.core.routine.Rejection.Reason;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * Makes exact choices: what the gates leave open becomes options in groups of one kind and one main
 * target, of which up to three are picked together, and {@link ExactSelection} chooses.
 */
final class Attempts {

  /** So many exercises of a group may stand in a routine. */
  private static final int MOST_OF_A_GROUP = 3;

  private static final int QUARTERS = 4;

  /** More than any count of fresh exercises for two earlier routines. */
  private static final int FRESH_COUNTS = 9;

  private final ExerciseLibrary library;
  private final PurposePlan plan;

  Attempts(ExerciseLibrary library, PurposePlan plan) {
    this.library = library;
    this.plan = plan;
  }

  /** A request with what does not change from one attempt to the next. */
  record Asked(
      RoutineRequest request,
      List<Set<String>> earlier,
      List<Option> pinned,
      Map<String, List<Option>> options,
      Map<String, Reason> gated,
      Limits limits) {}

  /**
   * One exact choice.
   *
   * @param closed exercises that are left out besides those that the gates close
   * @param leastMobilising seconds that the phase with mobilising should get at least
   */
  Attempt attempt(Asked asked, Map<String, Reason> closed, int leastMobilising) {
    RoutineRequest request = asked.request();
    List<Set<String>> earlier = asked.earlier();
    List<Option> pinned = asked.pinned();
    Map<String, Reason> gated = new TreeMap<>(closed);
    gated.putAll(asked.gated());
    Map<String, List<Option>> options = new TreeMap<>();
    Map<Integer, Map<String, List<List<Option>>>> byPhase = new HashMap<>();
    for (Exercise exercise : library.exercises()) {
      List<Option> own = asked.options().get(exercise.id());
      if (own == null || closed.containsKey(exercise.id())) {
        continue;
      }
      options.put(exercise.id(), own);
      byPhase
          .computeIfAbsent(plan.placeOf(exercise), p -> new TreeMap<>())
          .computeIfAbsent(own.get(0).group(), g -> new ArrayList<>())
          .add(own);
    }
    int left = request.budgetSeconds() - pinned.stream().mapToInt(Option::charge).sum();
    List<List<List<Picked>>> groups = new ArrayList<>();
    List<PhaseWindow> windows = new ArrayList<>();
    for (int p = 0; p < plan.phases().size(); p++) {
      Phase phase = plan.phases().get(p);
      List<Option> already = pinnedIn(p, pinned);
      int charged = already.stream().mapToInt(Option::charge).sum();
      boolean onFloor = already.stream().anyMatch(Option::floor);
      if (onFloor) {
        charged += SetUp.floorCharge();
        left -= SetUp.floorCharge();
      }
      int least =
          Math.max(
              phase.leastSeconds(request.budgetSeconds(), isAny(p, byPhase, already)),
              phase.kinds().contains(Kind.MOBILISE) ? leastMobilising : 0);
      int greatest = Math.max(phase.greatestSeconds(request.budgetSeconds()), charged);
      Map<String, List<List<Option>>> open = byPhase.getOrDefault(p, Map.of());
      long all = open.values().stream().mapToLong(Attempts::dearest).sum();
      List<List<Picked>> own = new ArrayList<>();
      open.forEach(
          (group, members) ->
              own.add(
                  new Picking(
                          members,
                          already.stream().filter(o -> o.group().equals(group)).toList(),
                          asked,
                          wanted(greatest, dearest(members), all))
                      .all()));
      groups.add(own);
      windows.add(
          new PhaseWindow(
              Math.max(0, least - charged),
              greatest - charged,
              onFloor ? 0 : SetUp.floorCharge(),
              own.stream()
                  .map(g -> new SelectionProblem.Group(g.stream().map(Picked::composite).toList()))
                  .toList()));
    }
    SelectionProblem problem =
        new SelectionProblem(
            Math.max(0, left), earlier.size(), asked.limits().most(pinned), windows);
    Optional<Selection> selection = ExactSelection.solve(problem);
    List<Option> chosen = new ArrayList<>(pinned);
    selection.ifPresent(found -> addChosen(found, groups, chosen));
    return new Attempt(gated, options, groups, problem, selection, chosen);
  }

  /**
   * A request as it is asked again and again.
   *
   * @param lengths how long its steps should be
   */
  Asked asked(RoutineRequest request, List<Set<String>> earlier, StepLengths lengths) {
    Set<String> pinnedIds =
        request.pinned().stream().map(step -> step.exercise().id()).collect(Collectors.toSet());
    Map<String, Reason> gated = new HashMap<>();
    List<Exercise> open = new ArrayList<>();
    for (Exercise exercise : library.exercises()) {
      if (!pinnedIds.contains(exercise.id())) {
        Optional<Reason> shut = Gate.closedFor(exercise, plan, request);
        shut.ifPresent(reason -> gated.put(exercise.id(), reason));
        if (shut.isEmpty()) {
          open.add(exercise);
        }
      }
    }
    Options factory = new Options(plan, request, open);
    Map<String, List<Option>> options = new HashMap<>();
    for (Exercise exercise : open) {
      List<Option> own = lengths.of(factory.of(exercise));
      if (own.isEmpty()) {
        gated.put(exercise.id(), factory.whyNone(exercise));
      } else {
        options.put(exercise.id(), own);
      }
    }
    return new Asked(
        request,
        earlier,
        request.pinned().stream().map(factory::pinned).toList(),
        options,
        gated,
        Limits.of(plan, request, library, !earlier.isEmpty()));
  }

  private List<Option> pinnedIn(int phase, List<Option> pinned) {
    return pinned.stream().filter(o -> plan.placeOf(o.exercise()) == phase).toList();
  }

  private static boolean isAny(
      int phase, Map<Integer, Map<String, List<List<Option>>>> byPhase, List<Option> already) {
    return byPhase.containsKey(phase) || !already.isEmpty();
  }

  private static void addChosen(
      Selection selection, List<List<List<Picked>>> groups, List<Option> chosen) {
    for (int p = 0; p < groups.size(); p++) {
      for (int g = 0; g < groups.get(p).size(); g++) {
        int pick = selection.chosen().get(p).get(g);
        if (pick != Selection.NOTHING) {
          chosen.addAll(groups.get(p).get(g).get(pick).options());
        }
      }
    }
  }

  /**
   * How many quarters of a second a group wants of its phase: the dearer what it has, the more.
   *
   * @param dearest the greatest worth of its open options
   * @param all the same of all groups of the phase together
   */
  private static long wanted(int greatestSeconds, long dearest, long all) {
    return (2L * QUARTERS * greatestSeconds * dearest + all) / (2 * all);
  }

  private static long dearest(List<List<Option>> members) {
    return members.stream()
        .flatMap(List::stream)
        .mapToLong(option -> option.worth().points())
        .max()
        .orElseThrow();
  }

  /**
   * One to three exercises of a group, of each family one, the ones to prefer among equals first:
   * earlier exercises and lower levels before others. Of those that look alike to the choice only
   * the best is kept, and one that adds nothing is not picked. What is pinned of the group counts
   * as picked.
   */
  private final class Picking {
    private final List<List<Option>> members;
    private final List<Option> pins;
    private final Asked asked;
    private final long wanted;
    private final int heldAtMost;
    private final long pinnedQuarters;
    private final Map<Long, Picked> best = new LinkedHashMap<>();

    Picking(List<List<Option>> members, List<Option> pins, Asked asked, long wanted) {
      this.members = members;
      this.pins = pins;
      this.asked = asked;
      this.wanted = wanted;
      this.heldAtMost = asked.request().heldSecondsPerTissue(plan);
      this.pinnedQuarters = pins.stream().mapToLong(Option::quarters).sum();
    }

    List<Picked> all() {
      int held = pins.stream().mapToInt(Option::heldSeconds).sum();
      Set<String> families = pins.stream().map(Option::family).collect(Collectors.toSet());
      extend(0, List.of(), families, held, 0);
      return List.copyOf(best.values());
    }

    private void extend(
        int from, List<Option> options, Set<String> families, int held, long valueBefore) {
      for (int i = from; i < members.size(); i++) {
        String family = members.get(i).get(0).family();
        if (families.contains(family)) {
          continue;
        }
        for (Option option : members.get(i)) {
          if (held + option.heldSeconds() > heldAtMost) {
            continue;
          }
          List<Option> more = withByWorth(options, option);
          long value = value(more);
          if (more.size() == 1 || value > valueBefore) {
            keep(more, value);
            if (more.size() + pins.size() < MOST_OF_A_GROUP) {
              families.add(family);
              extend(i + 1, more, families, held + option.heldSeconds(), value);
              families.remove(family);
            }
          }
        }
      }
    }

    /** One more, the dearest first; among equals the one that was there before. */
    private static List<Option> withByWorth(List<Option> options, Option another) {
      List<Option> more = new ArrayList<>(MOST_OF_A_GROUP);
      more.addAll(options);
      int place = more.size();
      while (place > 0 && more.get(place - 1).worth().points() < another.worth().points()) {
        place--;
      }
      more.add(place, another);
      return more;
    }

    /** The dearest first, each quarter of a second in full up to what is wanted, then by half. */
    private long value(List<Option> byWorth) {
      long used = pinnedQuarters;
      long value = 0;
      for (Option option : byWorth) {
        long upTo = used + option.quarters();
        long full = Math.max(0, Math.min(upTo, wanted) - used);
        long half = Math.max(0, Math.min(upTo, 2 * wanted) - Math.max(used, wanted));
        value += option.worth().points() * (2 * full + half);
        used = upTo;
      }
      return value;
    }

    /** For each earlier routine how many it has not; more than enough counts as enough. */
    private int fresh(List<Option> options) {
      int fresh = 0;
      int place = 1;
      for (Set<String> known : asked.earlier()) {
        long unknown = options.stream().filter(o -> !known.contains(o.exercise().id())).count();
        fresh += place * (int) Math.min(SelectionProblem.DIFFERING, unknown);
        place *= SelectionProblem.DIFFERING + 1;
      }
      return fresh;
    }

    private void keep(List<Option> options, long value) {
      int seconds = 0;
      boolean floor = false;
      int counted = 0;
      for (Option option : options) {
        seconds += option.charge();
        floor |= option.floor();
        counted += asked.limits().countOf(option.exercise());
      }
      int fresh = fresh(options);
      long key = ((long) seconds * 2 + (floor ? 1 : 0)) * FRESH_COUNTS + fresh;
      key = key * Limits.COUNTS + counted;
      Picked before = best.get(key);
      if (before == null || value > before.composite().value()) {
        best.remove(key);
        best.put(
            key,
            new Picked(List.copyOf(options), new Composite(seconds, value, floor, fresh, counted)));
      }
    }
  }
}
