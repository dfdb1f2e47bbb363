package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Composition.Composed;

class SaidMomentTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          I have four minutes, standing, no things, between two games | Break of 4 min, standing, without things
          4 min | Break of 4 min
          ten minutes | Recovery of 10 min
          10 min before playing | Warm-up of 10 min
          quick warm-up, 5 min | Warm-up of 5 min
          warm up 8 min at my instrument | Warm-up of 8 min, at the instrument or device
          5 minutes after practice, seated | Cool-down of 5 min, sitting
          cool down 6 min | Cool-down of 6 min
          half an hour on the floor | Recovery of 30 min, on the floor
          a quarter of an hour of strength | Strength of 15 min
          20 min strengthening with the ball | Strength of 20 min, with the ball first
          3 min break, empty-handed | Break of 3 min, without things
          12 min for the thumb | Recovery of 12 min, the thumb first
          8 min clasps | Recovery of 8 min, clasps first
          neck and shoulders, 6 min, at my desk | Recovery of 6 min, sitting or at a table, neck and shoulders first
          two minutes between calls | Break of 2 min
          15 min independence | Independence of 15 min
          I'd like 10 min | “i'd” was not understood
          7 min reach, sitting | Reach of 7 min, sitting
          my hands are tired, 9 min | Recovery of 9 min
          9 min stretching, lying down | Recovery of 9 min, on the floor
          standing, nothing with me, 3 min | Break of 3 min, standing, without things
          """)
  void isReadAsItIsSaid(String said, String understood) {
    String words;
    try {
      words = SaidMoment.read(said).words();
    } catch (IllegalArgumentException e) {
      words = e.getMessage();
    }
    assertThat(words).startsWith(understood);
  }

  @Test
  void whatIsMissingOrNotUnderstoodIsNamed() {
    assertThatThrownBy(() -> SaidMoment.read("standing, between two games"))
        .hasMessageStartingWith("Say how long");
    assertThatThrownBy(() -> SaidMoment.read("4 min upside down"))
        .hasMessageStartingWith("“upside down” was not understood.");
    assertThatThrownBy(() -> SaidMoment.read("45 min")).hasMessage("“45 min” must be 1 to 30 min.");
  }

  @Test
  void aThemeOfOnesOwnIsKnownByItsTitle() {
    Theme own =
        new Theme(
            "own",
            "Monday's set, Übung",
            Set.of(),
            Set.of(),
            Set.of(),
            Set.of(),
            Set.of("palm-rub"));
    assertThat(SaidMoment.read("6 min übung", List.of(own)).theme()).contains(own);
    assertThatThrownBy(() -> SaidMoment.read("6 min übung"))
        .hasMessageStartingWith("“übung” was not understood.");
  }

  @Test
  void whatIsComposedKeepsToIt() {
    ExerciseLibrary library = ExerciseLibrary.shipped();
    SaidMoment said = SaidMoment.read("four minutes, standing, no things, between two games");
    RoutineRequest request =
        said.in(RequestBuilder.of(Purpose.BREAK).seconds(said.minutes() * 60).build());
    Composed composed = (Composed) new Composer(library, said.purpose()).compose(request);
    assertThat(composed.steps())
        .isNotEmpty()
        .allSatisfy(step -> assertThat(step.position()).isEqualTo(Position.STAND))
        .allSatisfy(step -> assertThat(step.things()).allMatch(Thing::partOfTheBody));
    RoutineRequest seated =
        RequestBuilder.of(Purpose.BREAK).positions(Set.copyOf(EnumSet.of(Position.SIT))).build();
    assertThatThrownBy(() -> said.in(seated))
        .hasMessage("“standing” is none of the positions that are possible: sitting.");
  }

  /** Of four minutes standing half a minute stayed empty: each step paid the way up and down. */
  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 5, 6, 8, 10})
  void whoStandsGetsAsMuchAsWhoSits(int minutes) {
    assertThat(seconds(minutes, Position.STAND))
        .isBetween(seconds(minutes, Position.SIT) - 12L, minutes * 60L);
  }

  private static long seconds(int minutes, Position position) {
    RoutineRequest request =
        RequestBuilder.of(Purpose.BREAK)
            .seconds(minutes * 60)
            .positions(Set.of(position))
            .things(Set.of())
            .build();
    Composed composed =
        (Composed) new Composer(ExerciseLibrary.shipped(), Purpose.BREAK).compose(request);
    return composed.cueSheet().lengthMillis() / 1000;
  }
}
