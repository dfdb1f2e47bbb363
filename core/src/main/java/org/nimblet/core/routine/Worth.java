package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.drill.Ability;
import org.nimblet.core.drill.ExercisePatterns;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;

/**
 * What a quarter of a second of an exercise is worth: what it serves, averaged over the sides that
 * do it, and then what makes it dearer to a coach ({@link Taste}).
 *
 * <p>Worth is time well spent. Were steps counted instead of seconds, short steps of both hands
 * would win over the stretch that somebody came for.
 *
 * @param points for each quarter of a second
 * @param tastes what raised or lowered it, in the order in which they were applied
 */
record Worth(long points, List<Taste> tastes) {

  /** Everything that may stand in a routine is worth something. */
  private static final int GROUND = 1000;

  /** A point of weight × contribution, for what an exercise is chiefly for. */
  private static final int MAIN = 100;

  /** The same for what it serves besides. */
  private static final int BESIDES = 50;

  private static final int PERCENT = 100;

  /** A target of this weight or more is among what matters most to somebody. */
  private static final int MATTERS = 6;

  /** From so much on the hand of the coach is named as a reason, per cent. */
  private static final int TOLD_FROM = 115;

  private static final int DUE_AFTER_DAYS = 2;

  /** About four of five: nearer to it than to two of three, or to all (ours). */
  private static final double LEAST_ABLE = 0.7;

  private static final double MOST_ABLE = 0.92;

  /** What goes wrong every other time is practised in rounds first (ours). */
  private static final double TOO_HARD_TO_PRACTISE = 0.5;

  /** What only wakes the hand should go right nearly always (ours). */
  private static final double EASY = 0.9;

  private static final double TOO_HARD_TO_WAKE = 0.7;

  /** Things that one gets for exercising, not what lies about in every house. */
  private static final Set<Thing> GOT_FOR_IT =
      Set.of(
          Thing.SOFT_BALL,
          Thing.HARD_BALL,
          Thing.CLAY,
          Thing.ROLLER,
          Thing.MAT,
          Thing.LIGHT_WEIGHT,
          Thing.BAND,
          Thing.FINGER_TRAINER,
          Thing.RUBBER_RING);

  Worth {
    tastes = List.copyOf(tastes);
  }

  /**
   * The worth of a step.
   *
   * @param method by which it is dosed
   * @param cutShort whether it is less than the dose that is due
   * @param likedTargets what can be stretched by the method that the person likes
   */
  static Worth of(
      Step step,
      Method method,
      boolean cutShort,
      PurposePlan plan,
      RoutineRequest request,
      Set<Target> likedTargets) {
    Exercise exercise = step.exercise();
    Target main = exercise.service().main();
    List<Side> sides = List.copyOf(step.sides());
    long served = 0;
    for (Map.Entry<Target, Integer> target : exercise.service().targets().entrySet()) {
      int weight = sides.stream().mapToInt(s -> request.weights().of(target.getKey(), s)).sum();
      int share = target.getKey().equals(main) ? MAIN : BESIDES;
      served += (long) share * target.getValue() * weight;
    }
    List<Taste> tastes = tastes(step, method, plan, request, likedTargets);
    if (cutShort) {
      tastes.add(Taste.CUT_SHORT);
    }
    long points = GROUND + served / sides.size();
    for (Taste taste : tastes) {
      points = points * taste.percent() / PERCENT;
    }
    int hand = request.hand().percent(exercise.id());
    points = points * hand / PERCENT;
    if (hand >= TOLD_FROM) {
      tastes.add(Taste.HAND);
    }
    return new Worth(points, tastes);
  }

  private static List<Taste> tastes(
      Step step,
      Method method,
      PurposePlan plan,
      RoutineRequest request,
      Set<Target> likedTargets) {
    Exercise exercise = step.exercise();
    Target main = exercise.service().main();
    Course course = request.recent().course(plan.purpose());
    OptionalInt since = request.recent().daysSince(exercise.id());
    List<Taste> tastes = new ArrayList<>();
    if (request.theme().filter(theme -> theme.holds(exercise)).isPresent()) {
      tastes.add(Taste.THEME);
    }
    if (exercise.standing().isStaple(main, plan.purpose())) {
      tastes.add(Taste.STAPLE);
      if (!course.exercises().isEmpty()
          && since.orElse(DUE_AFTER_DAYS) >= DUE_AFTER_DAYS
          && step.sides().stream().anyMatch(s -> request.weights().of(main, s) >= MATTERS)) {
        tastes.add(Taste.DUE);
      }
    }
    if (course.exercises().contains(exercise.id())) {
      tastes.add(Taste.COURSE);
    } else if (course.isStale() && since.orElse(Course.NEW_AFTER_DAYS) >= Course.NEW_AFTER_DAYS) {
      tastes.add(Taste.TURN);
    }
    if (since.isPresent() && since.getAsInt() <= 1) {
      tastes.add(Taste.LATELY);
    }
    if (exercise.kind() == Kind.STRETCH) {
      Method liked = request.facts().method();
      if (method == liked && exercise.dose(liked).isPresent()) {
        tastes.add(Taste.LIKED_METHOD);
      } else if (likedTargets.contains(main) && !tastes.contains(Taste.STAPLE)) {
        tastes.add(Taste.OTHER_METHOD);
      }
    }
    if (exercise.demands().things().stream()
        .anyMatch(thing -> GOT_FOR_IT.contains(thing) && step.things().contains(thing))) {
      tastes.add(Taste.OWN_THING);
    }
    if (isMovingLoadWhereQuietIsPreferred(step, request)) {
      tastes.add(Taste.MOVING_LOAD);
    }
    if (request.recent().feltElsewhere().contains(exercise.id())) {
      tastes.add(Taste.FELT_ELSEWHERE);
    }
    if (exercise.demands().tires() && since.orElse(1) == 0) {
      tastes.add(Taste.TIRED_TODAY);
    }
    if (exercise.kind() == Kind.INDEPENDENCE) {
      ofAbility(step, plan, request.facts().abilities()).ifPresent(tastes::add);
    }
    return tastes;
  }

  /** How finger work suits what somebody can do, if they drilled enough to say so. */
  private static Optional<Taste> ofAbility(Step step, PurposePlan plan, Abilities abilities) {
    Ability ability = abilities.together(step.sides());
    if (!ability.saysEnough()) {
      return Optional.empty();
    }
    OptionalDouble clean =
        ExercisePatterns.hardest(step.exercise(), step.dose(), false).stream()
            .mapToDouble(hardest -> ability.expected(hardest.total()))
            .findFirst();
    if (clean.isEmpty()) {
      return Optional.empty();
    }
    double share = clean.getAsDouble();
    boolean isTheWork = plan.purpose() == Purpose.INDEPENDENCE;
    if (share < (isTheWork ? TOO_HARD_TO_PRACTISE : TOO_HARD_TO_WAKE)) {
      return Optional.of(Taste.TOO_HARD);
    } else if (isTheWork) {
      return Optional.of(Taste.AS_ABLE).filter(able -> share >= LEAST_ABLE && share <= MOST_ABLE);
    }
    return Optional.of(Taste.EASY).filter(easy -> share >= EASY);
  }

  private static boolean isMovingLoadWhereQuietIsPreferred(Step step, RoutineRequest request) {
    return step.exercise().kind() == Kind.STRENGTHEN
        && !step.dose().form().isStatic()
        && step.sides().stream()
            .anyMatch(
                side ->
                    request.facts().health().doseFor(step.exercise(), side).isometricPreferred());
  }
}
