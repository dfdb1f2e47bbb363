package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.exercise.FingerState;
import org.nimblet.core.exercise.Keyframe;

/** The counts were found by enumeration, by a program of its own (MODEL 6). */
class FingerStatesTest {

  private static FingerState state(String text) {
    return (FingerState) Keyframe.parse(text);
  }

  @Test
  void aHandHasFortyFiveStatesAndRestIsTheFirst() {
    assertThat(FingerStates.ALL).hasSize(45).doesNotHaveDuplicates();
    assertThat(FingerStates.ALL.get(0)).isEqualTo(FingerState.REST);
  }

  @Test
  void ofBendsAloneThereAreFourSinglesSixDoublesAndFourTriples() {
    assertThat(
            FingerStates.ALL.stream()
                .filter(state -> state.open().isEmpty())
                .collect(
                    Collectors.groupingBy(state -> state.bent().size(), Collectors.counting())))
        .containsEntry(1, 4L)
        .containsEntry(2, 6L)
        .containsEntry(3, 4L)
        .containsEntry(4, 1L);
  }

  /** A complement is had by both or by neither, and is never the state itself. */
  @Test
  void sevenPairsOfBendsOneOfGapsAndOneMixedComplementEachOther() {
    Set<Set<FingerState>> pairs =
        FingerStates.ALL.stream()
            .flatMap(
                state -> FingerStates.complement(state).map(other -> Set.of(state, other)).stream())
            .collect(Collectors.toSet());
    assertThat(pairs).hasSize(9);
    assertThat(pairs)
        .filteredOn(pair -> pair.stream().allMatch(state -> state.open().isEmpty()))
        .hasSize(7);
    assertThat(pairs)
        .filteredOn(pair -> pair.stream().allMatch(state -> state.bent().isEmpty()))
        .containsExactly(
            Set.of(state("part-middle-ring"), state("part-index-middle part-ring-little")));
    assertThat(pairs)
        .contains(
            Set.of(
                state("bend-middle-ring part-index-middle part-ring-little"),
                state("bend-index-little part-middle-ring")));
    FingerStates.ALL.forEach(
        state ->
            FingerStates.complement(state)
                .ifPresent(
                    other -> {
                      assertThat(other).isNotEqualTo(state);
                      assertThat(FingerStates.complement(other)).isEqualTo(Optional.of(state));
                    }));
  }

  @Test
  void eighteenPairsAreTheReverseOfEachOther() {
    Set<Set<FingerState>> pairs =
        FingerStates.ALL.stream()
            .filter(state -> !FingerStates.reversed(state).equals(state))
            .map(state -> Set.of(state, FingerStates.reversed(state)))
            .collect(Collectors.toSet());
    assertThat(pairs).hasSize(18);
    assertThat(pairs)
        .filteredOn(pair -> pair.stream().allMatch(state -> state.open().isEmpty()))
        .hasSize(6);
    assertThat(pairs)
        .filteredOn(pair -> pair.stream().allMatch(state -> state.bent().isEmpty()))
        .hasSize(2);
  }

  @Test
  void reversedTwiceIsTheSame() {
    assertThat(FingerStates.ALL)
        .allSatisfy(
            state ->
                assertThat(FingerStates.reversed(FingerStates.reversed(state))).isEqualTo(state));
  }

  @Test
  void theMiddleFingerAloneAndTheForkMayBeRude() {
    assertThat(FingerStates.ALL)
        .filteredOn(FingerStates::mayBeRude)
        .extracting(FingerState::standing)
        .containsOnly(List.of(Digit.MIDDLE), List.of(Digit.INDEX, Digit.MIDDLE));
  }
}
