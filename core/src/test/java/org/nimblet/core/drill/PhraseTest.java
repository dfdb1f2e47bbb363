package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;

class PhraseTest {

  /** By hand: 12 taps, two a beat, are 6 beats; of 2 bars of 4 two beats are left, four taps. */
  @ParameterizedTest
  @CsvSource({"2, 4, 2, 16", "1, 3, 2, 12", "4, 4, 1, 16", "8, 4, 1, 32", "1, 2, 3, 12"})
  void theNextRoundBeginsWithAPhrase(int bars, int beatsABar, int notesABeat, int length) {
    List<Digit> row = Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 0).taps();
    List<List<Digit>> taps = row.stream().map(List::of).toList();
    List<List<Digit>> fitted = new Phrase(bars, beatsABar).fitted(taps, notesABeat, List.of());
    assertThat(fitted).hasSize(length);
    assertThat(fitted.subList(0, taps.size())).isEqualTo(taps);
    assertThat(Collections.frequency(fitted, List.of())).isEqualTo(length - taps.size());
  }

  @ParameterizedTest
  @CsvSource({"4, 4, 20, 16", "8, 4, 20, 32", "2, 3, 20, 18", "16, 7, 20, 112", "1, 5, 20, 20"})
  void changesFillWholePhrases(int bars, int beatsABar, int wanted, int changes) {
    assertThat(new Phrase(bars, beatsABar).wholePhrases(wanted)).isEqualTo(changes);
  }

  @Test
  void whatIsReadFillsWholeBars() {
    assertThat(new Phrase(4, 4).wholeBars(5)).isEqualTo(4);
    assertThat(new Phrase(4, 3).wholeBars(5)).isEqualTo(6);
    assertThat(new Phrase(4, 4).wholeBars(0.5)).isEqualTo(4);
  }

  @Test
  void whatNobodyCountsIsRefused() {
    assertThatThrownBy(() -> new Phrase(0, 4)).hasMessage("bars (0) must be between 1 and 16");
    assertThatThrownBy(() -> new Phrase(4, 9))
        .hasMessage("beats a bar (9) must be between 2 and 7");
  }
}
