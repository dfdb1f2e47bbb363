package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LibraryWriterTest {

  private static final ExerciseLibrary SHIPPED = ExerciseLibrary.shipped();

  @Test
  void everyExerciseOfTheLibraryReadsBackTheSame() {
    String yaml = LibraryWriter.yaml(SHIPPED.exercises());
    ExerciseLibrary again = ExerciseLibrary.read(Map.of("written.yaml", yaml));
    assertThat(again.exercises()).isEqualTo(SHIPPED.exercises());
  }

  @Test
  void theFieldsOfOneExerciseReadBackTheSame() {
    Exercise exercise = SHIPPED.find("knees-fingers-toward-knees").orElseThrow();
    ExerciseLibrary.Reading reading =
        ExerciseLibrary.readEntry("form", LibraryWriter.fields(exercise));
    assertThat(reading.problems()).isEmpty();
    assertThat(reading.good()).containsExactly(exercise);
  }

  @Test
  void theGoodAreReadAndTheBadAreListed() {
    Exercise good = SHIPPED.find("palm-rub").orElseThrow();
    String text =
        LibraryWriter.yaml(List.of(good))
            + "- {id: no-words, kind: heat}\n- just a line\n- {id: palm-rub}\n";
    ExerciseLibrary.Reading reading = ExerciseLibrary.readGood(Map.of("mine.yaml", text));
    assertThat(reading.good()).containsExactly(good);
    assertThat(reading.problems())
        .extracting(LibraryProblem::entry)
        .contains("no-words", "entry 3", "palm-rub");
  }

  @Test
  void variantsMustExist() {
    Exercise exercise = SHIPPED.find("wrist-circles-open-hand").orElseThrow();
    assertThat(
            ExerciseLibrary.unknownVariants(
                exercise, java.util.Set.of("wrist-circles-rising-arms")))
        .singleElement()
        .satisfies(
            problem -> {
              assertThat(problem.field()).isEqualTo("easier-exercise");
              assertThat(problem.message()).contains("wrist-circles-loose-fist");
            });
  }
}
