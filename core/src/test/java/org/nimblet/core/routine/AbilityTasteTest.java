package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.drill.Ability;
import org.nimblet.core.drill.Difficulty;
import org.nimblet.core.drill.ExercisePatterns;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composition.Composed;

/** What somebody's rounds say moves which finger work is composed for them. */
class AbilityTasteTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final int TRIES = 60;

  private static Composed composed(Purpose purpose, int minutes, Ability ability) {
    return (Composed)
        new Composer(LIBRARY, purpose)
            .compose(
                RequestBuilder.of(purpose)
                    .seconds(60 * minutes)
                    .discipline(Discipline.KEYBOARD_INSTRUMENT)
                    .abilities(ability)
                    .build());
  }

  private static List<Double> difficulties(Composed routine) {
    List<Double> found = new ArrayList<>();
    for (Step step : routine.steps()) {
      if (step.exercise().kind() == Kind.INDEPENDENCE) {
        ExercisePatterns.hardest(step.exercise(), step.dose(), false)
            .map(Difficulty::total)
            .ifPresent(found::add);
      }
    }
    return found;
  }

  private static double mean(List<Double> numbers) {
    return numbers.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(
      value = Purpose.class,
      names = {"INDEPENDENCE", "WARM_UP"})
  void whoIsAblerGetsHarderFingerWork(Purpose purpose) {
    double beginner = mean(difficulties(composed(purpose, 10, new Ability(2.5, TRIES))));
    double expert = mean(difficulties(composed(purpose, 10, new Ability(5.5, TRIES))));
    assertThat(beginner).isLessThan(expert);
  }

  /** Counted here once more from the difficulty: 1 / (1 + e^(D − θ)) (Rasch 1960). */
  @ParameterizedTest
  @ValueSource(doubles = {2, 3, 4, 5})
  void whatIsSaidOfItIsTrue(double theta) {
    Composed routine = composed(Purpose.INDEPENDENCE, 12, new Ability(theta, TRIES));
    int said = 0;
    for (int i = 0; i < routine.steps().size(); i++) {
      Step step = routine.steps().get(i);
      boolean able = routine.choices().get(i).tastes().contains(Taste.AS_ABLE);
      boolean hard = routine.choices().get(i).tastes().contains(Taste.TOO_HARD);
      if (able || hard) {
        double difficulty =
            ExercisePatterns.hardest(step.exercise(), step.dose(), false).orElseThrow().total();
        double clean = 1 / (1 + Math.exp(difficulty - theta));
        assertThat(clean).isBetween(able ? 0.7 : 0, able ? 0.92 : 0.5);
        said += able ? 1 : 0;
      }
    }
    assertThat(said).isPositive();
  }

  @Test
  void theReasonIsGivenInWords() {
    assertThat(composed(Purpose.INDEPENDENCE, 12, new Ability(3.5, TRIES)).choices())
        .anySatisfy(
            choice ->
                assertThat(choice.sentence())
                    .contains("clean about four times of five, as your rounds go"));
  }

  @Test
  void aFewTriesMoveNothing() {
    Composed untried = composed(Purpose.INDEPENDENCE, 10, Ability.UNKNOWN);
    Composed few = composed(Purpose.INDEPENDENCE, 10, new Ability(6, 19));
    assertThat(few.steps()).isEqualTo(untried.steps());
    assertThat(few.halfPoints()).isEqualTo(untried.halfPoints());
  }
}
