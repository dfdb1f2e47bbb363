package org.nimblet.core.exercise;

import static org.nimblet.core.anatomy.Movement.ELBOW_FLEXION;
import static org.nimblet.core.anatomy.Movement.FINGER_ABDUCTION;
import static org.nimblet.core.anatomy.Movement.FINGER_EXTENSION;
import static org.nimblet.core.anatomy.Movement.FINGER_FLEXION;
import static org.nimblet.core.anatomy.Movement.GRIP;
import static org.nimblet.core.anatomy.Movement.NECK_MOVEMENT;
import static org.nimblet.core.anatomy.Movement.RADIAL_DEVIATION;
import static org.nimblet.core.anatomy.Movement.THUMB_ABDUCTION;
import static org.nimblet.core.anatomy.Movement.THUMB_OPPOSITION;
import static org.nimblet.core.anatomy.Movement.ULNAR_DEVIATION;
import static org.nimblet.core.anatomy.Movement.WEIGHT_ON_HANDS;
import static org.nimblet.core.anatomy.Movement.WRIST_EXTENSION;
import static org.nimblet.core.anatomy.Movement.WRIST_FLEXION;
import static org.nimblet.core.exercise.Condition.ARTHRITIS;
import static org.nimblet.core.exercise.Condition.CARPAL_TUNNEL;
import static org.nimblet.core.exercise.Condition.DYSTONIA;
import static org.nimblet.core.exercise.Condition.MOBILE_JOINTS;
import static org.nimblet.core.exercise.Condition.OLD_INJURY;
import static org.nimblet.core.exercise.Condition.OPERATION_ADVISED;
import static org.nimblet.core.exercise.ReferralSign.CURLING_BY_ITSELF;
import static org.nimblet.core.exercise.ReferralSign.PINS_AND_NEEDLES;
import static org.nimblet.core.exercise.ReferralSign.RECENT_INJURY;
import static org.nimblet.core.exercise.ReferralSign.STRONG_PAIN;
import static org.nimblet.core.exercise.ReferralSign.SWELLING;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Quality;

/**
 * What closes an exercise by what it is, so that it need not be written entry by entry (the table
 * of conditions is common practice, no source; where a line runs is ours).
 */
public enum ClosingRule {
  BENDS_THE_WRIST_FORWARD(
      "bends the wrist forward to its end or under load",
      Set.of(CARPAL_TUNNEL),
      Set.of(),
      exercise -> reaches(exercise, WRIST_FLEXION)),
  LOADS_A_BENT_WRIST(
      "loads a bent wrist",
      Set.of(CARPAL_TUNNEL),
      Set.of(),
      exercise ->
          loads(exercise, WRIST_EXTENSION)
              || (reaches(exercise, WEIGHT_ON_HANDS) && reaches(exercise, WRIST_EXTENSION))),
  BENDS_THE_WRIST_FAR_BACK(
      "bends the wrist strongly back",
      Set.of(CARPAL_TUNNEL),
      Set.of(),
      exercise -> isIntense(exercise) && reaches(exercise, WRIST_EXTENSION)),
  LOADS_THE_FINGERS(
      "loads the fingers",
      Set.of(ARTHRITIS),
      Set.of(),
      exercise ->
          loads(exercise, GRIP)
              || reaches(exercise, WEIGHT_ON_HANDS)
              || exercise.demands().things().contains(Thing.FINGER_TRAINER)
              || exercise.progression().steps() instanceof Progression.Endurance
              || (exercise.kind() == Kind.STRENGTHEN && loadsADigit(exercise))),
  FORCES_THE_FINGERS(
      "takes digits to their end",
      Set.of(ARTHRITIS, MOBILE_JOINTS),
      Set.of(),
      exercise -> isHeldAtTheEnd(exercise) && movesDigits(exercise)),
  HOLDS_THE_WRIST_AT_ITS_END(
      "takes the wrist to its end",
      Set.of(MOBILE_JOINTS),
      Set.of(),
      exercise -> isHeldAtTheEnd(exercise) && movesTheWrist(exercise)),
  WEIGHT_ON_FINGERTIPS(
      "puts weight on the fingertips",
      Set.of(MOBILE_JOINTS),
      Set.of(),
      exercise -> reaches(exercise, WEIGHT_ON_HANDS) && reaches(exercise, FINGER_EXTENSION)),
  REPEATS_PATTERNS(
      "repeats patterns of the hand, or strengthens it",
      Set.of(DYSTONIA),
      Set.of(CURLING_BY_ITSELF),
      exercise ->
          isAPattern(exercise)
              && exercise.uses().acting(Use.WORKS).stream().anyMatch(RegionGroup::isOfTheHand)),
  LOADS_PRESSES_OR_RUBS(
      "loads, goes to an end, presses or rubs",
      Set.of(OLD_INJURY, OPERATION_ADVISED),
      Set.of(RECENT_INJURY, SWELLING),
      exercise ->
          exercise.kind() == Kind.RELEASE
              || exercise.uses().helping().containsValue(Use.WORKS)
              || !exercise.uses().acting(Use.LOADS).isEmpty()
              || exercise.demands().movements().values().stream()
                  .anyMatch(use -> use.isAtLeast(Use.WORKS))),
  STRENGTHENS_OR_STRETCHES_STRONGLY(
      "strengthens, or stretches strongly",
      Set.of(),
      EnumSet.allOf(ReferralSign.class),
      exercise ->
          exercise.kind() == Kind.STRENGTHEN
              || (exercise.kind() == Kind.STRETCH && isIntense(exercise))),
  IS_INTENSE(
      "is intense", Set.of(), Set.of(SWELLING, RECENT_INJURY, STRONG_PAIN), ClosingRule::isIntense),
  STRETCHES(
      "stretches",
      Set.of(),
      Set.of(SWELLING, RECENT_INJURY),
      exercise -> exercise.kind() == Kind.STRETCH),
  PULLS_AT_A_NERVE(
      "straightens the elbow, moves the neck, holds the wrist bent or reaches wide",
      Set.of(),
      Set.of(PINS_AND_NEEDLES),
      exercise ->
          reaches(exercise, ELBOW_FLEXION)
              || reaches(exercise, NECK_MOVEMENT)
              || (isHeldAtTheEnd(exercise) && bendsTheWrist(exercise))
              || (exercise.kind() == Kind.BRIDGE && reaches(exercise, FINGER_ABDUCTION)));

  private static final Set<Movement> DIGIT_MOVEMENTS =
      EnumSet.of(
          FINGER_FLEXION, FINGER_EXTENSION, FINGER_ABDUCTION, THUMB_OPPOSITION, THUMB_ABDUCTION);
  private static final Set<Movement> BENT_WRIST = EnumSet.of(WRIST_EXTENSION, WRIST_FLEXION);
  private static final Set<Movement> WRIST_MOVEMENTS =
      EnumSet.of(WRIST_EXTENSION, WRIST_FLEXION, ULNAR_DEVIATION, RADIAL_DEVIATION);
  private static final Set<Kind> PATTERN_KINDS =
      EnumSet.of(Kind.INDEPENDENCE, Kind.BRIDGE, Kind.ACTIVATE, Kind.STRENGTHEN, Kind.PLAY);

  /** From this intensity on work counts as intense (ours). */
  private static final int INTENSE = 3;

  private final String words;
  private final ClosedWith closedWith;
  private final Predicate<Exercise> applies;

  ClosingRule(
      String words,
      Set<Condition> conditions,
      Set<ReferralSign> signs,
      Predicate<Exercise> applies) {
    this.words = words;
    this.closedWith = new ClosedWith(conditions, signs, Set.of());
    this.applies = applies;
  }

  /** What an exercise does to which it applies, behind "because it". */
  public String words() {
    return words;
  }

  /** With what it closes. */
  public ClosedWith closedWith() {
    return closedWith;
  }

  /** The identifier: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The rules that apply to an exercise. */
  public static List<ClosingRule> of(Exercise exercise) {
    return Arrays.stream(values()).filter(rule -> rule.applies.test(exercise)).toList();
  }

  private static boolean reaches(Exercise exercise, Movement movement) {
    return exercise.demands().reaches(movement);
  }

  private static boolean reachesAny(Exercise exercise, Set<Movement> movements) {
    return movements.stream().anyMatch(movement -> reaches(exercise, movement));
  }

  private static boolean movesDigits(Exercise exercise) {
    return reachesAny(exercise, DIGIT_MOVEMENTS);
  }

  private static boolean movesTheWrist(Exercise exercise) {
    return reachesAny(exercise, WRIST_MOVEMENTS);
  }

  private static boolean bendsTheWrist(Exercise exercise) {
    return reachesAny(exercise, BENT_WRIST);
  }

  private static boolean isAPattern(Exercise exercise) {
    return PATTERN_KINDS.contains(exercise.kind());
  }

  private static boolean loads(Exercise exercise, Movement movement) {
    return exercise.demands().movements().get(movement) == Use.LOADS;
  }

  private static boolean loadsADigit(Exercise exercise) {
    return exercise.uses().acting(Use.LOADS).stream()
        .anyMatch(RegionGroup.DIGITS.regions()::contains);
  }

  private static boolean isIntense(Exercise exercise) {
    return exercise.demands().intensity() >= INTENSE;
  }

  private static boolean isHeldAtTheEnd(Exercise exercise) {
    return exercise.kind() == Kind.STRETCH
        || exercise.service().main() == Quality.REACH
        || exercise.doses().values().stream().anyMatch(plan -> plan.usual().form().isStatic());
  }
}
