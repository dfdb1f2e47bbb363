package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.ClientFacts.Exclusion;
import org.nimblet.core.routine.ClientFacts.Pain;

/** Every reason that keeps an exercise out before anything is weighed, and its sentence. */
class GateTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  private static Exercise find(String id) {
    return LIBRARY.find(id).orElseThrow();
  }

  private static RoutineRequest request(
      Discipline discipline,
      Set<Position> positions,
      Set<Thing> things,
      List<Pain> pains,
      List<Exclusion> exclusions) {
    return new RoutineRequest(
        600,
        new ClientFacts(
            Side.RIGHT,
            Notation.NAMES,
            Pace.USUAL,
            Method.STEADY_HOLD,
            positions,
            things,
            pains,
            exclusions),
        discipline,
        BOTH,
        Weights.starting(discipline, BOTH, Set.of()),
        Map.of(),
        false);
  }

  private static Optional<String> sentence(String id, RoutineRequest request) {
    return Gate.closedFor(find(id), PurposePlan.WARM_UP, request)
        .map(reason -> new Rejection(find(id), reason).sentence());
  }

  private static RoutineRequest withPain(Region region, int level) {
    return request(
        Discipline.PLUCKED_STRINGS,
        EnumSet.allOf(Position.class),
        EnumSet.allOf(Thing.class),
        List.of(new Pain(Side.LEFT, region, level)),
        List.of());
  }

  private static final RoutineRequest EVERYTHING =
      request(
          Discipline.PLUCKED_STRINGS,
          EnumSet.allOf(Position.class),
          EnumSet.allOf(Thing.class),
          List.of(),
          List.of());

  @Test
  void isOpenWhereNothingForbids() {
    assertThat(sentence("palm-up-fingers-back", EVERYTHING)).isEmpty();
  }

  @Test
  void settlingHasNoPlaceInAWarmUp() {
    assertThat(sentence("shake-out", EVERYTHING)).contains("Settle has no place in a warm-up.");
  }

  @Test
  void bridgesAreForTheirOwnDisciplines() {
    assertThat(sentence("light-keys", EVERYTHING)).contains("Made for typing.");
  }

  @Test
  void needsAPositionThatCanBeTaken() {
    RoutineRequest seated =
        request(
            Discipline.PLUCKED_STRINGS,
            Set.of(Position.SIT),
            EnumSet.allOf(Thing.class),
            List.of(),
            List.of());
    assertThat(sentence("hip-circles", seated))
        .contains("Needs to be done standing, which is not possible here.");
  }

  @Test
  void needsTheThingsItIsDoneWith() {
    RoutineRequest bare =
        request(
            Discipline.PLUCKED_STRINGS,
            EnumSet.allOf(Position.class),
            Set.of(),
            List.of(),
            List.of());
    assertThat(sentence("fingers-placed-silently", bare))
        .contains("Needs the instrument or device, which is not at hand.");
  }

  /**
   * Heat may stand up to pain 6; intensity 2 up to pain 4; intensity 1 up to pain 6; nothing from
   * pain 7 on (common practice, no source; in-between ours).
   */
  @ParameterizedTest
  @CsvSource({
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 3, false",
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 4, false",
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 5, true",
    "tendon-sequence, FOREARM_PALM_SIDE, 6, false",
    "tendon-sequence, FOREARM_PALM_SIDE, 7, true",
    "curls-of-two, FOREARM_PALM_SIDE, 3, false",
    "curls-of-two, FOREARM_PALM_SIDE, 4, true",
    "tendon-sequence, NECK, 10, false",
    "mimed-hand-wash, RING_FINGER, 6, false",
    "mimed-hand-wash, RING_FINGER, 7, true",
  })
  void painClosesTheGateByItsStrengthAndTheWorksIntensity(
      String id, Region region, int level, boolean closed) {
    assertThat(sentence(id, withPain(region, level)).isPresent()).isEqualTo(closed);
  }

  @Test
  void aCliniciansWordComesBeforePain() {
    RoutineRequest both =
        request(
            Discipline.PLUCKED_STRINGS,
            EnumSet.allOf(Position.class),
            EnumSet.allOf(Thing.class),
            List.of(new Pain(Side.LEFT, Region.FOREARM_PALM_SIDE, 9)),
            List.of(new Exclusion(Side.LEFT, Region.FOREARM_PALM_SIDE, "to be rested.")));
    assertThat(sentence("palm-up-fingers-back", both))
        .contains("Loads the forearm, palm side on the left: to be rested.");
  }

  @Test
  void aSeatIsTakenBeforeAnythingElse() {
    assertThat(Gate.position(find("side-bends"), EVERYTHING.facts())).contains(Position.SIT);
    assertThat(Gate.position(find("hip-circles"), EVERYTHING.facts())).contains(Position.STAND);
  }

  @Test
  void painIsBetweenNoneAndTheWorst() {
    assertThatThrownBy(() -> new Pain(Side.LEFT, Region.PALM, 11))
        .hasMessage("pain (11) must be between 0 and 10");
  }

  /** Common practice, no source: sharp or tingling ends a session whatever its strength. */
  @ParameterizedTest
  @CsvSource({
    "0, PULL, false",
    "6, ACHE, false",
    "7, ACHE, true",
    "1, SHARP, true",
    "1, TINGLE, true",
    "6, BURN, false",
    "3, CLICK, false"
  })
  void someThingsEndASession(int pain, Sensation sensation, boolean ends) {
    assertThat(SafetyRules.endsSession(pain, sensation)).isEqualTo(ends);
  }
}
