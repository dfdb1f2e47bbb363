package org.nimblet.core.routine;

import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Purpose;

/**
 * A step on its ladder: where it stands, and how it would be one rung easier or harder with what is
 * in the hand.
 *
 * @param rungs the words of the rungs, the easiest first; none if its dose is no rung
 * @param at the rung of the step, from 0
 * @param easier the step one rung down; empty at the bottom, or if something else would have to be
 *     fetched
 * @param harder the step one rung up; likewise
 */
public record StepLadder(List<String> rungs, int at, Optional<Step> easier, Optional<Step> harder) {

  /** What is left of a dose that is no rung when it is made easier, per cent (ours). */
  private static final int LESS_PERCENT = 70;

  /** Copies the words. */
  public StepLadder {
    rungs = List.copyOf(rungs);
  }

  /**
   * The ladder of a step; empty if its exercise has none of that form.
   *
   * @param asked for whom, and what lies around it: the harder step is sound there or is not
   *     offered
   */
  public static Optional<StepLadder> of(Step step, RoutineRequest asked, Purpose purpose) {
    int mostHeld = asked.heldSecondsPerTissue(PurposePlan.of(purpose));
    return of(step, asked.facts())
        .map(
            ladder ->
                new StepLadder(
                    ladder.rungs(),
                    ladder.at(),
                    ladder.easier(),
                    ladder.harder().filter(harder -> isSound(harder, asked, mostHeld))));
  }

  private static boolean isSound(Step step, RoutineRequest asked, int mostHeldSeconds) {
    return DoseRules.unsound(step, asked).isEmpty()
        && (step.exercise().kind() != Kind.STRETCH
            || step.dose().heldSecondsPerSide(asked.facts().pace()) <= mostHeldSeconds);
  }

  private static Optional<StepLadder> of(Step step, ClientFacts facts) {
    Exercise exercise = step.exercise();
    if (!exercise.kind().climbs()) {
      return Optional.empty();
    }
    Method method =
        exercise.dose(facts.method()).isPresent() ? facts.method() : exercise.usualMethod();
    Ladder ladder = Ladder.of(exercise, method, OwnLoad.owned(exercise, facts));
    Dose dose = step.dose().on(step.firstSide());
    boolean sameForm = ladder.rungs().get(0).dose().form().getClass() == dose.form().getClass();
    if (ladder.last() == 0 || !sameForm || ladder.volume(0) == ladder.volume(ladder.last())) {
      return Optional.empty();
    }
    for (int rung = 0; rung <= ladder.last(); rung++) {
      if (isLike(ladder.rungs().get(rung).dose(), dose)) {
        return Optional.of(
            new StepLadder(
                ladder.rungs().stream().map(Ladder.Rung::words).toList(),
                rung,
                at(ladder, rung - 1, step),
                at(ladder, rung + 1, step)));
      }
    }
    return between(step, facts.method());
  }

  /** A dose that is no rung, as where time was short: it can be made less, not more. */
  private static Optional<StepLadder> between(Step step, Method liked) {
    Dose own = step.dose();
    Dose.Bounds bounds = step.exercise().planOf(own, liked).bounds();
    Dose less = own.withException(Optional.empty()).atLevel(LESS_PERCENT, bounds);
    return less.equals(own)
        ? Optional.empty()
        : Optional.of(
            new StepLadder(List.of(), 0, Optional.of(step.withDose(less)), Optional.empty()));
  }

  private static boolean isLike(Dose one, Dose other) {
    return one.form().equals(other.form())
        && one.repetitions() == other.repetitions()
        && one.sets() == other.sets()
        && one.load().equals(other.load());
  }

  private static Optional<Step> at(Ladder ladder, int rung, Step step) {
    if (rung < 0 || rung > ladder.last()) {
      return Optional.empty();
    }
    Dose wanted = ladder.rungs().get(rung).dose();
    Dose own = step.dose();
    Dose dose =
        wanted.laterality() == own.laterality() ? wanted : wanted.withLaterality(own.laterality());
    boolean sameLoad = dose.load().equals(own.load());
    return sameLoad && dose.units().equals(own.units()) && !dose.equals(own)
        ? Optional.of(step.withDose(dose))
        : Optional.empty();
  }
}
