package org.nimblet.core.routine;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Family;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.exercise.Uses;
import org.nimblet.core.routine.Rejection.Reason;

/**
 * Which finger patterns are open to a person: the gates of safety ask of a drill what they ask of
 * the exercise of the library that its family belongs to, but of the fingers that move in it only.
 */
public final class OpenDrills {

  private static final Map<Family, String> EXERCISES = exercises();

  private static final Map<Digit, Region> FINGERS =
      Map.of(
          Digit.INDEX, Region.INDEX_FINGER,
          Digit.MIDDLE, Region.MIDDLE_FINGER,
          Digit.RING, Region.RING_FINGER,
          Digit.LITTLE, Region.LITTLE_FINGER);

  private final RoutineRequest request;
  private final PurposePlan plan = PurposePlan.of(Purpose.INDEPENDENCE);

  /** What is open to whom a request is for. */
  public OpenDrills(RoutineRequest request) {
    this.request = request;
  }

  private static Map<Family, String> exercises() {
    Map<Family, String> exercises = new EnumMap<>(Family.class);
    exercises.put(Family.ALL_TOGETHER, "one-finger-curls");
    exercises.put(Family.ONE, "one-finger-curls");
    exercises.put(Family.NEIGHBOURS, "curls-of-two");
    exercises.put(Family.THREE, "curls-of-three");
    exercises.put(Family.NOT_TOUCHING, "every-other-finger");
    exercises.put(Family.FROM_ONE_TO_ANOTHER, "one-finger-curls");
    exercises.put(Family.GAPS, "part-one-gap");
    exercises.put(Family.BENT_AND_PARTED, "bend-some-part-others");
    exercises.put(Family.RIPPLE, "ripple");
    exercises.put(Family.ALIKE, "both-hands-alike");
    exercises.put(Family.COMPLEMENT, "both-hands-complement");
    exercises.put(Family.REVERSED, "both-hands-reversed");
    exercises.put(Family.PALMS, "fingertips-parting-and-meeting");
    exercises.put(Family.RAISING, "raising-out-of-a-clasp");
    exercises.put(Family.RE_CLASPING, "re-clasping");
    exercises.put(Family.EXCHANGING, "hands-meeting-and-exchanging");
    exercises.put(Family.THREADING, "threading");
    return exercises;
  }

  /** The exercise of the shipped library that a family of patterns belongs to. */
  public static Exercise exerciseOf(Family family) {
    return ExerciseLibrary.shipped().find(EXERCISES.get(family)).orElseThrow();
  }

  /** Why a drill is closed, as a sentence; empty if it is open. */
  public Optional<String> closed(Drill drill) {
    Exercise exercise = exerciseOf(Patterns.familyOf(drill.pattern()));
    for (Side side : drill.hands()) {
      Exercise moved = withFingers(exercise, drill.moved(side));
      for (Gate gate : Gate.OF_PINNED) {
        Optional<Reason> reason = gate.closed(moved, side, plan, request);
        if (reason.isPresent()) {
          return reason.map(each -> each.sentence(exercise));
        }
      }
    }
    return Optional.empty();
  }

  /**
   * Why these digits of a hand may not tap, as a sentence; empty if they may: the gates ask what
   * they ask of the exercise that is nothing but taps.
   */
  public Optional<String> closed(Side side, Set<Digit> tapping) {
    Exercise exercise = taps();
    Exercise moved = withFingers(exercise, tapping);
    return Gate.OF_PINNED.stream()
        .flatMap(gate -> gate.closed(moved, side, plan, request).stream())
        .findFirst()
        .map(reason -> reason.sentence(exercise));
  }

  /** The exercise of the shipped library that is nothing but taps. */
  public static Exercise taps() {
    return ExerciseLibrary.shipped().find("even-taps").orElseThrow();
  }

  /** The same exercise done by some of its fingers; the others stay as they are. */
  private static Exercise withFingers(Exercise exercise, Set<Digit> moved) {
    Map<Region, Use> acting = new EnumMap<>(Region.class);
    acting.putAll(exercise.uses().acting());
    Set<Digit> still = EnumSet.copyOf(Digit.FINGERS);
    still.removeAll(moved);
    still.forEach(finger -> acting.remove(FINGERS.get(finger)));
    return new Exercise(
        exercise.id(),
        exercise.title(),
        exercise.kind(),
        exercise.guidance(),
        exercise.service(),
        new Uses(acting, exercise.uses().helping()),
        exercise.demands(),
        exercise.usualMethod(),
        exercise.doses(),
        exercise.progression(),
        exercise.figure(),
        exercise.standing());
  }
}
