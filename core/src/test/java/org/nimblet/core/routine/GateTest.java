package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.ReferralSign;

/** Every reason that keeps an exercise out before anything is weighed, and its sentence. */
class GateTest {

  private static final LocalDate TOLD = LocalDate.of(2026, 3, 2);
  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static Exercise find(String id) {
    return LIBRARY.find(id).orElseThrow();
  }

  private static Optional<String> sentence(String id, RoutineRequest request) {
    return Gate.closedFor(find(id), PurposePlan.of(Purpose.WARM_UP), request)
        .map(reason -> new Rejection(find(id), reason).sentence());
  }

  private static RoutineRequest withPain(Region region, int level) {
    return RequestBuilder.warmUp()
        .pain(Pain.steady(Side.LEFT, region, level))
        .pain(Pain.steady(Side.RIGHT, region, level))
        .build();
  }

  private static final RoutineRequest EVERYTHING = RequestBuilder.warmUp().build();

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
    RoutineRequest seated = RequestBuilder.warmUp().positions(Set.of(Position.SIT)).build();
    assertThat(sentence("hip-circles", seated))
        .contains("Needs to be done standing, which is not possible here.");
  }

  @Test
  void needsTheThingsItIsDoneWith() {
    RoutineRequest bare = RequestBuilder.warmUp().things(Set.of()).build();
    assertThat(sentence("fingers-placed-silently", bare))
        .contains("Needs the instrument or device, which is not at hand.");
  }

  /**
   * What works a region is gentle from pain 4 on (intensity 2 at most) and closed from 7 on; what
   * only touches it, like rubbing, is not (the model's section 2; in-between ours).
   */
  @ParameterizedTest
  @CsvSource({
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 3, false",
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 4, false",
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 6, false",
    "palm-up-fingers-back, FOREARM_PALM_SIDE, 7, true",
    "tendon-sequence, PALM, 6, false",
    "tendon-sequence, PALM, 7, true",
    "every-other-finger, PALM, 3, false",
    "every-other-finger, PALM, 4, true",
    "one-finger-curls, FOREARM_PALM_SIDE, 9, false",
    "tendon-sequence, NECK, 10, false",
    "mimed-hand-wash, RING_FINGER, 10, false",
  })
  void painClosesTheGateByItsStrengthAndTheWorksIntensity(
      String id, Region region, int level, boolean closed) {
    assertThat(sentence(id, withPain(region, level)).isPresent()).isEqualTo(closed);
  }

  @Test
  void aCliniciansWordComesBeforePain() {
    RoutineRequest both =
        RequestBuilder.warmUp()
            .pain(Pain.steady(Side.LEFT, Region.FOREARM_PALM_SIDE, 9))
            .exclusion(Exclusion.ofRegion(Side.LEFT, Region.FOREARM_PALM_SIDE, "to be rested."))
            .build();
    assertThat(sentence("palms-together-lowering", both))
        .contains("Uses the forearm, palm side on the left: to be rested.");
  }

  /** What is done one side after the other goes on on the side that is well. */
  @Test
  void painOfOneSideClosesThatSideOnly() {
    RoutineRequest sore =
        RequestBuilder.warmUp().pain(Pain.steady(Side.LEFT, Region.WRIST_THUMB_SIDE, 8)).build();
    PurposePlan plan = PurposePlan.of(Purpose.WARM_UP);
    assertThat(sentence("wrist-circles-open-hand", sore)).isEmpty();
    assertThat(Gate.onlySide(find("wrist-circles-open-hand"), plan, sore)).contains(Side.RIGHT);
    assertThat(sentence("palms-together-lowering", sore))
        .contains("Uses the wrist, thumb side on the left, where pain is 8 of 10.");
    assertThat(Gate.onlySide(find("wrist-circles-open-hand"), plan, EVERYTHING)).isEmpty();
  }

  @Test
  void aSignClosesStrengtheningAndIntenseStretchingOfItsHandAndForearmOnly() {
    RoutineRequest tingling =
        RequestBuilder.of(Purpose.STRENGTH)
            .sign(
                new Sign(
                    ReferralSign.PINS_AND_NEEDLES,
                    Side.LEFT,
                    Set.of(Region.RING_FINGER),
                    "about 10 November",
                    TOLD))
            .build();
    PurposePlan plan = PurposePlan.of(Purpose.STRENGTH);
    assertThat(Gate.onlySide(find("wrist-curl-palm-down"), plan, tingling)).contains(Side.RIGHT);
    assertThat(Gate.closedFor(find("fast-open-and-close"), plan, tingling))
        .map(reason -> reason.sentence(find("fast-open-and-close")))
        .contains(
            "Waits for a clinician: pins and needles or loss of feeling in hand or arm, left ring"
                + " finger, since about 10 November.");
    assertThat(Gate.closedFor(find("shoulder-blade-squeeze"), plan, tingling)).isEmpty();
    assertThat(Gate.closedFor(find("tendon-sequence"), plan, tingling)).isEmpty();
    assertThat(Gate.closedFor(find("fingers-over-the-edge"), plan, tingling)).isEmpty();
    assertThat(Gate.onlySide(find("fingers-over-the-edge"), plan, tingling)).contains(Side.RIGHT);
  }

  @Test
  void whatAClinicianAllowsComesBeforeSignsAndConditions() {
    RequestBuilder person =
        RequestBuilder.of(Purpose.STRENGTH)
            .sign(new Sign(ReferralSign.WEAKNESS, Side.LEFT, Set.of(Region.PALM), "", TOLD))
            .condition(
                KnownCondition.of(Condition.OPERATION_ADVISED, EnumSet.allOf(Side.class), TOLD));
    PurposePlan plan = PurposePlan.of(Purpose.STRENGTH);
    assertThat(Gate.closedFor(find("squeeze-ladder"), plan, person.build())).isPresent();
    assertThat(
            Gate.closedFor(
                find("squeeze-ladder"), plan, person.allowed(TOLD, "squeeze-ladder").build()))
        .isEmpty();
  }

  /** A direction of movement can be excluded, not only a region. */
  @Test
  void aDirectionOfMovementCanBeLeftOut() {
    RoutineRequest noBendingBack =
        RequestBuilder.warmUp()
            .exclusion(
                new Exclusion(
                    new Exclusion.OfMovement(Side.RIGHT, Movement.WRIST_EXTENSION),
                    "not before the splint is off.",
                    Optional.of(LocalDate.of(2026, 12, 8))))
            .build();
    assertThat(sentence("palms-together-lowering", noBendingBack))
        .contains(
            "Asks for bending back of the wrist, to its end or under load, on the right: not before"
                + " the splint is off. Until 2026-12-08.");
    assertThat(
            Gate.onlySide(
                find("palm-up-fingers-back"), PurposePlan.of(Purpose.WARM_UP), noBendingBack))
        .contains(Side.LEFT);
    assertThat(sentence("palm-down-hand-in", noBendingBack)).isEmpty();
  }

  @Test
  void oneExerciseCanBeLeftOut() {
    RoutineRequest without =
        RequestBuilder.warmUp()
            .exclusion(
                new Exclusion(new Exclusion.OfExercise("palm-rub"), "sore skin.", Optional.empty()))
            .build();
    assertThat(sentence("palm-rub", without)).contains("Is left out: sore skin.");
    assertThat(sentence("mimed-hand-wash", without)).isEmpty();
  }

  /** Common practice, no source: PRACTICE 6 on known conditions and age. */
  @ParameterizedTest
  @CsvSource({
    "CARPAL_TUNNEL, palm-down-hand-in, true",
    "CARPAL_TUNNEL, palm-up-fingers-back, false",
    "ARTHRITIS, squeeze-ladder, true",
    "ARTHRITIS, staged-curls, false",
    "DYSTONIA, fast-open-and-close, true",
    "DYSTONIA, shoulder-blade-squeeze, false",
    "DYSTONIA, even-taps, true",
    "DYSTONIA, easy-presses, true",
    "DYSTONIA, tendon-sequence, false",
    "CARPAL_TUNNEL, wrist-curl-palm-up, true",
    "CARPAL_TUNNEL, wrist-curl-palm-down, true",
    "CARPAL_TUNNEL, wrist-curl-rolled-to-the-fingertips, true",
    "CARPAL_TUNNEL, band-wrist-curl, true",
    "CARPAL_TUNNEL, knuckle-lowering, true",
    "CARPAL_TUNNEL, knees-rocking-forward, true",
    "CARPAL_TUNNEL, palms-together-lowering, false",
    "CARPAL_TUNNEL, wrist-point-and-bend, true",
    "CARPAL_TUNNEL, squeeze-ladder, false",
    "ARTHRITIS, fast-open-and-close, true",
    "ARTHRITIS, trigger-on-the-trainer, true",
    "ARTHRITIS, knees-rocking-forward, true",
    "ARTHRITIS, each-finger-back, true",
    "ARTHRITIS, palm-rub, false",
    "MOBILE_JOINTS, palm-up-fingers-back, true",
    "MOBILE_JOINTS, wall-fingertip-press-ups, true",
    "MOBILE_JOINTS, many-repetitions-heavy, true",
    "MOBILE_JOINTS, wrist-circles-open-hand, false",
    "OLD_INJURY, ball-down-the-forearm, true",
    "OLD_INJURY, wrist-curl-palm-up, true",
    "OPERATION_ADVISED, palm-up-fingers-spread-back, true",
    "MOBILE_JOINTS, crossed-threaded-clasp, true",
    "MOBILE_JOINTS, arms-wide, false"
  })
  void aConditionHasItsAdaptations(Condition condition, String id, boolean closed) {
    assertThat(find(id).closedWith().conditions().contains(condition)).isEqualTo(closed);
    KnownCondition known = KnownCondition.of(condition, EnumSet.allOf(Side.class), TOLD);
    assertThat(known.closes(find(id), Side.LEFT)).isEqualTo(closed);
  }

  @Test
  void theYoungDoNothingHeavyAndNothingWide() {
    assertThat(AgeGroup.UNDER_16.keepsOut(find("wrist-curl-palm-up"))).isTrue();
    assertThat(AgeGroup.UNDER_16.keepsOut(find("widening-two-note-stretch"))).isTrue();
    assertThat(AgeGroup.UNDER_16.keepsOut(find("squeeze-ladder"))).isFalse();
    assertThat(AgeGroup.ADULT.keepsOut(find("wrist-curl-palm-up"))).isFalse();
  }

  /** Tiring work ends an hour before play (common practice, no source). */
  @ParameterizedTest
  @CsvSource({"59, true", "60, false"})
  void tiringWorkStaysAwayFromPlay(int minutes, boolean closed) {
    RoutineRequest near = RequestBuilder.of(Purpose.STRENGTH).minutesToPlay(minutes).build();
    assertThat(Gate.closedFor(find("squeeze-ladder"), PurposePlan.of(Purpose.STRENGTH), near))
        .isEqualTo(
            closed
                ? Optional.of(new Rejection.TooNearToPlay(OptionalInt.of(minutes)))
                : Optional.empty());
  }

  @Test
  void heavyWorkRestsADayBetweenAndBeforeAPerformance() {
    PurposePlan plan = PurposePlan.of(Purpose.STRENGTH);
    RoutineRequest tired =
        RequestBuilder.of(Purpose.STRENGTH)
            .recent(
                new Recent(Map.of(), Map.of(), Map.of(), Set.of(Tissue.FINGER_EXTENSORS), Set.of()))
            .build();
    assertThat(Gate.closedFor(find("wrist-curl-palm-down"), plan, tired))
        .contains(new Rejection.NeedsRest(EnumSet.of(Tissue.FINGER_EXTENSORS)));
    assertThat(Gate.closedFor(find("wrist-curl-palm-up"), plan, tired)).isEmpty();
    RoutineRequest eve =
        RequestBuilder.of(Purpose.STRENGTH)
            .around(new Around(false, OptionalInt.empty(), true))
            .build();
    assertThat(Gate.closedFor(find("wrist-curl-palm-up"), plan, eve))
        .contains(new Rejection.BeforePerformance());
    assertThat(Gate.closedFor(find("squeeze-ladder"), plan, eve)).isEmpty();
  }

  @Test
  void everyGateAnswersInOrder() {
    RoutineRequest bare =
        RequestBuilder.warmUp().things(Set.of()).positions(Set.of(Position.SIT)).build();
    assertThat(Gate.answers(find("light-keys"), PurposePlan.of(Purpose.WARM_UP), bare))
        .filteredOn(answer -> answer.closed().isPresent())
        .extracting(Gate.Answer::gate)
        .containsExactly(Gate.DISCIPLINE, Gate.POSITION, Gate.THING);
  }

  @Test
  void aSeatIsTakenBeforeAnythingElse() {
    assertThat(Gate.position(find("side-bends"), EVERYTHING.facts())).contains(Position.SIT);
    assertThat(Gate.position(find("hip-circles"), EVERYTHING.facts())).contains(Position.STAND);
  }

  @Test
  void painIsBetweenNoneAndTheWorst() {
    assertThatThrownBy(() -> Pain.steady(Side.LEFT, Region.PALM, 11))
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
    "0, NUMB, true",
    "0, UNSTABLE, true",
    "6, BURN, false",
    "3, CLICK, true",
    "0, CLICK, false",
    "3, CRAMP, false"
  })
  void someThingsEndASession(int pain, Sensation sensation, boolean ends) {
    assertThat(SafetyRules.endsSession(pain, sensation)).isEqualTo(ends);
  }
}
