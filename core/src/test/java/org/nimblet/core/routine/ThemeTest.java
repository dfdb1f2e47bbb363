package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composition.Composed;

class ThemeTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static final List<ReferenceClient> PEOPLE =
      List.of(
          ReferenceClient.VIOLINIST,
          ReferenceClient.GUITARIST,
          ReferenceClient.CONSOLE_PLAYER,
          ReferenceClient.DESK_WORKER);

  static Stream<Theme> themes() {
    return Theme.shipped().stream();
  }

  @ParameterizedTest
  @MethodSource("themes")
  void everyThemeHoldsSomethingAndNamesWhatThereIs(Theme theme) {
    assertThat(LIBRARY.exercises()).anyMatch(theme::holds);
    assertThat(theme.exercises()).allMatch(id -> LIBRARY.find(id).isPresent());
    assertThat(theme.mains()).allMatch(id -> Target.find(id).isPresent());
    assertThat(Theme.find(theme.id())).contains(theme);
  }

  private static long seconds(Composed composed, Theme theme) {
    long millis = 0;
    for (int i = 0; i < composed.steps().size(); i++) {
      Exercise exercise = composed.steps().get(i).exercise();
      millis += theme.holds(exercise) ? composed.cueSheet().stepMillis(i) : 0;
    }
    return millis / 1000;
  }

  private static final Composers COMPOSERS = new Composers(LIBRARY);

  /** A request, and what is composed for it without a theme. */
  private record Asked(Purpose purpose, RoutineRequest request, Composed plain) {

    static Asked of(Purpose purpose, ReferenceClient client) {
      RoutineRequest request =
          RequestBuilder.of(purpose).discipline(client.discipline()).seconds(720).build();
      return new Asked(purpose, request, composed(purpose, request));
    }

    private static Composed composed(Purpose purpose, RoutineRequest request) {
      return (Composed) COMPOSERS.of(purpose).compose(request);
    }

    Composed composed(Theme theme) {
      return composed(purpose, request.withTheme(theme));
    }
  }

  private static final List<Asked> ASKED =
      PEOPLE.stream()
          .flatMap(
              client -> Arrays.stream(Purpose.values()).map(purpose -> Asked.of(purpose, client)))
          .toList();

  /** Warm hands go before a theme, so that single routines may hold less of it. */
  @ParameterizedTest
  @MethodSource("themes")
  void whatAThemeHoldsIsTakenFirst(Theme theme) {
    long without = ASKED.stream().mapToLong(asked -> seconds(asked.plain(), theme)).sum();
    long with = ASKED.stream().mapToLong(asked -> seconds(asked.composed(theme), theme)).sum();
    assertThat(with).as(theme.id()).isGreaterThanOrEqualTo(without);
  }

  @ParameterizedTest
  @ValueSource(strings = {"floor", "clasps", "thumb", "standing", "neck-and-shoulders"})
  void aThemeMakesADifference(String id) {
    Theme theme = Theme.find(id).orElseThrow();
    RoutineRequest plain = RequestBuilder.of(Purpose.RECOVERY).seconds(720).build();
    Composer composer = new Composer(LIBRARY, Purpose.RECOVERY);
    assertThat(seconds((Composed) composer.compose(plain.withTheme(theme)), theme))
        .isGreaterThan(seconds((Composed) composer.compose(plain), theme));
  }

  @Test
  void aThemeIsNamedInTheReason() {
    Theme clasps = Theme.find("clasps").orElseThrow();
    RoutineRequest request =
        RequestBuilder.of(Purpose.RECOVERY).seconds(720).build().withTheme(clasps);
    Composed composed = (Composed) new Composer(LIBRARY, Purpose.RECOVERY).compose(request);
    List<Choice> chosen =
        composed.choices().stream()
            .filter(choice -> choice.tastes().contains(Taste.THEME))
            .toList();
    assertThat(chosen)
        .isNotEmpty()
        .allSatisfy(choice -> assertThat(choice.sentence()).contains("; of the theme"));
  }
}
