package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.exercise.Contact;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;

class ExercisePatternsTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static List<Pattern> patterns(String id) {
    Exercise exercise = LIBRARY.find(id).orElseThrow();
    return ExercisePatterns.of(exercise, exercise.doseFor(exercise.usualMethod()).usual());
  }

  private static double hardest(String id) {
    Exercise exercise = LIBRARY.find(id).orElseThrow();
    return ExercisePatterns.hardest(
            exercise, exercise.doseFor(exercise.usualMethod()).usual(), false)
        .orElseThrow()
        .total();
  }

  @ParameterizedTest
  @CsvSource({
    "one-finger-curls, 4, ONE_HAND",
    "curls-of-two, 3, ONE_HAND",
    "fourteen-bends, 14, ONE_HAND",
    "eighteen-bends-with-gaps, 18, ONE_HAND",
    "part-one-gap, 3, ALIKE",
    "both-hands-alike, 4, ALIKE",
    "both-hands-reversed, 1, REVERSED",
    "threading, 1, COMPLEMENT",
    "fingertips-parting-and-meeting, 4, ALIKE"
  })
  void anExerciseIsThePatternsThatAreDrawn(String id, int count, Together together) {
    assertThat(patterns(id)).hasSize(count).allMatch(p -> p.together() == together);
  }

  @Test
  void theComplementsOfTheLibraryAreThoseThatThereAre() {
    assertThat(patterns("both-hands-complement"))
        .hasSize(8)
        .allSatisfy(
            pattern ->
                assertThat(FingerStates.complement(pattern.first().get(0)))
                    .isEqualTo(Optional.of(pattern.second().get(0))));
  }

  @Test
  void contactIsKept() {
    assertThat(patterns("hands-meeting-and-exchanging"))
        .hasSize(3)
        .allMatch(pattern -> pattern.contact() == Contact.EXCHANGING);
  }

  @Test
  void whatTheLibraryCallsHarderIsNotEasier() {
    assertThat(hardest("two-neighbours-lifted")).isLessThan(hardest("every-other-finger-lifted"));
    assertThat(hardest("one-finger-curls")).isLessThan(hardest("every-other-finger"));
    assertThat(hardest("both-hands-alike")).isLessThan(hardest("both-hands-reversed"));
  }

  /** The ring finger 2.3, both hands alike 0.4, twice as fast as once a second 1.0. */
  @Test
  void aTapIsOneFingerAtATimeHoweverManyFollow() {
    assertThat(hardest("even-taps")).isCloseTo(3.7, within(1e-9));
    assertThat(hardest("even-taps")).isLessThan(hardest("both-hands-reversed"));
  }

  /** Clasps are held, changed and walked through: those are no patterns. */
  @Test
  void allIndependenceWorkOfTheLibraryHasADifficultyButClasps() {
    assertThat(LIBRARY.exercises())
        .filteredOn(exercise -> exercise.kind() == Kind.INDEPENDENCE)
        .filteredOn(exercise -> patterns(exercise.id()).isEmpty())
        .extracting(Exercise::id)
        .containsExactlyInAnyOrder(
            "re-clasping",
            "clasp-one-pair-crossed",
            "free-fingers-in-a-clasp",
            "clasp-two-pairs-crossed",
            "clasps-turned-over",
            "changing-the-top",
            "clasp-walk");
  }
}
