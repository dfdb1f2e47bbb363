package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Composition.NotComposed;
import org.nimblet.core.routine.Rejection.Reason;

/**
 * Composes the routine that does most of what is wanted in the minutes there are.
 *
 * <p>Gate, then options (exercise × level) in groups of one kind and one main target, then the
 * exact choice of {@link ExactSelection}, then order and slack. Same request, same routine.
 */
public final class Composer {

  private final ExerciseLibrary library;
  private final PurposePlan plan;
  private final Attempts attempts;
  private final CompositionReasons reasons;

  /** A composer of routines for one purpose from one library. */
  public Composer(ExerciseLibrary library, Purpose purpose) {
    this.library = library;
    this.plan = PurposePlan.of(purpose);
    this.attempts = new Attempts(library, plan);
    this.reasons = new CompositionReasons(library, plan, attempts);
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
    return compose(request, earlier, StepLengths.ANY);
  }

  /**
   * Composes the best routine of those whose steps are as long as they should be.
   *
   * @param earlier the exercises of up to two earlier routines, by identifier
   * @param lengths how long its steps should be
   */
  public Composition compose(
      RoutineRequest request, List<Set<String>> earlier, StepLengths lengths) {
    if (earlier.size() > 2) {
      throw new IllegalArgumentException(
          "earlier routines (%d) must be 0 to 2".formatted(earlier.size()));
    }
    Optional<String> refused = refusedPins(request);
    if (refused.isPresent()) {
      return new NotComposed(refused.get(), List.of());
    }
    Attempt attempt = new WarmChoice(library, plan, attempts).best(request, earlier, lengths);
    List<Rejection> rejections = reasons.rejections(attempt, request);
    if (attempt.selection().isEmpty()) {
      return new NotComposed(
          "There is no other routine that differs by two exercises or more.", rejections);
    }
    if (attempt.chosen().stream().noneMatch(o -> plan.namedFor().contains(o.exercise().kind()))) {
      return new NotComposed(reasons.whyNone(request, attempt), rejections);
    }
    List<Option> ordered = ordered(attempt);
    if (!lengths.isMetBy(ordered.stream().map(Option::charge).toList())) {
      return new NotComposed(lengths.whyNone(), rejections);
    }
    List<Step> steps = new Slack(plan, request).filled(ordered.stream().map(Option::step).toList());
    return new Composed(
        plan.purpose(),
        steps,
        CueSheetWriter.write(steps, request.facts().pace(), request.facts().notation()),
        ordered.stream().map(Option::choice).toList(),
        rejections,
        reasons.shortPhases(attempt, request),
        attempt.selection().orElseThrow().value());
  }

  /**
   * A request in which some exercises are pinned at their usual dose: each that no gate closes, in
   * the order given, as long as there is time.
   *
   * @param required the exercises by identifier; unknown ones are passed over
   */
  public RoutineRequest requiring(RoutineRequest request, List<String> required) {
    List<Exercise> open =
        required.stream()
            .flatMap(id -> library.find(id).stream())
            .filter(
                exercise -> Gate.closedFor(exercise, Gate.FOR_THE_COACH, plan, request).isEmpty())
            .toList();
    Options options = new Options(plan, request, open);
    List<Step> pinned = new ArrayList<>(request.pinned());
    for (Exercise exercise : open) {
      Optional<Step> step = usual(options.of(exercise)).map(Option::step);
      List<Step> more = new ArrayList<>(pinned);
      step.ifPresent(more::add);
      if (step.isPresent() && refusedPins(request.withPinned(more)).isEmpty()) {
        pinned = more;
      }
    }
    return request.withPinned(pinned);
  }

  /** The option nearest to the usual dose. */
  private static Optional<Option> usual(List<Option> options) {
    return options.stream()
        .min(Comparator.comparing(option -> Math.abs(option.choice().level() - Options.USUAL)));
  }

  /** The choice behind a routine, for comparison with other solvers. */
  SelectionProblem problem(RoutineRequest request) {
    return attempts
        .attempt(attempts.asked(request, List.of(), StepLengths.ANY), Map.of(), 0)
        .problem();
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
   * @param worth what each of its seconds is worth, to compare with others
   * @param why what speaks for it, as a sentence
   */
  public record Offer(Step step, int seconds, long worth, String why) {}

  /** What is allowed in the purpose and not among some exercises, the most valuable first. */
  public List<Offer> offers(RoutineRequest request, Set<String> taken) {
    List<Exercise> open =
        library.exercises().stream()
            .filter(exercise -> !taken.contains(exercise.id()))
            .filter(
                exercise -> Gate.closedFor(exercise, Gate.FOR_THE_COACH, plan, request).isEmpty())
            .toList();
    Options options = new Options(plan, request, open);
    List<Offer> offers = new ArrayList<>();
    for (Exercise exercise : open) {
      usual(options.of(exercise))
          .ifPresent(
              o ->
                  offers.add(
                      new Offer(o.step(), o.charge(), o.worth().points(), o.choice().sentence())));
    }
    offers.sort(
        Comparator.comparing(Offer::worth)
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
    Options options = new Options(plan, request, List.of());
    int pinned = request.pinned().stream().mapToInt(s -> options.pinned(s).charge()).sum();
    boolean floor = request.pinned().stream().anyMatch(s -> options.pinned(s).floor());
    int needed = pinned + (floor ? SetUp.floorCharge() : 0);
    return needed > request.secondsForSteps()
        ? Optional.of(
            "The pinned steps take %s; there are only %s."
                .formatted(TimeWords.words(needed), TimeWords.words(request.budgetSeconds())))
        : Optional.empty();
  }

  /** The sets of a circuit stay together, where the most intense of them would stand. */
  private List<Option> ordered(Attempt attempt) {
    List<Option> ordered = new ArrayList<>();
    for (int p = 0; p < plan.phases().size(); p++) {
      int phase = p;
      List<Option> own =
          attempt.chosen().stream()
              .filter(option -> plan.placeOf(option.exercise()) == phase)
              .toList();
      Comparator<Option> order = Option.order(plan.phases().get(p));
      List<Option> circuit = own.stream().filter(o -> o.step().circuit() > 0).toList();
      List<Option> places =
          new ArrayList<>(own.stream().filter(o -> o.step().circuit() == 0).toList());
      circuit.stream().max(order).ifPresent(places::add);
      places.stream()
          .sorted(order)
          .forEach(
              option -> ordered.addAll(option.step().circuit() > 0 ? circuit : List.of(option)));
    }
    return ordered;
  }
}
