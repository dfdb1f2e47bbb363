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
 * target, of which at most two are picked together, and {@link ExactSelection} chooses.
 */
final class Attempts {

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
      Map<String, Reason> gated) {}

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
              phase.leastSeconds(request.budgetSeconds()),
              phase.kinds().contains(Kind.MOBILISE) ? leastMobilising : 0);
      List<List<Picked>> own = new ArrayList<>();
      byPhase
          .getOrDefault(p, Map.of())
          .forEach((group, members) -> own.add(composites(group, members, already, asked)));
      groups.add(own);
      windows.add(
          new PhaseWindow(
              Math.max(0, least - charged),
              Math.max(0, phase.greatestSeconds(request.budgetSeconds()) - charged),
              onFloor ? 0 : SetUp.floorCharge(),
              own.stream()
                  .map(g -> new SelectionProblem.Group(g.stream().map(Picked::composite).toList()))
                  .toList()));
    }
    SelectionProblem problem = new SelectionProblem(Math.max(0, left), earlier.size(), windows);
    Optional<Selection> selection = ExactSelection.solve(problem);
    List<Option> chosen = new ArrayList<>(pinned);
    selection.ifPresent(found -> addChosen(found, groups, chosen));
    return new Attempt(gated, options, groups, problem, selection, chosen);
  }

  /** A request as it is asked again and again. */
  Asked asked(RoutineRequest request, List<Set<String>> earlier) {
    Options factory = new Options(plan, request);
    List<Option> pinned = request.pinned().stream().map(factory::pinned).toList();
    Set<String> pinnedIds =
        pinned.stream().map(option -> option.exercise().id()).collect(Collectors.toSet());
    Map<String, List<Option>> options = new HashMap<>();
    Map<String, Reason> gated = new HashMap<>();
    for (Exercise exercise : library.exercises()) {
      if (pinnedIds.contains(exercise.id())) {
        continue;
      }
      Optional<Reason> shut = Gate.closedFor(exercise, plan, request);
      List<Option> own = shut.isPresent() ? List.of() : factory.of(exercise);
      if (own.isEmpty()) {
        gated.put(exercise.id(), shut.orElseGet(() -> factory.whyNone(exercise)));
      } else {
        options.put(exercise.id(), own);
      }
    }
    return new Asked(request, earlier, pinned, options, gated);
  }

  private List<Option> pinnedIn(int phase, List<Option> pinned) {
    return pinned.stream().filter(o -> plan.placeOf(o.exercise()) == phase).toList();
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
   * One or two exercises of a group, the one to prefer among equals first: take rather than leave,
   * earlier exercises and lower levels before others. Of those that look alike to the choice only
   * the best is kept. What is pinned of the group counts as one of the two.
   */
  private List<Picked> composites(
      String group, List<List<Option>> members, List<Option> already, Asked asked) {
    int heldAtMost = asked.request().heldSecondsPerTissue(plan);
    List<Set<String>> earlier = asked.earlier();
    List<Option> pins = already.stream().filter(option -> option.group().equals(group)).toList();
    if (pins.size() > 1) {
      return List.of();
    }
    Map<Long, Picked> best = new LinkedHashMap<>();
    for (int i = 0; i < members.size(); i++) {
      for (Option first : members.get(i)) {
        if (pins.isEmpty()) {
          for (int j = i + 1; j < members.size(); j++) {
            for (Option second : members.get(j)) {
              if (first.heldSeconds() + second.heldSeconds() <= heldAtMost) {
                keepPair(best, first, second, earlier);
              }
            }
          }
          keep(best, List.of(first), 2 * first.choice().points(), earlier);
        } else if (pins.get(0).heldSeconds() + first.heldSeconds() <= heldAtMost) {
          long pin = pins.get(0).choice().points();
          long own = first.choice().points();
          keep(best, List.of(first), own + Math.max(own, pin) - pin, earlier);
        }
      }
    }
    return List.copyOf(best.values());
  }

  private static void keepPair(
      Map<Long, Picked> best, Option first, Option second, List<Set<String>> earlier) {
    long a = first.choice().points();
    long b = second.choice().points();
    keep(best, List.of(first, second), a + b + Math.max(a, b), earlier);
  }

  private static void keep(
      Map<Long, Picked> best, List<Option> options, long value, List<Set<String>> earlier) {
    int seconds = 0;
    boolean floor = false;
    int fresh = 0;
    for (Option option : options) {
      seconds += option.charge();
      floor |= option.floor();
      int place = 1;
      for (Set<String> known : earlier) {
        fresh += known.contains(option.exercise().id()) ? 0 : place;
        place *= SelectionProblem.DIFFERING + 1;
      }
    }
    long key = ((long) seconds * 2 + (floor ? 1 : 0)) * 9 + fresh;
    Picked before = best.get(key);
    if (before == null || value > before.composite().value()) {
      best.remove(key);
      best.put(key, new Picked(options, new Composite(seconds, value, floor, fresh)));
    }
  }
}
