package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.Rejection.Reason;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;
import org.nimblet.core.routine.SelectionProblem.Variant;

/**
 * Makes exact choices: what the gates leave open becomes options in groups of one kind and one main
 * target, of which up to three are picked together, and {@link ExactSelection} chooses.
 */
final class Attempts {

  private static final int QUARTERS = 4;

  /** A composer remembers what so many people may do; each is about 100 kB (ours). */
  private static final int REMEMBERED_PEOPLE = 16;

  private final ExerciseLibrary library;
  private final PurposePlan plan;
  private final Remembered<PreparedKey, Prepared> prepared = new Remembered<>(REMEMBERED_PEOPLE);

  Attempts(ExerciseLibrary library, PurposePlan plan) {
    this.library = library;
    this.plan = plan;
  }

  /** A request with what does not change from one attempt to the next, and what was worked out. */
  record Asked(
      RoutineRequest request,
      List<Set<String>> earlier,
      List<Option> pinned,
      Map<String, List<Option>> options,
      Map<String, Reason> gated,
      Limits limits,
      Map<FillingKey, Fillings> fillings,
      ExactSelection.Memory memory) {}

  /**
   * What the ways to fill a phase depend on, of all that changes from one attempt to the next.
   *
   * @param open the exercises that can be picked, by identifier
   * @param greatest seconds that the phase may get
   */
  private record FillingKey(int phase, List<String> open, int greatest) {}

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
    int left = request.secondsForSteps() - pinned.stream().mapToInt(Option::charge).sum();
    int circuit = 1 + pinned.stream().mapToInt(o -> o.step().circuit()).max().orElse(0);
    List<List<Filling>> fillings = new ArrayList<>();
    List<PhaseWindow> windows = new ArrayList<>();
    List<Boolean> open = new ArrayList<>();
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
      Map<String, List<List<Option>>> members = byPhase.getOrDefault(p, Map.of());
      Fillings own =
          asked
              .fillings()
              .computeIfAbsent(
                  new FillingKey(p, ids(members), greatest),
                  key -> fillings(phase, members, already, asked, greatest, circuit));
      fillings.add(own.each());
      open.add(!members.isEmpty());
      windows.add(
          new PhaseWindow(
              Math.max(0, least - charged),
              greatest - charged,
              onFloor ? 0 : SetUp.floorCharge(),
              own.variants()));
    }
    SelectionProblem problem =
        new SelectionProblem(
            Math.max(0, left), earlier.size(), asked.limits().most(pinned), windows);
    Optional<Selection> selection = ExactSelection.solve(problem, asked.memory());
    List<Option> chosen = new ArrayList<>(pinned);
    selection.ifPresent(found -> addChosen(found, fillings, chosen));
    return new Attempt(gated, options, open, problem, selection, chosen);
  }

  /**
   * A way to fill a phase.
   *
   * @param fixed the sets of a circuit that stand in it in any case
   * @param circuit what they take and are worth
   * @param groups what can be picked besides, by group
   */
  private record Filling(List<Option> fixed, Composite circuit, List<Picking.Picks> groups) {

    Variant variant() {
      return new Variant(
          circuit,
          groups.stream().map(group -> new SelectionProblem.Group(group.composites())).toList());
    }
  }

  /** All ways to fill a phase; the same as variants of the choice. */
  private record Fillings(List<Filling> each, List<Variant> variants) {}

  private static <A, B> List<B> map(List<A> all, Function<A, B> each) {
    return all.stream().map(each).toList();
  }

  /** The phase without a circuit, and where it strengthens with each circuit that there may be. */
  private Fillings fillings(
      Phase phase,
      Map<String, List<List<Option>>> members,
      List<Option> already,
      Asked asked,
      int greatest,
      int circuit) {
    long all = members.values().stream().mapToLong(Attempts::dearest).sum();
    List<Picking> pickings = new ArrayList<>();
    members.forEach(
        (group, own) ->
            pickings.add(
                new Picking(
                    own,
                    already.stream().filter(o -> o.group().equals(group)).toList(),
                    asked,
                    asked.request().heldSecondsPerTissue(plan),
                    greatest,
                    wanted(greatest, dearest(own), all))));
    List<Picking.Picks> plain = map(pickings, picking -> picking.beside(List.of()));
    List<Filling> fillings = new ArrayList<>();
    fillings.add(new Filling(List.of(), Composite.NOTHING, plain));
    if (phase.kinds().contains(Kind.STRENGTHEN)) {
      new CircuitChoices(Option.order(phase), circuit, asked.request().facts().pace())
          .of(members.values().stream().flatMap(List::stream).toList())
          .forEach(offered -> fillings.add(with(offered, pickings, plain)));
    }
    return new Fillings(fillings, List.copyOf(map(fillings, Filling::variant)));
  }

  private static Filling with(
      CircuitChoices.Offered circuit, List<Picking> pickings, List<Picking.Picks> plain) {
    Composite fixed = Composite.NOTHING;
    List<Picking.Picks> groups = new ArrayList<>();
    for (int g = 0; g < pickings.size(); g++) {
      Picking picking = pickings.get(g);
      List<Option> own = circuit.stations().stream().filter(picking::holds).toList();
      fixed = own.isEmpty() ? fixed : fixed.and(picking.composite(own));
      groups.add(own.isEmpty() ? plain.get(g) : picking.beside(own));
    }
    fixed = fixed.lasting(circuit.charge());
    return new Filling(circuit.sets(), fixed, groups);
  }

  /**
   * A request as it is asked again and again.
   *
   * @param lengths how long its steps should be
   */
  Asked asked(RoutineRequest request, List<Set<String>> earlier, StepLengths lengths) {
    // Whatever the minutes are, the same person may do the same exercises in the same doses.
    Prepared ready =
        prepared.of(
            new PreparedKey(request.withBudget(RoutineRequest.LEAST_SECONDS), lengths),
            key -> prepared(request, lengths));
    return new Asked(
        request,
        earlier,
        ready.pinned(),
        ready.options(),
        ready.gated(),
        Limits.of(plan, request, library, !earlier.isEmpty()),
        new HashMap<>(),
        new ExactSelection.Memory());
  }

  private record PreparedKey(RoutineRequest whateverTheMinutes, StepLengths lengths) {}

  /** What of a request does not depend on its minutes. */
  private record Prepared(
      Map<String, List<Option>> options, Map<String, Reason> gated, List<Option> pinned) {}

  private Prepared prepared(RoutineRequest request, StepLengths lengths) {
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
    return new Prepared(
        Map.copyOf(options),
        Map.copyOf(gated),
        request.pinned().stream().map(factory::pinned).toList());
  }

  private List<Option> pinnedIn(int phase, List<Option> pinned) {
    return pinned.stream().filter(o -> plan.placeOf(o.exercise()) == phase).toList();
  }

  private static List<String> ids(Map<String, List<List<Option>>> members) {
    return members.values().stream()
        .flatMap(List::stream)
        .map(options -> options.get(0).exercise().id())
        .toList();
  }

  private static boolean isAny(
      int phase, Map<Integer, Map<String, List<List<Option>>>> byPhase, List<Option> already) {
    return byPhase.containsKey(phase) || !already.isEmpty();
  }

  private static void addChosen(
      Selection selection, List<List<Filling>> fillings, List<Option> chosen) {
    for (int p = 0; p < fillings.size(); p++) {
      Filling filling = fillings.get(p).get(selection.variants().get(p));
      chosen.addAll(filling.fixed());
      for (int g = 0; g < filling.groups().size(); g++) {
        int pick = selection.chosen().get(p).get(g);
        if (pick != Selection.NOTHING) {
          chosen.addAll(filling.groups().get(g).options(pick));
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
}
