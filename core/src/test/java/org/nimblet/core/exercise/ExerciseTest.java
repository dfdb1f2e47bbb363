package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Quality;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Tissue;

class ExerciseTest {

  private static final Guidance WORDS =
      new Guidance(
          "For ease.",
          "Sit.",
          List.of("Move."),
          "Softly.",
          "Freely.",
          "Here.",
          List.of("Haste."),
          List.of("Gently."),
          List.of(),
          List.of(),
          Ways.UNNAMED);
  private static final Progression PROGRESSION =
      new Progression(
          "Less.", "More.", Optional.empty(), Optional.empty(), new Progression.ByDose());
  private static final Figure FIGURE =
      new Figure(
          FigureView.PALM,
          List.of(List.of(Pose.FLAT)),
          Set.of(),
          Set.of(),
          FigureArrow.NONE,
          FigureProp.NONE,
          Contact.NONE,
          Optional.empty());

  private static final Uses USES = new Uses(Map.of(Region.PALM, Use.WORKS), Map.of());

  private static Demands demands(Set<Discipline> disciplines) {
    return new Demands(
        BodySegment.HANDS,
        Map.of(),
        1,
        false,
        false,
        false,
        List.of(Position.SIT),
        Set.of(),
        disciplines,
        Optional.empty(),
        false,
        Recovery.NONE,
        false,
        ClosedWith.NOTHING);
  }

  private static DosePlan hold(int seconds, int greatest, Units units) {
    return new DosePlan(
        new Dose(new DoseForm.Hold(seconds), 1, 1, Laterality.EACH, units, 0),
        new Dose.Bounds(1, greatest),
        0);
  }

  private static Exercise exercise(String id, Kind kind, Map<Method, DosePlan> doses) {
    return new Exercise(
        id,
        "Title",
        kind,
        WORDS,
        new Service(Quality.EASE, Map.of("ease", 5)),
        USES,
        demands(Set.of()),
        Method.STEADY_HOLD,
        doses,
        PROGRESSION,
        FIGURE,
        Standing.PLAIN);
  }

  @ParameterizedTest
  @CsvSource({"Palm Rub", "palm_rub", "palm--rub", "-palm", "9-lives", "''"})
  void anIdentifierIsLowerCaseWordsJoinedByHyphens(String id) {
    Map<Method, DosePlan> doses = Map.of(Method.STEADY_HOLD, hold(5, 10, Units.WHOLE));
    assertThatThrownBy(() -> exercise(id, Kind.STRETCH, doses))
        .hasMessageContaining("must be lower-case words joined by hyphens");
  }

  @Test
  void theUsualMethodHasADose() {
    Map<Method, DosePlan> doses = Map.of(Method.LONG_QUIET, hold(5, 10, Units.WHOLE));
    assertThatThrownBy(() -> exercise("a", Kind.STRETCH, doses))
        .hasMessage(
            "usual method (STEADY_HOLD) must have a dose; there are doses for [LONG_QUIET]");
  }

  @Test
  void onlyStretchesOfASingleFingerAreBoundToTenSeconds() {
    Map<Method, DosePlan> eleven = Map.of(Method.STEADY_HOLD, hold(5, 11, Units.FINGERS));
    assertThatThrownBy(() -> exercise("a", Kind.STRETCH, eleven)).hasMessageContaining("10 s");
    assertThat(exercise("a", Kind.ACTIVATE, eleven).doses()).hasSize(1);
    Map<Method, DosePlan> group = Map.of(Method.STEADY_HOLD, hold(5, 30, Units.WHOLE));
    assertThat(exercise("a", Kind.STRETCH, group).doses()).hasSize(1);
  }

  @Test
  void suitsEveryoneUnlessItIsMadeForSome() {
    Exercise everyone =
        exercise("a", Kind.HEAT, Map.of(Method.STEADY_HOLD, hold(5, 10, Units.WHOLE)));
    assertThat(Discipline.values()).allMatch(everyone::suits);
    Exercise some =
        new Exercise(
            "b",
            "Title",
            Kind.BRIDGE,
            WORDS,
            everyone.service(),
            USES,
            demands(Set.of(Discipline.WINDS)),
            Method.STEADY_HOLD,
            everyone.doses(),
            PROGRESSION,
            FIGURE,
            Standing.PLAIN);
    assertThat(some.suits(Discipline.WINDS)).isTrue();
    assertThat(some.suits(Discipline.MOUSE)).isFalse();
  }

  @Test
  void aDoseKeepsItsOwnBounds() {
    assertThatThrownBy(() -> hold(12, 10, Units.WHOLE))
        .hasMessage("usual quantity (12) must lie within its bounds 1 to 10");
    assertThatThrownBy(() -> new Dose.Bounds(5, 4))
        .hasMessage("bounds (5 to 4) must be at least 1 and in rising order");
    assertThatThrownBy(
            () ->
                new DosePlan(
                    new Dose(new DoseForm.Pulse(), 5, 2, Laterality.EACH, Units.WHOLE, 30),
                    new Dose.Bounds(3, 8),
                    20))
        .hasMessage("greatest rest (20 s) must not be below the usual rest (30 s)");
  }

  @Test
  void theKeyframesOfAFigureBelongTogether() {
    assertThatThrownBy(
            () ->
                new Figure(
                    FigureView.PALM,
                    List.of(List.of(Pose.FLAT, Pose.BODY_UPRIGHT)),
                    Set.of(),
                    Set.of(),
                    FigureArrow.NONE,
                    FigureProp.NONE,
                    Contact.NONE,
                    Optional.empty()))
        .hasMessageContaining("must all be of one figure");
    assertThatThrownBy(
            () ->
                new Figure(
                    FigureView.PALM,
                    List.of(List.of()),
                    Set.of(),
                    Set.of(),
                    FigureArrow.NONE,
                    FigureProp.NONE,
                    Contact.NONE,
                    Optional.empty()))
        .hasMessageContaining("at least one pose");
  }

  @Test
  void demandsAreChecked() {
    assertThatThrownBy(
            () ->
                new Demands(
                    BodySegment.HANDS,
                    Map.of(),
                    6,
                    false,
                    false,
                    false,
                    List.of(Position.SIT),
                    Set.of(),
                    Set.of(),
                    Optional.empty(),
                    false,
                    Recovery.NONE,
                    false,
                    ClosedWith.NOTHING))
        .hasMessage("intensity (6) must be between 1 and 5");
    assertThatThrownBy(
            () ->
                new Demands(
                    BodySegment.HANDS,
                    Map.of(),
                    1,
                    false,
                    false,
                    false,
                    List.of(),
                    Set.of(),
                    Set.of(),
                    Optional.empty(),
                    false,
                    Recovery.NONE,
                    false,
                    ClosedWith.NOTHING))
        .hasMessageContaining("at least one position");
  }

  @Test
  void whatItServesIsNamedAndWithinItsRange() {
    assertThatThrownBy(() -> new Service(Quality.EASE, Map.of("ease", 11)))
        .hasMessage("serves ease (11) must be between 1 and 10");
    assertThatThrownBy(() -> new Service(Quality.EASE, Map.of("ease", 5, "vigour", 3)))
        .hasMessageStartingWith("serves (vigour) is no target; allowed: finger-flexors");
    assertThatThrownBy(() -> new Service(Quality.EASE, Map.of("reach", 5)))
        .hasMessageContaining("main (ease) must be one of what it serves");
  }

  @Test
  void worksTheTissuesOfWhatItServesWithAtLeastThreePoints() {
    Service service =
        new Service(
            Tissue.FINGER_FLEXORS,
            Map.of("finger-flexors", 8, "wrist", 2, "ring", 3, "evenness", 9));
    assertThat(service.workedTissues()).containsExactly(Tissue.FINGER_FLEXORS);
  }

  @Test
  void everyDigitHasItsRegion() {
    assertThat(Digit.values()).extracting(Region::of).doesNotHaveDuplicates().hasSize(5);
  }

  @Test
  void unitsNameTheirDigits() {
    assertThat(Units.FINGERS.digits(0)).containsExactly(Digit.INDEX);
    assertThat(Units.DIGITS.digits(0)).containsExactly(Digit.THUMB);
    assertThat(Units.PAIRS.digits(9)).containsExactly(Digit.RING, Digit.LITTLE);
    assertThat(Units.DIRECTIONS.digits(1)).isEmpty();
    assertThat(Units.HAND_AND_PAIRS.digits(0)).containsExactly(Digit.values());
    assertThat(Units.HAND_AND_PAIRS.digits(1)).containsExactly(Digit.THUMB, Digit.INDEX);
    assertThat(Units.GROUPS.digits(1)).containsExactly(Digit.INDEX, Digit.MIDDLE, Digit.RING);
    assertThat(Units.Each.values())
        .extracting(each -> Units.of(each).count())
        .containsExactly(1, 4, 5, 10, 11, 3, 4, 2, 10, 14, 2);
  }
}
