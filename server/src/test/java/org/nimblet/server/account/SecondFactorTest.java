package org.nimblet.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SecondFactorTest {

  /** The secret of the test vectors of RFC 6238, appendix B. */
  private static final String SECRET =
      new Base32().encodeToString("12345678901234567890".getBytes(StandardCharsets.US_ASCII));

  private static SecondFactor at(long second) {
    return new SecondFactor(null, Clock.fixed(Instant.ofEpochSecond(second), ZoneOffset.UTC));
  }

  /** RFC 6238, appendix B, SHA-1: the last six of its eight digits. */
  @ParameterizedTest
  @CsvSource({
    "59, 94287082",
    "1111111109, 07081804",
    "1111111111, 14050471",
    "1234567890, 89005924",
    "2000000000, 69279037",
    "20000000000, 65353130"
  })
  void codesAreThoseOfTheStandard(long second, String eightDigits) {
    assertThat(at(second).codeAt(SECRET, Instant.ofEpochSecond(second)))
        .isEqualTo(eightDigits.substring(2));
    assertThat(at(second).stepOf(SECRET, eightDigits.substring(2))).isEqualTo(second / 30);
  }

  @Test
  void aCodeHoldsAStepBeforeAndAfterAndNoLonger() {
    String code = "287082";
    assertThat(at(59).stepOf(SECRET, code)).isEqualTo(1);
    assertThat(at(89).stepOf(SECRET, "287 082")).as("with a space, a step later").isEqualTo(1);
    assertThat(at(29).stepOf(SECRET, code)).as("a clock that is behind").isEqualTo(1);
    assertThat(at(90).stepOf(SECRET, code)).isZero();
    assertThat(at(59).stepOf(SECRET, "287083")).isZero();
  }

  @Test
  void secretsHave160BitsAndPaperCodesDiffer() {
    SecondFactor factor = at(0);
    assertThat(new Base32().decode(factor.newSecret())).hasSize(20);
    assertThat(factor.newPaperCodes()).hasSize(8).doesNotHaveDuplicates();
  }
}
