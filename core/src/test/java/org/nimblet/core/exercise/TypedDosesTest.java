package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Notation;

/** Doses as coaches type them, against a table of what they mean. */
class TypedDosesTest {

  private static final Map<String, Dose> USUAL =
      Map.of(
          "hold", usual(new DoseForm.Hold(15), Laterality.TOGETHER),
          "timed", usual(new DoseForm.Timed(60), Laterality.EACH),
          "count", usual(new DoseForm.Count(2, 60), Laterality.TOGETHER),
          "loaded",
              usual(new DoseForm.Count(2, 60), Laterality.TOGETHER).withLoad(new Load.Weight(500)),
          "paced", usual(new DoseForm.Paced(60, 60, List.of(1), 4), Laterality.TOGETHER));

  private static Dose usual(DoseForm form, Laterality laterality) {
    return new Dose(form, 1, 1, laterality, Units.WHOLE, 30);
  }

  record Typed(String usual, String typed, String meant) {
    DoseText text() {
      return new DoseText(USUAL.get(usual), Notation.NAMES, Ways.UNNAMED);
    }
  }

  static Stream<Typed> table() throws IOException {
    try (InputStream file = TypedDosesTest.class.getResourceAsStream("/typed-doses.txt")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8)
              .lines()
              .filter(line -> !line.startsWith("#"))
              .map(line -> line.split(" \\| ", -1))
              .map(cells -> new Typed(cells[0], cells[1], cells[2]))
              .toList()
              .stream();
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("table")
  void isReadAsMeantOrRefusedByName(Typed typed) {
    DoseText text = typed.text();
    if (typed.meant().startsWith("!")) {
      assertThatThrownBy(() -> text.parse(typed.typed()))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining(typed.meant().substring(1));
    } else {
      assertThat(text.parse(typed.typed())).isEqualTo(text.parse(typed.meant()));
    }
  }

  /** What is meant is itself in the words of doses: written out, it reads back the same. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("table")
  void whatIsMeantIsSaidInTheWordsOfDoses(Typed typed) {
    if (!typed.meant().startsWith("!")) {
      Dose meant = typed.text().parse(typed.meant());
      assertThat(typed.text().parse(typed.text().format(meant))).isEqualTo(meant);
      assertThat(typed.text().parse(DoseSpelling.plain(typed.text().format(meant))))
          .isEqualTo(meant);
    }
  }

  @Test
  void theTableIsLongEnoughAndHasNoLineTwice() throws IOException {
    List<Typed> table = table().toList();
    assertThat(table).hasSizeGreaterThanOrEqualTo(400).doesNotHaveDuplicates();
  }

  @Test
  void nothingIsReadSilently() {
    DoseText hold = new DoseText(USUAL.get("hold"), Notation.NAMES, Ways.UNNAMED);
    Dose five = hold.parse("5 slow breaths per side");
    assertThat(five.form()).isEqualTo(new DoseForm.Breaths(5));
    assertThat(five.laterality()).isEqualTo(Laterality.EACH);
    Dose loaded =
        new DoseText(USUAL.get("count"), Notation.NAMES, Ways.UNNAMED)
            .parse("3x12 @ 2,5kg rest 1:30");
    assertThat(loaded.load()).isEqualTo(Optional.of(new Load.Weight(2500)));
    assertThat(loaded.restSeconds()).isEqualTo(90);
    assertThat(loaded.sets()).isEqualTo(3);
    assertThat(loaded.repetitions()).isEqualTo(12);
  }
}
