package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Choice.Share;
import org.nimblet.core.routine.Rejection.Reason;

/** The doses at which an exercise could stand in a routine, with what each is worth. */
final class Options {

  /** Levels of the usual dose, per cent; they vary times, repetitions or breaths, never load. */
  private static final List<Integer> LEVELS = List.of(100, 80, 120);

  /** The dose that is due, per cent of itself. */
  static final int USUAL = 100;

  /** A quiet stretch may be done so often (ACSM 2011, from memory: 2 to 4 times). */
  private static final int MOST_REPEATS = 4;

  private final PurposePlan plan;
  private final RoutineRequest request;
  private final Set<Target> likedTargets;
  private final Map<String, String> unsound = new HashMap<>();

  /**
   * Options for a request.
   *
   * @param open what no gate closes
   */
  Options(PurposePlan plan, RoutineRequest request, Collection<Exercise> open) {
    this.plan = plan;
    this.request = request;
    this.likedTargets =
        open.stream()
            .filter(exercise -> exercise.kind() == Kind.STRETCH)
            .filter(exercise -> exercise.dose(request.facts().method()).isPresent())
            .map(exercise -> exercise.service().main())
            .collect(Collectors.toSet());
  }

  /**
   * The options of an exercise that no gate closes: by the method the person likes; where none of
   * those may stand here by the usual one, or by another that takes less time.
   */
  List<Option> of(Exercise exercise) {
    Method liked = request.facts().method();
    if (exercise.dose(liked).isPresent()) {
      List<Option> options = options(exercise, liked);
      if (!options.isEmpty()) {
        return options;
      }
    }
    List<Option> options = new ArrayList<>(options(exercise, exercise.usualMethod()));
    int shortest = options.stream().mapToInt(Option::charge).min().orElse(Integer.MAX_VALUE);
    exercise.doses().keySet().stream()
        .filter(method -> method != exercise.usualMethod() && method != liked)
        .flatMap(method -> options(exercise, method).stream())
        .filter(option -> option.charge() < shortest)
        .forEach(options::add);
    return options;
  }

  /** Why an exercise has no options although no gate closes it. */
  Reason whyNone(Exercise exercise) {
    String why = unsound.get(exercise.id());
    return why == null
        ? new Rejection.HoldsTooLong(request.heldSecondsPerTissue(plan))
        : new Rejection.NoSoundDose(why);
  }

  private List<Option> options(Exercise exercise, Method method) {
    DosePlan dosePlan = exercise.dose(method).orElseThrow();
    Optional<Side> only = Gate.onlySide(exercise, plan, request);
    Optional<RungDose> rung =
        Optional.ofNullable(request.recent().rungs().get(exercise.id()))
            .filter(standing -> standing.method() == method);
    Dose usual =
        rung.map(standing -> onlyOn(standing.dose(), only))
            .orElseGet(
                () -> OwnLoad.of(exercise, onlyOn(dosePlan.usual(), only), request).orElseThrow());
    boolean fresh = rung.filter(RungDose::fresh).isPresent();
    Position position = Gate.position(exercise, request.facts()).orElseThrow();
    Map<Thing, Substitution> standIns =
        Substitution.resolve(exercise.demands().things(), request.facts().things()).orElseThrow();
    Side first =
        only.orElse(
            usual.laterality() == Laterality.WORKING_SIDE
                ? request.workingSide(exercise)
                : request.facts().weakerSide());
    List<Option> options = new ArrayList<>();
    Value value = null;
    for (Map.Entry<Dose, Integer> at : doses(usual, exercise, dosePlan, fresh).entrySet()) {
      Step step =
          new Step(
              exercise,
              at.getKey(),
              position,
              first,
              standIns,
              true,
              request.use().digitsFor(exercise));
      Optional<String> wrong = DoseRules.unsound(step, request);
      wrong.ifPresent(why -> unsound.putIfAbsent(exercise.id(), why));
      value = value == null ? value(step, method, usual) : value;
      Option option = option(step, at.getValue(), value, false);
      if (wrong.isEmpty() && option.heldSeconds() <= request.heldSecondsPerTissue(plan)) {
        options.add(option);
      }
    }
    options.sort(Comparator.comparing((Option option) -> option.choice().level()));
    return options;
  }

  /**
   * The doses that are tried, with their level: shorter and longer ones, and a stretch held less or
   * more often.
   */
  private Map<Dose, Integer> doses(
      Dose usual, Exercise exercise, DosePlan dosePlan, boolean fresh) {
    Map<Dose, Integer> doses = new LinkedHashMap<>();
    for (int level : LEVELS) {
      if (level <= USUAL || !fresh) {
        Dose base = level == USUAL ? usual : usual.withException(Optional.empty());
        Dose dose = atLevel(base, level, exercise, dosePlan);
        doses.putIfAbsent(SideRules.evened(dose, request.facts().pace()), level);
      }
    }
    if (exercise.kind() == Kind.STRETCH && usual.form().isStatic() && usual.exception().isEmpty()) {
      Dose full = atLevel(usual, USUAL, exercise, dosePlan);
      int most =
          fresh ? usual.repetitions() : Math.min(MOST_REPEATS, dosePlan.greatestRepetitions());
      for (int repeats = 1; repeats <= most; repeats++) {
        doses.putIfAbsent(
            full.withRepetitions(repeats, full.sets()), USUAL * repeats / usual.repetitions());
      }
    }
    return doses;
  }

  private static Dose onlyOn(Dose usual, Optional<Side> only) {
    return only.filter(side -> usual.laterality().sidesApart())
        .map(side -> usual.on(side).withLaterality(Laterality.ONE_SIDE))
        .orElse(usual);
  }

  /** Over 60, a quiet hold apart from play lasts at least 30 s where it may last so long. */
  private Dose atLevel(Dose usual, int level, Exercise exercise, DosePlan dosePlan) {
    Dose dose = usual.atLevel(level, dosePlan.bounds());
    boolean longHold =
        request.facts().health().age() == AgeGroup.OVER_60
            && exercise.kind() == Kind.STRETCH
            && dose.form() instanceof DoseForm.Hold
            && !Exercise.holdsSingleFingers(dose);
    return longHold && dose.quantity() < AgeGroup.LONG_HOLD_SECONDS
        ? dose.withQuantity(dosePlan.bounds().clamp(AgeGroup.LONG_HOLD_SECONDS))
        : dose;
  }

  /** A step as an option, whoever made it. */
  Option pinned(Step step) {
    DosePlan own = step.exercise().planOf(step.dose(), request.facts().method());
    int level = step.dose().quantity() * USUAL / own.usual().quantity();
    return option(step, level, value(step, step.exercise().usualMethod(), own.usual()), true);
  }

  /**
   * What all doses of an exercise by one method have in common, done by the same sides.
   *
   * @param method by which it is dosed
   * @param whole what a quarter of a second of it is worth
   * @param cutShort the same where it is less than the dose that is due
   * @param served what it serves
   * @param dueMillis what is worked at the dose that is due
   */
  private record Value(
      Method method, Worth whole, Worth cutShort, List<Share> served, long dueMillis) {}

  private Value value(Step step, Method method, Dose usual) {
    return new Value(
        method,
        Worth.of(step, method, false, plan, request, likedTargets),
        Worth.of(step, method, true, plan, request, likedTargets),
        served(step),
        StepTime.workedMillis(
            usual.withLaterality(step.dose().laterality()), request.facts().pace()));
  }

  private Option option(Step step, int level, Value value, boolean pinned) {
    Exercise exercise = step.exercise();
    Pace pace = request.facts().pace();
    int charge =
        StepTime.chargedSeconds(step, pace)
            + SetUp.charge(
                step.position(), exercise.demands().things(), request.facts().positions());
    int held = exercise.kind() == Kind.STRETCH ? step.dose().heldSecondsPerSide(pace) : 0;
    Worth worth = level < USUAL ? value.cutShort() : value.whole();
    Choice choice =
        new Choice(
            exercise.id(),
            exercise.service().main(),
            level,
            charge,
            value.served(),
            request.recent().daysSince(exercise.id()),
            value.method(),
            worth.tastes(),
            pinned);
    return new Option(step, choice, worth, quarters(step.dose(), value, pace), charge, held);
  }

  /** Quarters of a second that count: what goes beyond the usual dose has no worth of its own. */
  private static int quarters(Dose dose, Value value, Pace pace) {
    long worked = Math.min(StepTime.workedMillis(dose, pace), value.dueMillis());
    return (int) ((4 * worked + 500) / 1000);
  }

  private List<Share> served(Step step) {
    Set<Side> sides = EnumSet.copyOf(step.sides());
    List<Share> shares = new ArrayList<>();
    step.exercise()
        .service()
        .targets()
        .forEach(
            (target, points) -> {
              int weight = sides.stream().mapToInt(s -> request.weights().of(target, s)).sum();
              if (weight > 0) {
                shares.add(new Share(target, weight * points));
              }
            });
    shares.sort(Comparator.comparing(Share::points).reversed().thenComparing(s -> s.target().id()));
    return shares;
  }
}
