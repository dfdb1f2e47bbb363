package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Tissue;

class StandingTest {

  @Test
  void plainIsTheFirstForNothing() {
    for (Tissue tissue : Tissue.values()) {
      for (Purpose purpose : Purpose.values()) {
        assertThat(Standing.PLAIN.isStaple(tissue, purpose)).isFalse();
      }
    }
    assertThat(Standing.PLAIN.archived()).isFalse();
    assertThat(Standing.PLAIN.family()).isEmpty();
  }

  @Test
  void isFirstForThePurposesThatAreNamedAndNoOther() {
    Standing standing =
        new Standing(
            Optional.of("clasps"),
            Map.of("wrist", EnumSet.of(Purpose.WARM_UP, Purpose.BREAK)),
            false);
    assertThat(standing.isStaple(Tissue.WRIST, Purpose.WARM_UP)).isTrue();
    assertThat(standing.isStaple(Tissue.WRIST, Purpose.RECOVERY)).isFalse();
    assertThat(standing.isStaple(Tissue.FOREARM_ROTATORS, Purpose.WARM_UP)).isFalse();
  }

  @Test
  void doesNotChangeWithTheMapItWasMadeOf() {
    Map<String, Set<Purpose>> staples = new HashMap<>();
    Set<Purpose> purposes = EnumSet.of(Purpose.WARM_UP);
    staples.put("wrist", purposes);
    Standing standing = new Standing(Optional.empty(), staples, false);
    purposes.add(Purpose.RECOVERY);
    staples.clear();
    assertThat(standing.isStaple(Tissue.WRIST, Purpose.WARM_UP)).isTrue();
    assertThat(standing.isStaple(Tissue.WRIST, Purpose.RECOVERY)).isFalse();
  }
}
