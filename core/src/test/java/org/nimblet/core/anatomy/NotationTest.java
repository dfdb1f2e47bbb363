package org.nimblet.core.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class NotationTest {

  /** Common practice, no source: keyboards count from the thumb, strings from the index finger. */
  @ParameterizedTest
  @CsvSource({
    "KEYBOARD, THUMB, 1",
    "KEYBOARD, LITTLE, 5",
    "STRINGS, THUMB, T",
    "STRINGS, INDEX, 1",
    "STRINGS, LITTLE, 4",
    "PLUCKING, THUMB, p",
    "PLUCKING, INDEX, i",
    "PLUCKING, MIDDLE, m",
    "PLUCKING, RING, a",
    "PLUCKING, LITTLE, c",
    "NAMES, RING, ring"
  })
  void writesADigitTheWayItsUsersDo(Notation notation, Digit digit, String sign) {
    assertThat(notation.format(digit)).isEqualTo(sign);
  }

  @ParameterizedTest
  @EnumSource(Notation.class)
  void readsBackWhatItWrites(Notation notation) {
    for (Digit digit : Digit.values()) {
      assertThat(notation.parse(" " + notation.format(digit).toUpperCase(java.util.Locale.ROOT)))
          .isEqualTo(digit);
    }
    List<Digit> all = List.of(Digit.values());
    assertThat(notation.parseAll(notation.format(all))).isEqualTo(all);
    assertThat(notation.parseAll(notation.format(all).replace("-", ", "))).isEqualTo(all);
  }

  @Test
  void namesWhatIsAllowedWhenASignIsUnknown() {
    assertThatThrownBy(() -> Notation.STRINGS.parse("5"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("digit (5) is not written so in the notation strings; allowed: T, 1, 2, 3, 4");
  }

  @Test
  void thereAreTenPairsOfFiveDigits() {
    assertThat(DigitPair.ALL).hasSize(10).doesNotHaveDuplicates();
    assertThatThrownBy(() -> new DigitPair(Digit.RING, Digit.INDEX))
        .hasMessageContaining("the one nearer to the thumb first");
  }

  @Test
  void identifiersOfTargetsAreUnique() {
    assertThat(Target.all()).extracting(Target::id).doesNotHaveDuplicates();
    assertThat(Target.find("finger-flexors")).contains(Tissue.FINGER_FLEXORS);
    assertThat(Target.find("elbow-grease")).isEmpty();
  }
}
