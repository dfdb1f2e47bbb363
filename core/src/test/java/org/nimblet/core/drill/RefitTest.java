package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Try.Drill;

class RefitTest {

  private static final LocalDateTime FIRST = LocalDateTime.of(2026, 3, 2, 18, 0);
  private static final List<Pattern> ONES = Patterns.of(Family.ONE);

  /** People whose ring finger is harder and whose little finger is easier than it should be. */
  private static List<Drilling> roster(int people, int triesEach, Map<String, Double> real) {
    SplittableRandom random = new SplittableRandom(11);
    List<Drilling> roster = new ArrayList<>();
    for (int person = 0; person < people; person++) {
      double able = 2 + 1.5 * random.nextDouble();
      List<Try> tries = new ArrayList<>();
      for (int i = 0; i < triesEach; i++) {
        Pattern pattern = ONES.get(random.nextInt(ONES.size()));
        double difficulty = pattern.movement() + real.getOrDefault(pattern.id(), 0.0);
        boolean clean = random.nextDouble() < 1 / (1 + Math.exp(difficulty - able));
        Drill drill = new Drill(pattern, Optional.of(Side.RIGHT));
        tries.add(new Try(drill, OptionalInt.empty(), clean, FIRST.plusMinutes(i)));
      }
      roster.add(Drilling.of(Side.RIGHT, tries));
    }
    return roster;
  }

  private static double shift(Refit refit, String id) {
    return refit.shifts().get(id);
  }

  @Test
  void whatIsHarderThanItShouldBeIsFound() {
    String ring = "one-hand.none.bend-ring.rest";
    String little = "one-hand.none.bend-little.rest";
    Refit refit = Refit.of(roster(40, 60, Map.of(ring, 0.6, little, -0.6))).orElseThrow();
    assertThat(refit.tries()).isEqualTo(2400);
    assertThat(shift(refit, ring)).isCloseTo(0.6, within(0.3));
    assertThat(shift(refit, little)).isCloseTo(-0.6, within(0.3));
    assertThat(Math.abs(refit.lines().get(0).shift()))
        .isGreaterThanOrEqualTo(Math.abs(refit.lines().get(1).shift()));
  }

  @Test
  void whatIsAsHardAsItShouldBeMovesLittle() {
    Refit refit = Refit.of(roster(40, 60, Map.of())).orElseThrow();
    assertThat(refit.lines()).allSatisfy(line -> assertThat(line.shift()).isBetween(-0.3, 0.3));
  }

  @Test
  void fewTriesSayNothing() {
    assertThat(Refit.of(roster(1, Refit.LEAST_TRIES - 1, Map.of()))).isEmpty();
    assertThat(Refit.of(roster(1, Refit.LEAST_TRIES, Map.of()))).isPresent();
    assertThat(Refit.of(List.of())).isEmpty();
  }

  /**
   * Three tries at even odds, all clean: at the summit what a departure costs, s / 0.25, is what
   * speaks for it, three times the likelihood that it had not been clean.
   */
  @Test
  void thePriceOfADepartureIsCounted() {
    List<Refit.Evidence> all = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      all.add(new Refit.Evidence(ONES.get(0), 2, 2, true));
    }
    double shift = Refit.shift(all);
    double missed = 3 * (1 / (1 + Math.exp(-shift)));
    assertThat(-shift / 0.25)
        .as("price against what speaks for it")
        .isCloseTo(missed, within(1e-6));
    assertThat(shift).isBetween(-0.5, -0.2);
  }

  @Test
  void whatIsTakenOverCountsAndIsNamed() {
    Drill ring =
        new Drill(
            Patterns.find("one-hand.none.bend-ring.rest").orElseThrow(), Optional.of(Side.RIGHT));
    Drilling plain = Drilling.of(Side.RIGHT, List.of());
    Drilling fitted = Drilling.of(Side.RIGHT, List.of(), Map.of(ring.pattern().id(), 0.4));
    OptionalInt untimed = OptionalInt.empty();
    assertThat(fitted.difficulty(ring, untimed).total())
        .isCloseTo(plain.difficulty(ring, untimed).total() + 0.4, within(1e-12));
    assertThat(fitted.difficulty(ring, untimed).parts())
        .anySatisfy(part -> assertThat(part.words()).isEqualTo("as your clients' tries say"));
  }
}
