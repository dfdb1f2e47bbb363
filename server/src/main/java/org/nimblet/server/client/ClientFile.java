package org.nimblet.server.client;

import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.routine.Weights;
import org.nimblet.core.schedule.ActivityKind;

/**
 * All that is known of a client, as other features read it.
 *
 * @param id which client
 * @param coachId whose client
 * @param version how often the facts were changed
 * @param revision another number after every change to anything about them
 * @param name what they are called
 * @param occupation what they do, in a few words
 * @param dominantHand the dominant hand
 * @param notation how they write fingers
 * @param method the stretching method they like
 * @param ageGroup the age group
 * @param claspSide whose thumb lies on top in a natural clasp, if somebody looked
 * @param breathsPerMinute how fast they breathe
 * @param warmUpMinutes how long a warm-up should be
 * @param breakMinutes how long a break should be
 * @param careMinutes how long any other routine should be
 * @param zone their time zone
 * @param wakesAt when their day begins
 * @param sleepsAt when it ends; midnight or a time before {@code wakesAt} is past midnight
 * @param positions the positions they can take
 * @param things what they have at hand
 * @param weightsGrams the weights they own, the lightest first
 * @param activities what their hands do
 * @param intakeAnswered what was asked of them
 * @param abilities how able their hands are with finger patterns, as folded when they last drilled
 */
public record ClientFile(
    UUID id,
    UUID coachId,
    long version,
    long revision,
    String name,
    String occupation,
    Side dominantHand,
    Notation notation,
    Method method,
    AgeGroup ageGroup,
    Optional<Side> claspSide,
    int breathsPerMinute,
    int warmUpMinutes,
    int breakMinutes,
    int careMinutes,
    ZoneId zone,
    LocalTime wakesAt,
    LocalTime sleepsAt,
    Set<Position> positions,
    Set<Thing> things,
    List<Integer> weightsGrams,
    List<ActivityFile> activities,
    Set<IntakeQuestion> intakeAnswered,
    Abilities abilities) {

  /**
   * What loads the hands.
   *
   * @param roles which hand does what, where the two do different things
   */
  public record ActivityFile(
      UUID id,
      ActivityKind kind,
      String title,
      Discipline discipline,
      Set<Side> hands,
      Set<Digit> digits,
      Map<HandRole, Side> roles,
      int weeklyMinutes,
      Optional<Weights> ownWeights,
      Optional<String> ridingPoint) {

    /** What the activity asks for: as the coach set it, or as its kind does by itself. */
    public Weights weights() {
      return ownWeights.orElseGet(this::usualWeights);
    }

    /** What the activity asks for by itself. */
    public Weights usualWeights() {
      return Weights.ofActivity(discipline, hands, digits);
    }
  }

  /** Whom nobody in particular is, and belongs to where no coach is asked. */
  public static final UUID NOBODY = new UUID(0, 0);

  private static final int ANYBODYS_MINUTES = 10;

  /** Weights to look at templates with (ours). */
  private static final List<Integer> ANYBODYS_WEIGHTS = List.of(500, 750, 1000);

  /**
   * Nobody in particular, for trying what is made for no client: owns everything, takes every
   * position, and nothing is known of them.
   *
   * @param coachId whose library is used
   * @param zone where it is tried
   */
  public static ClientFile anybody(UUID coachId, ZoneId zone) {
    return new ClientFile(
        NOBODY,
        coachId,
        0,
        0,
        "Anybody",
        "",
        Side.RIGHT,
        Notation.NAMES,
        Method.STEADY_HOLD,
        AgeGroup.ADULT,
        Optional.empty(),
        Pace.USUAL.breathsPerMinute(),
        ANYBODYS_MINUTES,
        ANYBODYS_MINUTES,
        ANYBODYS_MINUTES,
        zone,
        LocalTime.MIN,
        LocalTime.MAX,
        EnumSet.allOf(Position.class),
        EnumSet.allOf(Thing.class),
        ANYBODYS_WEIGHTS,
        List.of(),
        Set.of(),
        Abilities.UNKNOWN);
  }

  /** The activity with this identifier, if it is one of theirs. */
  public Optional<ActivityFile> activity(UUID activityId) {
    return activities.stream().filter(activity -> activity.id().equals(activityId)).findFirst();
  }
}
