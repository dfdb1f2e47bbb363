package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composition.Composed;

class RecentTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Exercise TAPS = LIBRARY.find("even-taps").orElseThrow();
  private static final Dose AT_120 = TAPS.dose(TAPS.usualMethod()).orElseThrow().usual();
  private static final Dose AT_125 = AT_120.withForm(new DoseForm.Count(8, 125));

  private static Recent recent(Set<String> notEven) {
    return new Recent(Map.of(TAPS.id(), 3), Map.of(TAPS.id(), AT_120), Map.of(), Set.of(), Set.of())
        .on(Map.of(TAPS.id(), new RungDose(TAPS.usualMethod(), AT_125, true, true)), notEven);
  }

  private static int tempo(Set<String> notEven) {
    RoutineRequest request =
        RequestBuilder.of(Purpose.INDEPENDENCE).recent(recent(notEven)).build();
    Composer composer = new Composer(LIBRARY, Purpose.INDEPENDENCE);
    RoutineRequest requiring = composer.requiring(request, List.of(TAPS.id()));
    Composed composed = (Composed) composer.compose(requiring);
    return composed.steps().stream()
        .filter(step -> step.exercise().equals(TAPS))
        .mapToInt(step -> step.dose().form().notesAMinute().orElseThrow())
        .findFirst()
        .orElseThrow();
  }

  /** Without it no dose was sound, and the exercise was lost. */
  @Test
  void whoIsNotEvenGoesAsFastAsTheLastTime() {
    assertThat(tempo(Set.of())).isEqualTo(125);
    assertThat(tempo(Set.of(TAPS.id()))).isEqualTo(120);
  }
}
