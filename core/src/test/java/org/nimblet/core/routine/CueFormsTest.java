package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.BreathHalf;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Pose;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Units;

/** Cues of the forms of dose, and of the whole library in every notation. */
class CueFormsTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static CueSheet sheet(String exercise, Dose dose) {
    Step step =
        new Step(LIBRARY.find(exercise).orElseThrow(), dose, Position.AT_INSTRUMENT, Side.LEFT);
    return CueSheetWriter.write(List.of(step), Pace.USUAL, Notation.NAMES);
  }

  private static List<Cue> work(CueSheet sheet) {
    return sheet.cues().stream().filter(cue -> cue.repetition() > 0).toList();
  }

  static Stream<Arguments> everyExerciseByEveryMethodInEveryNotation() {
    return LIBRARY.exercises().stream()
        .flatMap(
            exercise ->
                exercise.doses().keySet().stream()
                    .flatMap(
                        method ->
                            Stream.of(Notation.values())
                                .map(notation -> Arguments.of(exercise, method, notation))));
  }

  /** MODEL 1, invariant, over everything that ships. */
  @ParameterizedTest(name = "{0} {1} {2}")
  @MethodSource("everyExerciseByEveryMethodInEveryNotation")
  void cuesOfTheLibraryTouchAndEndAtTheComputedLength(
      Exercise exercise, Method method, Notation notation) {
    Dose dose = exercise.dose(method).orElseThrow().usual();
    Step step = new Step(exercise, dose, exercise.demands().positions().get(0), Side.RIGHT);
    CueSheet sheet = CueSheetWriter.write(List.of(step), Pace.USUAL, notation);
    long at = 0;
    for (Cue cue : sheet.cues()) {
      assertThat(cue.offsetMillis()).isEqualTo(at);
      assertThat(cue.durationMillis()).isPositive();
      assertThat(cue.text()).isNotBlank();
      at = cue.endMillis();
    }
    long setUp = sheet.cues().get(0).durationMillis();
    assertThat(at)
        .isEqualTo(sheet.lengthMillis())
        .isEqualTo(setUp + StepTime.millis(dose, Pace.USUAL));
  }

  /** Subdivisions at 60 beats a minute up to four and back, after four beats (common practice). */
  @Test
  void aPacedDoseCountsInAndGoesUpAndDownTheLadder() {
    DoseForm.Paced paced = new DoseForm.Paced(60, 60, List.of(1, 2, 3, 4, 3, 2, 1), 4);
    Dose dose = new Dose(paced, 1, 1, Laterality.WORKING_SIDE, Units.WHOLE, 0);
    assertThat(StepTime.millis(dose, Pace.USUAL)).isEqualTo(64_000);
    List<Cue> cues = work(sheet("three-note-slurs", dose));
    assertThat(cues.subList(0, 4)).allMatch(cue -> cue.phase() == CuePhase.SET_UP);
    List<Cue> beats = cues.subList(4, cues.size());
    assertThat(beats).hasSize(60).allMatch(cue -> cue.phase() == CuePhase.PLAY);
    assertThat(beats.stream().map(Cue::notes).distinct()).containsExactly(1, 2, 3, 4);
    assertThat(beats.get(0).notes()).isEqualTo(1);
    assertThat(beats.get(30).notes()).isEqualTo(4);
    assertThat(beats.get(59).notes()).isEqualTo(1);
    assertThat(beats.stream().filter(cue -> cue.notes() == 4).count()).isBetween(8L, 9L);
    assertThat(beats.stream().map(Cue::text)).contains("2 to a beat", "4 to a beat");
  }

  @Test
  void breathMovedWorkGoesIntoItOnOneHalfAndBackOnTheOther() {
    Dose out =
        new Dose(
            new DoseForm.BreathMoved(BreathHalf.OUT), 2, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    List<Cue> cues = work(sheet("knees-rocking-forward", out));
    assertThat(cues).extracting(Cue::breath).startsWith(Breath.IN, Breath.OUT, Breath.IN);
    assertThat(cues)
        .extracting(Cue::phase)
        .startsWith(CuePhase.RETURN, CuePhase.MOVE, CuePhase.RETURN);
    assertThat(cues.get(1).to()).isEqualTo(Pose.BODY_ALL_FOURS_FORWARD);
    assertThat(cues).allMatch(cue -> cue.durationMillis() == 3000);
  }

  @Test
  void aHoldUntilItEasesTakesItsGreatestTimeAndMayBeEndedFromTheLeast() {
    Dose eases = new Dose(new DoseForm.UntilEases(20, 60), 1, 1, Laterality.EACH, Units.WHOLE, 0);
    assertThat(StepTime.millis(eases, Pace.USUAL)).isEqualTo(2 * 60_000 + 4_000 + 6_000);
    assertThat(work(sheet("doorway-chest", eases)))
        .hasSize(2)
        .allSatisfy(cue -> assertThat(cue.easesFromMillis()).isEqualTo(20_000));
  }

  @Test
  void eachSideDoesItsOwnDose() {
    Dose dose =
        new Dose(new DoseForm.Hold(10), 1, 1, Laterality.EACH, Units.WHOLE, 0)
            .withException(
                Optional.of(new Dose.SideException(Side.RIGHT, new DoseForm.Hold(20), 2, 1)));
    List<Cue> cues = work(sheet("palm-up-fingers-back", dose));
    assertThat(cues.stream().filter(cue -> cue.phase() == CuePhase.HOLD))
        .extracting(Cue::sides, Cue::durationMillis, Cue::repetitions)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(Sides.LEFT, 10_000L, 1),
            org.assertj.core.groups.Tuple.tuple(Sides.RIGHT, 20_000L, 2),
            org.assertj.core.groups.Tuple.tuple(Sides.RIGHT, 20_000L, 2));
    assertThat(dose.totalRepetitions()).isEqualTo(3);
    assertThat(dose.heldSecondsPerSide(Pace.USUAL)).isEqualTo(40);
    assertThat(dose.withException(Optional.empty()).heldSecondsPerSide(Pace.USUAL)).isEqualTo(10);
  }

  @Test
  void theFigureFollowsTheFingerAtWork() {
    Dose fingers = new Dose(new DoseForm.Count(2, 60), 1, 1, Laterality.EACH, Units.FINGERS, 0);
    List<Cue> left =
        work(sheet("all-down-lift-one", fingers)).stream()
            .filter(cue -> cue.sides() == Sides.LEFT && cue.phase() == CuePhase.MOVE)
            .toList();
    assertThat(left)
        .extracting(Cue::to)
        .containsExactly(Pose.LIFT_INDEX, Pose.LIFT_MIDDLE, Pose.LIFT_RING, Pose.LIFT_LITTLE);
    assertThat(left).extracting(Cue::digits).contains(List.of(Digit.RING));
  }

  @Test
  void whatStandsForAThingIsSaidAndNeedsNoFetchingIfItIsPartOfTheBody() {
    Exercise squeeze = LIBRARY.find("squeeze-ladder").orElseThrow();
    Dose dose = squeeze.doseFor(Method.STEADY_HOLD).usual();
    Map<Thing, Substitution> fist =
        Substitution.resolve(squeeze.demands().things(), java.util.Set.of()).orElseThrow();
    Step step = new Step(squeeze, dose, Position.SIT, Side.LEFT, fist, true, java.util.Set.of());
    assertThat(step.things()).isEmpty();
    assertThat(step.setUp()).contains("With the own fist: Close the empty hand");
    assertThat(step.doseWords(Method.STEADY_HOLD, Notation.NAMES))
        .isEqualTo("5 s, 5 rounds, sides in turn");
    CueSheet sheet = CueSheetWriter.write(List.of(step), Pace.USUAL, Notation.NAMES);
    assertThat(sheet.cues().get(0).durationMillis()).isEqualTo(3000);
  }
}
