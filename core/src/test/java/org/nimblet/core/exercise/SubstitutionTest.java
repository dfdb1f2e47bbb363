package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nimblet.core.exercise.Substitution.Change.LESS;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Which thing can stand for which (common practice, no source). */
class SubstitutionTest {

  @Test
  void whatIsOwnedNeedsNoStandIn() {
    assertThat(Substitution.resolve(Set.of(Thing.TOWEL), Set.of(Thing.TOWEL))).contains(Map.of());
    assertThat(Substitution.resolve(Set.of(), Set.of())).contains(Map.of());
  }

  @Test
  void theNearestStandInAtHandIsTaken() {
    Optional<Map<Thing, Substitution>> found =
        Substitution.resolve(Set.of(Thing.SOFT_BALL), Set.of(Thing.ROLLED_SOCK, Thing.CLAY));
    assertThat(found.orElseThrow().get(Thing.SOFT_BALL).standIn()).isEqualTo(Thing.CLAY);
  }

  @Test
  void theOwnBodyIsAlwaysAtHand() {
    Substitution fist =
        Substitution.resolve(Set.of(Thing.SOFT_BALL), Set.of()).orElseThrow().get(Thing.SOFT_BALL);
    assertThat(fist.standIn()).isEqualTo(Thing.OWN_FIST);
    assertThat(fist.load()).isEqualTo(LESS);
    assertThat(fist.words()).endsWith(".");
  }

  @Test
  void whatNothingCanStandForIsNamed() {
    assertThat(Substitution.resolve(Set.of(Thing.BAND, Thing.PENCIL), Set.of(Thing.TOWEL)))
        .isEmpty();
    assertThat(Substitution.unresolved(Set.of(Thing.BAND, Thing.PENCIL), Set.of(Thing.TOWEL)))
        .containsExactly(Thing.PENCIL);
  }

  @Test
  void nothingStandsForItselfAndEveryPairIsListedOnce() {
    assertThat(Substitution.ALL).allSatisfy(s -> assertThat(s.wanted()).isNotEqualTo(s.standIn()));
    assertThat(Substitution.ALL.stream().map(s -> s.wanted() + "/" + s.standIn()))
        .doesNotHaveDuplicates();
  }
}
