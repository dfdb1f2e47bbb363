package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Try.Drill;

class DrillingTest {

  private static final LocalDateTime FIRST = LocalDateTime.of(2030, 3, 4, 9, 0);
  private static final int A_MINUTE = 60;

  private static Drill drill(String id, Side hand) {
    return new Drill(Patterns.find(id).orElseThrow(), Optional.of(hand));
  }

  private static Try tried(Drill drill, boolean clean, int minute) {
    return new Try(drill, OptionalInt.of(A_MINUTE), clean, FIRST.plusMinutes(minute));
  }

  /** Rasch 1960: as able as hard means one of two; ln 4 below means four of five. */
  @Test
  void fourOfFiveSucceedLnFourBelowTheAbility() {
    Ability ability = new Ability(2.5, 40);
    assertThat(ability.expected(2.5)).isCloseTo(0.5, within(1e-12));
    assertThat(ability.difficultyAt(Ability.OFFERED)).isCloseTo(2.5 - Math.log(4), within(1e-12));
    assertThat(ability.expected(ability.difficultyAt(Ability.OFFERED)))
        .isCloseTo(0.8, within(1e-12));
  }

  /**
   * Root mean square error over 400 simulated people: 0.6 after 20 tries, 0.3 after 100 (MODEL 6).
   */
  @Test
  void anAbilityIsFoundAgainFromWhatItDid() {
    assertThat(error(20)).isLessThan(0.65);
    assertThat(error(100)).isLessThan(0.36);
    assertThat(error(100)).isLessThan(error(20));
  }

  private static double error(int tries) {
    Random random = new Random(7);
    double squares = 0;
    int people = 400;
    for (int person = 0; person < people; person++) {
      double real = 1 + 2.5 * random.nextDouble();
      Ability ability = Ability.UNKNOWN;
      for (int i = 0; i < tries; i++) {
        double difficulty = ability.difficultyAt(Ability.OFFERED) + random.nextGaussian() * 0.3;
        boolean clean = random.nextDouble() < new Ability(real, 0).expected(difficulty);
        ability = ability.after(difficulty, clean);
      }
      squares += Math.pow(ability.theta() - real, 2);
    }
    return Math.sqrt(squares / people);
  }

  @Test
  void aHandLearnsByItselfAndBothLearnTogether() {
    Drilling left =
        Drilling.of(
            Side.RIGHT, List.of(tried(drill("one-hand.none.bend-ring.rest", Side.LEFT), true, 0)));
    assertThat(left.ability(Side.LEFT).theta()).isGreaterThan(Ability.UNKNOWN.theta());
    assertThat(left.ability(Side.RIGHT)).isEqualTo(Ability.UNKNOWN);
    Drill both =
        new Drill(Patterns.find("alike.none.bend-ring.rest").orElseThrow(), Optional.empty());
    assertThat(left.expected(both, OptionalInt.empty()))
        .as("the less able hand decides")
        .isCloseTo(Ability.UNKNOWN.expected(both.pattern().movement()), within(1e-12));
    Drilling two = Drilling.of(Side.RIGHT, List.of(tried(both, false, 0)));
    assertThat(two.ability(Side.LEFT)).isEqualTo(two.ability(Side.RIGHT));
    assertThat(two.ability(Side.LEFT).theta()).isLessThan(Ability.UNKNOWN.theta());
  }

  @Test
  void theOrderOfTriesIsTheirTime() {
    Drill ring = drill("one-hand.none.bend-ring.rest", Side.LEFT);
    Try early = tried(ring, true, 0);
    Try late = tried(ring, false, 5);
    Drilling drilling = Drilling.of(Side.RIGHT, List.of(late, early));
    assertThat(drilling.soFar(ring).orElseThrow().lastClean()).isFalse();
    assertThat(drilling.soFar(ring).orElseThrow().clean()).isEqualTo(1);
  }

  @Test
  void aRoundIsNearFourOfFiveFromEasyToHard() {
    Drilling drilling = Drilling.of(Side.RIGHT, List.of());
    List<Drill> round =
        drilling.round(12, OptionalInt.of(A_MINUTE), FIRST.toLocalDate(), each -> true);
    assertThat(round).hasSize(12).doesNotHaveDuplicates();
    List<Double> expected =
        round.stream().map(each -> drilling.expected(each, OptionalInt.of(A_MINUTE))).toList();
    assertThat(expected.stream().mapToDouble(each -> each).average().orElseThrow())
        .isBetween(0.6, 0.9);
    assertThat(expected.get(0)).isGreaterThan(expected.get(11));
    assertThat(round.stream().map(Drill::pattern).distinct()).hasSizeGreaterThan(6);
    assertThat(round).noneMatch(each -> each.pattern().mayBeRude());
  }

  @Test
  void tomorrowsRoundIsAnotherOneAndWhatWentBadlyComesBack() {
    LocalDate today = FIRST.toLocalDate();
    List<Drill> first =
        Drilling.of(Side.RIGHT, List.of()).round(8, OptionalInt.of(A_MINUTE), today, each -> true);
    List<Try> tries = new ArrayList<>();
    for (int i = 0; i < first.size(); i++) {
      tries.add(tried(first.get(i), i != 3, i));
    }
    List<Drill> second =
        Drilling.of(Side.RIGHT, tries)
            .round(8, OptionalInt.of(A_MINUTE), today.plusDays(1), each -> true);
    assertThat(second).isNotEqualTo(first).contains(first.get(3));
    assertThat(second).anyMatch(each -> !first.contains(each));
  }

  @Test
  void familiesOpenInTheirOrderAsTheOneBeforeIsDone() {
    Drilling beginner = Drilling.of(Side.RIGHT, List.of());
    Family next = beginner.nextFamily().orElseThrow();
    assertThat(beginner.openFamilies()).startsWith(Family.ALL_TOGETHER).doesNotContain(next);
    assertThat(beginner.cleanUntilNextFamily()).isPositive();
    List<Family> open = beginner.openFamilies();
    List<Try> tries =
        Drilling.drills(open.get(open.size() - 1)).stream()
            .map(each -> tried(each, true, 0))
            .toList();
    assertThat(Drilling.of(Side.RIGHT, tries).openFamilies()).contains(next);
  }

  @Test
  void whatIsClosedIsNotOffered() {
    List<Drill> round =
        Drilling.of(Side.RIGHT, List.of())
            .round(
                20,
                OptionalInt.of(A_MINUTE),
                FIRST.toLocalDate(),
                each -> !each.moved(Side.LEFT).contains(Digit.RING));
    assertThat(round).isNotEmpty();
    assertThat(round).noneMatch(each -> each.moved(Side.LEFT).contains(Digit.RING));
    assertThat(drill("one-hand.none.bend-ring.rest", Side.LEFT).moved(Side.LEFT))
        .containsExactly(Digit.RING);
  }

  @Test
  void handsMustFitThePattern() {
    Pattern ring = Patterns.find("one-hand.none.bend-ring.rest").orElseThrow();
    assertThatThrownBy(() -> new Drill(ring, Optional.empty()))
        .hasMessageContaining("must be left or right");
  }

  @Test
  void aRoundForATransitionGoesBetweenTheTwoFirstAndPartsThemInEveryDrill() {
    Drilling drilling = Drilling.of(Side.RIGHT, List.of());
    for (DigitPair pair : DigitPair.ALL) {
      if (pair.nearer() == Digit.THUMB) {
        continue;
      }
      List<Drill> round =
          drilling.roundFor(pair, Optional.of(Side.LEFT), 10, FIRST.toLocalDate(), drill -> true);
      assertThat(round).as("%s", pair).hasSize(10).doesNotHaveDuplicates();
      assertThat(round).filteredOn(drill -> drill.pattern().goesBetween(pair)).hasSizeBetween(2, 3);
      assertThat(round)
          .allMatch(drill -> drill.pattern().goesBetween(pair) || drill.pattern().parts(pair))
          .allMatch(drill -> drill.hands().contains(Side.LEFT))
          .noneMatch(drill -> drill.pattern().mayBeRude());
      assertThat(drilling.roundFor(pair, Optional.empty(), 10, FIRST.toLocalDate(), drill -> false))
          .isEmpty();
    }
  }
}
