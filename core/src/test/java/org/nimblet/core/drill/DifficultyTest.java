package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.exercise.Contact;
import org.nimblet.core.exercise.FingerState;
import org.nimblet.core.exercise.Keyframe;

class DifficultyTest {

  private static final OptionalInt UNCOUNTED = OptionalInt.empty();

  private static FingerState state(String text) {
    return (FingerState) Keyframe.parse(text);
  }

  private static double alone(String text) {
    return Pattern.oneHand(state(text)).difficulty(false, UNCOUNTED).total();
  }

  private static Pattern complement(String text) {
    FingerState state = state(text);
    return Pattern.counter(
        Together.COMPLEMENT, state, FingerStates.complement(state).orElseThrow());
  }

  private static Pattern reversed(String text) {
    FingerState state = state(text);
    return Pattern.counter(Together.REVERSED, state, FingerStates.reversed(state));
  }

  /** Worked out by hand with the numbers of MODEL 6. */
  @ParameterizedTest
  @CsvSource({
    "bend-index, 0.5",
    "bend-little, 1.1",
    "bend-middle, 1.4",
    "bend-ring, 2.3",
    "bend-index-ring, 3.2",
    "bend-index-middle-ring-little, 0.3",
    "part-middle-ring, 0.6",
    "part-index-middle part-middle-ring part-ring-little, 1.1",
    "bend-ring-little part-index-middle, 2.0"
  })
  void aHandAloneIsAsHardAsItsChange(String state, double expected) {
    assertThat(alone(state)).isCloseTo(expected, within(1e-9));
  }

  /** Häger-Ross and Schieber (2000, from memory): index, little, middle, ring. */
  @Test
  void theRingFingerIsHardestAndTheIndexEasiest() {
    assertThat(
            List.of(
                alone("bend-index"),
                alone("bend-little"),
                alone("bend-middle"),
                alone("bend-ring")))
        .isSorted()
        .doesNotHaveDuplicates();
  }

  @Test
  void everyOtherIsTheHardestOfTwoAndAllFourIsEasy() {
    List<Double> doubles =
        FingerStates.ALL.stream()
            .filter(state -> state.bent().size() == 2 && state.open().isEmpty())
            .map(state -> Pattern.oneHand(state).difficulty(false, UNCOUNTED).total())
            .toList();
    assertThat(doubles).hasSize(6).allMatch(each -> each <= alone("bend-index-ring"));
    assertThat(alone("bend-index-middle-ring-little")).isLessThan(alone("bend-index"));
  }

  /** The worked example of MODEL 6: 1.9 + 0.3 + 1.2. */
  @Test
  void aComplementGoesStraightOver() {
    assertThat(complement("bend-index").difficulty(false, UNCOUNTED).total())
        .isCloseTo(3.4, within(1e-9));
  }

  @Test
  void aComplementIsHarderThanItsHarderHalfAlike() {
    for (FingerState state : FingerStates.ALL) {
      FingerStates.complement(state)
          .ifPresent(
              other -> {
                double halves =
                    Math.max(
                        Pattern.alike(state).difficulty(false, UNCOUNTED).total(),
                        Pattern.alike(other).difficulty(false, UNCOUNTED).total());
                assertThat(
                        Pattern.counter(Together.COMPLEMENT, state, other)
                            .difficulty(false, UNCOUNTED)
                            .total())
                    .as(state.text())
                    .isGreaterThan(halves);
              });
    }
  }

  @Test
  void twiceAsFastIsOneHarderAndTheOtherHandALittle() {
    Pattern ring = Pattern.oneHand(state("bend-ring"));
    assertThat(ring.difficulty(false, OptionalInt.of(60)).total()).isCloseTo(2.3, within(1e-9));
    assertThat(ring.difficulty(false, OptionalInt.of(120)).total()).isCloseTo(3.3, within(1e-9));
    assertThat(ring.difficulty(true, OptionalInt.of(30)).total()).isCloseTo(1.6, within(1e-9));
  }

  @Test
  void contactComesOnTop() {
    Pattern alike = Pattern.alike(state("bend-ring"));
    assertThat(alike.in(Contact.THREADING).difficulty(false, UNCOUNTED).total())
        .isCloseTo(alike.difficulty(false, UNCOUNTED).total() + 0.6, within(1e-9));
  }

  @Test
  void thePartsAreToldInWords() {
    assertThat(reversed("bend-little part-middle-ring").difficulty(false, UNCOUNTED).parts())
        .extracting(Difficulty.Part::words)
        .containsExactly(
            "the index moves",
            "the little moves",
            "the middle stays while the index moves",
            "the ring stays while the little moves",
            "reversed between the hands");
  }
}
