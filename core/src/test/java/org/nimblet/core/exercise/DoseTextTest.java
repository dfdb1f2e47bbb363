package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;

class DoseTextTest {

  private static final Ways PALMS = new Ways(List.of("palm up", "palm down"));
  private static final Dose PRESSES =
      new Dose(new DoseForm.Count(2, 60), 10, 1, Laterality.EACH, Units.WHOLE, 30);
  private static final Dose HOLD =
      new Dose(new DoseForm.Hold(15), 1, 1, Laterality.EACH, Units.WHOLE, 0);

  private static DoseText beside(Dose usual) {
    return new DoseText(usual, Notation.NAMES, PALMS);
  }

  static LongStream seeds() {
    return LongStream.range(0, 600);
  }

  /** Whatever is written beside whatever is usual reads back as the same dose. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsWrittenReadsBackTheSame(long seed) {
    DoseGenerator generator = new DoseGenerator(seed);
    Dose usual = generator.dose();
    Dose dose = generator.dose();
    Notation notation = Notation.values()[(int) (seed % Notation.values().length)];
    Ways directions = seed % 3 == 0 ? Ways.UNNAMED : PALMS;
    DoseText text = new DoseText(usual, notation, directions);
    String written = text.format(dose);
    assertThat(text.parse(written)).as("%s beside %s", written, usual).isEqualTo(dose);
  }

  static Stream<Arguments> libraryDoses() {
    return ExerciseLibrary.shipped().exercises().stream()
        .flatMap(
            exercise ->
                exercise.doses().keySet().stream()
                    .flatMap(
                        method ->
                            Stream.of(Notation.values())
                                .map(notation -> Arguments.of(exercise, method, notation))));
  }

  @ParameterizedTest(name = "{0} {1} {2}")
  @MethodSource("libraryDoses")
  void everyDoseOfTheLibraryReadsBackTheSameInEveryNotation(
      Exercise exercise, Method method, Notation notation) {
    Dose usual = exercise.dose(method).orElseThrow().usual();
    DoseText text = exercise.doseText(method, notation);
    assertThat(text.parse(text.format(usual))).isEqualTo(usual);
  }

  @Test
  void readsAsPeopleWriteIt() {
    assertThat(beside(PRESSES).format(PRESSES.withRepetitions(12, 3)))
        .isEqualTo("3 × 12 each hand");
    assertThat(beside(HOLD).format(HOLD.withQuantity(20).withRepetitions(3, 1)))
        .isEqualTo("20 s × 3 each side");
    Dose breaths =
        new Dose(new DoseForm.Breaths(5), 1, 1, Laterality.TOGETHER, Units.DIRECTIONS, 0);
    assertThat(beside(breaths).format(breaths))
        .isEqualTo("5 breaths, palm up then palm down, both together");
    Dose paced =
        new Dose(
            new DoseForm.Paced(60, 60, List.of(1, 2, 3, 4, 3, 2, 1), 4),
            1,
            1,
            Laterality.WORKING_SIDE,
            Units.WHOLE,
            0);
    assertThat(beside(paced).format(paced)).isEqualTo("1 min @ 60 bpm 1-2-3-4-3-2-1, working side");
    assertThat(beside(HOLD).format(beside(HOLD).parse("20 s x 3; right 4 breaths")))
        .isEqualTo("20 s × 3 each side; right 4 breaths");
  }

  @Test
  void writesFingersInThePersonsNotation() {
    Dose fingers = new Dose(new DoseForm.Hold(5), 1, 1, Laterality.EACH, Units.FINGERS, 0);
    assertThat(new DoseText(fingers, Notation.PLUCKING, PALMS).format(fingers))
        .isEqualTo("5 s each of i-m-a-c each side");
    assertThat(new DoseText(fingers, Notation.KEYBOARD, PALMS).format(fingers))
        .isEqualTo("5 s each of 2-3-4-5 each side");
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "3x12, 3, 12",
    "3 × 12 each hand, 3, 12",
    "'  3 X 12 , slow ', 3, 12",
    "12 times, 1, 12",
    "12x, 1, 12",
    "2 sets of 8 times, 2, 8"
  })
  void readsCountsAsTheyAreTyped(String typed, int sets, int repetitions) {
    assertThat(beside(PRESSES).parse(typed)).isEqualTo(PRESSES.withRepetitions(repetitions, sets));
  }

  /** A session keeps the dose of each step in words; a longer one could not be sent. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("libraryDoses")
  void noDoseOfTheLibraryIsLongerThanASessionKeeps(
      Exercise exercise, Method method, Notation notation) {
    Dose usual = exercise.doses().get(method).usual();
    assertThat(DoseText.complete(notation, exercise.guidance().ways()).format(usual))
        .hasSizeLessThanOrEqualTo(120);
  }

  @Test
  void manyWaysAreToldByTheirNumberAndReadBack() {
    Ways walk = new Ways(List.of("inward", "outward", "upward", "downward"));
    Dose usual = new Dose(new DoseForm.Hold(5), 1, 1, Laterality.EACH, Units.ways(4), 0);
    DoseText text = new DoseText(usual, Notation.NAMES, walk);
    assertThat(text.format(usual)).isEqualTo("5 s each of 4 ways each side");
    assertThat(text.parse("5 s each of 4 ways each side")).isEqualTo(usual);
    assertThat(DoseText.complete(Notation.NAMES, walk).parse("5 s each of 4 ways each side"))
        .isEqualTo(usual);
  }

  @Test
  void readsEveryFormAsItIsTyped() {
    DoseText text = beside(HOLD);
    assertThat(text.parse("20s x3")).isEqualTo(HOLD.withQuantity(20).withRepetitions(3, 1));
    assertThat(text.parse("1 min")).isEqualTo(HOLD.withQuantity(60));
    assertThat(text.parse("5 breaths").form()).isEqualTo(new DoseForm.Breaths(5));
    assertThat(text.parse("10 pulses").repetitions()).isEqualTo(10);
    assertThat(text.parse("2 passes of 20 s").form()).isEqualTo(new DoseForm.Travel(2, 20));
    assertThat(text.parse("until it eases, 20-60 s").form())
        .isEqualTo(new DoseForm.UntilEases(20, 60));
    assertThat(text.parse("8x into it breathing out"))
        .extracting(Dose::form, Dose::repetitions)
        .containsExactly(new DoseForm.BreathMoved(BreathHalf.OUT), 8);
    assertThat(text.parse("1 min @ 60 bpm 1-2-3-4-3-2-1").form())
        .isEqualTo(new DoseForm.Paced(60, 60, List.of(1, 2, 3, 4, 3, 2, 1), 4));
    assertThat(text.parse("for 40 s, both together"))
        .extracting(Dose::form, Dose::laterality)
        .containsExactly(new DoseForm.Timed(40), Laterality.TOGETHER);
    assertThat(beside(PRESSES).parse("3 x 8 at 1.5 kg").load()).contains(new Load.Weight(1500));
    assertThat(beside(PRESSES).parse("3 x 8 band 35 cm").load()).contains(new Load.Band(35));
    assertThat(text.parse("20 s; left 30 s x 2").on(Side.LEFT))
        .isEqualTo(HOLD.withQuantity(30).withRepetitions(2, 1));
  }

  @ParameterizedTest(name = "[{0}]")
  @CsvSource({
    "'', could not be read",
    "a while, could not be read",
    "3 x 12 bananas, bananas",
    "20 s; up 10 s, must begin with left or right",
    "20 s; left 5 s; right 5 s, at most one side",
    "0 s, must be between 1 and 600",
    "20 sec x 400, must be between 1 and 300",
    "1 min @ 5 bpm, beats per minute (5) must be between 10 and 300",
    "99999999999 s, must be below"
  })
  void saysWhatItCannotReadAndWhatCanBeWritten(String typed, String message) {
    assertThatThrownBy(() -> beside(HOLD).parse(typed))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(message);
  }
}
