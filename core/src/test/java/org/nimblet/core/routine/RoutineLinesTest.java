package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.RoutineLines.Line;
import org.nimblet.core.routine.RoutineLines.StepsLine;
import org.nimblet.core.routine.RoutineLines.UnreadLine;

class RoutineLinesTest {

  /** So many routines of each purpose are written and read. */
  private static final int SEEN = 80;

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final RoutineRequest ASKED = RequestBuilder.of(Purpose.STRENGTH).build();
  private static final RoutineLines LINES = new RoutineLines(LIBRARY, ASKED);

  private static Line read(String line) {
    return LINES.read(line).get(0);
  }

  private static Step step(String line) {
    Line read = read(line);
    assertThat(read).as(line).isInstanceOf(StepsLine.class);
    return ((StepsLine) read).steps().get(0);
  }

  /** Lines as one writes them; the doses as the trade reads them (common practice, no source). */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "palm rub 30 s | palm-rub | 30 s",
        "- palm rub, 30 s | palm-rub | 30 s",
        "2. shake out 24 s | shake-out | 24 s",
        "3x12 trainer left | trigger-on-the-trainer | 3 × 12, left side only",
        "3 x 12 trainer | trigger-on-the-trainer | 3 × 12",
        "each finger back 5 s | each-finger-back | 5 s",
        "palm lifts 45 s | palm-lifts-on-the-knees | 45 s",
        "chin back 10 times | chin-back | × 10",
        "10 wall angels | wall-angels | 10 times",
        "towel wrist curl 3 sets of 10 | towel-wrist-curl | × 10, 3 sets",
        "ripple 1 min | ripple | 1 min",
        "the ten pairs opened | ten-pairs-opened | ''"
      })
  void readsLinesAsCoachesWriteThem(String line, String exercise, String dose) {
    Step step = step(line);
    assertThat(step.exercise().id()).isEqualTo(exercise);
    assertThat(step.doseWords(ASKED.facts().method(), ASKED.facts().notation())).contains(dose);
  }

  @Test
  void aSideThatIsNamedAloneWorksAlone() {
    Step step = step("3x12 trainer left");
    assertThat(step.dose().laterality()).isEqualTo(Laterality.ONE_SIDE);
    assertThat(step.firstSide()).isEqualTo(Side.LEFT);
  }

  @Test
  void theOrderOfTheDigitsIsSaidByItsEnds() {
    Step step = step("each finger back 5 s, little to thumb");
    assertThat(step.dose().units().takingPart())
        .containsExactly(Digit.LITTLE, Digit.RING, Digit.MIDDLE, Digit.INDEX, Digit.THUMB);
    assertThat(step("each finger back 5 s, thumb to little").dose().units().takingPart())
        .startsWith(Digit.THUMB);
  }

  @Test
  void aCircuitIsItsStepsInTurn() {
    StepsLine line = (StepsLine) read("circuit 2x: palm lifts 45 s / knuckle lowering 45 s");
    assertThat(line.steps())
        .extracting(s -> s.exercise().id())
        .containsExactly(
            "palm-lifts-on-the-knees",
            "knuckle-lowering",
            "palm-lifts-on-the-knees",
            "knuckle-lowering");
    assertThat(read("circuit 2x: palm lifts 45 s / nonsense 4 s")).isInstanceOf(UnreadLine.class);
    assertThat(((UnreadLine) read("circuit 99x: palm rub 10 s / shake out 10 s")).wrong())
        .contains("1 to 10");
  }

  @Test
  void smallWordsBetweenTheOthersAreNoPartOfAName() {
    assertThat(((StepsLine) read("shake it out 15 sec")).steps().get(0).exercise().id())
        .isEqualTo("shake-out");
    assertThat(((StepsLine) read("rub your palms 20 s")).steps().get(0).exercise().id())
        .isEqualTo("palm-rub");
  }

  @Test
  void whatIsNotReadSaysWhyKeepsItsTimeAndOffersWhatIsNear() {
    UnreadLine unknown = (UnreadLine) read("wrist wobbles 40 s");
    assertThat(unknown.wrong()).isEqualTo("\"wobbles\" is in no name that fits");
    assertThat(unknown.seconds()).isEqualTo(40);
    assertThat(((UnreadLine) read("spiderman push ups 10")).wrong())
        .isEqualTo("\"spiderman ups\" is in no name that fits");
    assertThat(unknown.near()).extracting(Exercise::title).anyMatch(t -> t.contains("rist"));
    assertThat(((UnreadLine) read("glorp 20 s")).wrong()).isEqualTo("not in the library");
    UnreadLine dose = (UnreadLine) read("palm rub until the moon");
    assertThat(dose.near()).extracting(Exercise::id).contains("palm-rub");
    assertThat(dose.text()).isEqualTo("palm rub until the moon");
    assertThat(((UnreadLine) read("palm rub 30 s (upside down)")).wrong())
        .contains("remark (upside down)");
  }

  @Test
  void aLineTakesAnotherNameWithItsDose() {
    Exercise rub = LIBRARY.find("palm-rub").orElseThrow();
    assertThat(LINES.renamed("1. wrist wobbles 40 s", rub)).isEqualTo(rub.title() + ": 40 s");
    assertThat(LINES.renamed("wobbles 7 furlongs", rub)).isEqualTo(rub.title() + ":");
    assertThat(step(LINES.renamed("wrist wobbles 40 s", rub)).exercise()).isEqualTo(rub);
  }

  @Test
  void everyLineComesBack() {
    String text = "palm rub 30 s\n\nwrist wobbles\nshake out 20 s\n";
    assertThat(LINES.read(text))
        .extracting(Line::text)
        .containsExactlyElementsOf(text.lines().toList());
    assertThatThrownBy(() -> LINES.read("x\n".repeat(61))).hasMessageContaining("lines (61)");
    assertThatThrownBy(() -> LINES.read("x".repeat(201))).hasMessageContaining("line 1");
  }

  @Test
  void aTitleIsReadAsItsOwnExercise() {
    for (Exercise exercise : LIBRARY.exercises()) {
      assertThat(step(exercise.title() + ":").exercise()).isEqualTo(exercise);
    }
  }

  private static void comesBack(RoutineRequest asked, List<Step> steps) {
    RoutineLines lines = new RoutineLines(LIBRARY, asked);
    String text = lines.write(steps);
    List<Step> back =
        lines.read(text).stream()
            .flatMap(
                line -> {
                  assertThat(line).as(line.text()).isInstanceOf(StepsLine.class);
                  return ((StepsLine) line).steps().stream();
                })
            .toList();
    assertThat(back).as(text).isEqualTo(steps);
  }

  @Test
  void everyTemplateComesBack() {
    for (RoutineTemplate template : RoutineTemplate.all(LIBRARY)) {
      RoutineLines lines = new RoutineLines(LIBRARY, ASKED);
      String text = lines.write(template.steps());
      List<Step> back =
          lines.read(text).stream().flatMap(line -> ((StepsLine) line).steps().stream()).toList();
      assertThat(back).hasSameSizeAs(template.steps());
      for (int i = 0; i < back.size(); i++) {
        Step step = back.get(i);
        Step before = template.steps().get(i);
        assertThat(step.dose()).as(text).isEqualTo(before.dose());
        assertThat(step.exercise()).isEqualTo(before.exercise());
        assertThat(step.position()).isEqualTo(before.position());
        assertThat(step.firstSide()).isEqualTo(before.firstSide());
        assertThat(step.released()).isEqualTo(before.released());
        assertThat(step.circuit()).isEqualTo(before.circuit());
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Purpose.class)
  void whatIsComposedComesBack(Purpose purpose) {
    Composer composer = new Composer(LIBRARY, purpose);
    int composed = 0;
    for (int seed = 0; composed < SEEN && seed < 4 * SEEN; seed++) {
      RoutineRequest asked = new RequestGenerator(seed).request(LIBRARY, purpose);
      if (composer.compose(asked) instanceof Composed routine) {
        comesBack(asked, routine.steps());
        composed++;
      }
    }
    assertThat(composed).isEqualTo(SEEN);
  }
}
