package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Progression;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Units;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.exercise.Ways;

/** The doses, ways, ladders, staples and variants of the library that ships. */
class LibraryDoseTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  static Stream<Exercise> exercises() {
    return LIBRARY.exercises().stream();
  }

  private static Exercise find(String id) {
    return LIBRARY.find(id).orElseThrow();
  }

  private static Dose usual(String id) {
    Exercise exercise = find(id);
    return exercise.doseFor(exercise.usualMethod()).usual();
  }

  private static CueSheet sheet(Exercise exercise, Dose dose, Notation notation) {
    Step step = new Step(exercise, dose, exercise.demands().positions().get(0), Side.LEFT);
    return CueSheetWriter.write(List.of(step), Pace.USUAL, notation);
  }

  /** Every dose of every entry can be written, read, timed and cued in all four notations. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void everyDoseIsWrittenReadTimedAndCuedInEveryNotation(Exercise exercise) {
    for (Map.Entry<Method, DosePlan> entry : exercise.doses().entrySet()) {
      Dose dose = entry.getValue().usual();
      for (Notation notation : Notation.values()) {
        var text = exercise.doseText(entry.getKey(), notation);
        String words = text.format(dose);
        assertThat(words).doesNotContain("1 times").doesNotContain("  ");
        assertThat(text.parse(words)).as(words).isEqualTo(dose);
        CueSheet sheet = sheet(exercise, dose, notation);
        long work = sheet.lengthMillis() - sheet.cues().get(0).durationMillis();
        assertThat(work).isEqualTo(StepTime.millis(dose, Pace.USUAL));
      }
    }
  }

  /** A count shows its whole cycle: every pose is struck in one repetition, and the first again. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void aCountShowsItsWholeCycle(Exercise exercise) {
    for (DosePlan plan : exercise.doses().values()) {
      if (plan.usual().form() instanceof DoseForm.Count count) {
        for (int unit = 0; unit < plan.usual().units().count(); unit++) {
          List<Keyframe> poses = exercise.figure().posesOf(plan.usual().units(), unit);
          assertThat(count.beats())
              .as("%s, unit %d of poses %s", exercise.id(), unit, poses)
              .isGreaterThanOrEqualTo(poses.size() == 1 ? 1 : poses.size());
        }
      }
    }
  }

  /** What the dose goes through can be told apart in figure, words and label. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void waysAndDigitsOfFigureWordsAndUnitsAgree(Exercise exercise) {
    for (DosePlan plan : exercise.doses().values()) {
      Units units = plan.usual().units();
      int out = units.andBack() ? (units.count() + 1) / 2 : units.count();
      Set<String> labels =
          IntStream.range(0, out)
              .mapToObj(i -> units.label(i, Notation.STRINGS, exercise.guidance().ways()))
              .collect(Collectors.toSet());
      assertThat(labels).hasSize(out);
      if (units.each() == Units.Each.WAYS) {
        assertThat(exercise.guidance().ways().count()).isEqualTo(units.ways());
      }
      for (int unit = 0; unit < units.count(); unit++) {
        List<Digit> digits = units.digits(unit);
        assertThat(exercise.figure().posesOf(units, unit))
            .as(exercise.id())
            .allMatch(pose -> pose.shows(digits));
      }
    }
  }

  /** Named ways are gone through by some dose, or they would never be said. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void waysThatAreNamedAreDone(Exercise exercise) {
    if (!exercise.guidance().ways().equals(Ways.UNNAMED)) {
      assertThat(exercise.doses().values())
          .as(exercise.id())
          .anyMatch(plan -> plan.usual().units().each() == Units.Each.WAYS);
    }
  }

  /** Each rung asks for more than the one before it, in what the ladder is made of. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void everyLadderRisesInWhatItSaysItRaises(Exercise exercise) {
    Progression.Steps steps = exercise.progression().steps();
    for (Method method : exercise.doses().keySet()) {
      List<Ladder.Rung> rungs = Ladder.of(exercise, method, List.of()).rungs();
      assertThat(rungs).extracting(Ladder.Rung::words).doesNotHaveDuplicates();
      for (int i = 1; i < rungs.size(); i++) {
        Dose lower = rungs.get(i - 1).dose();
        Dose upper = rungs.get(i).dose();
        if (steps instanceof Progression.Things || steps instanceof Progression.Named) {
          assertThat(upper.quantity()).isGreaterThanOrEqualTo(lower.quantity());
        } else if (steps instanceof Progression.Tempo) {
          assertThat(seconds(upper).doubleValue()).isLessThan(seconds(lower).doubleValue());
        } else {
          assertThat(work(upper)).as("%s %s", exercise.id(), method).isGreaterThan(work(lower));
        }
      }
    }
  }

  private static BigFraction seconds(Dose dose) {
    return dose.form().repetitionSeconds(Pace.USUAL);
  }

  private static long work(Dose dose) {
    return (long) dose.quantity() * dose.repetitions() * dose.sets();
  }

  private static int load(Exercise exercise) {
    return exercise.uses().acting(Use.LOADS).size();
  }

  /** No entry is its own variant; easier is not harder and harder is not easier, in any respect. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void easierIsEasierAndHarderIsHarder(Exercise exercise) {
    exercise.progression().easierExercise().ifPresent(id -> assertHarder(find(id), exercise));
    exercise.progression().harderExercise().ifPresent(id -> assertHarder(exercise, find(id)));
    Optional<String> easier = exercise.progression().easierExercise();
    assertThat(easier.isPresent() && easier.equals(exercise.progression().harderExercise()))
        .isFalse();
  }

  private static void assertHarder(Exercise easier, Exercise harder) {
    assertThat(easier.id()).isNotEqualTo(harder.id());
    assertThat(easier.demands().intensity())
        .as("%s is easier than %s", easier.id(), harder.id())
        .isLessThanOrEqualTo(harder.demands().intensity());
    assertThat(load(easier))
        .as("%s loads no more than %s", easier.id(), harder.id())
        .isLessThanOrEqualTo(load(harder));
    assertThat(easier.demands().tires() && !harder.demands().tires()).as(easier.id()).isFalse();
  }

  private static final Set<Tissue> OF_HAND_AND_FOREARM =
      EnumSet.of(
          Tissue.FINGER_FLEXORS,
          Tissue.FINGER_EXTENSORS,
          Tissue.FOREARM_ROTATORS,
          Tissue.WRIST,
          Tissue.HAND_INTRINSICS,
          Tissue.THUMB_MUSCLES,
          Tissue.FINGER_JOINTS);

  /** Where an exercise chiefly for a tissue may stand, one of them is marked as the staple. */
  @Test
  void everyTissueOfHandAndForearmHasAStapleForEachPurposeWhereItMayStand() {
    for (Tissue tissue : OF_HAND_AND_FOREARM) {
      for (Purpose purpose : Purpose.values()) {
        PurposePlan plan = PurposePlan.of(purpose);
        boolean mayStand =
            LIBRARY.exercises().stream()
                .filter(exercise -> exercise.service().main() == tissue)
                .filter(exercise -> plan.namedFor().contains(exercise.kind()))
                .anyMatch(plan::hasPlaceFor);
        if (mayStand) {
          assertThat(LIBRARY.exercises())
              .as("a staple of the %s for a %s", tissue.word(), purpose.noun())
              .anyMatch(
                  exercise ->
                      exercise.standing().isStaple(tissue, purpose) && plan.hasPlaceFor(exercise));
        }
      }
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void aStapleHasAPlaceWhereItIsOne(Exercise exercise) {
    exercise
        .standing()
        .staples()
        .forEach(
            (target, purposes) ->
                assertThat(purposes)
                    .as("%s, %s", exercise.id(), target)
                    .allMatch(purpose -> PurposePlan.of(purpose).hasPlaceFor(exercise)));
  }

  /** There is one staple of a target for a purpose, or it would not be the first. */
  @Test
  void noTwoAreTheStapleOfOneThing() {
    List<String> marks =
        LIBRARY.exercises().stream()
            .flatMap(
                exercise ->
                    exercise.standing().staples().entrySet().stream()
                        .flatMap(
                            entry ->
                                entry.getValue().stream()
                                    .map(purpose -> entry.getKey() + " " + purpose)))
            .toList();
    assertThat(marks).doesNotHaveDuplicates();
  }

  /** Common practice, no source: a single finger is never held for more than 10 s. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void aSingleFingerIsNeverHeldForMoreThanTenSeconds(Exercise exercise) {
    if (exercise.kind() == Kind.STRETCH) {
      exercise.doses().values().stream()
          .filter(plan -> plan.usual().units().singleDigits())
          .forEach(plan -> assertThat(plan.bounds().greatest()).isLessThanOrEqualTo(10));
    }
  }

  /** Common practice, no source: pulses of 2 s, 10 to 15 times a side. */
  @Test
  void pulsesAreTwoSecondsTenToFifteenTimes() {
    assertThat(DoseForm.Pulse.KEPT_SECONDS).isEqualTo(2);
    assertThat(
            exercises()
                .flatMap(exercise -> exercise.doses().values().stream())
                .filter(plan -> plan.usual().form() instanceof DoseForm.Pulse))
        .isNotEmpty()
        .allMatch(plan -> plan.bounds().equals(new Dose.Bounds(10, 15)));
  }

  /** Common practice, no source: the whole hand, then ten pairs, each five presses and a hold. */
  @Test
  void tenPairsArePressedFiveTimesAndThenHeld() {
    Exercise pairs = find("ten-pairs-opened");
    List<Cue> left =
        sheet(pairs, usual(pairs.id()), Notation.KEYBOARD).cues().stream()
            .filter(cue -> cue.sides() == Sides.LEFT && cue.repetition() > 0)
            .toList();
    Map<String, Long> presses =
        left.stream()
            .filter(cue -> cue.text().equals("Press lightly"))
            .collect(Collectors.groupingBy(Cue::unit, Collectors.counting()));
    assertThat(presses).hasSize(11).containsEntry("1-2", 5L).containsEntry("4-5", 5L);
    assertThat(presses.values()).containsOnly(5L);
    assertThat(left)
        .filteredOn(cue -> cue.phase() == CuePhase.HOLD)
        .hasSize(11)
        .allMatch(cue -> cue.durationMillis() >= 5000 && cue.durationMillis() <= 10_000);
    // By hand: 5 presses, in, 6 s, out = 13 s; eleven of them, ten changes of 2 s, both hands, 4 s.
    assertThat(StepTime.millis(usual(pairs.id()), Pace.USUAL))
        .isEqualTo((2 * (11 * 13 + 10 * 2) + 4) * 1000L);
  }

  /** Common practice, no source: 5 circles each way, 3 rounds, both hands are 60 circles. */
  @Test
  void pointingCirclesAreSixtyAndTheHandsGoInTurn() {
    Dose dose = usual("wrist-circles-pointing");
    assertThat(dose.totalRepetitions()).isEqualTo(60);
    assertThat(dose.laterality()).isEqualTo(Laterality.IN_TURN);
    List<Sides> rounds =
        sheet(find("wrist-circles-pointing"), dose, Notation.NAMES).cues().stream()
            .filter(cue -> cue.repetition() == 1 && cue.beat() == 1 && cue.unit().equals("inward"))
            .map(Cue::sides)
            .toList();
    assertThat(rounds)
        .containsExactly(Sides.LEFT, Sides.RIGHT, Sides.LEFT, Sides.RIGHT, Sides.LEFT, Sides.RIGHT);
  }

  /** Common practice, no source: 3 × 12, morning and night, for six weeks are 3 024 presses. */
  @Test
  void theTrainerAddsUpToThreeThousandPresses() {
    assertThat(usual("trigger-on-the-trainer").totalRepetitions() * 2 * 42).isEqualTo(3024);
    assertThat(
            Ladder.of(find("trigger-on-the-trainer"), Method.STEADY_HOLD, List.of())
                .rungs()
                .stream()
                .map(rung -> rung.dose().repetitions()))
        .contains(12);
  }

  /** Common practice, no source: four shapes at each of 25 places, about a hundred chords. */
  @Test
  void theSpreadChordTakesFourMinutesAndMore() {
    Dose dose = usual("spread-chord-down-the-neck");
    assertThat(dose.repetitions()).isEqualTo(4 * 25);
    assertThat(StepTime.millis(dose, Pace.USUAL)).isGreaterThanOrEqualTo(240_000);
  }

  /** The stages follow one another, each with all its repetitions. */
  @Test
  void curlsGoStageAfterStage() {
    List<String> stages =
        sheet(find("staged-curls"), usual("staged-curls"), Notation.NAMES).cues().stream()
            .filter(cue -> cue.repetition() > 0)
            .map(Cue::unit)
            .toList();
    assertThat(stages.stream().distinct())
        .containsExactly("end joints only", "at the knuckles", "all the way in");
    assertThat(stages).isSortedAccordingTo((a, b) -> stages.indexOf(a) - stages.indexOf(b));
  }

  /** Arithmetic by hand: the nine stations and the changes between them are exactly 540 s. */
  @Test
  void nineStationsTakeNineMinutes() {
    RoutineTemplate stations =
        RoutineTemplate.all(LIBRARY).stream()
            .filter(template -> template.id().equals("nine-minute-stations"))
            .findFirst()
            .orElseThrow();
    int palmRub = 3 + 35;
    int shoulders = 3 + 2 * 8 * 3 + 2;
    int circles = 3 + 2 * (2 * 5 * 3 + 2) + 4;
    int fists = 3 + 15 * 2;
    int wall = 5 + 45;
    int palmLifts = 15 + 8 + 50;
    int knuckles = 3 + 50;
    int openClose = 15 + 80 * 60 / 100;
    int palms = 3 + 2 * (30 + 2) + 6;
    int shake = 3 + 30;
    assertThat(
            palmRub + shoulders + circles + fists + wall + palmLifts + knuckles + openClose + palms
                + shake)
        .isEqualTo(540);
    assertThat(RoutineTime.of(stations.steps(), Pace.USUAL).lengthMillis()).isEqualTo(540_000);
  }

  /** What practice names one after another is archived, never gone: old logs keep their words. */
  @Test
  void whatIsArchivedIsFoundAndNotOffered() {
    for (String id : List.of("little-finger-to-thumb", "thumb-toward-forearm")) {
      assertThat(LIBRARY.find(id)).isPresent();
      assertThat(LIBRARY.exercises()).extracting(Exercise::id).doesNotContain(id);
    }
  }

  /** A family is worth marking only where one of it can stand for another. */
  @Test
  void familiesAreOfOneKindOrOneTissue() {
    exercises()
        .filter(exercise -> exercise.standing().family().isPresent())
        .collect(Collectors.groupingBy(exercise -> exercise.standing().family().orElseThrow()))
        .forEach(
            (family, members) -> {
              Set<?> kinds = members.stream().map(Exercise::kind).collect(Collectors.toSet());
              Set<String> shared = new HashSet<>(contributions(members.get(0)));
              members.forEach(member -> shared.retainAll(contributions(member)));
              assertThat(kinds.size() == 1 || !shared.isEmpty()).as(family).isTrue();
            });
  }

  private static Set<String> contributions(Exercise exercise) {
    return exercise.service().contributions().keySet();
  }

  /** The order of the digits that a dose names is the one in which they are cued. */
  @Test
  void eachFingerGoesBackFromTheLittleOneToTheThumb() {
    Units units = usual("each-finger-back").units();
    assertThat(IntStream.range(0, units.count()).mapToObj(units::digits))
        .containsExactly(
            List.of(Digit.LITTLE),
            List.of(Digit.RING),
            List.of(Digit.MIDDLE),
            List.of(Digit.INDEX),
            List.of(Digit.THUMB));
    Units woven = usual("pencil-between-the-fingers").units();
    assertThat(
            IntStream.range(0, woven.count())
                .mapToObj(i -> woven.label(i, Notation.STRINGS, null))
                .collect(Collectors.joining("-")))
        .isEqualTo("1-2-3-4-3-2-1");
  }
}
