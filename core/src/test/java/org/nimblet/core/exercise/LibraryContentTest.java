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

  /** "Lightly before play" stood in a cool-down. */
  @ParameterizedTest
  @MethodSource("exercises")
  void whatItIsForIsTrueWhereverItIsPut(Exercise exercise) {
    if (exercise.kind() != Kind.BRIDGE) {
      assertThat(exercise.guidance().purpose())
          .doesNotContainPattern("\\b(before|after) (play|practice|work|the first)");
    }
  }

  /** A break stood still until somebody counted how often they had flicked their fingertips. */
  @ParameterizedTest
  @MethodSource("exercises")
  void countedByThePersonIsOnlyWhatIsAboutTheNumber(Exercise exercise) {
    if (exercise.doses().values().stream()
        .anyMatch(plan -> plan.usual().form() instanceof DoseForm.OwnPace)) {
      assertThat(exercise.kind()).isIn(Kind.STRENGTHEN, Kind.BRIDGE);
    }
  }

  @Test
  void noTwoExercisesHaveTheSameTitle() {
    assertThat(exercises().map(Exercise::title).map(String::toLowerCase)).doesNotHaveDuplicates();
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
  void aUsualDoseTakesBetweenTenSecondsAndSevenMinutes(Exercise exercise) {
    exercise
        .doses()
        .values()
        .forEach(
            plan ->
                assertThat(StepTime.millis(plan.usual(), Pace.USUAL))
                    .as(exercise.id() + ": " + plan.usual())
                    .isBetween(10_000L, 420_000L));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void theFigureIsSeenFromWhereItsPosesCanBeSeen(Exercise exercise) {
    Keyframe.Stage stage = exercise.figure().poses().get(0).stage();
    FigureView view = exercise.figure().view();
    assertThat(view == FigureView.PAIR).isEqualTo(stage == Keyframe.Stage.PAIR);
    assertThat(view.name().startsWith("BODY")).isEqualTo(stage == Keyframe.Stage.BODY);
    Set<Pose> sideOnly = Set.of(Pose.TABLETOP, Pose.WRIST_EXTENDED, Pose.WRIST_FLEXED, Pose.HOOK);
    if (exercise.figure().poses().stream().anyMatch(sideOnly::contains)) {
      assertThat(view)
          .as("the wrist and the knuckles bend in the side view")
          .isIn(FigureView.SIDE, FigureView.SIDE_PALM_UP, FigureView.THREE_QUARTER);
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
      if (exercise.kind() != Kind.PLAY) {
        assertThat(exercise.demands().disciplines()).isNotEmpty();
      }
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

  private static String cautions(Exercise exercise) {
    return String.join(" ", exercise.guidance().cautions()).toLowerCase(Locale.ROOT);
  }

  /** Cautions by exercise (common practice, no source). */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void theCautionThatItNeedsIsThere(Exercise exercise) {
    String cautions = cautions(exercise);
    if (exercise.demands().things().contains(Thing.LIGHT_WEIGHT)) {
      assertThat(cautions).contains("light", "slow", "feet out of the way");
    }
    if (exercise.demands().positions().contains(Position.FLOOR)
        && exercise.demands().things().contains(Thing.MAT)) {
      assertThat(cautions).contains("little by little");
    }
    if (exercise.kind() == Kind.RELEASE) {
      assertThat(cautions).contains("light");
      if (exercise.demands().intensity() > 1) {
        assertThat(cautions).contains("bone");
      }
    }
    boolean pullsSingleFingers =
        exercise.kind() == Kind.STRETCH
            && exercise.doses().values().stream()
                .anyMatch(plan -> plan.usual().units().singleDigits());
    if (pullsSingleFingers) {
      assertThat(cautions).contains("gently", "10 s");
    }
    boolean liftsSingleFingers =
        exercise.kind() == Kind.INDEPENDENCE && exercise.figure().poses().contains(Pose.LIFT_INDEX);
    if (liftsSingleFingers) {
      assertThat(cautions).containsAnyOf("slow and low", "light taps");
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void strengtheningSaysWhenToStopAndWaitsForEveryReferralSign(Exercise exercise) {
    boolean intenseStretch = exercise.kind() == Kind.STRETCH && exercise.demands().intensity() >= 3;
    if (exercise.kind() == Kind.STRENGTHEN || intenseStretch) {
      assertThat(exercise.closedWith().signs()).containsExactlyInAnyOrder(ReferralSign.values());
    }
    if (exercise.kind() == Kind.STRENGTHEN) {
      assertThat(exercise.demands().tires()).isTrue();
    }
    if (exercise.demands().recovery() == Recovery.REST_DAY) {
      assertThat(exercise.kind()).isEqualTo(Kind.STRENGTHEN);
      assertThat(exercise.guidance().mistakes().size() + exercise.guidance().stopRules().size())
          .isGreaterThanOrEqualTo(2);
    }
  }

  /** ACSM 2011 and 2009, from memory: 8–12 repetitions, 2–4 sets, non-consecutive days. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void weightsAreForEightToTwelveRepetitionsWithARestDay(Exercise exercise) {
    boolean ladderOfLoads = exercise.progression().steps() instanceof Progression.ByDose;
    if (exercise.demands().things().contains(Thing.LIGHT_WEIGHT)) {
      assertThat(exercise.demands().recovery()).isEqualTo(Recovery.REST_DAY);
      Dose usual = exercise.doseFor(exercise.usualMethod()).usual();
      assertThat(usual.load()).isPresent();
      if (ladderOfLoads) {
        assertThat(usual.repetitions()).isBetween(8, 12);
      }
    }
  }

  /** Practice, section 2: how each method is dosed (common practice, no source). */
  @ParameterizedTest(name = "{0}")
  @MethodSource("exercises")
  void everyMethodIsDosedInItsOwnWay(Exercise exercise) {
    if (exercise.kind() != Kind.STRETCH) {
      return;
    }
    exercise
        .doses()
        .forEach(
            (method, plan) -> {
              DoseForm form = plan.usual().form();
              switch (method) {
                case SHORT_PULSES -> {
                  assertThat(form)
                      .isInstanceOfAny(DoseForm.Pulse.class, DoseForm.BreathMoved.class);
                  assertThat(plan.usual().repetitions()).isBetween(10, 15);
                  assertThat(plan.bounds()).isEqualTo(new Dose.Bounds(10, 15));
                }
                case BREATH_COUNTED -> {
                  assertThat(form).isInstanceOf(DoseForm.Breaths.class);
                  assertThat(plan.bounds().least()).isEqualTo(3);
                  assertThat(plan.bounds().greatest()).isIn(5, 10);
                }
                case LONG_QUIET -> {
                  assertThat(form).isInstanceOf(DoseForm.Hold.class);
                  assertThat(plan.usual().repetitions()).isEqualTo(1);
                  assertThat(plan.greatestRepetitions()).as("once, no repeats").isEqualTo(1);
                  assertThat(plan.bounds()).isEqualTo(new Dose.Bounds(30, 90));
                }
                case BRIEF_CAREFUL -> assertThat(plan.bounds().greatest()).isLessThanOrEqualTo(10);
                case STEADY_HOLD -> assertThat(plan.bounds().greatest()).isLessThanOrEqualTo(30);
                case UNTIL_IT_EASES -> {
                  assertThat(form).isInstanceOf(DoseForm.UntilEases.class);
                  assertThat(plan.usual().repetitions()).isEqualTo(1);
                }
              }
            });
  }

  @Test
  void twoEntriesNeverShareMostOfTheirWords() {
    List<Exercise> all = LIBRARY.exercises();
    for (int i = 0; i < all.size(); i++) {
      for (int j = i + 1; j < all.size(); j++) {
        assertThat(sharedWords(all.get(i), all.get(j)))
            .as(all.get(i).id() + " and " + all.get(j).id())
            .isLessThan(0.72);
      }
    }
  }

  /** The share of the words of the action that two exercises have in common. */
  private static double sharedWords(Exercise a, Exercise b) {
    Set<String> left = words(a);
    Set<String> right = words(b);
    Set<String> both = new java.util.HashSet<>(left);
    both.retainAll(right);
    return (double) both.size() / Math.min(left.size(), right.size());
  }

  private static Set<String> words(Exercise exercise) {
    String text =
        exercise.guidance().purpose() + " " + String.join(" ", exercise.guidance().action());
    return java.util.Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^a-z]+"))
        .filter(word -> word.length() > 3)
        .collect(Collectors.toSet());
  }

  @Test
  void holdsEverythingThePracticeAsksFor() {
    assertThat(LIBRARY.exercises()).hasSizeGreaterThanOrEqualTo(110);
    assertThat(LIBRARY.exercises()).extracting(Exercise::kind).contains(Kind.values());
    assertThat(
            LIBRARY.exercises().stream()
                .flatMap(exercise -> exercise.doses().values().stream())
                .map(plan -> plan.usual().form().getClass().getSimpleName())
                .collect(Collectors.toSet()))
        .contains(
            "Hold",
            "Pulse",
            "Breaths",
            "Count",
            "Timed",
            "Travel",
            "UntilEases",
            "BreathMoved",
            "Paced");
  }

  @Test
  void everyThingThatIsNamedCanBeHadOrStoodInFor() {
    Set<Thing> named =
        LIBRARY.exercises().stream()
            .flatMap(exercise -> exercise.demands().things().stream())
            .collect(Collectors.toSet());
    assertThat(named).contains(Thing.MAT, Thing.BAND, Thing.LIGHT_WEIGHT, Thing.FINGER_TRAINER);
    LIBRARY.exercises().stream()
        .map(exercise -> exercise.progression().steps())
        .forEach(
            steps -> {
              if (steps instanceof Progression.Things things) {
                named.addAll(things.things());
              }
            });
    assertThat(Substitution.ALL)
        .extracting(Substitution::wanted)
        .allMatch(named::contains, "is named");
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
