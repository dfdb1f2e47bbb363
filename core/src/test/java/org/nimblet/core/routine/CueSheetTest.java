package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.DoseGenerator;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Units;

class CueSheetTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  static LongStream seeds() {
    return LongStream.range(0, 300);
  }

  /** MODEL 1, invariant: no gap, no overlap, and the end is the computed length. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void cuesTouchAndEndExactlyAtTheComputedLength(long seed) {
    DoseGenerator generator = new DoseGenerator(seed);
    Pace pace = generator.pace();
    List<Step> steps = new ArrayList<>();
    long expected = 0;
    for (int i = 0; i < 4; i++) {
      Exercise exercise =
          LIBRARY.exercises().get((int) ((seed * 7 + i * 11L) % LIBRARY.exercises().size()));
      Dose dose = generator.dose();
      steps.add(new Step(exercise, dose, Position.SIT, i % 2 == 0 ? Side.LEFT : Side.RIGHT));
      expected += StepTime.millis(dose, pace);
    }
    Notation notation = Notation.values()[(int) (seed % Notation.values().length)];
    CueSheet sheet = CueSheetWriter.write(steps, pace, notation);
    long at = 0;
    long setUps = 0;
    for (Cue cue : sheet.cues()) {
      assertThat(cue.offsetMillis()).isEqualTo(at);
      assertThat(cue.durationMillis()).isPositive();
      at = cue.endMillis();
      setUps += isSetUp(cue) ? cue.durationMillis() : 0;
    }
    assertThat(at).isEqualTo(sheet.lengthMillis()).isEqualTo(expected + setUps);
  }

  /** The count-in of a paced dose belongs to its repetition, not to the set-up of the step. */
  private static boolean isSetUp(Cue cue) {
    return cue.phase() == CuePhase.SET_UP && cue.repetition() == 0;
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyRepetitionIsCuedOnEachSideUnitAndSet(long seed) {
    DoseGenerator generator = new DoseGenerator(seed);
    Dose dose = generator.dose();
    CueSheet sheet = sheetOf(dose, generator.pace());
    List<Cue> worked = sheet.cues().stream().filter(cue -> cue.repetition() > 0).toList();
    long repetitions = 0;
    for (Side side : dose.passes(Side.LEFT)) {
      if (dose.on(side).form() instanceof DoseForm.OwnPace) {
        repetitions += ownPaced(worked, side, dose);
      } else {
        repetitions += begun(worked, side, dose);
      }
    }
    assertThat(repetitions).isEqualTo(dose.totalRepetitions());
  }

  private static boolean isOf(Cue cue, Side side, Dose dose) {
    return dose.laterality().passes() == 1 || cue.sides() == Sides.of(side);
  }

  /** A count at one's own pace is one cue for a whole set. */
  private static long ownPaced(List<Cue> worked, Side side, Dose dose) {
    return worked.stream().filter(cue -> isOf(cue, side, dose)).mapToLong(Cue::repetitions).sum();
  }

  /** How often a repetition begins: its number, set or unit is another one than before. */
  private static long begun(List<Cue> worked, Side side, Dose dose) {
    long begun = 0;
    List<?> before = List.of();
    for (Cue cue : worked) {
      if (isOf(cue, side, dose)) {
        List<?> at = List.of(cue.unit(), cue.digits(), cue.set(), cue.repetition());
        begun += at.equals(before) ? 0 : 1;
        before = at;
      }
    }
    return begun;
  }

  private static CueSheet sheetOf(Dose dose, Pace pace) {
    Exercise exercise = LIBRARY.find("palm-up-fingers-back").orElseThrow();
    return CueSheetWriter.write(
        List.of(new Step(exercise, dose, Position.SIT, Side.LEFT)), pace, Notation.NAMES);
  }

  /** Subdivisions at 60 beats a minute: 1000, 500, 333⅓ and 250 ms (arithmetic). */
  @Test
  void subdivisionsAreExactAndDoNotDrift() {
    for (int subdivision = 1; subdivision <= 4; subdivision++) {
      Dose dose =
          new Dose(
              new DoseForm.Count(1, 60 * subdivision),
              60 * subdivision,
              1,
              Laterality.TOGETHER,
              Units.WHOLE,
              0);
      CueSheet sheet = sheetOf(dose, Pace.USUAL);
      assertThat(StepTime.millis(dose, Pace.USUAL)).isEqualTo(60_000);
      List<Cue> beats = sheet.cues().stream().filter(cue -> cue.beat() == 1).toList();
      long start = beats.get(0).offsetMillis();
      for (int i = 0; i < beats.size(); i++) {
        assertThat(beats.get(i).offsetMillis() - start)
            .isEqualTo(Math.round(i * 1000.0 / subdivision));
      }
    }
  }

  /** 15 s on each side: 2 × (1 + 15 + 1) + 4 for the change + 6 to release (MODEL 1). */
  @Test
  void aHoldIsCountedWithItsMovesChangeAndRelease() {
    Dose dose = new Dose(new DoseForm.Hold(15), 1, 1, Laterality.EACH, Units.WHOLE, 0);
    assertThat(StepTime.millis(dose, Pace.USUAL)).isEqualTo(44_000);
    CueSheet sheet = sheetOf(dose, Pace.USUAL);
    assertThat(sheet.cues())
        .extracting(Cue::phase)
        .containsExactly(
            CuePhase.SET_UP,
            CuePhase.MOVE,
            CuePhase.HOLD,
            CuePhase.RETURN,
            CuePhase.SWITCH,
            CuePhase.MOVE,
            CuePhase.HOLD,
            CuePhase.RETURN,
            CuePhase.RELEASE);
    assertThat(sheet.cues().get(2).sides()).isEqualTo(Sides.LEFT);
    assertThat(sheet.cues().get(6).sides()).isEqualTo(Sides.RIGHT);
  }

  /** Common practice, no source: the pull is kept for two seconds on each breath out. */
  @Test
  void aPulseIsOneBreathWithTwoSecondsKept() {
    Dose dose = new Dose(new DoseForm.Pulse(), 10, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    CueSheet sheet = sheetOf(dose, new Pace(12));
    assertThat(StepTime.millis(dose, new Pace(12))).isEqualTo(50_000);
    assertThat(sheet.cues())
        .filteredOn(cue -> cue.phase() == CuePhase.HOLD)
        .hasSize(10)
        .allSatisfy(cue -> assertThat(cue.durationMillis()).isEqualTo(2000))
        .allSatisfy(cue -> assertThat(cue.breath()).isEqualTo(Breath.OUT));
  }

  @Test
  void setUpIsCountedByWhatChanges() {
    Exercise rub = LIBRARY.find("palm-rub").orElseThrow();
    Exercise hips = LIBRARY.find("hip-circles").orElseThrow();
    Exercise strings = LIBRARY.find("fingers-placed-silently").orElseThrow();
    Dose dose = new Dose(new DoseForm.Timed(10), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    CueSheet sheet =
        CueSheetWriter.write(
            List.of(
                new Step(rub, dose, Position.SIT, Side.LEFT),
                new Step(hips, dose, Position.STAND, Side.LEFT),
                new Step(strings, dose, Position.AT_INSTRUMENT, Side.LEFT),
                new Step(strings, dose, Position.AT_INSTRUMENT, Side.LEFT)),
            Pace.USUAL,
            Notation.NAMES);
    assertThat(sheet.cues())
        .filteredOn(cue -> cue.phase() == CuePhase.SET_UP)
        .extracting(Cue::durationMillis)
        .containsExactly(3000L, 5000L, 13000L, 3000L);
    assertThat(sheet.stepMillis(2)).isEqualTo(23_000);
  }
}
