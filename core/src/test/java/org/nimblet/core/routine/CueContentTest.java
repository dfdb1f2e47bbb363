package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Pose;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Units;

/** What the cues say, sound and show, form by form. */
class CueContentTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static List<Cue> cues(String exercise, Dose dose, Side first, Notation notation) {
    Step step = new Step(find(exercise), dose, Position.SIT, first);
    return CueSheetWriter.write(List.of(step), Pace.USUAL, notation).cues();
  }

  private static Exercise find(String id) {
    return LIBRARY.find(id).orElseThrow();
  }

  private static Dose usual(String id) {
    Exercise exercise = find(id);
    return exercise.dose(exercise.usualMethod()).orElseThrow().usual();
  }

  @Test
  void beginsWithTheSetUpInWords() {
    Cue first = cues("palm-rub", usual("palm-rub"), Side.LEFT, Notation.NAMES).get(0);
    assertThat(first.phase()).isEqualTo(CuePhase.SET_UP);
    assertThat(first.text()).isEqualTo(find("palm-rub").guidance().setUp());
    assertThat(first.sound()).isEqualTo(Sound.START);
    assertThat(first.repetition()).isZero();
  }

  @ParameterizedTest
  @EnumSource(Side.class)
  void saysWhichSideComesNext(Side first) {
    Dose dose = usual("palm-up-fingers-back");
    List<Cue> cues = cues("palm-up-fingers-back", dose, first, Notation.NAMES);
    assertThat(cues)
        .filteredOn(cue -> cue.phase() == CuePhase.SWITCH)
        .singleElement()
        .satisfies(
            cue -> {
              assertThat(cue.text()).isEqualTo("Change sides: " + first.other().word() + " now");
              assertThat(cue.sides()).isEqualTo(Sides.of(first.other()));
              assertThat(cue.sound()).isEqualTo(Sound.SWITCH);
            });
  }

  @Test
  void holdsInTheEndPoseAndComesBack() {
    List<Cue> cues =
        cues("palm-up-fingers-back", usual("palm-up-fingers-back"), Side.LEFT, Notation.NAMES);
    assertThat(cues.subList(1, 4))
        .extracting(Cue::from)
        .containsExactly(Pose.CLOSED, Pose.WRIST_EXTENDED, Pose.WRIST_EXTENDED);
    assertThat(cues.subList(1, 4))
        .extracting(Cue::to)
        .containsExactly(Pose.WRIST_EXTENDED, Pose.WRIST_EXTENDED, Pose.CLOSED);
    assertThat(cues.get(2).text()).isEqualTo(find("palm-up-fingers-back").guidance().cue());
  }

  @Test
  void walksThroughThePositionsOfTheTendonSequenceOnePerBeat() {
    List<Cue> beats =
        cues("tendon-sequence", usual("tendon-sequence"), Side.LEFT, Notation.NAMES).stream()
            .filter(cue -> cue.repetition() == 1)
            .toList();
    assertThat(beats)
        .extracting(Cue::to)
        .containsExactly(Pose.HOOK, Pose.FIST, Pose.TABLETOP, Pose.STRAIGHT_FIST, Pose.CLOSED);
    assertThat(beats).extracting(Cue::beat).containsExactly(1, 2, 3, 4, 5);
    assertThat(beats).extracting(Cue::sound).containsOnly(Sound.BEAT);
  }

  @Test
  void goesThereAndBackOverTheBeatsOfARepetition() {
    List<Cue> beats =
        cues("claw-and-straighten", usual("claw-and-straighten"), Side.LEFT, Notation.NAMES)
            .stream()
            .filter(cue -> cue.repetition() == 2)
            .toList();
    assertThat(beats)
        .extracting(Cue::to)
        .containsExactly(Pose.CLAW, Pose.CLAW, Pose.CLOSED, Pose.CLOSED);
  }

  @Test
  void walksOnThroughThePosesWhereOneRepetitionIsOneBeat() {
    Dose taps = new Dose(new DoseForm.Count(1, 60), 5, 1, Laterality.TOGETHER, Units.WHOLE, 0);
    assertThat(cues("even-taps", taps, Side.LEFT, Notation.NAMES).subList(1, 6))
        .extracting(Cue::from)
        .containsExactly(
            Pose.LIFT_THUMB, Pose.LIFT_INDEX, Pose.LIFT_MIDDLE, Pose.LIFT_RING, Pose.LIFT_LITTLE);
  }

  @Test
  void namesTheFingerOfEachUnitInTheClientsNotation() {
    List<Cue> cues =
        cues("each-finger-back", usual("each-finger-back"), Side.RIGHT, Notation.PLUCKING);
    assertThat(cues)
        .filteredOn(cue -> cue.phase() == CuePhase.HOLD && cue.sides() == Sides.RIGHT)
        .extracting(Cue::unit)
        .containsExactly("c", "a", "m", "i", "p");
    assertThat(cues)
        .filteredOn(cue -> cue.phase() == CuePhase.HOLD && cue.sides() == Sides.LEFT)
        .extracting(Cue::digits)
        .containsExactly(
            List.of(Digit.LITTLE),
            List.of(Digit.RING),
            List.of(Digit.MIDDLE),
            List.of(Digit.INDEX),
            List.of(Digit.THUMB));
    assertThat(cues)
        .filteredOn(cue -> cue.text().startsWith("Next: "))
        .extracting(Cue::text)
        .containsExactly(
            "Next: a", "Next: m", "Next: i", "Next: p", "Next: a", "Next: m", "Next: i", "Next: p");
  }

  @Test
  void breathesInAndOutInHalvesOfOneLength() {
    List<Cue> breaths =
        cues("hands-on-thighs", usual("hands-on-thighs"), Side.LEFT, Notation.NAMES).stream()
            .filter(cue -> cue.phase() == CuePhase.HOLD)
            .toList();
    assertThat(breaths)
        .extracting(Cue::breath)
        .containsExactly(Breath.IN, Breath.OUT, Breath.IN, Breath.OUT, Breath.IN, Breath.OUT);
    assertThat(breaths).extracting(Cue::durationMillis).containsOnly(3000L);
    assertThat(breaths).extracting(Cue::beat).containsExactly(1, 1, 2, 2, 3, 3);
  }

  @Test
  void restsBetweenSetsAndCountsThem() {
    Dose sets = new Dose(new DoseForm.Count(1, 60), 2, 3, Laterality.TOGETHER, Units.WHOLE, 20);
    List<Cue> cues = cues("fingertips-pressed", sets, Side.LEFT, Notation.NAMES);
    assertThat(cues)
        .filteredOn(cue -> cue.phase() == CuePhase.REST)
        .hasSize(2)
        .allSatisfy(cue -> assertThat(cue.durationMillis()).isEqualTo(20_000));
    assertThat(cues)
        .filteredOn(cue -> cue.repetition() > 0)
        .extracting(Cue::set)
        .containsExactly(1, 1, 2, 2, 3, 3);
  }

  @Test
  void playingIsAPhaseOfItsOwn() {
    assertThat(
            cues(
                "slow-four-string-roll", usual("slow-four-string-roll"), Side.LEFT, Notation.NAMES))
        .extracting(Cue::phase)
        .containsExactly(CuePhase.SET_UP, CuePhase.PLAY);
  }

  @Test
  void alternatingWorkBelongsToBothSides() {
    assertThat(cues("side-bends", usual("side-bends"), Side.LEFT, Notation.NAMES))
        .extracting(Cue::sides)
        .containsOnly(Sides.ALTERNATING);
  }

  @Test
  void anEmptyRoutineIsAnEmptySheet() {
    CueSheet sheet = CueSheetWriter.write(List.of(), Pace.USUAL, Notation.NAMES);
    assertThat(sheet.cues()).isEmpty();
    assertThat(sheet.lengthMillis()).isZero();
  }
}
