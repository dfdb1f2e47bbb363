package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Quality;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Discipline;

class WeightsTest {

  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  @ParameterizedTest
  @EnumSource(Discipline.class)
  void everyDisciplineHasAnEmphasisOfItsOwn(Discipline discipline) {
    Weights weights = Weights.starting(discipline, BOTH, Set.of());
    assertThat(weights.points().values()).anyMatch(weight -> weight >= 5);
    for (Discipline other : Discipline.values()) {
      if (other != discipline) {
        assertThat(weights).isNotEqualTo(Weights.starting(other, BOTH, Set.of()));
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Discipline.class)
  void everyoneIsWarmed(Discipline discipline) {
    Weights weights = Weights.starting(discipline, Set.of(Side.LEFT), Set.of());
    assertThat(weights.of(Quality.WARMTH, Side.LEFT)).isEqualTo(5);
    assertThat(weights.of(Quality.WARMTH, Side.RIGHT)).isEqualTo(5);
  }

  @Test
  void theWorkingHandWeighsMoreThanTheOther() {
    Weights weights = Weights.starting(Discipline.MOUSE, Set.of(Side.RIGHT), Set.of());
    assertThat(weights.of(Tissue.FINGER_EXTENSORS, Side.RIGHT)).isEqualTo(7);
    assertThat(weights.of(Tissue.FINGER_EXTENSORS, Side.LEFT)).isEqualTo(2);
  }

  @Test
  void digitsThatCarryTheActivityWeighMoreOnTheWorkingHandOnly() {
    Weights weights =
        Weights.starting(Discipline.CONTROLLER, Set.of(Side.RIGHT), EnumSet.of(Digit.RING));
    assertThat(weights.of(Digit.RING, Side.RIGHT)).isEqualTo(3);
    assertThat(weights.of(Digit.RING, Side.LEFT)).isZero();
    Weights index =
        Weights.starting(Discipline.CONTROLLER, Set.of(Side.RIGHT), EnumSet.of(Digit.INDEX));
    assertThat(index.of(Digit.INDEX, Side.RIGHT)).isEqualTo(9);
  }

  @Test
  void noWeightLeavesItsRange() {
    TreeMap<SidedTarget, Integer> points = new TreeMap<>();
    points.put(new SidedTarget(Quality.REACH, Side.LEFT), 11);
    assertThatThrownBy(() -> new Weights(points)).hasMessageContaining("must be between 0 and 10");
    for (Discipline discipline : Discipline.values()) {
      assertThat(Weights.starting(discipline, BOTH, EnumSet.allOf(Digit.class)).points().values())
          .allSatisfy(weight -> assertThat(weight).isBetween(0, 10));
    }
  }
}
