package org.nimblet.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.PieceDemand.OfHand;
import org.nimblet.core.measure.PieceDemand.Reach;
import org.nimblet.core.measure.PieceDemand.Step;
import org.nimblet.core.measure.PieceDemand.Stretch;

class PieceDemandTest {

  private static final int MIDDLE_C = 60;

  private static PieceNote note(Side side, int key, double begins, Digit digit) {
    return new PieceNote(side, Optional.ofNullable(digit), key, begins, 1, 1);
  }

  private static OfHand right(List<PieceNote> notes, Optional<Reach> reach) {
    return PieceDemand.of(notes, reach).hands().get(0);
  }

  /**
   * Octave 164.5, ninth 188, tenth 211.5 mm (model section 7; usual octave 164–165, from memory).
   */
  @ParameterizedTest
  @CsvSource({"60, 72, 164.5", "60, 74, 188", "60, 76, 211.5", "61, 73, 164.5", "48, 60, 164.5"})
  void intervalsAreAsWideAsOnAPiano(int low, int high, double millimetres) {
    assertThat(KeyPlaces.apart(low, high)).isCloseTo(millimetres, within(1e-9));
  }

  @Test
  void everyKeyLiesFartherRightThanTheOneBefore() {
    for (int key = 1; key < 128; key++) {
      assertThat(KeyPlaces.millimetres(key))
          .isBetween(KeyPlaces.millimetres(key - 1) + 8, KeyPlaces.millimetres(key - 1) + 24);
    }
  }

  /** Five fingers on five neighbouring white keys, the right hand from the thumb up. */
  @Test
  void fiveNeighboursAreTakenByFiveFingers() {
    List<PieceNote> notes = new ArrayList<>();
    int[] keys = {60, 62, 64, 65, 67, 65, 64, 62, 60};
    for (int i = 0; i < keys.length; i++) {
      notes.add(note(Side.RIGHT, keys[i], i, null));
      notes.add(note(Side.LEFT, keys[i] - 12, i, null));
    }
    PieceDemand demand = PieceDemand.of(notes, Optional.empty());
    OfHand left = demand.hands().get(0);
    OfHand right = demand.hands().get(1);
    assertThat(demand.guessed()).isEqualTo(18);
    assertThat(right.presses()).containsEntry(Digit.THUMB, 2).containsEntry(Digit.LITTLE, 1);
    assertThat(left.presses()).containsEntry(Digit.LITTLE, 2).containsEntry(Digit.THUMB, 1);
    assertThat(right.steps()).contains(new Step(Digit.RING, Digit.LITTLE, 1));
    assertThat(right.steps().stream().mapToInt(Step::times).sum()).isEqualTo(8);
  }

  @Test
  void whatThePieceNamesStandsAndTheHandGoesThere() {
    List<PieceNote> notes =
        List.of(
            note(Side.RIGHT, MIDDLE_C, 0, Digit.MIDDLE),
            note(Side.RIGHT, 62, 1, null),
            note(Side.RIGHT, 59, 2, null));
    PieceDemand demand = PieceDemand.of(notes, Optional.empty());
    assertThat(demand.guessed()).isEqualTo(2);
    assertThat(demand.hands().get(0).steps())
        .containsExactlyInAnyOrder(
            new Step(Digit.MIDDLE, Digit.RING, 1), new Step(Digit.RING, Digit.INDEX, 1));
  }

  @Test
  void chordsBeyondReachAreMarkedWithTheirBar() {
    List<PieceNote> notes =
        List.of(
            note(Side.RIGHT, MIDDLE_C, 0, Digit.THUMB),
            note(Side.RIGHT, 72, 0, Digit.LITTLE),
            new PieceNote(Side.RIGHT, Optional.of(Digit.THUMB), MIDDLE_C, 4, 2, 2),
            new PieceNote(Side.RIGHT, Optional.of(Digit.LITTLE), 76, 5, 1, 2));
    // A span of 200 mm reaches 172 mm comfortably and 188 at most: no tenth, held or struck.
    OfHand hand = right(notes, Optional.of(Reach.ofSpan(200)));
    DigitPair outer = new DigitPair(Digit.THUMB, Digit.LITTLE);
    assertThat(hand.beyond())
        .containsExactly(new Stretch(outer, KeyPlaces.apart(60, 76), 60, 76, 2));
    assertThat(hand.impossible()).isEqualTo(1);
    assertThat(hand.stretches()).extracting(Stretch::millimetres).containsExactly(211.5);
    assertThat(right(notes, Optional.of(Reach.ofSpan(240))).beyond()).isEmpty();
    assertThat(right(notes, Optional.empty()).beyond()).isEmpty();
  }

  /** Whatever is played: each note is pressed once, and chords by as many fingers as there are. */
  @Test
  void everyNoteHasAFingerAndNoChordUsesOneTwice() {
    for (long seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      List<PieceNote> notes = new ArrayList<>();
      for (int at = 0; at < 60; at++) {
        int lowest = 36 + random.nextInt(48);
        int size = 1 + random.nextInt(5);
        for (int i = 0; i < size; i++) {
          notes.add(note(Side.values()[at % 2], lowest + 3 * i, at, null));
        }
      }
      for (Side side : Side.values()) {
        Fingering.of(side, notes)
            .forEach(
                chord ->
                    assertThat(chord)
                        .extracting(Fingering.Fingered::digit)
                        .doesNotHaveDuplicates());
      }
      assertThat(
              PieceDemand.of(notes, Optional.empty()).hands().stream().mapToInt(OfHand::all).sum())
          .isEqualTo(notes.size());
    }
  }

  @Test
  void nothingAndNonsenseAreRefused() {
    assertThatThrownBy(() -> PieceDemand.of(List.of(), Optional.empty()))
        .hasMessageContaining("notes (0)");
    assertThatThrownBy(() -> Reach.ofSpan(50)).hasMessageContaining("between 100 and 300");
    assertThatThrownBy(() -> note(Side.LEFT, 200, 0, null)).hasMessageContaining("key (200)");
  }

  @Test
  void devicesAreCountedByFingerAndWhoeverPressesNothingSteadies() {
    DeviceDemand demand =
        DeviceDemand.of(
            List.of(
                new DeviceDemand.Binding(Side.LEFT, Digit.INDEX, "forward", 40),
                new DeviceDemand.Binding(Side.LEFT, Digit.LITTLE, "run", 0),
                new DeviceDemand.Binding(Side.RIGHT, Digit.INDEX, "shoot", 90),
                new DeviceDemand.Binding(Side.RIGHT, Digit.INDEX, "grip", 0)),
            30);
    DeviceDemand.OfHand left = demand.hands().get(0);
    DeviceDemand.OfHand right = demand.hands().get(1);
    assertThat(left.presses()).containsEntry(Digit.INDEX, 1200).containsEntry(Digit.LITTLE, 0);
    assertThat(left.steadying())
        .containsExactly(Digit.THUMB, Digit.MIDDLE, Digit.RING, Digit.LITTLE);
    assertThat(right.all()).isEqualTo(2700);
    assertThat(right.holding()).containsExactly(Digit.INDEX);
    assertThatThrownBy(() -> DeviceDemand.of(List.of(), 30)).hasMessageContaining("bindings");
    assertThatThrownBy(() -> new DeviceDemand.Binding(Side.LEFT, Digit.RING, "x", 1000))
        .hasMessageContaining("between 0 and 900");
  }
}
