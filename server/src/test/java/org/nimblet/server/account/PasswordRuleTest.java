package org.nimblet.server.account;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.server.platform.InvalidFieldException;

class PasswordRuleTest {

  private static void check(String password) {
    PasswordRule.check("password", password, "Sunniva Aas", "sunniva@harbourhands.example");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "123456789012",
        "qwertyuiop123",
        "password1234",
        "passwordpassword",
        "iloveyou1234",
        "aaaaaaaaaaaaaaa",
        "abcdefghijklmnop",
        "sunniva12345",
        "nimbletnimblet"
      })
  void whatIsTriedFirstIsRefusedWithACure(String password) {
    assertThatThrownBy(() -> check(password))
        .isInstanceOf(InvalidFieldException.class)
        .hasMessageContaining("Take four words");
  }

  @Test
  void theOwnAddressIsNoPassword() {
    assertThatThrownBy(() -> check("Sunniva@HarbourHands.example"))
        .isInstanceOf(InvalidFieldException.class)
        .hasMessageContaining("Your own address");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "kelp lantern nine ferry",
        "vX9!rTq2-mLk",
        "ångström über fjord kaffe",
        "long-enough-password"
      })
  void whatNobodyGuessesIsTaken(String password) {
    assertThatCode(() -> check(password)).doesNotThrowAnyException();
  }
}
