package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Units;

class StepTimeTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Set<Position> ANYWHERE = EnumSet.allOf(Position.class);

  private static Dose dose(
      DoseForm form, int repetitions, int sets, Laterality sides, Units units, int rest) {
    return new Dose(form, repetitions, sets, sides, units, rest);
  }

  /** Worked by hand from MODEL 1, breathing ten times a minute. */
  static Stream<Arguments> worked() {
    return Stream.of(
        // 25 s, once
        Arguments.of(
            dose(new DoseForm.Timed(25), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0), 25_000),
        // 2 sides x 2 x (1 + 20 + 1) + 4 change + 6 release
        Arguments.of(dose(new DoseForm.Hold(20), 2, 1, Laterality.EACH, Units.WHOLE, 0), 98_000),
        // a hold under ten seconds has no release: 2 x (1 + 8 + 1) + 4
        Arguments.of(dose(new DoseForm.Hold(8), 1, 1, Laterality.EACH, Units.WHOLE, 0), 24_000),
        // 3 breaths of 6 s, held for 18 s, so with a release
        Arguments.of(
            dose(new DoseForm.Breaths(3), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0), 24_000),
        // 10 pulses of 6 s a side + 4
        Arguments.of(dose(new DoseForm.Pulse(), 10, 1, Laterality.EACH, Units.WHOLE, 0), 124_000),
        // 4 fingers x 3 x 1.5 s a side, 3 changes of 2 s a side, 4 between the sides
        Arguments.of(
            dose(new DoseForm.Count(1, 40), 3, 1, Laterality.EACH, Units.FINGERS, 0), 52_000),
        // 3 sets of 12 at 2 s, two rests of 30 s, one side
        Arguments.of(
            dose(new DoseForm.Count(2, 60), 12, 3, Laterality.WORKING_SIDE, Units.WHOLE, 30),
            132_000),
        // 4 passes of 5 s a side + 4
        Arguments.of(
            dose(new DoseForm.Travel(4, 5), 1, 1, Laterality.EACH, Units.WHOLE, 0), 44_000),
        // ten pairs x 5 s + nine changes of 2 s
        Arguments.of(
            dose(new DoseForm.Timed(5), 1, 1, Laterality.TOGETHER, Units.PAIRS, 0), 68_000),
        // 7 beats at 90: 4666⅔ ms, rounded once
        Arguments.of(
            dose(new DoseForm.Count(7, 90), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0), 4_667));
  }

  @ParameterizedTest
  @MethodSource("worked")
  void isCountedFromTheDose(Dose dose, long millis) {
    assertThat(StepTime.millis(dose, Pace.USUAL)).isEqualTo(millis);
  }

  @Test
  void aSlowerBreathTakesLonger() {
    Dose breaths = dose(new DoseForm.Breaths(5), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    assertThat(StepTime.millis(breaths, new Pace(6))).isEqualTo(56_000);
    assertThat(StepTime.millis(breaths, new Pace(12))).isEqualTo(31_000);
  }

  static LongStream seeds() {
    return LongStream.range(0, 200);
  }

  /** MODEL 2: with one floor piece, no order takes longer than what the composer charges. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noOrderTakesLongerThanIsCharged(long seed) {
    Random random = new Random(seed);
    List<Exercise> chosen = new ArrayList<>(LIBRARY.exercises());
    Collections.shuffle(chosen, random);
    List<Step> steps = new ArrayList<>();
    long charged = 0;
    for (Exercise exercise : chosen.subList(0, 8)) {
      List<Position> positions = exercise.demands().positions();
      Position position = positions.get(random.nextInt(positions.size()));
      Dose dose = exercise.dose(exercise.usualMethod()).orElseThrow().usual();
      steps.add(new Step(exercise, dose, position, Side.LEFT));
      charged +=
          (StepTime.millis(dose, Pace.USUAL) + 999) / 1000
              + SetUp.charge(position, exercise.demands().things(), ANYWHERE);
    }
    steps.sort(Comparator.comparing(step -> step.position() == Position.FLOOR));
    if (steps.stream().anyMatch(step -> step.position() == Position.FLOOR)) {
      charged += SetUp.floorCharge();
    }
    long length = CueSheetWriter.write(steps, Pace.USUAL, Notation.NAMES).lengthMillis();
    assertThat(length).isLessThanOrEqualTo(charged * 1000);
  }

  /** Who stays where they are pays the way there once. */
  @ParameterizedTest
  @EnumSource(
      value = Position.class,
      names = {"STAND", "TABLE", "WALL", "SIT"})
  void noOrderInOnePositionTakesLongerThanIsCharged(Position position) {
    for (long seed = 0; seed < 40; seed++) {
      List<Exercise> chosen =
          new ArrayList<>(
              LIBRARY.exercises().stream()
                  .filter(exercise -> exercise.demands().positions().contains(position))
                  .toList());
      Collections.shuffle(chosen, new Random(seed));
      List<Step> steps = new ArrayList<>();
      long charged = SetUp.arrivingCharge(Set.of(position));
      for (Exercise exercise : chosen.subList(0, Math.min(8, chosen.size()))) {
        Dose dose = exercise.dose(exercise.usualMethod()).orElseThrow().usual();
        Step step = new Step(exercise, dose, position, Side.LEFT);
        steps.add(step);
        charged +=
            StepTime.chargedSeconds(step, Pace.USUAL)
                + SetUp.charge(position, exercise.demands().things(), Set.of(position));
      }
      assertThat(RoutineTime.of(steps, Pace.USUAL).lengthMillis())
          .isLessThanOrEqualTo(charged * 1000);
    }
  }

  @Test
  void theFloorIsPaidOnceForAWholePiece() {
    Exercise rub = LIBRARY.find("palm-rub").orElseThrow();
    Dose dose = dose(new DoseForm.Timed(10), 1, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    List<Step> steps =
        List.of(
            new Step(rub, dose, Position.SIT, Side.LEFT),
            new Step(rub, dose, Position.FLOOR, Side.LEFT),
            new Step(rub, dose, Position.FLOOR, Side.LEFT),
            new Step(rub, dose, Position.SIT, Side.LEFT));
    long length = CueSheetWriter.write(steps, Pace.USUAL, Notation.NAMES).lengthMillis();
    assertThat(length).isEqualTo(40_000 + 3_000 + 15_000 + 3_000 + 15_000);
    long charged =
        40
            + 2L * SetUp.charge(Position.SIT, Set.of(), ANYWHERE)
            + 2L * SetUp.charge(Position.FLOOR, Set.of(), ANYWHERE)
            + SetUp.floorCharge();
    assertThat(length).isLessThanOrEqualTo(charged * 1000);
  }
}
