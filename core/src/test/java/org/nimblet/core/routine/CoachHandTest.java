package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.CoachHand.Habit;
import org.nimblet.core.routine.Composition.Composed;

class CoachHandTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  /** The model, section 2: 100 · (n⁺ + 4) / (n⁻ + 4), bounded to 60 to 170. */
  @ParameterizedTest
  @CsvSource({
    "0, 0, 100",
    "1, 0, 125",
    "2, 0, 150",
    "3, 0, 170",
    "9, 0, 170",
    "0, 1, 80",
    "0, 2, 66",
    "0, 3, 60",
    "6, 6, 100",
    "2, 1, 120"
  })
  void movesWithWhatIsKeptAndTakenOut(int kept, int takenOut, int percent) {
    assertThat(new Habit(kept, takenOut).percent()).isEqualTo(percent);
  }

  @Test
  void saysWhatItComesFrom() {
    assertThat(new Habit(6, 1).words()).isEqualTo("kept in 6 routines, taken out once");
    assertThat(new Habit(1, 0).words()).isEqualTo("kept in 1 routine");
    assertThat(new Habit(0, 2).words()).isEqualTo("never kept, taken out twice");
    assertThatThrownBy(() -> new CoachHand(Map.of("palm-rub", 171)))
        .hasMessageContaining("percent (171) of palm-rub must be 60 to 170");
  }

  @Test
  void whatIsSetByHandCountsBeforeWhatWasSeen() {
    CoachHand hand =
        CoachHand.of(Map.of("palm-rub", new Habit(6, 0)), Map.of("palm-rub", 60, "shake-out", 100));
    assertThat(hand.percent("palm-rub")).isEqualTo(60);
    assertThat(hand.percent("shake-out")).isEqualTo(100);
    assertThat(CoachHand.of(Map.of("palm-rub", new Habit(1, 1)), Map.of()))
        .isSameAs(CoachHand.EVEN);
  }

  private static List<String> ids(Composed composed) {
    return composed.steps().stream().map(step -> step.exercise().id()).toList();
  }

  /**
   * A made-up coach keeps every second of what could be offered instead of what is composed, six
   * times; then the routine of a like client holds at least 60 % of it (the model, section 2).
   */
  @ParameterizedTest
  @EnumSource(names = {"RECOVERY", "COOL_DOWN", "WARM_UP"})
  void aLikeClientGetsWhatTheCoachKeeps(Purpose purpose) {
    Composer composer = new Composer(LIBRARY, purpose);
    RoutineRequest first = RequestBuilder.of(purpose).seconds(600).build();
    Composed even = (Composed) composer.compose(first);
    Composed other = (Composed) composer.compose(first, List.of(new HashSet<>(ids(even))));
    Composed third =
        (Composed)
            composer.compose(first, List.of(new HashSet<>(ids(even)), new HashSet<>(ids(other))));
    Set<String> kept = new HashSet<>(ids(third));
    Map<String, Habit> habits = new HashMap<>();
    kept.forEach(id -> habits.put(id, new Habit(6, 0)));
    ids(even).stream()
        .filter(id -> !kept.contains(id))
        .forEach(id -> habits.put(id, new Habit(0, 6)));
    RoutineRequest like = RequestBuilder.of(purpose).seconds(660).build();
    Composed asKept = (Composed) composer.compose(like.withHand(CoachHand.of(habits, Map.of())));
    long held = kept.stream().filter(ids(asKept)::contains).count();
    assertThat(held * 100 / kept.size())
        .as("%s of %s", ids(asKept), kept)
        .isGreaterThanOrEqualTo(60);
    assertThat(asKept.choices().stream().map(Choice::sentence).collect(Collectors.joining()))
        .contains("as your coach keeps it");
    assertThat(composer.compose(like.withHand(CoachHand.EVEN)))
        .as("switched off it is the even one")
        .isEqualTo(composer.compose(like));
  }
}
