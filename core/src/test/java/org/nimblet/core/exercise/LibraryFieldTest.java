package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One wrong field at a time: each is found, named and answered with what is allowed. */
class LibraryFieldTest {

  private static final String GOOD =
      """
      - id: wrist-circles
        title: Wrist circles
        kind: mobilise
        purpose: Moves the wrist.
        set-up: Sit.
        action: [Circle.]
        cue: Slowly.
        breath: Freely.
        felt-at: Wrist.
        mistakes: [Haste.]
        cautions: [Gently.]
        easier: Less.
        harder: More.
        main: wrist
        serves: {wrist: 8, finger-flexors: 3}
        segment: wrists
        uses: {wrist: 2}
        intensity: 1
        needs-warmth: false
        positions: [sit]
        things: [towel]
        disciplines: [winds]
        dose: {form: count, beats: 2, beats-per-minute: 50, repetitions: 5, sides: each, units: ways, least: 3, greatest: 8}
        figure: {view: side, poses: [loose-fist, curl-index], worked: [index], arrow: circle}
      """;

  @ParameterizedTest(name = "{0} -> {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "title: Wrist circles | title: '' | title | must be a text",
        "intensity: 1 | intensity: soft | intensity | must be a whole number",
        "intensity: 1 | intensity: 9 | demands | between 1 and 5",
        "needs-warmth: false | needs-warmth: maybe | needs-warmth | must be true or false",
        "positions: [sit] | positions: [lie] | positions | must be one of sit, at-instrument, table",
        "positions: [sit] | positions: sit | positions | must be a list of texts",
        "things: [towel] | things: [rope] | things | must be one of instrument, table-edge",
        "disciplines: [winds] | disciplines: [chess] | disciplines | must be one of plucked-strings",
        "segment: wrists | segment: knees | segment | must be one of hips, spine",
        "action: [Circle.] | action: [] | action | must hold at least one text",
        "main: wrist | main: elbow-grease | main | is no target",
        "main: wrist | main: reach | serves | must be one of what it serves",
        "wrist: 8 | wrist: many | serves.wrist | must be a whole number",
        "form: count | form: pause | dose.form | must be one of hold, presses-then-hold, pulse",
        "beats: 2 | beats: 99 | dose.quantity | beats (99) must be between 1 and 32",
        "beats-per-minute: 50 | tempo: 50 | dose.tempo | is no field here",
        "sides: each | sides: both | dose.sides | must be one of each, in-turn, together",
        "units: ways | units: toes | dose.units | must be one of whole, fingers",
        "units: ways | units: digits, order: [index] | dose.quantity | must name each of thumb-index-",
        "units: ways | units: ways, order: [index] | dose.quantity | with units fingers or digits only",
        "units: ways | units: whole, back: true | dose.quantity | with units other than whole",
        "poses: [loose-fist, curl-index] | ways: [[fist], [flat], [hook]] | exercise | as many as the ways",
        "units: ways | units: digits | figure.poses | must have a form for thumb",
        "poses: [loose-fist, curl-index] | ways: [[fist], []] | figure.ways | must be a list of texts",
        "poses: [loose-fist, curl-index] | poses: [bend-index part-index-middle] | figure.poses | index finger that stands",
        "poses: [loose-fist, curl-index] | poses: [fist + interlaced] | figure.poses | must be a pose of one hand",
        "main: wrist | family: alone; main: wrist | family | must be shared by another exercise",
        "main: wrist | staple: {toes: [break]}; main: wrist | staple.toes | is no target",
        "main: wrist | staple: {wrist: [lunch]}; main: wrist | staple.wrist | must be one of warm-up",
        "main: wrist | staple: {reach: [break]}; main: wrist | exercise | must be one of what it serves",
        "least: 3 | least: 6 | dose.quantity | must lie within its bounds 6 to 8",
        "greatest: 8 | greatest: lots | dose.greatest | must be a whole number",
        "view: side | view: above | figure.view | must be one of palm, back, side",
        "poses: [loose-fist, curl-index] | poses: [handstand] | figure.poses | must be one of flat, closed",
        "worked: [index] | worked: [sixth] | figure.worked | must be one of thumb, index",
        "arrow: circle | arrow: zigzag | figure.arrow | must be one of none, pull",
      })
  void isNamedWithItsCure(String good, String bad, String field, String cure) {
    LibraryException thrown =
        catchThrowableOfType(
            LibraryException.class,
            () ->
                ExerciseLibrary.read(
                    Map.of("wrists.yaml", GOOD.replace(good, bad.replace("; ", "\n  ")))));
    assertThat(thrown).isNotNull();
    assertThat(thrown.problems())
        .anySatisfy(
            problem -> {
              assertThat(problem.file()).isEqualTo("wrists.yaml");
              assertThat(problem.entry()).isEqualTo("wrist-circles");
              assertThat(problem.field()).isEqualTo(field);
              assertThat(problem.message()).contains(cure);
            });
  }
}
