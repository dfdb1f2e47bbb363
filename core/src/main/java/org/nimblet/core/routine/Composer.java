package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
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

  /** How finely the least time of a purpose is looked for, seconds. */
  private static final int SEARCH_STEP = 15;

  /** How often warming is given a little more time. */
  private static final int WARMER_TRIES = 4;

  private static final int WHOLE_SECOND = 1000;

  private final ExerciseLibrary library;
  private final PurposePlan plan;

  /** A composer of routines for one purpose from one library. */
  public Composer(ExerciseLibrary library, Purpose purpose) {
    this.library = library;
    this.plan = PurposePlan.of(purpose);
  }

  /** Composes the best routine, or says why there is none. */
  public Composition compose(RoutineRequest request) {
    return compose(request, List.of());
  }

  /**
   * Composes the best routine that has at least two exercises which each of the earlier ones has
   * not.
   *
   * @param earlier the exercises of up to two earlier routines, by identifier
   */
  public Composition compose(RoutineRequest request, List<Set<String>> earlier) {
    if (earlier.size() > 2) {
      throw new IllegalArgumentException(
          "earlier routines (%d) must be 0 to 2".formatted(earlier.size()));
    }
    Optional<String> refused = refusedPins(request);
    if (refused.isPresent()) {
      return new NotComposed(refused.get(), List.of());
    }
    Attempt attempt = best(request, earlier);
    List<Rejection> rejections = rejections(attempt, request);
    if (attempt.selection().isEmpty()) {
      return new NotComposed(
          "There is no other routine that differs by two exercises or more.", rejections);
    }
    if (attempt.chosen().stream().noneMatch(o -> plan.namedFor().contains(o.exercise().kind()))) {
      return new NotComposed(whyNone(request, attempt), rejections);
    }
    List<Option> ordered = ordered(attempt);
    List<Step> steps = withSlack(ordered.stream().map(Option::step).toList(), request);
    return new Composed(
        plan.purpose(),
        steps,
        CueSheetWriter.write(steps, request.facts().pace(), request.facts().notation()),
        ordered.stream().map(Option::choice).toList(),
        rejections,
        shortPhases(attempt, request),
        attempt.selection().orElseThrow().value());
  }

  /** The choice behind a routine, for comparison with other solvers. */
  SelectionProblem problem(RoutineRequest request) {
    return attempt(asked(request, List.of()), Map.of(), 0).problem();
  }

  /**
   * Why not this exercise: what each gate says, and what decided.
   *
   * @param answers every gate in order
   * @param decided the sentence that decided; empty if it is in the routine
   */
  public record WhyNot(List<Gate.Answer> answers, Optional<String> decided) {}

  /** Why an exercise is not in the routine that is composed for a request. */
  public WhyNot whyNot(Exercise exercise, RoutineRequest request) {
    Composition composition = compose(request);
    List<Rejection> rejections =
        composition instanceof Composed composed
            ? composed.rejections()
            : ((NotComposed) composition).rejections();
    return new WhyNot(
        Gate.answers(exercise, plan, request),
        rejections.stream()
            .filter(rejection -> rejection.exercise().equals(exercise))
            .findFirst()
            .map(Rejection::sentence));
  }

  /**
   * What could be added to a routine.
   *
   * @param step the exercise at its usual dose
   * @param seconds what it takes, set-up included
   * @param points what it is worth
   */
  public record Offer(Step step, int seconds, long points) {}

  /** What is allowed in the purpose and not among some exercises, the most valuable first. */
  public List<Offer> offers(RoutineRequest request, Set<String> taken) {
    Options options = new Options(plan, request);
    List<Offer> offers = new ArrayList<>();
    for (Exercise exercise : library.exercises()) {
      if (!taken.contains(exercise.id())
          && Gate.closedFor(exercise, Gate.FOR_THE_COACH, plan, request).isEmpty()) {
        options.of(exercise).stream()
            .min(Comparator.comparing(o -> Math.abs(o.choice().level() - 100)))
            .ifPresent(o -> offers.add(new Offer(o.step(), o.charge(), o.choice().points())));
      }
    }
    offers.sort(
        Comparator.comparing(Offer::points)
            .reversed()
            .thenComparing(offer -> offer.step().exercise().id()));
    return offers;
  }

  /** What the gates keep out of the purpose, with the reason that decides. */
  public List<Rejection> closed(RoutineRequest request) {
    List<Rejection> closed = new ArrayList<>();
    for (Exercise exercise : library.exercises()) {
      Gate.closedFor(exercise, Gate.FOR_THE_COACH, plan, request)
          .ifPresent(reason -> closed.add(new Rejection(exercise, reason)));
    }
    return closed;
  }

  // ---- pinned steps

  /** Pinned steps that safety forbids are refused, whoever pinned them. */
  private Optional<String> refusedPins(RoutineRequest request) {
    for (Step step : request.pinned()) {
      for (Gate gate : Gate.OF_PINNED) {
        Optional<Reason> reason =
            step.sides().stream()
                .flatMap(side -> gate.closed(step.exercise(), side, plan, request).stream())
                .findFirst();
        if (reason.isPresent()) {
          return Optional.of(
              "%s is pinned and may not be done. %s"
                  .formatted(step.exercise().title(), reason.get().sentence(step.exercise())));
        }
      }
    }
    Options options = new Options(plan, request);
    int pinned = request.pinned().stream().mapToInt(s -> options.pinned(s).charge()).sum();
    boolean floor = request.pinned().stream().anyMatch(s -> options.pinned(s).floor());
    int needed = pinned + (floor ? SetUp.floorCharge() : 0);
    return needed > request.budgetSeconds()
        ? Optional.of(
            "The pinned steps take %s; there are only %s."
                .formatted(TimeWords.words(needed), TimeWords.words(request.budgetSeconds())))
        : Optional.empty();
  }

  // ---- options and groups

  /** One exercise, or two different ones, of a group. */
  private record Picked(List<Option> options, Composite composite) {}

  private record Attempt(
      Map<String, Reason> gated,
      Map<String, List<Option>> options,
      List<List<List<Picked>>> groups,
      SelectionProblem problem,
      Optional<Selection> selection,
      List<Option> chosen) {

    long value() {
      return selection.map(Selection::value).orElse(Long.MIN_VALUE);
    }

    int seconds(Phase phase) {
      return chosen.stream()
          .filter(option -> phase.takes(option.exercise()))
          .mapToInt(Option::charge)
          .sum();
    }
  }

  private List<Option> ordered(Attempt attempt) {
    List<Option> ordered = new ArrayList<>();
    for (int p = 0; p < plan.phases().size(); p++) {
      int phase = p;
      attempt.chosen().stream()
          .filter(option -> plan.placeOf(option.exercise()) == phase)
          .sorted(Option.order(plan.phases().get(p)))
          .forEach(ordered::add);
    }
    return ordered;
  }

  /**
   * One exact choice.
   *
   * @param closed exercises that are left out besides those that the gates close
   * @param leastMobilising seconds that the phase with mobilising should get at least
   */
  private Attempt attempt(Asked asked, Map<String, Reason> closed, int leastMobilising) {
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

  /** A request with what does not change from one attempt to the next. */
  private record Asked(
      RoutineRequest request,
      List<Set<String>> earlier,
      List<Option> pinned,
      Map<String, List<Option>> options,
      Map<String, Reason> gated) {}

  private Asked asked(RoutineRequest request, List<Set<String>> earlier) {
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

  // ---- what the first choice shows

  /**
   * The best choice in which nothing stands cold or out of place. If the first one warms the hands
   * too little, there are two ways: to leave out what needs warm hands, or to give warming more
   * time. The one whose phases miss fewer seconds is taken; among equals the more valuable.
   */
  private Attempt best(RoutineRequest request, List<Set<String>> earlier) {
    Asked asked = asked(request, earlier);
    Attempt first = attempt(asked, Map.of(), 0);
    Map<String, Reason> out = outOfPlace(first);
    Attempt fitting = out.isEmpty() ? first : attempt(asked, out, 0);
    if (isWarm(fitting, request)) {
      return fitting;
    }
    Map<String, Reason> cold = new TreeMap<>(fitting.gated());
    int warming = warmingSeconds(fitting, request);
    for (Exercise exercise : library.exercises()) {
      if (Warmth.isNeededFor(exercise)) {
        cold.putIfAbsent(exercise.id(), new Rejection.NotWarm(warming));
      }
    }
    Attempt without = attempt(asked, cold, 0);
    return warmer(asked, fitting)
        .filter(warm -> isBetter(warm, without, request.budgetSeconds()))
        .orElse(without);
  }

  private boolean isBetter(Attempt one, Attempt other, int budgetSeconds) {
    int missing = missingSeconds(one, budgetSeconds) - missingSeconds(other, budgetSeconds);
    return missing < 0 || (missing == 0 && one.value() > other.value());
  }

  private int missingSeconds(Attempt attempt, int budgetSeconds) {
    return attempt.selection().isEmpty()
        ? Integer.MAX_VALUE / 2
        : plan.phases().stream()
            .mapToInt(p -> Math.max(0, p.leastSeconds(budgetSeconds) - attempt.seconds(p)))
            .sum();
  }

  /** The best choice with so much mobilising that the hands get warm, if that can be. */
  private Optional<Attempt> warmer(Asked asked, Attempt cold) {
    RoutineRequest request = asked.request();
    int mobilising = Warmth.WARMING_SECONDS;
    Map<String, Reason> besideWarming = besideWarming();
    for (int tries = 0; tries < WARMER_TRIES; tries++) {
      Map<String, Reason> closed = outOfPlace(cold);
      closed.putAll(besideWarming);
      Attempt warm = attempt(asked, closed, mobilising);
      if (warm.selection().isEmpty()) {
        return Optional.empty();
      }
      Map<String, Reason> again = outOfPlace(warm);
      again.putAll(besideWarming);
      Attempt fitting = again.equals(closed) ? warm : attempt(asked, again, mobilising);
      if (isWarm(fitting, request)) {
        return Optional.of(fitting);
      }
      mobilising += Warmth.WARMING_SECONDS - warmingSeconds(fitting, request);
    }
    return Optional.empty();
  }

  /** What shares the phase with mobilising and does not warm. */
  private Map<String, Reason> besideWarming() {
    Map<String, Reason> closed = new TreeMap<>();
    for (Exercise exercise : library.exercises()) {
      plan.phaseOf(exercise)
          .filter(phase -> phase.kinds().contains(Kind.MOBILISE) && !Warmth.warms(exercise))
          .ifPresent(p -> closed.put(exercise.id(), new Rejection.WorthLess(p.name())));
    }
    return closed;
  }

  /** Stretches of what is not strengthened, where only that is stretched. */
  private Map<String, Reason> outOfPlace(Attempt attempt) {
    Map<String, Reason> closed = new TreeMap<>();
    if (!plan.stretchesWhatItWorks()) {
      return closed;
    }
    Set<Tissue> worked = workedTissues(attempt);
    for (Exercise exercise : library.exercises()) {
      if (exercise.kind() == Kind.STRETCH
          && Collections.disjoint(worked, exercise.service().workedTissues())) {
        closed.put(exercise.id(), new Rejection.NotWorked());
      }
    }
    return closed;
  }

  private static boolean isWarm(Attempt attempt, RoutineRequest request) {
    return request.around().warmed()
        || warmingSeconds(attempt, request) >= Warmth.WARMING_SECONDS
        || attempt.chosen().stream().noneMatch(o -> Warmth.isNeededFor(o.exercise()));
  }

  private static int warmingSeconds(Attempt attempt, RoutineRequest request) {
    long millis =
        attempt.chosen().stream()
            .filter(option -> Warmth.warms(option.exercise()))
            .mapToLong(option -> StepTime.millis(option.step(), request.facts().pace()))
            .sum();
    return (int) (millis / WHOLE_SECOND);
  }

  private static Set<Tissue> workedTissues(Attempt attempt) {
    Set<Tissue> worked = EnumSet.noneOf(Tissue.class);
    attempt.chosen().stream()
        .map(Option::exercise)
        .filter(exercise -> exercise.kind() == Kind.STRENGTHEN)
        .forEach(exercise -> worked.addAll(exercise.service().workedTissues()));
    return worked;
  }

  // ---- slack

  /** Fills what is left: rests to their greatest, then the last stretch, in whole seconds. */
  private List<Step> withSlack(List<Step> chosen, RoutineRequest request) {
    List<Step> steps = new ArrayList<>(chosen);
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      Dose dose = step.dose();
      int rests = dose.rests();
      if (rests > 0 && !request.pinned().contains(step)) {
        DosePlan own = step.exercise().planOf(dose, request.facts().method());
        int more =
            Math.min(
                own.greatestRestSeconds() - dose.restSeconds(),
                slackSeconds(steps, request) / rests);
        Step rested = step.withDose(dose.withRest(dose.restSeconds() + Math.max(0, more)));
        if (DoseRules.unsound(rested, request).isEmpty()) {
          steps.set(i, rested);
        }
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
    if (!(dose.form() instanceof DoseForm.Hold) || request.pinned().contains(step)) {
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
            step.exercise().planOf(dose, request.facts().method()).bounds().greatest()
                - dose.quantity(),
            (request.heldSecondsPerTissue(plan) - held) / perSide);
    // A second more of hold takes as many seconds as there are repetitions over all sides; a
    // release
    // may come on top, which is looked at afterwards.
    int fitting = slackSeconds(steps, request) / dose.totalRepetitions();
    for (int more = Math.min(most, fitting); more > 0; more--) {
      List<Step> longer = new ArrayList<>(steps);
      longer.set(index, step.withDose(dose.withQuantity(dose.quantity() + more)));
      if (slackSeconds(longer, request) >= 0
          && DoseRules.unsound(longer.get(index), request).isEmpty()) {
        return longer.get(index);
      }
    }
    return step;
  }

  private static int slackSeconds(List<Step> steps, RoutineRequest request) {
    long length = RoutineTime.of(steps, request.facts().pace()).lengthMillis();
    return (int)
        Math.floorDiv(request.budgetSeconds() * (long) WHOLE_SECOND - length, WHOLE_SECOND);
  }

  // ---- explanations

  private String whyNone(RoutineRequest request, Attempt attempt) {
    Map<String, Reason> gated = attempt.gated();
    List<Exercise> named =
        library.exercises().stream()
            .filter(exercise -> plan.namedFor().contains(exercise.kind()))
            .toList();
    String verb =
        plan.namedFor().stream()
            .map(kind -> kind.word().toLowerCase(Locale.ROOT))
            .sorted()
            .collect(Collectors.joining(" or "));
    String none =
        "No %s in %s: ".formatted(plan.purpose().noun(), TimeWords.words(request.budgetSeconds()));
    if (named.stream().anyMatch(exercise -> attempt.options().containsKey(exercise.id()))) {
      return none
          + leastSeconds(request)
              .map(least -> "at least %s are needed.".formatted(TimeWords.words(least)))
              .orElse(
                  "what is allowed of the kind %s does not fit beside the rest.".formatted(verb));
    }
    Map<String, Long> reasons =
        named.stream()
            .filter(exercise -> gated.containsKey(exercise.id()))
            .map(exercise -> gated.get(exercise.id()).sentence(exercise))
            .collect(Collectors.groupingBy(s -> s, TreeMap::new, Collectors.counting()));
    return reasons.entrySet().stream()
        .max(Map.Entry.<String, Long>comparingByValue())
        .map(most -> none + "nothing of the kind %s is allowed. %s".formatted(verb, most.getKey()))
        .orElse(none + "the library has nothing of the kind %s.".formatted(verb));
  }

  /** The least time in which the purpose can be served, if any is long enough. */
  private Optional<Integer> leastSeconds(RoutineRequest request) {
    for (int seconds = request.budgetSeconds() + SEARCH_STEP;
        seconds <= RoutineRequest.GREATEST_SECONDS;
        seconds += SEARCH_STEP) {
      Attempt attempt = attempt(asked(request.withBudget(seconds), List.of()), Map.of(), 0);
      if (attempt.chosen().stream().anyMatch(o -> plan.namedFor().contains(o.exercise().kind()))) {
        return Optional.of(seconds);
      }
    }
    return Optional.empty();
  }

  private List<ShortPhase> shortPhases(Attempt attempt, RoutineRequest request) {
    List<ShortPhase> shortPhases = new ArrayList<>();
    for (int p = 0; p < plan.phases().size(); p++) {
      Phase phase = plan.phases().get(p);
      int least = phase.leastSeconds(request.budgetSeconds());
      int got = attempt.seconds(phase);
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

  private List<Rejection> rejections(Attempt attempt, RoutineRequest request) {
    Map<String, Reason> gated = attempt.gated();
    Map<String, Set<String>> takenByGroup =
        attempt.chosen().stream()
            .collect(
                Collectors.groupingBy(
                    Option::group,
                    Collectors.mapping(o -> o.exercise().title(), Collectors.toSet())));
    Set<String> taken = new HashSet<>();
    attempt.chosen().forEach(option -> taken.add(option.exercise().id()));
    List<Rejection> rejections = new ArrayList<>();
    for (Exercise exercise : library.exercises()) {
      if (taken.contains(exercise.id())) {
        continue;
      }
      Reason reason = gated.get(exercise.id());
      if (reason == null) {
        reason =
            outweighed(attempt.options().get(exercise.id()), takenByGroup, request.budgetSeconds());
      }
      rejections.add(new Rejection(exercise, reason));
    }
    rejections.sort(Comparator.comparing(Rejection::exercise));
    return rejections;
  }

  private Reason outweighed(
      List<Option> options, Map<String, Set<String>> takenByGroup, int budgetSeconds) {
    Phase phase = plan.phaseOf(options.get(0).exercise()).orElseThrow();
    int greatest = phase.greatestSeconds(budgetSeconds);
    int needed = options.stream().mapToInt(Option::charge).min().orElseThrow();
    if (needed > greatest) {
      return new Rejection.NoRoom(phase.name(), needed, greatest);
    }
    Set<String> better = takenByGroup.get(options.get(0).group());
    return better == null
        ? new Rejection.WorthLess(phase.name())
        : new Rejection.SameServedBetter(better);
  }
}
