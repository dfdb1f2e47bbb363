package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Recent.WeeklyVolume;

/** Every rule: the smallest routine that breaks it alone, and the nearest one that does not. */
class RoutineCheckTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final RoutineCheck CHECK = new RoutineCheck(LIBRARY);
  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  private static Exercise find(String id) {
    return LIBRARY.find(id).orElseThrow();
  }

  private static Step step(String id) {
    Exercise exercise = find(id);
    Dose usual = exercise.doseFor(Method.STEADY_HOLD).usual();
    return new Step(exercise, usual, exercise.demands().positions().get(0), Side.LEFT);
  }

  private static Step step(String id, int quantity) {
    Step usual = step(id);
    return usual.withDose(usual.dose().withQuantity(quantity));
  }

  private static Dose curl(int grams, int repetitions) {
    return step("wrist-curl-palm-up")
        .dose()
        .withRepetitions(repetitions, 2)
        .withLoad(new Load.Weight(grams));
  }

  private static Recent lastTime(String id, Dose dose) {
    return new Recent(Map.of(), Map.of(id, dose), Map.of(), Set.of(), Set.of());
  }

  private record Case(
      RoutineRule rule,
      Purpose purpose,
      RequestBuilder asked,
      List<Step> breaking,
      RequestBuilder askedSound,
      List<Step> sound) {}

  private static Arguments of(
      RoutineRule rule,
      Purpose purpose,
      RequestBuilder asked,
      List<Step> breaking,
      List<Step> sound) {
    return Arguments.of(rule, new Case(rule, purpose, asked, breaking, asked, sound));
  }

  private static Arguments of(
      RoutineRule rule,
      Purpose purpose,
      List<Step> routine,
      RequestBuilder asked,
      RequestBuilder askedSound) {
    return Arguments.of(rule, new Case(rule, purpose, asked, routine, askedSound, routine));
  }

  private static final LocalDate TOLD = LocalDate.of(2026, 3, 2);

  private static RequestBuilder for_(Purpose purpose) {
    return RequestBuilder.of(purpose);
  }

  static Stream<Arguments> cases() {
    Step hot = step("wrist-circles-loose-fist");
    Step curls = step("wrist-curl-palm-up");
    Exercise slurs = find("three-note-slurs");
    Dose paced = slurs.doseFor(Method.STEADY_HOLD).usual();
    DoseForm.Paced form = (DoseForm.Paced) paced.form();
    Dose faster =
        paced.withForm(
            new DoseForm.Paced(
                form.beats(), form.beatsPerMinute() + 20, form.ladder(), form.countIn()));
    Step slur = new Step(slurs, faster, Position.AT_INSTRUMENT, Side.RIGHT);
    Step back = step("palm-up-fingers-back");
    Step backLeft = back.on(Side.LEFT);
    Sign numb =
        new Sign(ReferralSign.PINS_AND_NEEDLES, Side.LEFT, Set.of(Region.RING_FINGER), "", TOLD);
    Step spread = step("palm-up-fingers-spread-back");
    Step longQuiet = back.withDose(find("palm-up-fingers-back").doseFor(Method.LONG_QUIET).usual());
    return Stream.of(
        of(
            RoutineRule.REFERRAL_SIGN,
            Purpose.COOL_DOWN,
            List.of(hot, spread),
            for_(Purpose.COOL_DOWN).sign(numb),
            for_(Purpose.COOL_DOWN)),
        of(
            RoutineRule.EXCLUDED_REGION,
            Purpose.COOL_DOWN,
            List.of(hot, back),
            for_(Purpose.COOL_DOWN)
                .exclusion(Exclusion.ofRegion(Side.LEFT, Region.WRIST_THUMB_SIDE, "rest.")),
            for_(Purpose.COOL_DOWN).exclusion(Exclusion.ofRegion(Side.LEFT, Region.NECK, "rest."))),
        of(
            RoutineRule.KNOWN_CONDITION,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN)
                .condition(KnownCondition.of(Condition.CARPAL_TUNNEL, BOTH, TOLD)),
            List.of(hot, step("palm-down-hand-in")),
            List.of(hot, back)),
        of(
            RoutineRule.PAIN_DOSE,
            Purpose.STRENGTH,
            List.of(hot, curls),
            for_(Purpose.STRENGTH).pain(Pain.steady(Side.LEFT, Region.PALM, 5)),
            for_(Purpose.STRENGTH).pain(Pain.steady(Side.LEFT, Region.PALM, 4))),
        of(
            RoutineRule.BENT_WRIST_TOO_LONG,
            Purpose.RECOVERY,
            List.of(hot, longQuiet),
            for_(Purpose.RECOVERY)
                .condition(KnownCondition.of(Condition.CARPAL_TUNNEL, BOTH, TOLD)),
            for_(Purpose.RECOVERY)),
        of(
            RoutineRule.LOAD_STEP_TOO_BIG,
            Purpose.STRENGTH,
            for_(Purpose.STRENGTH).recent(lastTime("wrist-curl-palm-up", curl(500, 10))),
            List.of(hot, curls.withDose(curl(750, 10))),
            List.of(hot, curls.withDose(curl(500, 10)))),
        of(
            RoutineRule.COLD_STRETCH,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN),
            List.of(back, hot),
            List.of(hot, back)),
        of(
            RoutineRule.TIRING_BEFORE_PLAY,
            Purpose.STRENGTH,
            List.of(hot, step("squeeze-ladder")),
            for_(Purpose.STRENGTH).minutesToPlay(59),
            for_(Purpose.STRENGTH).minutesToPlay(60)),
        of(
            RoutineRule.TIRING_BEFORE_PLAY,
            Purpose.STRENGTH,
            for_(Purpose.STRENGTH),
            List.of(hot, step("squeeze-ladder"), step("play-easily")),
            List.of(hot, step("play-easily"), step("squeeze-ladder"))),
        of(
            RoutineRule.SAME_TISSUE_WITHIN_48H,
            Purpose.STRENGTH,
            List.of(hot, curls),
            for_(Purpose.STRENGTH)
                .recent(
                    new Recent(
                        Map.of(), Map.of(), Map.of(), Set.of(Tissue.FINGER_FLEXORS), Set.of())),
            for_(Purpose.STRENGTH)
                .recent(
                    new Recent(
                        Map.of(), Map.of(), Map.of(), Set.of(Tissue.FINGER_EXTENSORS), Set.of()))),
        of(
            RoutineRule.TOO_MUCH_BEFORE_PERFORMANCE,
            Purpose.STRENGTH,
            for_(Purpose.STRENGTH).around(new Around(false, OptionalInt.empty(), true)),
            List.of(hot, curls),
            List.of(hot, step("squeeze-ladder"))),
        of(
            RoutineRule.HOLD_OVER_CAP,
            Purpose.WARM_UP,
            for_(Purpose.WARM_UP),
            List.of(hot, step("palm-up-fingers-back", 15), step("fingers-up-halt", 15)),
            List.of(hot, step("palm-up-fingers-back", 15))),
        of(
            RoutineRule.HOLD_OVER_CAP,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN),
            List.of(hot, doseOutOfBounds(step("each-finger-back"), 11)),
            List.of(hot, step("each-finger-back", 10))),
        of(
            RoutineRule.DOSE_OUT_OF_BOUNDS,
            Purpose.WARM_UP,
            for_(Purpose.WARM_UP),
            List.of(
                step(
                    "palm-rub",
                    find("palm-rub").doseFor(Method.STEADY_HOLD).bounds().greatest() + 1)),
            List.of(
                step(
                    "palm-rub", find("palm-rub").doseFor(Method.STEADY_HOLD).bounds().greatest()))),
        of(
            RoutineRule.LOAD_AND_REPS_TOGETHER,
            Purpose.STRENGTH,
            for_(Purpose.STRENGTH)
                .weights(500, 550)
                .recent(lastTime("wrist-curl-palm-up", curl(500, 10))),
            List.of(hot, curls.withDose(curl(550, 11))),
            List.of(hot, curls.withDose(curl(550, 10)))),
        of(
            RoutineRule.TEMPO_OVER_EVENNESS,
            Purpose.WARM_UP,
            List.of(slur),
            for_(Purpose.WARM_UP).recent(lastTime("three-note-slurs", paced)),
            for_(Purpose.WARM_UP).recent(lastTime("three-note-slurs", faster))),
        of(
            RoutineRule.WEEKLY_VOLUME_JUMP,
            Purpose.STRENGTH,
            List.of(hot, step("squeeze-ladder")),
            for_(Purpose.STRENGTH)
                .recent(
                    new Recent(
                        Map.of(),
                        Map.of(),
                        Map.of("squeeze-ladder", new WeeklyVolume(100_000, 80_000, 3)),
                        Set.of(),
                        Set.of())),
            for_(Purpose.STRENGTH)
                .recent(
                    new Recent(
                        Map.of(),
                        Map.of(),
                        Map.of("squeeze-ladder", new WeeklyVolume(100_000, 80_000, 2)),
                        Set.of(),
                        Set.of()))),
        of(
            RoutineRule.ONE_SIDE_ONLY,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN),
            List.of(hot, backLeft),
            List.of(hot, backLeft, back.on(Side.RIGHT))),
        of(
            RoutineRule.SIDE_BIAS_TOO_LARGE,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN),
            List.of(hot, exceptLeft(back, 15, 30)),
            List.of(hot, exceptLeft(back, 20, 30))),
        of(
            RoutineRule.POSITION_UNAVAILABLE,
            Purpose.WARM_UP,
            List.of(step("hip-circles")),
            for_(Purpose.WARM_UP).positions(EnumSet.of(Position.SIT)),
            for_(Purpose.WARM_UP).positions(EnumSet.of(Position.SIT, Position.STAND))),
        of(
            RoutineRule.EQUIPMENT_MISSING,
            Purpose.STRENGTH,
            for_(Purpose.STRENGTH).things(EnumSet.of(Thing.CLAY)),
            List.of(hot, step("squeeze-ladder")),
            List.of(
                hot,
                step("squeeze-ladder")
                    .with(
                        Substitution.resolve(
                                find("squeeze-ladder").demands().things(), Set.of(Thing.CLAY))
                            .orElseThrow()))),
        of(
            RoutineRule.OVER_BUDGET,
            Purpose.WARM_UP,
            for_(Purpose.WARM_UP).seconds(60),
            List.of(step("palm-rub", 40), step("mimed-hand-wash", 40)),
            List.of(step("palm-rub", 40))),
        of(
            RoutineRule.INTENSE_EARLY,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN),
            List.of(hot, step("crossed-threaded-clasp"), back),
            List.of(hot, back, step("crossed-threaded-clasp"))),
        of(
            RoutineRule.SMALL_BEFORE_LARGE,
            Purpose.WARM_UP,
            for_(Purpose.WARM_UP),
            List.of(step("tendon-sequence"), step("shoulder-rolls")),
            List.of(step("shoulder-rolls"), step("tendon-sequence"))),
        of(
            RoutineRule.NO_RELEASE_AFTER_HOLD,
            Purpose.COOL_DOWN,
            for_(Purpose.COOL_DOWN),
            List.of(hot, back.withRelease(false)),
            List.of(hot, back.withRelease(false), step("shake-out"))));
  }

  private static Step doseOutOfBounds(Step step, int seconds) {
    return step.withDose(step.dose().withForm(new DoseForm.Hold(seconds)));
  }

  private static Step exceptLeft(Step step, int left, int right) {
    Dose dose = step.dose().withQuantity(right);
    return step.withDose(
        dose.withException(
            Optional.of(
                new Dose.SideException(
                    Side.LEFT, new DoseForm.Hold(left), dose.repetitions(), 1))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void isBrokenBySomethingSmallAndKeptByTheNearestSound(RoutineRule rule, Case given) {
    List<Finding> findings =
        CHECK.findings(given.purpose(), given.asked().build(), given.breaking());
    assertThat(findings).extracting(Finding::rule).contains(rule);
    assertThat(findings)
        .filteredOn(finding -> finding.rule() != rule)
        .as("breaks it alone, but for bounds that hang together with it")
        .allMatch(finding -> finding.rule() == RoutineRule.DOSE_OUT_OF_BOUNDS);
    assertThat(CHECK.findings(given.purpose(), given.askedSound().build(), given.sound()))
        .extracting(Finding::rule)
        .doesNotContain(rule);
    assertThat(findings)
        .allSatisfy(
            finding -> {
              assertThat(finding.sentence()).endsWith(".");
              assertThat(finding.repair().words()).isNotBlank();
            });
    List<Step> repaired = CHECK.repaired(given.purpose(), given.asked().build(), given.breaking());
    assertThat(CHECK.findings(given.purpose(), given.asked().build(), repaired)).isEmpty();
  }

  @Test
  void everyRuleHasACase() {
    assertThat(cases().map(arguments -> arguments.get()[0]).distinct())
        .containsExactlyInAnyOrder((Object[]) RoutineRule.values());
  }

  static LongStream seeds() {
    return LongStream.range(0, 210);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noComposedRoutineBreaksARule(long seed) {
    RequestGenerator generator = new RequestGenerator(seed);
    Purpose purpose = Purpose.values()[(int) (seed % Purpose.values().length)];
    RoutineRequest asked = generator.request(LIBRARY, purpose);
    if (new Composer(LIBRARY, purpose).compose(asked) instanceof Composed composed) {
      assertThat(CHECK.findings(purpose, asked, composed.steps())).isEmpty();
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void afterAllRepairsNothingIsLeftToFind(long seed) {
    Purpose purpose = Purpose.values()[(int) (seed % Purpose.values().length)];
    RoutineRequest asked = new RequestGenerator(seed).request(LIBRARY, purpose);
    List<Step> steps = new RoutineGenerator(seed).routine(LIBRARY, 25);
    List<Step> repaired = CHECK.repaired(purpose, asked, steps);
    assertThat(CHECK.findings(purpose, asked, repaired)).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Purpose.class)
  void theTimesOfARoutineAreThoseOfItsCues(Purpose purpose) {
    for (long seed = 0; seed < 20; seed++) {
      List<Step> steps = new RoutineGenerator(seed + purpose.ordinal()).routine(LIBRARY, 12);
      RoutineRequest asked = RequestBuilder.of(purpose).build();
      CueSheet sheet = CueSheetWriter.write(steps, asked.facts().pace(), asked.facts().notation());
      RoutineTime time = RoutineTime.of(steps, asked.facts().pace());
      assertThat(time.starts()).isEqualTo(sheet.stepStarts());
      assertThat(time.lengthMillis()).isEqualTo(sheet.lengthMillis());
    }
  }

  @Test
  void aRepairSaysWhatItWillDo() {
    RequestBuilder asked = RequestBuilder.of(Purpose.COOL_DOWN);
    Step hot = step("wrist-circles-loose-fist");
    Step back = step("palm-up-fingers-back");
    List<String> words = new ArrayList<>();
    for (List<Step> steps :
        List.of(
            List.of(hot, back.on(Side.LEFT)),
            List.of(back, hot),
            List.of(hot, doseOutOfBounds(step("each-finger-back"), 11)),
            List.of(back))) {
      words.add(CHECK.findings(Purpose.COOL_DOWN, asked.build(), steps).get(0).repair().words());
    }
    assertThat(words)
        .startsWith("add the right", "after " + hot.exercise().title(), "hold 10 s")
        .last()
        .asString()
        .startsWith("add ");
  }

  /** The other hand of the person goes on; the repair takes the closed one out only. */
  /** What is done by a client has nothing that stops it; what only warns is left as it is. */
  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsSafeBreaksNothingThatStops(long seed) {
    Purpose purpose = Purpose.values()[(int) (seed % Purpose.values().length)];
    RoutineRequest asked = new RequestGenerator(seed).request(LIBRARY, purpose);
    List<Step> steps = new RoutineGenerator(seed).routine(LIBRARY, 12);
    RoutineCheck.SafeSteps safe = CHECK.safe(purpose, asked, steps);
    assertThat(CHECK.findings(purpose, asked, safe.steps()))
        .noneMatch(finding -> finding.rule().severity() == Finding.Severity.STOP);
    boolean stopped =
        CHECK.findings(purpose, asked, steps).stream()
            .anyMatch(finding -> finding.rule().severity() == Finding.Severity.STOP);
    assertThat(safe.stopped().isEmpty()).isEqualTo(!stopped);
    if (!stopped) {
      assertThat(safe.steps()).isEqualTo(steps);
    }
  }

  @Test
  void whatIsClosedOnOneSideIsRepairedToTheOther() {
    RoutineRequest sore =
        RequestBuilder.of(Purpose.COOL_DOWN)
            .pain(Pain.steady(Side.RIGHT, Region.WRIST_THUMB_SIDE, 8))
            .build();
    List<Step> repaired =
        CHECK.repaired(
            Purpose.COOL_DOWN,
            sore,
            List.of(step("palm-rub", 60), step("head-turns"), step("wrist-circles-open-hand")));
    assertThat(repaired)
        .last()
        .satisfies(
            step -> {
              assertThat(step.dose().laterality()).isEqualTo(Laterality.ONE_SIDE);
              assertThat(step.firstSide()).isEqualTo(Side.LEFT);
            });
  }
}
