package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.routine.Composition.ShortPhase;
import org.nimblet.core.routine.Rejection.Reason;

/** What is said of a choice: what is missing, what is left out, and why. */
final class CompositionReasons {

  /** How finely the least time of a purpose is looked for, seconds. */
  private static final int SEARCH_STEP = 15;

  /** A routine that fills less of its minutes says what is missing, percent (ours). */
  private static final int FILLED_PERCENT = 90;

  private final ExerciseLibrary library;
  private final PurposePlan plan;
  private final Attempts attempts;

  CompositionReasons(ExerciseLibrary library, PurposePlan plan, Attempts attempts) {
    this.library = library;
    this.plan = plan;
    this.attempts = attempts;
  }

  /** Why nothing of what the purpose is named for came of it. */
  String whyNone(RoutineRequest request, Attempt attempt) {
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
    return nearestReason(named, request)
        .map(nearest -> none + "nothing of the kind %s is allowed. %s".formatted(verb, nearest))
        .orElse(none + "the library has nothing of the kind %s.".formatted(verb));
  }

  /**
   * What keeps out the exercises that come nearest to being allowed: those that the fewest gates
   * close. Of several such reasons the one that is said most often.
   */
  private Optional<String> nearestReason(List<Exercise> exercises, RoutineRequest request) {
    TreeMap<Long, Map<String, Long>> byGatesClosed = new TreeMap<>();
    for (Exercise exercise : exercises) {
      List<String> closed =
          Gate.answers(exercise, plan, request).stream()
              .flatMap(answer -> answer.closed().stream())
              .toList();
      if (!closed.isEmpty()) {
        byGatesClosed
            .computeIfAbsent((long) closed.size(), n -> new TreeMap<>())
            .merge(closed.get(0), 1L, Long::sum);
      }
    }
    return Optional.ofNullable(byGatesClosed.firstEntry())
        .flatMap(
            nearest -> nearest.getValue().entrySet().stream().max(Map.Entry.comparingByValue()))
        .map(Map.Entry::getKey);
  }

  /** The least time in which the purpose can be served, if any is long enough. */
  private Optional<Integer> leastSeconds(RoutineRequest request) {
    WarmChoice choice = new WarmChoice(library, plan, attempts);
    for (int seconds = request.budgetSeconds() + SEARCH_STEP;
        seconds <= RoutineRequest.GREATEST_SECONDS;
        seconds += SEARCH_STEP) {
      Attempt attempt = choice.best(request.withBudget(seconds), List.of(), StepLengths.ANY);
      if (attempt.chosen().stream().anyMatch(o -> plan.namedFor().contains(o.exercise().kind()))) {
        return Optional.of(seconds);
      }
    }
    return Optional.empty();
  }

  /** The phases that got less than they should. */
  List<ShortPhase> shortPhases(Attempt attempt, RoutineRequest request) {
    List<ShortPhase> shortPhases = new ArrayList<>();
    for (int p = 0; p < plan.phases().size(); p++) {
      Phase phase = plan.phases().get(p);
      int least = attempt.leastSeconds(plan, p, request.budgetSeconds());
      int got = attempt.seconds(phase);
      if (got < least) {
        String cause =
            attempt.open().get(p)
                ? whyShort(attempt, phase, request.budgetSeconds())
                : "nothing is allowed in it";
        shortPhases.add(new ShortPhase(phase.name(), got, least, cause));
      }
    }
    int all = attempt.seconds(plan);
    int filled = request.budgetSeconds() * FILLED_PERCENT / 100;
    if (all < filled) {
      shortPhases.add(
          new ShortPhase("The whole", all, request.budgetSeconds(), whyUnfilled(attempt, request)));
    }
    return shortPhases;
  }

  /** Why minutes stay free though something is left, counted over what is left. */
  private String whyUnfilled(Attempt attempt, RoutineRequest request) {
    int allowed = attempt.options().size() - attempt.chosen().size() + request.pinned().size();
    List<Exercise> gated =
        library.exercises().stream()
            .filter(exercise -> attempt.gated().containsKey(exercise.id()))
            .filter(exercise -> plan.phaseOf(exercise).isPresent())
            .toList();
    String left =
        allowed == 0
            ? "everything that is allowed is there"
            : "of the %d that are left, each would only repeat what is there, or is one new or intense exercise too many"
                .formatted(allowed);
    return nearestReason(gated, request)
        .map(nearest -> left + "; for the rest: " + nearest)
        .orElse(left);
  }

  /** Why a phase has no more, though something is allowed in it. */
  private String whyShort(Attempt attempt, Phase phase, int budgetSeconds) {
    Set<String> taken =
        attempt.chosen().stream().map(o -> o.exercise().id()).collect(Collectors.toSet());
    int free = budgetSeconds - attempt.seconds(plan);
    return attempt.options().entrySet().stream()
        .filter(own -> !taken.contains(own.getKey()))
        .flatMap(own -> own.getValue().stream())
        .filter(option -> phase.takes(option.exercise()))
        .min(Comparator.comparingInt(Option::charge))
        .map(
            shortest ->
                shortest.charge() > free
                    ? "the shortest of what is left takes %s, and of the whole %s are free"
                        .formatted(TimeWords.words(shortest.charge()), TimeWords.words(free))
                    : "what is left would only repeat what is there, or is one new or intense"
                        + " exercise too many")
        .orElse("everything that is allowed in it is there");
  }

  /** What is not in the routine, each with the reason that decided. */
  List<Rejection> rejections(Attempt attempt, RoutineRequest request) {
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
