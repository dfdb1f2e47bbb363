package org.nimblet.core.routine;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.Rejection.Reason;

/** The best choice in which nothing stands cold or out of place. */
final class WarmChoice {

  /** How often warming is given a little more time. */
  private static final int WARMER_TRIES = 4;

  private static final int MILLIS_A_SECOND = 1000;

  private final ExerciseLibrary library;
  private final PurposePlan plan;
  private final Attempts attempts;

  WarmChoice(ExerciseLibrary library, PurposePlan plan, Attempts attempts) {
    this.library = library;
    this.plan = plan;
    this.attempts = attempts;
  }

  /**
   * The best choice in which nothing stands cold or out of place. If the first one warms the hands
   * too little, there are two ways: to leave out what needs warm hands, or to give warming more
   * time. The one whose phases miss fewer seconds is taken; among equals the more valuable.
   */
  Attempt best(RoutineRequest request, List<Set<String>> earlier, StepLengths lengths) {
    Attempts.Asked asked = attempts.asked(request, earlier, lengths);
    Attempt fitting = inPlace(asked, Map.of(), 0);
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
    Attempt without = inPlace(asked, cold, 0);
    return warmer(asked, fitting)
        .filter(warm -> isBetter(warm, without, request.budgetSeconds()))
        .orElse(without);
  }

  /**
   * The best choice without what is closed, in which nothing is stretched that is not worked.
   *
   * @param mobilising seconds that the phase with mobilising should get at least
   */
  private Attempt inPlace(Attempts.Asked asked, Map<String, Reason> closed, int mobilising) {
    Map<String, Reason> all = new TreeMap<>(closed);
    Attempt attempt = attempts.attempt(asked, all, mobilising);
    for (Map<String, Reason> out = outOfPlace(attempt);
        !all.keySet().containsAll(out.keySet());
        out = outOfPlace(attempt)) {
      out.forEach(all::putIfAbsent);
      attempt = attempts.attempt(asked, all, mobilising);
    }
    return attempt;
  }

  private boolean isBetter(Attempt one, Attempt other, int budgetSeconds) {
    int missing = missingSeconds(one, budgetSeconds) - missingSeconds(other, budgetSeconds);
    return missing < 0 || (missing == 0 && one.value() > other.value());
  }

  private int missingSeconds(Attempt attempt, int budgetSeconds) {
    return attempt.selection().isEmpty()
        ? Integer.MAX_VALUE / 2
        : IntStream.range(0, plan.phases().size())
            .map(
                p ->
                    Math.max(
                        0,
                        attempt.leastSeconds(plan, p, budgetSeconds)
                            - attempt.seconds(plan.phases().get(p))))
            .sum();
  }

  /** The best choice with so much mobilising that the hands get warm, if that can be. */
  private Optional<Attempt> warmer(Attempts.Asked asked, Attempt cold) {
    RoutineRequest request = asked.request();
    int mobilising = Warmth.WARMING_SECONDS;
    Map<String, Reason> closed = outOfPlace(cold);
    closed.putAll(besideWarming());
    for (int tries = 0; tries < WARMER_TRIES; tries++) {
      Attempt fitting = inPlace(asked, closed, mobilising);
      if (fitting.selection().isEmpty()) {
        return Optional.empty();
      } else if (isWarm(fitting, request)) {
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
    return (int) (millis / MILLIS_A_SECOND);
  }

  private static Set<Tissue> workedTissues(Attempt attempt) {
    Set<Tissue> worked = EnumSet.noneOf(Tissue.class);
    attempt.chosen().stream()
        .map(Option::exercise)
        .filter(exercise -> exercise.kind() == Kind.STRENGTHEN)
        .forEach(exercise -> worked.addAll(exercise.service().workedTissues()));
    return worked;
  }
}
