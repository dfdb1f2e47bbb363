package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;

class ComposersTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Composers KEPT = new Composers(LIBRARY);
  private static final int PEOPLE = 17;

  private record Answer(List<Step> steps, long halfPoints, List<String> sentences) {

    static Answer of(Composition composition) {
      return composition instanceof Composition.Composed composed
          ? new Answer(
              composed.steps(),
              composed.halfPoints(),
              composed.choices().stream().map(choice -> choice.sentence()).toList())
          : new Answer(List.of(), 0, List.of(((Composition.NotComposed) composition).reason()));
    }
  }

  /** More people than are remembered, each twice, many at once: nobody gets another's routine. */
  @ParameterizedTest
  @EnumSource(Purpose.class)
  void whatIsRememberedIsOnlyEverOnesOwn(Purpose purpose) {
    List<RoutineRequest> requests =
        IntStream.range(0, PEOPLE)
            .mapToObj(seed -> new RequestGenerator(seed).request(LIBRARY, purpose))
            .toList();
    List<Answer> kept =
        IntStream.range(0, 2 * PEOPLE)
            .parallel()
            .mapToObj(i -> Answer.of(KEPT.of(purpose).compose(requests.get(i % PEOPLE))))
            .toList();
    for (int i = 0; i < PEOPLE; i++) {
      Answer own = Answer.of(new Composer(LIBRARY, purpose).compose(requests.get(i)));
      assertThat(List.of(kept.get(i), kept.get(i + PEOPLE))).containsOnly(own);
    }
  }
}
