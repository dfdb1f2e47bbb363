package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;

class ExerciseLibraryTest {

  private static final ExerciseLibrary SHIPPED = ExerciseLibrary.shipped();

  private static final String GOOD =
      """
      - id: palm-rub
        title: Palm rub
        kind: heat
        purpose: Warms.
        easier: Less.
        harder: More.
        set-up: Sit.
        action: [Rub.]
        cue: Softly.
        breath: Freely.
        felt-at: Palms.
        mistakes: [Haste.]
        cautions: [Rings off.]
        main: warmth
        serves: {warmth: 8}
        uses: {hand: 1, wrist: 1}
        segment: hands
        intensity: 1
        positions: [sit]
        dose: {form: timed, seconds: 25, sides: together, least: 15, greatest: 40}
        figure: {view: pair, poses: [palms-together]}
      """;

  @Test
  void shipsAtLeastThirtyExercisesOfEveryKindAWarmUpNeeds() {
    assertThat(SHIPPED.exercises()).hasSizeGreaterThanOrEqualTo(30);
    assertThat(SHIPPED.exercises())
        .extracting(Exercise::kind)
        .contains(
            Kind.HEAT,
            Kind.MOBILISE,
            Kind.STRETCH,
            Kind.ACTIVATE,
            Kind.INDEPENDENCE,
            Kind.BRIDGE,
            Kind.RELEASE,
            Kind.SETTLE);
    assertThat(SHIPPED.exercises()).extracting(Exercise::title).doesNotHaveDuplicates();
  }

  @Test
  void usesAtLeastFifteenPosesOfTheHand() {
    Set<Keyframe> used =
        SHIPPED.exercises().stream()
            .flatMap(exercise -> exercise.figure().poses().stream())
            .filter(pose -> pose.stage() == Keyframe.Stage.HAND)
            .collect(Collectors.toSet());
    assertThat(used).hasSizeGreaterThanOrEqualTo(15);
  }

  /**
   * ACSM position stand 2011, from memory: static holds of 10–30 s. Fingers alone are held shorter
   * (common practice, no source: never over 10 s).
   */
  @Test
  void steadyHoldsKeepToTheGuidance() {
    for (Exercise exercise : SHIPPED.exercises()) {
      exercise
          .dose(Method.STEADY_HOLD)
          .filter(plan -> plan.usual().form() instanceof DoseForm.Hold)
          .filter(plan -> exercise.kind() == Kind.STRETCH)
          .filter(plan -> exercise.demands().segment() != BodySegment.FINGERS)
          .ifPresent(
              plan ->
                  assertThat(plan.bounds())
                      .as(exercise.id())
                      .satisfies(bounds -> assertThat(bounds.least()).isGreaterThanOrEqualTo(10))
                      .satisfies(bounds -> assertThat(bounds.greatest()).isLessThanOrEqualTo(30)));
      if (exercise.kind() == Kind.STRETCH) {
        exercise.doses().values().stream()
            .filter(plan -> plan.usual().units().singleDigits())
            .forEach(plan -> assertThat(plan.bounds().greatest()).isLessThanOrEqualTo(10));
      }
    }
  }

  /**
   * Wehbé & Hunter 1985, from memory: straight, hook, fist, straight fist; tabletop added later.
   */
  @Test
  void theTendonSequenceGoesThroughItsFivePositionsInOrder() {
    assertThat(SHIPPED.find("tendon-sequence").orElseThrow().figure().poses())
        .containsExactly(Pose.CLOSED, Pose.HOOK, Pose.FIST, Pose.TABLETOP, Pose.STRAIGHT_FIST);
  }

  @Test
  void everyStretchAtEndRangeNeedsWarmthAndSaysHowStrongThePullMayBe() {
    assertThat(SHIPPED.exercises())
        .filteredOn(e -> e.kind() == Kind.STRETCH && e.demands().intensity() >= 2)
        .allSatisfy(
            e -> {
              assertThat(e.demands().needsWarmth()).as(e.id()).isTrue();
              assertThat(e.guidance().cautions()).as(e.id()).isNotEmpty();
            });
  }

  @Test
  void readsAGoodEntry() {
    Exercise exercise = ExerciseLibrary.read(Map.of("a.yaml", GOOD)).find("palm-rub").orElseThrow();
    assertThat(exercise.doses()).containsOnlyKeys(Method.STEADY_HOLD);
    assertThat(exercise.demands().positions()).containsExactly(Position.SIT);
    assertThat(exercise.demands().disciplines()).isEqualTo(EnumSet.noneOf(Discipline.class));
  }

  @Test
  void namesFileExerciseFieldAndAllowedValues() {
    assertThatThrownBy(
            () -> ExerciseLibrary.read(Map.of("a.yaml", GOOD.replace("kind: heat", "kind: hot"))))
        .isInstanceOf(LibraryException.class)
        .hasMessage(
            "a.yaml, palm-rub, kind: (hot) must be one of heat, mobilise, stretch, activate, "
                + "independence, strengthen, play, bridge, release, settle");
    assertThatThrownBy(
            () ->
                ExerciseLibrary.read(Map.of("a.yaml", GOOD.replace("seconds: 25", "seconds: 50"))))
        .hasMessage(
            "a.yaml, palm-rub, dose.quantity: usual quantity (50) must lie within its bounds"
                + " 15 to 40");
  }

  @Test
  void findsEveryProblemAtOnce() {
    String bad =
        GOOD.replace("title: Palm rub", "titel: Palm rub")
            .replace("warmth: 8", "warmth: 80")
            .replace("poses: [palms-together]", "poses: [palms-together, fist]")
            .replace("form: timed", "form: forever");
    LibraryException thrown =
        catchThrowableOfType(
            LibraryException.class, () -> ExerciseLibrary.read(Map.of("a.yaml", bad + GOOD)));
    assertThat(thrown.problems())
        .extracting(LibraryProblem::field)
        .contains("titel", "title", "serves", "figure.poses", "dose.form");
  }

  @Test
  void refusesTheSameIdentifierTwiceAndTextThatIsNoList() {
    assertThatThrownBy(() -> ExerciseLibrary.read(Map.of("a.yaml", GOOD + GOOD)))
        .hasMessageContaining("must be used once");
    assertThatThrownBy(() -> ExerciseLibrary.read(Map.of("a.yaml", "just words")))
        .hasMessageContaining("must be a list of exercises");
    assertThatThrownBy(() -> ExerciseLibrary.read(Map.of("a.yaml", "- id: [")))
        .hasMessageContaining("a.yaml, whole file, yaml");
  }

  @Test
  void aSingleFingerIsNeverHeldForLongerThanTenSeconds() {
    String long11 =
        GOOD.replace("kind: heat", "kind: stretch")
            .replace(
                "{form: timed, seconds: 25, sides: together, least: 15, greatest: 40}",
                "{form: hold, seconds: 8, units: fingers, least: 5, greatest: 11}");
    assertThatThrownBy(() -> ExerciseLibrary.read(Map.of("a.yaml", long11)))
        .hasMessageContaining("must be at most 10 s for a single finger");
  }

  /** What is wrong about uses, helper, ladders and roles is named with what is allowed. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{hand: 1, wrist: 1} | {elbows: 2} | uses.elbows: (elbows) is no region; allowed: hand, digits, fingers, wrist, forearm, thumb, index-finger",
        "{hand: 1, wrist: 1} | {hand: 4} | uses.hand: (4) must be 1 (moves or touches), 2 (works or takes to its end) or 3 (loads)",
        "{hand: 1, wrist: 1} | {by: [squeeze]} | uses.by: (squeeze) must be one of grip, weight-on-hands, fingers-work, playing, presses, holds",
        "{hand: 1, wrist: 1} | {} | uses: uses (nothing) must name at least one region with 1 (moves or touches)",
        "intensity: 1 | helper: {}, intensity: 1 | helper: (nothing) must name a rule with by, or regions with 1, 2 or 3",
        "intensity: 1 | role: left-hand, intensity: 1 | role: (left-hand) must be one of fretting-hand, bow-hand, trigger-hand, mouse-hand, writing-hand",
        "intensity: 1 | 'role: bow-hand, disciplines: [typing], intensity: 1' | role (bow-hand) is a hand that nobody of its disciplines has; allowed disciplines: bowed-strings",
        "intensity: 1 | movements: {wrist-extension: 5}, intensity: 1 | movements.wrist-extension: (5) must be 1 (moves or touches)",
        "intensity: 1 | closed-with: {conditions: [gout]}, intensity: 1 | closed-with.conditions: (gout) must be one of carpal-tunnel"
      })
  void whatIsWrongAboutTheBodyIsNamedWithWhatIsAllowed(String good, String bad, String message) {
    String flow =
        bad.contains(", intensity")
            ? bad.replaceAll("(?<=\\}), |(?<=\\]), |(?<=hand), ", "\n  ")
            : bad;
    assertThatThrownBy(() -> ExerciseLibrary.read(Map.of("a.yaml", GOOD.replace(good, flow))))
        .isInstanceOf(LibraryException.class)
        .hasMessageStartingWith("a.yaml, palm-rub, ")
        .hasMessageContaining(message);
  }

  @Test
  void aLadderOfThingsUnderLoadNamesThingsWithAWeight() {
    String weightless =
        GOOD.replace("sides: together", "sides: together, grams: 500")
            .replace(
                "  intensity: 1",
                "  ladder: {kind: things, things: [bottle, pencil]}\n  intensity: 1");
    assertThatThrownBy(() -> ExerciseLibrary.read(Map.of("a.yaml", weightless)))
        .hasMessageContaining(
            "ladder things (pencil) must have a weight, since the dose has one; allowed:"
                + " light-weight, bottle, food-can");
  }

  @Test
  void whatIsWrittenMoreExactlyCounts() {
    String exact =
        GOOD.replace("{hand: 1, wrist: 1}", "{by: [grip], fingers: 2, ring-finger: 1, neck: 1}");
    Uses uses = ExerciseLibrary.read(Map.of("a.yaml", exact)).find("palm-rub").orElseThrow().uses();
    assertThat(uses.acting())
        .containsEntry(Region.THUMB, Use.LOADS)
        .containsEntry(Region.INDEX_FINGER, Use.WORKS)
        .containsEntry(Region.RING_FINGER, Use.MOVES)
        .doesNotContainKey(Region.SHOULDER);
    assertThat(uses.of(Side.LEFT, Side.RIGHT, Region.NECK)).contains(Use.MOVES);
    assertThat(uses.of(Side.LEFT, Side.RIGHT, Region.THUMB)).isEmpty();
  }
}
