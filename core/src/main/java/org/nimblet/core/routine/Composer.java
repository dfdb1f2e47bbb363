package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Choice.Share;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Composition.NotComposed;
import org.nimblet.core.routine.Composition.ShortPhase;
import org.nimblet.core.routine.Rejection.Reason;
import org.nimblet.core.routine.SelectionProblem.Composite;
import org.nimblet.core.routine.SelectionProblem.PhaseWindow;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * Composes the routine that does most of what is wanted in the minutes there are.
 *
 * <p>Gate, then options (exercise × level) in groups of one kind and one main target, then the
 * exact choice of {@link ExactSelection}, then order and slack. Same request, same routine.
 */
public final class Composer {

  /** Levels of the usual dose, per cent; they vary times, repetitions or breaths, never load. */
  private static final List<Integer> LEVELS = List.of(60, 80, 100, 120);

  /** What a dose by the person's own method is worth more, per cent (ours). */
  private static final int LIKED_METHOD_PERCENT = 120;

  /** Less heat and mobilising than this does not warm (ours). */
  private static final int WARMING_SECONDS = 60;

  /** Stretches up to this intensity may stand in cold hands (common practice, no source). */
  private static final int COLD_INTENSITY = 1;

  private static final Set<Kind> WARMING = Set.of(Kind.HEAT, Kind.MOBILISE);

  private final ExerciseLibrary library;
  private final PurposePlan plan;

  /** A composer of routines for one purpose from one library. */
  public Composer(ExerciseLibrary library, PurposePlan plan) {
    this.library = library;
    this.plan = plan;
  }

  /** Composes a routine, or says why there is none. */
  public Composition compose(RoutineRequest request) {
    Map<String, Reason> gated = new TreeMap<>();
    Attempt attempt = attempt(request, gated);
    int warming = attempt.seconds(WARMING);
    if (warming < WARMING_SECONDS && !request.warmed()) {
      for (Exercise exercise : library.exercises()) {
        if (needsWarmHands(exercise)) {
          gated.putIfAbsent(exercise.id(), new Rejection.NotWarm(warming));
        }
      }
      attempt = attempt(request, gated);
    }
    List<Rejection> rejections = rejections(attempt, gated);
    if (attempt.chosen().stream().noneMatch(o -> plan.namedFor().contains(o.exercise().kind()))) {
      return new NotComposed(
          "There is no %s in %s: nothing to %s is allowed or fits."
              .formatted(
                  plan.purpose().word().toLowerCase(java.util.Locale.ROOT),
                  TimeWords.words(request.budgetSeconds()),
                  plan.namedFor().stream()
                      .map(kind -> kind.word().toLowerCase(java.util.Locale.ROOT))
                      .sorted()
                      .collect(Collectors.joining(" or "))),
          rejections);
    }
    List<Option> ordered = attempt.ordered(plan);
    List<Step> steps = withSlack(ordered.stream().map(Option::step).toList(), request);
    return new Composed(
        plan.purpose(),
        steps,
        CueSheetWriter.write(steps, request.facts().pace(), request.facts().notation()),
        ordered.stream().map(Option::choice).toList(),
        rejections,
        shortPhases(attempt, request),
        attempt.selection().value());
  }

  /** The choice behind a routine, for comparison with other solvers. */
  SelectionProblem problem(RoutineRequest request) {
    return attempt(request, new TreeMap<>()).problem();
  }

  private static boolean needsWarmHands(Exercise exercise) {
    boolean stretchOrDeep = exercise.kind() == Kind.STRETCH || exercise.kind() == Kind.RELEASE;
    return exercise.demands().needsWarmth()
        || (stretchOrDeep && exercise.demands().intensity() > COLD_INTENSITY);
  }

  // ---- options and groups

  private record Option(Step step, Choice choice, int charge, int heldSeconds) {
    Exercise exercise() {
      return step.exercise();
    }

    boolean floor() {
      return step.position() == Position.FLOOR;
    }
  }

  /** One exercise, or two different ones, of a group. */
  private record Picked(List<Option> options, List<Integer> preference, Composite composite) {
    Picked(List<Option> options, List<Integer> preference) {
      this(List.copyOf(options), List.copyOf(preference), together(options));
    }

    private static Composite together(List<Option> options) {
      long value =
          options.stream().mapToLong(o -> o.choice().points()).sum()
              + options.stream().mapToLong(o -> o.choice().points()).max().orElse(0);
      return new Composite(
          options.stream().mapToInt(Option::charge).sum(),
          value,
          options.stream().anyMatch(Option::floor));
    }
  }

  private record Attempt(
      Map<String, List<Option>> options,
      List<List<List<Picked>>> groups,
      SelectionProblem problem,
      Selection selection,
      List<Option> chosen) {

    int seconds(Set<Kind> kinds) {
      return chosen.stream()
          .filter(option -> kinds.contains(option.exercise().kind()))
          .mapToInt(Option::charge)
          .sum();
    }

    List<Option> ordered(PurposePlan plan) {
      List<Option> ordered = new ArrayList<>();
      for (Phase phase : plan.phases()) {
        chosen.stream()
            .filter(option -> phase.kinds().contains(option.exercise().kind()))
            .sorted(order(phase.order()))
            .forEach(ordered::add);
      }
      return ordered;
    }
  }

  private static Comparator<Option> order(Phase.Order order) {
    Comparator<Option> large = Comparator.comparing(o -> o.exercise().demands().segment());
    Comparator<Option> gentle = Comparator.comparing(o -> o.exercise().demands().intensity());
    Comparator<Option> id = Comparator.comparing(o -> o.exercise().id());
    Comparator<Option> floorLast = Comparator.comparing(Option::floor);
    return switch (order) {
      case LARGE_TO_SMALL ->
          floorLast.reversed().thenComparing(large).thenComparing(gentle).thenComparing(id);
      case GENTLE_TO_INTENSE ->
          floorLast.thenComparing(gentle).thenComparing(large).thenComparing(id);
    };
  }

  private Attempt attempt(RoutineRequest request, Map<String, Reason> gated) {
    Map<String, List<Option>> options = new TreeMap<>();
    Map<Phase, Map<String, Map<String, List<Option>>>> byPhase = new HashMap<>();
    for (Exercise exercise : library.exercises()) {
      if (gated.containsKey(exercise.id())) {
        continue;
      }
      Optional<Reason> closed = Gate.closedFor(exercise, plan, request);
      if (closed.isPresent()) {
        gated.put(exercise.id(), closed.get());
        continue;
      }
      List<Option> own = options(exercise, request);
      if (own.isEmpty()) {
        gated.put(exercise.id(), new Rejection.HoldsTooLong(plan.heldSecondsPerTissue()));
        continue;
      }
      options.put(exercise.id(), own);
      byPhase
          .computeIfAbsent(plan.phaseOf(exercise.kind()).orElseThrow(), p -> new TreeMap<>())
          .computeIfAbsent(groupOf(exercise), g -> new TreeMap<>())
          .put(exercise.id(), own);
    }
    List<List<List<Picked>>> groups = new ArrayList<>();
    List<PhaseWindow> windows = new ArrayList<>();
    for (Phase phase : plan.phases()) {
      List<List<Picked>> own =
          byPhase.getOrDefault(phase, Map.of()).values().stream()
              .map(group -> composites(List.copyOf(group.values())))
              .toList();
      groups.add(own);
      windows.add(
          new PhaseWindow(
              phase.leastSeconds(request.budgetSeconds()),
              phase.greatestSeconds(request.budgetSeconds()),
              SetUp.floorCharge(),
              own.stream()
                  .map(g -> new SelectionProblem.Group(g.stream().map(Picked::composite).toList()))
                  .toList()));
    }
    SelectionProblem problem = new SelectionProblem(request.budgetSeconds(), windows);
    Selection selection = ExactSelection.solve(problem);
    List<Option> chosen = new ArrayList<>();
    for (int p = 0; p < groups.size(); p++) {
      for (int g = 0; g < groups.get(p).size(); g++) {
        int pick = selection.chosen().get(p).get(g);
        if (pick != Selection.NOTHING) {
          chosen.addAll(groups.get(p).get(g).get(pick).options());
        }
      }
    }
    return new Attempt(options, groups, problem, selection, chosen);
  }

  private static String groupOf(Exercise exercise) {
    return exercise.kind().id() + "/" + exercise.service().main().id();
  }

  /**
   * Options by the method the person likes; by the usual one where none of those may stand here.
   */
  private List<Option> options(Exercise exercise, RoutineRequest request) {
    return methods(exercise, request)
        .map(method -> options(exercise, method, request))
        .filter(options -> !options.isEmpty())
        .findFirst()
        .orElse(List.of());
  }

  private static Stream<Method> methods(Exercise exercise, RoutineRequest request) {
    return Stream.of(request.facts().method(), exercise.usualMethod())
        .filter(method -> exercise.dose(method).isPresent())
        .distinct();
  }

  private List<Option> options(Exercise exercise, Method method, RoutineRequest request) {
    ClientFacts facts = request.facts();
    DosePlan dosePlan = exercise.dose(method).orElseThrow();
    boolean liked = method == facts.method() && exercise.doses().size() > 1;
    Position position = Gate.position(exercise, facts).orElseThrow();
    List<Share> served = served(exercise, dosePlan.usual().laterality(), request);
    OptionalInt daysSince =
        request.daysSinceDone().containsKey(exercise.id())
            ? OptionalInt.of(request.daysSinceDone().get(exercise.id()))
            : OptionalInt.empty();
    long base = 1 + served.stream().mapToLong(Share::points).sum();
    Map<Thing, Substitution> standIns =
        Substitution.resolve(exercise.demands().things(), facts.things()).orElseThrow();
    List<Option> options = new ArrayList<>();
    Dose last = null;
    for (int level : LEVELS) {
      Dose dose = dosePlan.usual().atLevel(level, dosePlan.bounds());
      int held = exercise.kind() == Kind.STRETCH ? dose.heldSecondsPerSide(facts.pace()) : 0;
      if (dose.equals(last) || held > plan.heldSecondsPerTissue()) {
        continue;
      }
      last = dose;
      Side first =
          dose.laterality() == Laterality.WORKING_SIDE ? request.workingSide() : facts.weakerSide();
      int charge =
          (int) ((StepTime.millis(dose, facts.pace()) + 999) / 1000)
              + SetUp.charge(position, exercise.demands().things());
      long points =
          points(base, level, recencyPercent(daysSince), liked ? LIKED_METHOD_PERCENT : 100);
      options.add(
          new Option(
              new Step(exercise, dose, position, first, standIns),
              new Choice(exercise.id(), level, charge, points, served, daysSince, method, liked),
              charge,
              held));
    }
    return options;
  }

  /** base × level × recency × method as percentages, over 10⁵, rounded half up. */
  static long points(long base, int level, int recency, int method) {
    long product = Math.multiplyExact(base, (long) level * recency * method);
    return (product + 50_000) / 100_000;
  }

  /** How much an exercise is worth by the days since it was last done, per cent (ours). */
  static int recencyPercent(OptionalInt daysSince) {
    if (daysSince.isEmpty()) {
      return 120;
    }
    int days = daysSince.getAsInt();
    if (days < 3) {
      return 70 + 10 * days;
    }
    return days < 7 ? 100 : days < 14 ? 110 : 120;
  }

  private static List<Share> served(
      Exercise exercise, Laterality laterality, RoutineRequest request) {
    List<Side> sides =
        laterality == Laterality.WORKING_SIDE
            ? List.of(request.workingSide())
            : List.of(Side.values());
    return exercise.service().contributions().entrySet().stream()
        .map(
            entry -> {
              Target target = Target.find(entry.getKey()).orElseThrow();
              int weight = sides.stream().mapToInt(s -> request.weights().of(target, s)).sum();
              return new Share(target, weight * entry.getValue());
            })
        .filter(share -> share.points() > 0)
        .sorted(
            Comparator.comparing(Share::points)
                .reversed()
                .thenComparing(share -> share.target().id()))
        .toList();
  }

  /**
   * One or two exercises of a group, the one to prefer among equals first; of those with the same
   * seconds and floor only the best.
   */
  private List<Picked> composites(List<List<Option>> exercises) {
    List<Picked> all = new ArrayList<>();
    for (int i = 0; i < exercises.size(); i++) {
      for (int a = 0; a < exercises.get(i).size(); a++) {
        all.add(picked(exercises, Map.of(i, a)));
        for (int j = i + 1; j < exercises.size(); j++) {
          for (int b = 0; b < exercises.get(j).size(); b++) {
            Picked pair = picked(exercises, Map.of(i, a, j, b));
            int held = pair.options().stream().mapToInt(Option::heldSeconds).sum();
            if (held <= plan.heldSecondsPerTissue()) {
              all.add(pair);
            }
          }
        }
      }
    }
    all.sort((x, y) -> Arrays.compare(array(x.preference()), array(y.preference())));
    Map<List<Object>, Picked> best = new HashMap<>();
    for (Picked picked : all) {
      Composite composite = picked.composite();
      best.merge(
          List.of(composite.seconds(), composite.floor()),
          picked,
          (old, other) -> other.composite().value() > old.composite().value() ? other : old);
    }
    return all.stream().filter(p -> isBest(p, best)).toList();
  }

  private static boolean isBest(Picked picked, Map<List<Object>, Picked> best) {
    Composite composite = picked.composite();
    return best.get(List.<Object>of(composite.seconds(), composite.floor()))
        .preference()
        .equals(picked.preference());
  }

  private static int[] array(List<Integer> numbers) {
    return numbers.stream().mapToInt(Integer::intValue).toArray();
  }

  private static Picked picked(List<List<Option>> exercises, Map<Integer, Integer> levels) {
    List<Option> options = new ArrayList<>();
    List<Integer> preference = new ArrayList<>();
    for (int i = 0; i < exercises.size(); i++) {
      Integer level = levels.get(i);
      preference.add(level == null ? Integer.MAX_VALUE : level);
      if (level != null) {
        options.add(exercises.get(i).get(level));
      }
    }
    return new Picked(options, preference);
  }

  // ---- slack

  /** Fills what is left: rests to their greatest, then the last stretch, in whole seconds. */
  private List<Step> withSlack(List<Step> chosen, RoutineRequest request) {
    List<Step> steps = new ArrayList<>(chosen);
    for (int i = 0; i < steps.size(); i++) {
      Dose dose = steps.get(i).dose();
      int rests = (dose.sets() - 1) * dose.units().count() * dose.laterality().passes();
      if (rests > 0) {
        DosePlan own = planOf(steps.get(i), request);
        int more =
            Math.min(
                own.greatestRestSeconds() - dose.restSeconds(),
                slackSeconds(steps, request) / rests);
        steps.set(i, steps.get(i).withDose(dose.withRest(dose.restSeconds() + Math.max(0, more))));
      }
    }
    for (int i = steps.size() - 1; i >= 0; i--) {
      if (steps.get(i).exercise().kind() == Kind.STRETCH) {
        steps.set(i, lengthened(steps, i, request));
        break;
      }
    }
    return steps;
  }

  private Step lengthened(List<Step> steps, int index, RoutineRequest request) {
    Step step = steps.get(index);
    Dose dose = step.dose();
    if (!(dose.form() instanceof DoseForm.Hold)) {
      return step;
    }
    Target main = step.exercise().service().main();
    int held =
        steps.stream()
            .filter(s -> s.exercise().kind() == Kind.STRETCH)
            .filter(s -> s.exercise().service().main() == main)
            .mapToInt(s -> s.dose().heldSecondsPerSide(request.facts().pace()))
            .sum();
    int perSide = dose.repetitions() * dose.sets() * dose.units().count();
    int most =
        Math.min(
            planOf(step, request).bounds().greatest() - dose.quantity(),
            (plan.heldSecondsPerTissue() - held) / perSide);
    for (int more = most; more > 0; more--) {
      List<Step> longer = new ArrayList<>(steps);
      longer.set(index, step.withDose(dose.withQuantity(dose.quantity() + more)));
      if (slackSeconds(longer, request) >= 0) {
        return longer.get(index);
      }
    }
    return step;
  }

  private static DosePlan planOf(Step step, RoutineRequest request) {
    return methods(step.exercise(), request)
        .map(method -> step.exercise().dose(method).orElseThrow())
        .filter(own -> own.usual().form().getClass() == step.dose().form().getClass())
        .filter(own -> own.bounds().contains(step.dose().quantity()))
        .findFirst()
        .orElseThrow();
  }

  private static int slackSeconds(List<Step> steps, RoutineRequest request) {
    long length =
        CueSheetWriter.write(steps, request.facts().pace(), request.facts().notation())
            .lengthMillis();
    return (int) Math.floorDiv(request.budgetSeconds() * 1000L - length, 1000L);
  }

  // ---- explanations

  private List<ShortPhase> shortPhases(Attempt attempt, RoutineRequest request) {
    List<ShortPhase> shortPhases = new ArrayList<>();
    for (int p = 0; p < plan.phases().size(); p++) {
      Phase phase = plan.phases().get(p);
      int least = phase.leastSeconds(request.budgetSeconds());
      int got = attempt.seconds(phase.kinds());
      if (got < least) {
        String cause =
            attempt.groups().get(p).isEmpty()
                ? "nothing is allowed in it"
                : "nothing more fits in %d s".formatted(least - got);
        shortPhases.add(new ShortPhase(phase.name(), got, least, cause));
      }
    }
    return shortPhases;
  }

  private List<Rejection> rejections(Attempt attempt, Map<String, Reason> gated) {
    Map<String, Exercise> byId =
        library.exercises().stream().collect(Collectors.toMap(Exercise::id, Function.identity()));
    Map<String, Reason> reasons = new TreeMap<>(gated);
    Map<String, Set<String>> takenByGroup =
        attempt.chosen().stream()
            .map(Option::exercise)
            .collect(
                Collectors.groupingBy(
                    Composer::groupOf, Collectors.mapping(Exercise::title, Collectors.toSet())));
    Set<String> taken =
        attempt.chosen().stream().map(o -> o.exercise().id()).collect(Collectors.toSet());
    attempt
        .options()
        .forEach(
            (id, options) -> {
              if (!taken.contains(id)) {
                reasons.put(id, outweighed(byId.get(id), options, takenByGroup, attempt));
              }
            });
    return reasons.entrySet().stream()
        .map(entry -> new Rejection(byId.get(entry.getKey()), entry.getValue()))
        .toList();
  }

  private Reason outweighed(
      Exercise exercise,
      List<Option> options,
      Map<String, Set<String>> takenByGroup,
      Attempt attempt) {
    Phase phase = plan.phaseOf(exercise.kind()).orElseThrow();
    int greatest = attempt.problem().phases().get(plan.phases().indexOf(phase)).greatest();
    int needed = options.stream().mapToInt(Option::charge).min().orElseThrow();
    if (needed > greatest) {
      return new Rejection.NoRoom(phase.name(), needed, greatest);
    }
    Set<String> better = takenByGroup.get(groupOf(exercise));
    return better == null
        ? new Rejection.WorthLess(phase.name())
        : new Rejection.SameServedBetter(better);
  }
}
