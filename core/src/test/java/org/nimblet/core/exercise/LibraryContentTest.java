package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.routine.StepTime;

/** Proofreads the library that ships. */
class LibraryContentTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  static Stream<Exercise> exercises() {
    return LIBRARY.exercises().stream();
  }

  private static List<String> sentences(Exercise exercise) {
    Guidance words = exercise.guidance();
    return Stream.of(
            Stream.of(words.purpose(), words.setUp(), words.cue(), words.breath(), words.feltAt()),
            words.action().stream(),
            words.mistakes().stream(),
            words.cautions().stream(),
            words.stopRules().stream())
        .flatMap(sentence -> sentence)
        .toList();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void everyTextIsAWholeSentence(Exercise exercise) {
    assertThat(sentences(exercise))
        .allSatisfy(
            text -> {
              assertThat(text).endsWith(".").doesNotContain("  ").doesNotContain("!");
              assertThat(Character.isUpperCase(text.charAt(0))).as(text).isTrue();
            });
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void theCueFitsOnTheStage(Exercise exercise) {
    assertThat(exercise.guidance().cue()).hasSizeLessThanOrEqualTo(70);
    assertThat(exercise.title()).hasSizeLessThanOrEqualTo(42);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void whatToDoIsSaidInSteps(Exercise exercise) {
    assertThat(exercise.guidance().action()).hasSizeBetween(2, 6);
    assertThat(exercise.guidance().mistakes()).isNotEmpty();
    assertThat(exercise.guidance().cautions()).isNotEmpty();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void aUsualDoseTakesBetweenTenSecondsAndThreeMinutes(Exercise exercise) {
    exercise
        .doses()
        .values()
        .forEach(
            plan ->
                assertThat(StepTime.millis(plan.usual(), Pace.USUAL))
                    .as(exercise.id() + ": " + plan.usual().words())
                    .isBetween(10_000L, 180_000L));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void theFigureIsSeenFromWhereItsPosesCanBeSeen(Exercise exercise) {
    Pose.Stage stage = exercise.figure().poses().get(0).stage();
    FigureView view = exercise.figure().view();
    assertThat(view == FigureView.PAIR).isEqualTo(stage == Pose.Stage.PAIR);
    assertThat(view == FigureView.BODY).isEqualTo(stage == Pose.Stage.BODY);
    Set<Pose> sideOnly = Set.of(Pose.TABLETOP, Pose.WRIST_EXTENDED, Pose.WRIST_FLEXED, Pose.HOOK);
    if (exercise.figure().poses().stream().anyMatch(sideOnly::contains)) {
      assertThat(view)
          .as("the wrist and the knuckles bend in the side view")
          .isEqualTo(FigureView.SIDE);
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void aPullIsAStretchAndItsCautionSaysHowStrong(Exercise exercise) {
    if (exercise.figure().arrow() == FigureArrow.PULL) {
      assertThat(exercise.kind()).isEqualTo(Kind.STRETCH);
      assertThat(String.join(" ", exercise.guidance().cautions()).toLowerCase(Locale.ROOT))
          .containsAnyOf("pull of 3 or 4", "gently");
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void workWithTheInstrumentIsDoneAtIt(Exercise exercise) {
    if (exercise.demands().things().contains(Thing.INSTRUMENT)) {
      assertThat(exercise.demands().positions()).containsExactly(Position.AT_INSTRUMENT);
      assertThat(exercise.demands().disciplines()).isNotEmpty();
    }
  }

  @Test
  void noTwoEntriesTellTheSameInTheSameWords() {
    assertThat(LIBRARY.exercises())
        .extracting(exercise -> exercise.guidance().purpose())
        .doesNotHaveDuplicates();
    assertThat(LIBRARY.exercises())
        .extracting(exercise -> exercise.guidance().action())
        .doesNotHaveDuplicates();
  }

  @Test
  void massageAsksForLightPressureBeforePlay() {
    assertThat(LIBRARY.exercises())
        .filteredOn(exercise -> exercise.kind() == Kind.RELEASE)
        .isNotEmpty()
        .allSatisfy(
            exercise ->
                assertThat(String.join(" ", exercise.guidance().cautions()))
                    .containsIgnoringCase("light pressure"));
  }

  @Test
  void thereIsABridgeForEveryGroupOfPeopleTheDemoKnows() {
    Set<Discipline> bridged =
        LIBRARY.exercises().stream()
            .filter(exercise -> exercise.kind() == Kind.BRIDGE)
            .flatMap(exercise -> exercise.demands().disciplines().stream())
            .collect(Collectors.toSet());
    assertThat(bridged)
        .contains(
            Discipline.PLUCKED_STRINGS,
            Discipline.BOWED_STRINGS,
            Discipline.KEYBOARD_INSTRUMENT,
            Discipline.CONTROLLER,
            Discipline.TYPING);
  }
}
