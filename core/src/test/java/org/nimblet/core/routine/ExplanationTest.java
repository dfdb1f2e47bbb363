package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Quality;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Choice.Share;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Composition.NotComposed;

/** The sentences of the reasons, made in one place from data. */
class ExplanationTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static final Exercise CURLS =
      ExerciseLibrary.shipped().find("curls-of-three").orElseThrow();

  private static Choice choice(List<Share> served, int level, OptionalInt days, Taste... tastes) {
    return new Choice(
        "a",
        Tissue.FINGER_FLEXORS,
        level,
        30,
        served,
        days,
        Method.BREATH_COUNTED,
        List.of(tastes),
        false);
  }

  @Test
  void namesWhatItServesMostFirstAndLeavesOutWhatHardlyCounts() {
    List<Share> served =
        List.of(
            new Share(Quality.INDEPENDENCE, 100),
            new Share(Tissue.FINGER_FLEXORS, 40),
            new Share(Quality.EVENNESS, 39));
    assertThat(choice(served, 100, OptionalInt.empty()).sentence())
        .isEqualTo("For independence of the fingers, finger flexors; not done yet.");
  }

  @Test
  void namesAtMostThree() {
    List<Share> served =
        List.of(
            new Share(Quality.WARMTH, 9),
            new Share(Quality.EASE, 9),
            new Share(Quality.REACH, 9),
            new Share(Quality.FEEL, 9));
    assertThat(choice(served, 100, OptionalInt.empty()).sentence())
        .startsWith("For warmth, ease, reach; ");
  }

  @ParameterizedTest
  @CsvSource({
    "0, done earlier today",
    "1, last done yesterday",
    "2, last done 2 days ago",
    "30, last done 30 days ago"
  })
  void saysHowLongAgo(int days, String words) {
    assertThat(choice(List.of(new Share(Quality.EASE, 1)), 100, OptionalInt.of(days)).sentence())
        .isEqualTo("For ease; " + words + ".");
  }

  @Test
  void saysTheLevelAndTheLikedMethodWhereTheyDiffer() {
    assertThat(
            choice(
                    List.of(),
                    80,
                    OptionalInt.empty(),
                    Taste.STAPLE,
                    Taste.LATELY,
                    Taste.LIKED_METHOD)
                .sentence())
        .isEqualTo(
            "Fills its place in the routine; not done yet; at 80 % of the usual dose; the staple for"
                + " finger flexors; as you like it: counted breaths.");
  }

  static Stream<Arguments> rejections() {
    return Stream.of(
        Arguments.of(
            new Rejection.TooIntense("mobilise", 2),
            "Intensity 3; in the phase mobilise at most 2."),
        Arguments.of(
            new Rejection.TooNearToPlay(OptionalInt.empty()),
            "It stretches strongly what is about to be used."),
        Arguments.of(new Rejection.HoldsTooLong(30), "Would hold a tissue for more than 30 s."),
        Arguments.of(
            new Rejection.NotWarm(42),
            "Only 42 s of heat and mobilising before it: too cold for it."),
        Arguments.of(
            new Rejection.NoRoom("activate", 70, 45),
            "Takes at least 70 s; the phase activate has at most 45 s."),
        Arguments.of(
            new Rejection.SameServedBetter(Set.of("Even taps")),
            "Even taps does more for the same here."),
        Arguments.of(
            new Rejection.SameServedBetter(Set.of("Even taps", "All down, lift one")),
            "All down, lift one and Even taps do more for the same here."),
        Arguments.of(
            new Rejection.WorthLess("activate"),
            "The time of the phase activate went to work that is worth more here."));
  }

  @ParameterizedTest
  @MethodSource("rejections")
  void saysWhyItWasLeftOut(Rejection.Reason reason, String sentence) {
    assertThat(new Rejection(CURLS, reason).sentence()).isEqualTo(sentence);
  }

  @ParameterizedTest
  @CsvSource({"45, 45 s", "60, 1 min", "570, 9 min 30 s", "1800, 30 min"})
  void saysTimes(long seconds, String words) {
    assertThat(TimeWords.words(seconds)).isEqualTo(words);
  }

  /** MODEL 2: lo = ⌈least·B⌉, hi = max(⌊greatest·B⌋, min(45 s, B)). */
  @ParameterizedTest
  @CsvSource({"600, 48, 120", "330, 27, 66", "180, 15, 45", "40, 4, 40"})
  void aPhaseHasItsWindow(int budget, int least, int greatest) {
    Phase heat = PurposePlan.of(Purpose.WARM_UP).phases().get(0);
    assertThat(heat.leastSeconds(budget, true)).isEqualTo(least);
    assertThat(heat.greatestSeconds(budget)).isEqualTo(greatest);
  }

  /** A kind belongs to one phase of a purpose; only settling is shared, by what helps to arrive. */
  @ParameterizedTest
  @EnumSource(Purpose.class)
  void anExerciseStandsInOnePhaseOnly(Purpose purpose) {
    PurposePlan plan = PurposePlan.of(purpose);
    for (Kind kind : Kind.values()) {
      assertThat(plan.phases())
          .filteredOn(phase -> phase.kinds().contains(kind))
          .filteredOn(phase -> phase.scope() != Phase.Scope.ARRIVING)
          .hasSizeLessThanOrEqualTo(1);
    }
    assertThat(plan.phases().stream().mapToInt(Phase::leastPercent).sum()).isLessThanOrEqualTo(100);
    assertThat(plan.phases().stream().mapToInt(Phase::greatestPercent).sum())
        .isGreaterThanOrEqualTo(100);
    assertThat(plan.phases())
        .anySatisfy(phase -> assertThat(phase.kinds()).containsAnyElementsOf(plan.namedFor()));
  }

  /** MODEL 2's table of phases, written out again from the other side. */
  @ParameterizedTest
  @CsvSource({
    "BREAK, arrive 0-15 mobilise 30-70 gentle stretch 0-50 light release 0-25 settle 5-20",
    "COOL_DOWN, heat 0-10 mobilise 5-25 stretch 40-75 release 10-40 settle 2-10",
    "STRENGTH, heat and mobilise 10-25 strengthen 45-75 stretch 10-30 settle 2-10",
    "INDEPENDENCE, heat and mobilise 10-25 independence 60-85 settle 2-10",
    "REACH, heat and mobilise 15-30 stretch 40-70 bridge 0-25 settle 2-10",
    "RECOVERY, heat and mobilise 15-30 stretch 40-65 release 15-35 settle 2-10"
  })
  void thePurposesHaveTheirShares(Purpose purpose, String shares) {
    assertThat(
            PurposePlan.of(purpose).phases().stream()
                .map(p -> "%s %d-%d".formatted(p.name(), p.leastPercent(), p.greatestPercent()))
                .collect(Collectors.joining(" ")))
        .isEqualTo(shares);
  }

  /** What a refusal asks for is what is needed: with it there is a routine, just under it none. */
  @ParameterizedTest
  @EnumSource(names = {"REACH", "RECOVERY"})
  void theLeastMinutesThatAreNamedAreTheLeast(Purpose purpose) {
    Composer composer = new Composer(LIBRARY, purpose);
    int named = 0;
    for (int seed = 0; seed < 60; seed++) {
      RoutineRequest request =
          new RequestGenerator(seed).request(LIBRARY, purpose).withBudget(60 + seed % 9 * 15);
      if (composer.compose(request) instanceof NotComposed none
          && LEAST.matcher(none.reason()).find()) {
        int least = leastSeconds(none.reason());
        assertThat(composer.compose(request.withBudget(least)))
            .as("seed %d: %s", seed, none.reason())
            .isInstanceOf(Composed.class);
        if (least - 15 > request.budgetSeconds()) {
          assertThat(composer.compose(request.withBudget(least - 15)))
              .as("seed %d: %s", seed, none.reason())
              .isInstanceOf(NotComposed.class);
        }
        named++;
      }
    }
    assertThat(named).as("refusals that name a least").isPositive();
  }

  private static final Pattern LEAST =
      Pattern.compile("at least (?:(\\d+) min)? ?(?:(\\d+) s)? are needed");

  private static int leastSeconds(String reason) {
    Matcher found = LEAST.matcher(reason);
    assertThat(found.find()).isTrue();
    int minutes = found.group(1) == null ? 0 : Integer.parseInt(found.group(1));
    int seconds = found.group(2) == null ? 0 : Integer.parseInt(found.group(2));
    return 60 * minutes + seconds;
  }

  /** A routine fills its minutes or says what is missing. */
  @Test
  void minutesThatStayFreeAreExplained() {
    int free = 0;
    for (Purpose purpose : Purpose.values()) {
      Composer composer = new Composer(LIBRARY, purpose);
      for (int seed = 0; seed < 60; seed++) {
        RoutineRequest request = new RequestGenerator(seed).request(LIBRARY, purpose);
        if (composer.compose(request) instanceof Composed composed
            && composed.cueSheet().lengthMillis() < request.budgetSeconds() * 800L) {
          free++;
          assertThat(composed.shortPhases())
              .as("%s, seed %d", purpose, seed)
              .isNotEmpty()
              .allSatisfy(phase -> assertThat(phase.cause()).isNotBlank());
        }
      }
    }
    assertThat(free).as("routines that leave a fifth of their minutes free").isPositive();
  }
}
