package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Choice.Share;
import org.nimblet.core.routine.Rejection.Reason;

/** The doses at which an exercise could stand in a routine, with what each is worth. */
final class Options {

  /** Levels of the usual dose, per cent; they vary times, repetitions or breaths, never load. */
  private static final List<Integer> LEVELS = List.of(60, 80, 100, 120);

  /** What a dose by the person's own method is worth more, per cent (ours). */
  private static final int LIKED_METHOD_PERCENT = 120;

  /** What movement under load is worth where quiet holds are preferred, per cent (ours). */
  private static final int NOT_ISOMETRIC_PERCENT = 80;

  private final PurposePlan plan;
  private final RoutineRequest request;
  private final Map<String, String> unsound = new HashMap<>();

  Options(PurposePlan plan, RoutineRequest request) {
    this.plan = plan;
    this.request = request;
  }

  /**
   * The options of an exercise that no gate closes: by the method the person likes, or by the usual
   * one where none of those may stand here.
   */
  List<Option> of(Exercise exercise) {
    return methods(exercise)
        .map(method -> options(exercise, method))
        .filter(options -> !options.isEmpty())
        .findFirst()
        .orElse(List.of());
  }

  /** Why an exercise has no options although no gate closes it. */
  Reason whyNone(Exercise exercise) {
    String why = unsound.get(exercise.id());
    return why == null
        ? new Rejection.HoldsTooLong(request.heldSecondsPerTissue(plan))
        : new Rejection.NoSoundDose(why);
  }

  private Stream<Method> methods(Exercise exercise) {
    return Stream.of(request.facts().method(), exercise.usualMethod())
        .filter(method -> exercise.dose(method).isPresent())
        .distinct();
  }

  private List<Option> options(Exercise exercise, Method method) {
    DosePlan dosePlan = exercise.dose(method).orElseThrow();
    Optional<Side> only = Gate.onlySide(exercise, plan, request);
    Dose usual = OwnLoad.of(exercise, usual(dosePlan, only), request).orElseThrow();
    Position position = Gate.position(exercise, request.facts()).orElseThrow();
    Map<Thing, Substitution> standIns =
        Substitution.resolve(exercise.demands().things(), request.facts().things()).orElseThrow();
    Side first =
        only.orElse(
            usual.laterality() == Laterality.WORKING_SIDE
                ? request.workingSide(exercise)
                : request.facts().weakerSide());
    List<Option> options = new ArrayList<>();
    Dose last = null;
    for (int level : LEVELS) {
      Dose dose = atLevel(usual, level, exercise, dosePlan);
      if (dose.equals(last)) {
        continue;
      }
      last = dose;
      Step step =
          new Step(
              exercise, dose, position, first, standIns, true, request.use().digitsFor(exercise));
      Optional<String> wrong = DoseRules.unsound(step, request);
      wrong.ifPresent(why -> unsound.putIfAbsent(exercise.id(), why));
      Option option = option(step, level, method);
      if (wrong.isEmpty() && option.heldSeconds() <= request.heldSecondsPerTissue(plan)) {
        options.add(option);
      }
    }
    return options;
  }

  private static Dose usual(DosePlan dosePlan, Optional<Side> only) {
    Dose usual = dosePlan.usual();
    return only.isPresent() && usual.laterality().sidesApart()
        ? usual.withLaterality(Laterality.ONE_SIDE)
        : usual;
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
    Method method = request.facts().method();
    DosePlan own = step.exercise().planOf(step.dose(), method);
    int level = step.dose().quantity() * 100 / own.usual().quantity();
    Option option = option(step, level, step.exercise().usualMethod());
    Choice choice = option.choice();
    return new Option(
        step,
        new Choice(
            choice.exerciseId(),
            choice.level(),
            choice.seconds(),
            choice.points(),
            choice.served(),
            choice.daysSince(),
            choice.method(),
            false,
            true),
        option.charge(),
        option.heldSeconds());
  }

  private Option option(Step step, int level, Method method) {
    Exercise exercise = step.exercise();
    boolean liked = method == request.facts().method() && exercise.doses().size() > 1;
    List<Share> served = served(step);
    OptionalInt daysSince = request.recent().daysSince(exercise.id());
    long base = 1 + served.stream().mapToLong(Share::points).sum();
    int charge =
        (int) ((StepTime.millis(step, request.facts().pace()) + 999) / 1000)
            + SetUp.charge(step.position(), exercise.demands().things());
    int methodPercent = liked ? LIKED_METHOD_PERCENT : 100;
    if (isometricPreferred(step) && !step.dose().form().isStatic()) {
      methodPercent = methodPercent * NOT_ISOMETRIC_PERCENT / 100;
    }
    long points = points(base, level, recencyPercent(daysSince), methodPercent);
    int held =
        exercise.kind() == Kind.STRETCH
            ? step.dose().heldSecondsPerSide(request.facts().pace())
            : 0;
    return new Option(
        step,
        new Choice(exercise.id(), level, charge, points, served, daysSince, method, liked, false),
        charge,
        held);
  }

  private boolean isometricPreferred(Step step) {
    return step.exercise().kind() == Kind.STRENGTHEN
        && step.sides().stream()
            .anyMatch(
                side ->
                    request.facts().health().doseFor(step.exercise(), side).isometricPreferred());
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
