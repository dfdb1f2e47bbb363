package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class LadderTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();

  private static List<String> words(String id, Method method, Load... loads) {
    return Ladder.of(LIBRARY.find(id).orElseThrow(), method, List.of(loads)).rungs().stream()
        .map(Ladder.Rung::words)
        .toList();
  }

  /** MODEL 5 and ACSM 2011, from memory: totals of 30, 40, 50, 60, 90, 120 s a side. */
  @Test
  void steadyHoldsRiseInSecondsAndThenInRepetitions() {
    Exercise exercise = LIBRARY.find("palm-up-fingers-back").orElseThrow();
    Ladder ladder = Ladder.of(exercise, Method.STEADY_HOLD, List.of());
    assertThat(ladder.rungs())
        .extracting(rung -> rung.dose().heldSecondsPerSide(Pace.USUAL))
        .containsExactly(30, 40, 50, 60, 90, 120);
    assertThat(ladder.rungs())
        .extracting(Ladder.Rung::words)
        .containsExactly("15 s", "20 s", "25 s", "30 s", "3 ×", "4 ×");
  }

  /** Common practice, no source: two seconds, 10 to 15 times. */
  @Test
  void pulsesRiseFromTenToFifteen() {
    assertThat(DoseForm.Pulse.KEPT_SECONDS).isEqualTo(2);
    assertThat(words("palm-up-fingers-back", Method.SHORT_PULSES))
        .containsExactly("10 pulses", "12 pulses", "15 pulses");
  }

  /** MODEL 5: 22 values, 21 steps up to 300 in a row. */
  @Test
  void enduranceCountsRiseInGrowingSteps() {
    assertThat(Ladder.endurance())
        .containsExactly(
            40, 45, 50, 55, 60, 65, 70, 75, 85, 95, 105, 115, 125, 140, 155, 170, 185, 205, 225,
            250, 275, 300);
    assertThat(words("fast-open-and-close", Method.STEADY_HOLD))
        .hasSize(28)
        .startsWith("10", "15", "20", "25", "30", "35", "40", "45")
        .endsWith("300");
  }

  /** ACSM 2011 and 2009, from memory: 8–12 repetitions, load up by 2–10 %. */
  @Test
  void loadAndRepetitionsNeverRiseTogetherAndTheNextLoadIsOneThatIsOwned() {
    Load light = new Load.Weight(500);
    Load alittleMore = new Load.Weight(540);
    Load muchMore = new Load.Weight(1000);
    assertThat(words("wrist-curl-palm-down", Method.STEADY_HOLD, light, alittleMore, muchMore))
        .containsExactly(
            "8, 500 g",
            "10, 500 g",
            "12, 500 g",
            "8, 540 g",
            "10, 540 g",
            "12, 540 g",
            "15, 540 g",
            "20, 540 g",
            "8, 1 kg",
            "10, 1 kg",
            "12, 1 kg");
  }

  @Test
  void aBottleIsAsHeavyAsItIsFullAndAShorterBandIsHarder() {
    assertThat(OwnedLoads.inTheHand(Set.of(Thing.BOTTLE, Thing.FOOD_CAN), List.of(1000)))
        .extracting(Load::grams)
        .containsExactly(155, 280, 405, 450, 530, 1000);
    assertThat(OwnedLoads.bands()).extracting(Load::grams).isSorted().doesNotHaveDuplicates();
    assertThat(new Load.Band(30).grams()).isEqualTo(1000);
    assertThat(
            words("band-wrist-curl", Method.STEADY_HOLD, OwnedLoads.bands().toArray(Load[]::new)))
        .startsWith("8, band 45 cm")
        .contains("8, band 40 cm");
  }

  /** MODEL 5: next = max(bpm + 1, round(1.04 · bpm)); by hand for 60 and for small tempos. */
  @Test
  void theTempoRisesByFourPerCent() {
    assertThat(Ladder.nextTempo(60)).isEqualTo(62);
    assertThat(Ladder.nextTempo(10)).isEqualTo(11);
    assertThat(Ladder.nextTempo(100)).isEqualTo(104);
    assertThat(Ladder.tempoAtNextSubdivision(120, 1)).isEqualTo(62);
    assertThat(words("three-note-slurs", Method.STEADY_HOLD))
        .startsWith("60 bpm × 4", "62 bpm × 4", "64 bpm × 4");
    assertThatThrownBy(() -> Ladder.tempoAtNextSubdivision(120, 4))
        .hasMessage("notes to a beat (4) must be between 1 and 3");
  }

  @Test
  void aLadderOfThingsNamesThem() {
    assertThat(words("squeeze-ladder", Method.STEADY_HOLD))
        .containsExactly("the own fist", "clay or dough", "a soft ball", "a firm ball");
  }

  static Stream<Arguments> everyExerciseByEveryMethod() {
    return LIBRARY.exercises().stream()
        .flatMap(e -> e.doses().keySet().stream().map(method -> Arguments.of(e, method)));
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("everyExerciseByEveryMethod")
  void everyExerciseHasALadderWithinItsBounds(Exercise exercise, Method method) {
    DosePlan plan = exercise.dose(method).orElseThrow();
    List<Ladder.Rung> rungs = Ladder.of(exercise, method, List.of()).rungs();
    assertThat(rungs).hasSizeGreaterThanOrEqualTo(2);
    assertThat(rungs).extracting(Ladder.Rung::words).doesNotHaveDuplicates();
    assertThat(rungs)
        .allSatisfy(rung -> assertThat(plan.bounds().contains(rung.dose().quantity())).isTrue());
  }

  @Test
  void anUnknownMethodIsNamed() {
    Exercise rub = LIBRARY.find("palm-rub").orElseThrow();
    assertThatThrownBy(() -> Ladder.of(rub, Method.LONG_QUIET, List.of()))
        .hasMessage("method (LONG_QUIET) must be one of [STEADY_HOLD]");
  }
}
