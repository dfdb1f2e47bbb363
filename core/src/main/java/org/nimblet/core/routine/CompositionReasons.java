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
      Attempt attempt =
          attempts.attempt(attempts.asked(request.withBudget(seconds), List.of()), Map.of(), 0);
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
            attempt.groups().get(p).isEmpty()
                ? "nothing is allowed in it"
                : "nothing more fits in %d s".formatted(least - got);
        shortPhases.add(new ShortPhase(phase.name(), got, least, cause));
      }
    }
    return shortPhases;
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
