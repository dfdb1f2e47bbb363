package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Side;

/** Lines as people may write them after a session. */
class SignWordsTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "fingers tingled a bit | true",
        "tingling in the left ring finger since noon | true",
        "pins and needles again | true",
        "little finger went numb | true",
        "hand fell asleep during the last stretch | true",
        "no feeling in the thumb | true",
        "prickly fingertips | true",
        "no pain, but some tingling | true",
        "not bad. numbness after an hour | true",
        "no tingling today | false",
        "without any numbness this time | false",
        "no more pins and needles | false",
        "didn't feel any tingling | false",
        "felt fine | false",
        "single notes were uneven | false",
        "'' | false"
      })
  void aTingleIsHeardAndADeniedOneIsNot(String words, boolean speaks) {
    assertThat(SignWords.speakOfTingling(words)).isEqualTo(speaks);
  }

  @Test
  void theSideIsTheOneThatIsNamedOrBoth() {
    assertThat(SignWords.sidesNamed("tingling, left ring finger")).containsExactly(Side.LEFT);
    assertThat(SignWords.sidesNamed("tingling")).isEqualTo(Set.of(Side.values()));
  }
}
