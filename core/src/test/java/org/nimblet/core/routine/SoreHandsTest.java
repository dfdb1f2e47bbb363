package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Composition.NotComposed;

/** What went wrong when the program was used by coaches with sore-handed people, case by case. */
class SoreHandsTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final RoutineCheck CHECK = new RoutineCheck(LIBRARY);
  private static final LocalDate TOLD = LocalDate.of(2026, 3, 2);
  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  private static Exercise find(String id) {
    return LIBRARY.find(id).orElseThrow();
  }

  private static boolean isClosed(String id, Side acting, RequestBuilder person) {
    RoutineRequest asked = person.build();
    return Gate.OF_SAFETY.stream()
        .anyMatch(
            gate ->
                gate.closed(find(id), acting, PurposePlan.of(Purpose.STRENGTH), asked).isPresent());
  }

  private static Step step(String id) {
    Exercise exercise = find(id);
    return new Step(
        exercise,
        exercise.doseFor(Method.STEADY_HOLD).usual(),
        exercise.demands().positions().get(0),
        Side.LEFT);
  }

  private static RequestBuilder strength() {
    return RequestBuilder.of(Purpose.STRENGTH);
  }

  private static Recent lastTime(String id, Dose dose) {
    return new Recent(Map.of(), Map.of(id, dose), Map.of(), Set.of(), Set.of());
  }

  private static List<RoutineRule> rules(RequestBuilder person, Step... steps) {
    return CHECK.findings(Purpose.STRENGTH, person.build(), List.of(steps)).stream()
        .map(Finding::rule)
        .toList();
  }

  @ParameterizedTest
  @CsvSource({
    "RING_FINGER, squeeze-ladder",
    "RING_FINGER, fast-open-and-close",
    "RING_FINGER, towel-wrist-curl",
    "ELBOW, squeeze-ladder",
    "ELBOW, knuckle-lowering",
    "SHOULDER, knees-rocking-forward",
    "SHOULDER, palm-lifts-on-the-knees",
    "SHOULDER, knees-fingertips-only",
    "SHOULDER, knuckle-lowering"
  })
  void strongPainClosesWhatUsesThePlaceNotOnlyWhatTrainsIt(Region region, String id) {
    assertThat(isClosed(id, Side.LEFT, strength().pain(Pain.steady(Side.LEFT, region, 9))))
        .isTrue();
  }

  @ParameterizedTest
  @CsvSource({"squeeze-ladder", "three-note-slurs", "towel-wrist-curl", "mimed-hand-wash"})
  void aFingerThatRestsIsLeftOutOfEverythingThatUsesIt(String id) {
    RequestBuilder person =
        strength()
            .exclusion(Exclusion.ofRegion(Side.RIGHT, Region.INDEX_FINGER, "told to rest it."));
    assertThat(isClosed(id, Side.RIGHT, person)).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "THUMB, each-finger-back",
    "PALM, palm-up-fingers-back",
    "WRIST_THUMB_SIDE, ball-down-the-forearm",
    "FOREARM_PALM_SIDE, palm-in-order",
    "THUMB, thumb-base-release",
    "THUMB, soft-forearm-strokes"
  })
  void theHandThatHelpsIsLookedAtOnItsOwnSide(Region region, String id) {
    RequestBuilder person = strength().pain(Pain.steady(Side.LEFT, region, 9));
    assertThat(isClosed(id, Side.RIGHT, person)).as("the left hand helps").isTrue();
  }

  @Test
  void massageAsksTheHandThatRubsAndTheArmThatIsRubbed() {
    RequestBuilder soreThumb = strength().pain(Pain.steady(Side.LEFT, Region.THUMB, 9));
    assertThat(isClosed("soft-forearm-strokes", Side.LEFT, soreThumb))
        .as("the right hand rubs the left forearm")
        .isFalse();
    assertThat(isClosed("soft-forearm-strokes", Side.RIGHT, soreThumb)).isTrue();
    RequestBuilder soreForearm = strength().pain(Pain.steady(Side.LEFT, Region.FOREARM_BACK, 9));
    assertThat(isClosed("soft-forearm-strokes", Side.LEFT, soreForearm)).isTrue();
  }

  @Test
  void aHandWithPinsAndNeedlesDoesNotResistTheOther() {
    RequestBuilder person =
        strength()
            .sign(
                new Sign(ReferralSign.PINS_AND_NEEDLES, Side.LEFT, Set.of(Region.PALM), "", TOLD));
    assertThat(isClosed("thumb-resisted-outward", Side.RIGHT, person)).isTrue();
    assertThat(isClosed("wrist-curl-palm-down", Side.RIGHT, person)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "elbow-bend-and-straighten",
    "elbow-circles",
    "head-turns",
    "ear-to-shoulder",
    "chin-back",
    "palm-down-hand-in",
    "palms-together-lowering",
    "widening-two-note-stretch",
    "spread-chord-down-the-neck"
  })
  void pinsAndNeedlesCloseWhatPullsAtANerve(String id) {
    RequestBuilder person =
        strength()
            .sign(
                new Sign(
                    ReferralSign.PINS_AND_NEEDLES,
                    Side.LEFT,
                    Set.of(Region.LITTLE_FINGER),
                    "",
                    TOLD));
    assertThat(isClosed(id, Side.LEFT, person)).isTrue();
  }

  /** PRACTICE 6, the table: nothing of it is composed, whatever the purpose. */
  @ParameterizedTest
  @EnumSource(Purpose.class)
  void withCarpalTunnelTroubleNothingBendsTheWristForwardUnderLoadOrToItsEnd(Purpose purpose) {
    RoutineRequest person =
        RequestBuilder.of(purpose)
            .seconds(1200)
            .discipline(Discipline.BOWED_STRINGS)
            .condition(KnownCondition.of(Condition.CARPAL_TUNNEL, BOTH, TOLD))
            .pain(Pain.steady(Side.LEFT, Region.THUMB, 7))
            .build();
    Composition composition = new Composer(LIBRARY, purpose).compose(person);
    assertThat(composition).isInstanceOf(Composed.class);
    for (Step step : ((Composed) composition).steps()) {
      Exercise exercise = step.exercise();
      assertThat(exercise.demands().reaches(Movement.WRIST_FLEXION)).as(exercise.id()).isFalse();
      assertThat(exercise.demands().reaches(Movement.WEIGHT_ON_HANDS)).as(exercise.id()).isFalse();
      boolean leftThumbPulls = exercise.uses().hasHelper() && step.sides().contains(Side.RIGHT);
      if (leftThumbPulls) {
        assertThat(exercise.uses().helping().get(Region.THUMB))
            .as(exercise.id())
            .isIn(null, org.nimblet.core.exercise.Use.MOVES);
      }
    }
  }

  @Test
  void painFourHoldsLoadTempoRepetitionsAndSetsOfTheLastDose() {
    Dose usual = step("wrist-curl-palm-down").dose();
    RequestBuilder sore =
        strength()
            .weights(500, 5000)
            .recent(lastTime("wrist-curl-palm-down", usual))
            .pain(Pain.steady(Side.LEFT, Region.ELBOW, 4));
    Step heavier = step("wrist-curl-palm-down").withDose(usual.withLoad(new Load.Weight(5000)));
    assertThat(rules(sore, heavier)).contains(RoutineRule.PAIN_DOSE);
    Step moreSets =
        step("wrist-curl-palm-down")
            .withDose(usual.withRepetitions(usual.repetitions(), usual.sets() + 1));
    assertThat(rules(sore, moreSets)).contains(RoutineRule.PAIN_DOSE);
    Dose faster = usual.withForm(new DoseForm.Count(((DoseForm.Count) usual.form()).beats(), 90));
    assertThat(rules(sore, step("wrist-curl-palm-down").withDose(faster)))
        .contains(RoutineRule.PAIN_DOSE);
    assertThat(rules(sore, step("wrist-curl-palm-down"))).doesNotContain(RoutineRule.PAIN_DOSE);
  }

  @Test
  void repetitionsSetsAndTheSideThatDiffersHaveBounds() {
    Dose squeeze = step("squeeze-ladder").dose();
    assertThat(rules(strength(), step("squeeze-ladder").withDose(squeeze.withRepetitions(100, 1))))
        .contains(RoutineRule.DOSE_OUT_OF_BOUNDS);
    assertThat(rules(strength(), step("squeeze-ladder").withDose(squeeze.withRepetitions(5, 10))))
        .contains(RoutineRule.DOSE_OUT_OF_BOUNDS);
    Dose apart = squeeze.withLaterality(Laterality.EACH);
    Dose leftDiffers =
        apart.withException(
            Optional.of(new Dose.SideException(Side.LEFT, new DoseForm.Hold(5), 100, 1)));
    assertThat(rules(strength(), step("squeeze-ladder").withDose(leftDiffers)))
        .contains(RoutineRule.DOSE_OUT_OF_BOUNDS);
    Dose finger = step("each-finger-back").dose();
    Dose longLeft =
        finger.withException(
            Optional.of(new Dose.SideException(Side.LEFT, new DoseForm.Hold(11), 1, 1)));
    assertThat(rules(strength(), step("each-finger-back").withDose(longLeft)))
        .contains(RoutineRule.HOLD_OVER_CAP);
  }

  /** Up by 10 % at once; a bigger step after 20 repetitions, to the next weight that is owned. */
  @ParameterizedTest
  @CsvSource({
    "500, 10, 550, false",
    "500, 10, 750, true",
    "500, 20, 750, false",
    "500, 20, 1000, true"
  })
  void aLoadRisesByAStepThatIsCapped(int before, int repetitions, int now, boolean wrong) {
    Dose usual = step("wrist-curl-palm-up").dose();
    Dose last = usual.withRepetitions(repetitions, 2).withLoad(new Load.Weight(before));
    RequestBuilder person =
        strength().weights(500, 550, 750, 1000).recent(lastTime("wrist-curl-palm-up", last));
    RequestBuilder without550 =
        strength().weights(500, 750, 1000).recent(lastTime("wrist-curl-palm-up", last));
    Step step =
        step("wrist-curl-palm-up")
            .withDose(usual.withRepetitions(8, 2).withLoad(new Load.Weight(now)));
    List<RoutineRule> found = rules(now == 550 ? person : without550, step);
    assertThat(found.contains(RoutineRule.LOAD_STEP_TOO_BIG)).isEqualTo(wrong);
  }

  @Test
  void aRepairOnlyLeadsToSomethingEasier() {
    RequestBuilder bare = strength().things(Set.of()).weights();
    List<Step> repaired =
        CHECK.repaired(
            Purpose.STRENGTH,
            bare.build(),
            List.of(
                step("palm-rub"), step("wrist-circles-pointing"), step("wrist-curl-palm-down")));
    assertThat(repaired)
        .extracting(step -> step.exercise().demands().intensity())
        .allMatch(intensity -> intensity <= find("wrist-curl-palm-down").demands().intensity());
    assertThat(repaired).extracting(s -> s.exercise().id()).doesNotContain("knuckle-lowering");
  }

  @Test
  void ofSteadyAndNewPainTheStricterRowWins() {
    assertThat(
            PainDose.strictest(
                List.of(
                    Pain.steady(Side.LEFT, Region.PALM, 3),
                    new Pain(Side.LEFT, Region.PALM, 2, Pain.Course.NEW))))
        .isEqualTo(PainDose.of(2, Pain.Course.NEW));
  }

  @Test
  void aBeginnerWithABottleIsGivenWhatABottleWeighs() {
    for (int minutes = 5; minutes <= 30; minutes += 5) {
      Composed composed =
          (Composed)
              new Composer(LIBRARY, Purpose.STRENGTH)
                  .compose(
                      strength()
                          .seconds(minutes * 60)
                          .things(Set.of(Thing.BOTTLE))
                          .weights()
                          .build());
      assertThat(composed.steps())
          .allSatisfy(
              step -> {
                assertThat(step.exercise().demands().coachOnly()).isFalse();
                assertThat(step.dose().load().map(Load::grams).orElse(0)).isLessThanOrEqualTo(550);
              });
    }
  }

  @Test
  void noWeightOfUnknownMassIsComposed() {
    RoutineRequest unknown = strength().things(Set.of(Thing.LIGHT_WEIGHT)).weights().build();
    assertThat(
            Gate.closedFor(find("wrist-curl-palm-up"), PurposePlan.of(Purpose.STRENGTH), unknown)
                .map(reason -> reason.sentence(find("wrist-curl-palm-up"))))
        .contains(
            "Needs a weight of about 500 g; how heavy the weights at hand are was never said.");
    RoutineRequest heavy = strength().things(Set.of(Thing.LIGHT_WEIGHT)).weights(3000).build();
    assertThat(
            Gate.closedFor(find("wrist-curl-palm-up"), PurposePlan.of(Purpose.STRENGTH), heavy)
                .map(reason -> reason.sentence(find("wrist-curl-palm-up"))))
        .contains("Needs a weight of about 500 g; the lightest at hand is 3 kg.");
  }

  @ParameterizedTest
  @CsvSource({"SIGN", "CLINICIAN", "CONDITION", "PAIN", "AGE"})
  void whatIsPinnedPassesEveryGateOfSafety(String gate) {
    RequestBuilder person = strength().seconds(1200).pinned(step("wrist-curl-palm-up"));
    switch (gate) {
      case "SIGN" ->
          person.sign(new Sign(ReferralSign.WEAKNESS, Side.LEFT, Set.of(Region.PALM), "", TOLD));
      case "CLINICIAN" -> person.exclusion(Exclusion.ofRegion(Side.LEFT, Region.ELBOW, "rest it."));
      case "CONDITION" ->
          person.condition(KnownCondition.of(Condition.CARPAL_TUNNEL, Set.of(Side.LEFT), TOLD));
      case "PAIN" -> person.pain(Pain.steady(Side.LEFT, Region.ELBOW, 6));
      default -> person.age(AgeGroup.UNDER_16);
    }
    assertThat(new Composer(LIBRARY, Purpose.STRENGTH).compose(person.build()))
        .isInstanceOfSatisfying(
            NotComposed.class,
            none ->
                assertThat(none.reason())
                    .startsWith("Weighted wrist curl, palm up is pinned and may not be done. "));
  }

  @Test
  void anAllowanceOpensWhatWasToldBeforeItAndNeverTheAge() {
    Sign sign = new Sign(ReferralSign.WEAKNESS, Side.LEFT, Set.of(Region.PALM), "", TOLD);
    assertThat(isClosed("squeeze-ladder", Side.LEFT, strength().sign(sign))).isTrue();
    assertThat(
            isClosed(
                "squeeze-ladder", Side.LEFT, strength().sign(sign).allowed(TOLD, "squeeze-ladder")))
        .isFalse();
    assertThat(
            isClosed(
                "squeeze-ladder",
                Side.LEFT,
                strength().sign(sign).allowed(TOLD.minusDays(1), "squeeze-ladder")))
        .as("the sign is later than the allowance")
        .isTrue();
    assertThat(
            isClosed(
                "wrist-curl-palm-up",
                Side.LEFT,
                strength().age(AgeGroup.UNDER_16).allowed(TOLD, "wrist-curl-palm-up")))
        .isTrue();
    assertThat(
            isClosed(
                "squeeze-ladder",
                Side.LEFT,
                strength()
                    .pain(Pain.steady(Side.LEFT, Region.PALM, 8))
                    .allowed(TOLD, "squeeze-ladder")))
        .isTrue();
  }

  @Test
  void frettingWorkGoesToTheHandThatFrets() {
    Composed composed =
        (Composed)
            new Composer(LIBRARY, Purpose.WARM_UP)
                .compose(RequestBuilder.warmUp().pinned(slurs(Side.LEFT)).build());
    assertThat(composed.steps())
        .filteredOn(step -> step.exercise().id().equals("three-note-slurs"))
        .extracting(Step::firstSide)
        .containsExactly(Side.LEFT);
    RoutineRequest guitarist = RequestBuilder.warmUp().build();
    assertThat(guitarist.workingSide(find("three-note-slurs"))).isEqualTo(Side.LEFT);
    RoutineRequest leftHandedViola =
        RequestBuilder.warmUp().dominant(Side.LEFT).discipline(Discipline.BOWED_STRINGS).build();
    assertThat(leftHandedViola.workingSide(find("silent-bow-hand"))).isEqualTo(Side.RIGHT);
  }

  private static Step slurs(Side side) {
    Exercise slurs = find("three-note-slurs");
    return new Step(slurs, slurs.doseFor(Method.STEADY_HOLD).usual(), Position.AT_INSTRUMENT, side);
  }

  @Test
  void harpistsGetNoFrets() {
    RoutineRequest harpist = RequestBuilder.warmUp().roles(Map.of()).build();
    assertThat(
            Gate.closedFor(find("three-note-slurs"), PurposePlan.of(Purpose.WARM_UP), harpist)
                .map(reason -> reason.sentence(find("three-note-slurs"))))
        .contains("Made for the hand on the strings; no activity here has one.");
    assertThat(HandRole.usual(Discipline.PLUCKED_STRINGS, BOTH, Side.RIGHT)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "'', index finger",
    "INDEX, index finger",
    "'INDEX,MIDDLE', index and middle finger",
    "'THUMB,LITTLE', index finger"
  })
  void theActivityChoosesTheDigitOnTheTrainer(String digits, String words) {
    Set<Digit> carrying =
        Arrays.stream(digits.split(","))
            .filter(name -> !name.isBlank())
            .map(Digit::valueOf)
            .collect(Collectors.toSet());
    RoutineRequest gamer =
        strength()
            .working(BOTH, carrying)
            .discipline(Discipline.CONTROLLER)
            .things(Set.of(Thing.FINGER_TRAINER))
            .seconds(900)
            .build();
    Composed composed = (Composed) new Composer(LIBRARY, Purpose.STRENGTH).compose(gamer);
    assertThat(composed.steps())
        .filteredOn(step -> step.exercise().id().equals("trigger-on-the-trainer"))
        .singleElement()
        .satisfies(
            step ->
                assertThat(step.action())
                    .contains("Let the %s move slowly out and in.".formatted(words)));
  }

  @Test
  void justBeforePlayARecoveryHoldsNothingHard() {
    for (int minutes : List.of(0, 2, 29)) {
      Composed recovery =
          (Composed)
              new Composer(LIBRARY, Purpose.RECOVERY)
                  .compose(
                      RequestBuilder.of(Purpose.RECOVERY)
                          .seconds(900)
                          .minutesToPlay(minutes)
                          .build());
      assertThat(recovery.steps())
          .filteredOn(step -> step.exercise().kind() == Kind.STRETCH)
          .isNotEmpty()
          .allMatch(step -> step.exercise().demands().intensity() <= 2);
    }
    Exercise clasp = find("crossed-threaded-clasp");
    assertThat(
            Gate.PLAY.closed(
                clasp,
                Side.LEFT,
                PurposePlan.of(Purpose.RECOVERY),
                RequestBuilder.of(Purpose.RECOVERY).minutesToPlay(2).build()))
        .contains(new Rejection.TooNearToPlay(OptionalInt.of(2)));
  }

  @Test
  void whatWarmsTheHandsMovesOrRubsThem() {
    assertThat(Warmth.warms(find("hip-circles"))).isFalse();
    assertThat(Warmth.warms(find("head-turns"))).isFalse();
    assertThat(Warmth.warms(find("palm-rub"))).isTrue();
    assertThat(Warmth.warms(find("tendon-sequence"))).isTrue();
  }

  @Test
  void aSoreShoulderDoesNotSlowAFingerTrainer() {
    RoutineRequest gamer =
        strength()
            .discipline(Discipline.CONTROLLER)
            .pain(Pain.steady(Side.RIGHT, Region.SHOULDER, 6))
            .pain(Pain.steady(Side.RIGHT, Region.INDEX_FINGER, 3))
            .build();
    LineOfWork endurance =
        new LineOfWork(Purpose.STRENGTH, false, LIBRARY, gamer.facts(), gamer.use());
    assertThat(endurance.regions())
        .contains(Region.INDEX_FINGER, Region.PALM, Region.FOREARM_PALM_SIDE)
        .doesNotContain(Region.SHOULDER, Region.NECK);
    assertThat(endurance.dose()).isEqualTo(PainDose.of(3, Pain.Course.STEADY));
    assertThat(endurance.forbidden()).isEmpty();
  }

  @Test
  void aLineOfWorkThatNothingIsOpenForSaysWhy() {
    RoutineRequest young =
        strength()
            .age(AgeGroup.UNDER_16)
            .sign(new Sign(ReferralSign.PINS_AND_NEEDLES, Side.LEFT, Set.of(Region.PALM), "", TOLD))
            .build();
    LineOfWork heavy = new LineOfWork(Purpose.STRENGTH, true, LIBRARY, young.facts(), young.use());
    assertThat(heavy.forbidden()).hasValueSatisfying(why -> assertThat(why).endsWith("."));
    LineOfWork light = new LineOfWork(Purpose.STRENGTH, false, LIBRARY, young.facts(), young.use());
    assertThat(light.forbidden()).isEmpty();
    assertThat(light.limits()).anyMatch(words -> words.contains("pins and needles"));
  }
}
