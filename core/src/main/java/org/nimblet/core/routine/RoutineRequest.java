package org.nimblet.core.routine;

import java.util.List;
import java.util.Optional;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;

/**
 * What a routine is asked for.
 *
 * @param budgetSeconds the time there is, 60–1800 s
 * @param facts who it is for
 * @param use what the hands do next to it
 * @param weights what it should serve
 * @param recent what was done lately
 * @param around what lies around it in the day
 * @param pinned steps that are in it whatever else is chosen
 * @param theme what is taken first, if anything
 * @param hand how the coach's own keeping moves what is composed
 */
public record RoutineRequest(
    int budgetSeconds,
    ClientFacts facts,
    HandUse use,
    Weights weights,
    Recent recent,
    Around around,
    List<Step> pinned,
    Optional<Theme> theme,
    CoachHand hand) {

  public static final int LEAST_SECONDS = 60;
  public static final int GREATEST_SECONDS = 1800;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public RoutineRequest {
    pinned = List.copyOf(pinned);
    if (budgetSeconds < LEAST_SECONDS || budgetSeconds > GREATEST_SECONDS) {
      throw new IllegalArgumentException(
          "budget (%d s) must be between %d and %d s"
              .formatted(budgetSeconds, LEAST_SECONDS, GREATEST_SECONDS));
    }
  }

  /** A request without a theme, for an even hand. */
  public RoutineRequest(
      int budgetSeconds,
      ClientFacts facts,
      HandUse use,
      Weights weights,
      Recent recent,
      Around around,
      List<Step> pinned) {
    this(
        budgetSeconds,
        facts,
        use,
        weights,
        recent,
        around,
        pinned,
        Optional.empty(),
        CoachHand.EVEN);
  }

  /** A request that only says whom it is for, to ask what suits them. */
  static RoutineRequest ofThePerson(ClientFacts facts, HandUse use) {
    return new RoutineRequest(
        LEAST_SECONDS, facts, use, Weights.NONE, Recent.NOTHING, Around.NOTHING, List.of());
  }

  /** The side that works alone in an exercise that only one side does. */
  public Side workingSide(Exercise exercise) {
    return use.workingSide(exercise, facts.dominant());
  }

  /** Whether play comes so soon that stretches stay gentle and short. */
  boolean playIsNear() {
    return around.minutesToPlay().stream()
        .anyMatch(minutes -> minutes < SafetyRules.STRONG_STRETCH_BEFORE_PLAY_MINUTES);
  }

  /** The most that a tissue is held on each side in a routine of a plan. */
  int heldSecondsPerTissue(PurposePlan plan) {
    return playIsNear()
        ? Math.min(plan.heldSecondsPerTissue(), PurposePlan.HELD_BEFORE_PLAY)
        : plan.heldSecondsPerTissue();
  }

  /** The seconds that steps may be charged with. */
  int secondsForSteps() {
    return budgetSeconds - SetUp.arrivingCharge(facts.positions());
  }

  /** Whether a gap for playing stands in it. */
  boolean hasPlay() {
    return pinned.stream().anyMatch(step -> step.exercise().kind() == Kind.PLAY);
  }

  /** The same request in another time. */
  RoutineRequest withBudget(int seconds) {
    return new RoutineRequest(seconds, facts, use, weights, recent, around, pinned, theme, hand);
  }

  /** The same request with other pinned steps. */
  public RoutineRequest withPinned(List<Step> other) {
    return new RoutineRequest(
        budgetSeconds, facts, use, weights, recent, around, other, theme, hand);
  }

  /** The same request for the person as they are there. */
  RoutineRequest withFacts(ClientFacts there) {
    return new RoutineRequest(
        budgetSeconds, there, use, weights, recent, around, pinned, theme, hand);
  }

  /** The same request with something to take first. */
  public RoutineRequest withTheme(Theme wanted) {
    return new RoutineRequest(
        budgetSeconds, facts, use, weights, recent, around, pinned, Optional.of(wanted), hand);
  }

  /** The same request by a coach with a hand of their own. */
  public RoutineRequest withHand(CoachHand other) {
    return new RoutineRequest(
        budgetSeconds, facts, use, weights, recent, around, pinned, theme, other);
  }
}
