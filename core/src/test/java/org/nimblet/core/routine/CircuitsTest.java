package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;

class CircuitsTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static Step step(String id, String dose) {
    Exercise exercise = LIBRARY.find(id).orElseThrow();
    Position position = exercise.demands().positions().get(0);
    return new Step(
        exercise,
        exercise.doseText(Method.STEADY_HOLD, Notation.NAMES).parse(dose),
        position,
        Side.LEFT);
  }

  private static final Step LIFTS = step("palm-lifts-on-the-knees", "45 s");
  private static final Step KNUCKLES = step("knuckle-lowering", "45 s");
  private static final Step CURL = step("wrist-curl-palm-up", "3 x 10");
  private static final Step RING = step("fingers-against-a-ring", "3 x 10");

  private static long length(List<Step> steps) {
    long time = RoutineTime.of(steps, Pace.USUAL).lengthMillis();
    CueSheet cues = CueSheetWriter.write(steps, Pace.USUAL, Notation.NAMES);
    assertThat(cues.lengthMillis()).as("the cue sheet is as long").isEqualTo(time);
    return time;
  }

  @Test
  void twoStepsAreDoneInTurnRoundByRound() {
    List<Step> turned = Circuits.inTurn(List.of(CURL, RING), 0);
    assertThat(turned)
        .extracting(s -> s.exercise().id())
        .containsExactly(
            "wrist-curl-palm-up",
            "fingers-against-a-ring",
            "wrist-curl-palm-up",
            "fingers-against-a-ring",
            "wrist-curl-palm-up",
            "fingers-against-a-ring");
    assertThat(turned).allMatch(s -> s.dose().sets() == 1 && s.circuit() == 1);
    assertThat(Circuits.label(turned, 3)).contains("B, round 2 of 3");
    assertThat(Circuits.of(turned).get(0).words()).isEqualTo("circuit, 3 rounds");
    assertThat(Circuits.apart(turned, 4)).isEqualTo(List.of(CURL, RING));
    assertThat(Circuits.label(List.of(CURL), 0)).isEmpty();
  }

  @Test
  void aThirdStationJoinsAndAFourthDoesNot() {
    List<Step> three = Circuits.inTurn(Circuits.inTurn(List.of(LIFTS, KNUCKLES, CURL), 0), 3);
    assertThat(Circuits.of(three)).hasSize(1);
    assertThat(Circuits.of(three).get(0).stations()).hasSize(3);
    assertThat(Circuits.of(three).get(0).rounds()).isEqualTo(3);
    List<Step> four = new ArrayList<>(three);
    four.add(RING);
    assertThatThrownBy(() -> Circuits.inTurn(four, three.size() - 1))
        .hasMessageContaining("stations (4) must be 2 to 3");
    assertThatThrownBy(() -> Circuits.inTurn(List.of(CURL), 0)).hasMessageContaining("after it");
  }

  /**
   * The rest rule by an independent sum: between two sets of a station lies at least its own rest,
   * the sets of the others counted (the model, section 2).
   */
  @Test
  void theSetsOfTheOthersAreTheRest() {
    for (List<Step> pair : List.of(List.of(LIFTS, KNUCKLES), List.of(CURL, RING))) {
      List<Step> steps = Circuits.inTurn(pair, 0);
      CueSheet cues = CueSheetWriter.write(steps, Pace.USUAL, Notation.NAMES);
      for (int i = 2; i < steps.size(); i++) {
        long wanted =
            1000L
                * steps
                    .get(i)
                    .exercise()
                    .doseFor(steps.get(i).exercise().usualMethod())
                    .usual()
                    .restSeconds();
        long since = end(cues, i - 2);
        assertThat(work(cues, i) - since)
            .as("%s before set %d", steps.get(i).exercise().id(), i)
            .isGreaterThanOrEqualTo(wanted);
      }
    }
  }

  private static long end(CueSheet cues, int step) {
    return cues.cues().stream()
        .filter(cue -> cue.step() == step)
        .mapToLong(cue -> cue.offsetMillis() + cue.durationMillis())
        .max()
        .orElseThrow();
  }

  private static long work(CueSheet cues, int step) {
    return cues.cues().stream()
        .filter(cue -> cue.step() == step)
        .filter(cue -> cue.phase() != CuePhase.REST && cue.phase() != CuePhase.SET_UP)
        .mapToLong(Cue::offsetMillis)
        .min()
        .orElseThrow();
  }

  /** The station routine with its floor pair in turn comes out at nine minutes to the second. */
  @Test
  void nineMinutesOfStationsAre540Seconds() {
    RoutineTemplate stations =
        RoutineTemplate.all(LIBRARY).stream()
            .filter(template -> template.id().equals("nine-minute-stations"))
            .findFirst()
            .orElseThrow();
    assertThat(Circuits.of(stations.steps())).hasSize(1);
    assertThat(length(stations.steps())).isEqualTo(540_000);
  }

  @Test
  void aCircuitIsWrittenAsALineAndReadBack() {
    RoutineRequest asked = RequestBuilder.of(Purpose.STRENGTH).build();
    RoutineLines lines = new RoutineLines(LIBRARY, asked);
    List<Step> steps = new ArrayList<>();
    steps.addAll(read(lines, "palm rub 30 s\ncircuit 2x: palm lifts 45 s / knuckle lowering 45 s"));
    steps.addAll(read(lines, "shake out 20 s"));
    String text = lines.write(steps);
    assertThat(text).contains("circuit 2x: ");
    assertThat(read(lines, text)).isEqualTo(steps);
    List<Step> uneven = new ArrayList<>(steps);
    uneven.set(1, steps.get(1).withDose(KNUCKLES.dose()));
    assertThat(read(lines, lines.write(uneven))).isEqualTo(uneven);
  }

  private static List<Step> read(RoutineLines lines, String text) {
    return lines.read(text).stream()
        .flatMap(line -> ((RoutineLines.StepsLine) line).steps().stream())
        .toList();
  }

  @Test
  void aCircuitHasANumberFromOne() {
    assertThatThrownBy(() -> LIFTS.inCircuit(-1)).hasMessageContaining("circuit (-1)");
    assertThat(Circuits.at(List.of(LIFTS), 0)).isEqualTo(Optional.empty());
  }
}
