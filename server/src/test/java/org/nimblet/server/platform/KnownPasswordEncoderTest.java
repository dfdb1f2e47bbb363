package org.nimblet.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

class KnownPasswordEncoderTest {

  private static final PasswordEncoder HASHES = new BCryptPasswordEncoder(4);
  private static final PasswordEncoder DEMO = new KnownPasswordEncoder(HASHES, "harbour-hands");

  @Test
  void whatEverybodyKnowsIsTheOnlyPasswordOfWhoeverHasIt() {
    String stored = DEMO.encode("harbour-hands");
    assertThat(DEMO.matches("harbour-hands", stored)).isTrue();
    assertThat(DEMO.matches("harbour-hand", stored)).isFalse();
    assertThat(DEMO.matches(stored, stored)).as("what is stored is no password").isFalse();
    assertThat(DEMO.upgradeEncoding(stored)).isFalse();
  }

  @Test
  void allOthersAreHashed() {
    String stored = DEMO.encode("long-enough-password");
    assertThat(HASHES.matches("long-enough-password", stored)).isTrue();
    assertThat(DEMO.matches("long-enough-password", stored)).isTrue();
    assertThat(DEMO.matches("harbour-hands", stored)).isFalse();
  }

  @Test
  void whereNoneIsKnownNobodySignsInWithIt() {
    PasswordEncoder practice = new KnownPasswordEncoder(HASHES, "");
    String stored = DEMO.encode("harbour-hands");
    assertThat(practice.matches("harbour-hands", stored)).isFalse();
    assertThat(practice.matches("", stored)).isFalse();
    assertThat(HASHES.matches("harbour-hands", practice.encode("harbour-hands"))).isTrue();
  }
}
