package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Quality;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.SidedTarget;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Purpose;

class WeightsTest {

  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  @ParameterizedTest
  @EnumSource(Discipline.class)
  void everyDisciplineHasAnEmphasisOfItsOwn(Discipline discipline) {
    Weights weights = Weights.ofActivity(discipline, BOTH, Set.of());
    assertThat(weights.points().values()).anyMatch(weight -> weight >= 5);
    for (Discipline other : Discipline.values()) {
      if (other != discipline) {
        assertThat(weights).isNotEqualTo(Weights.ofActivity(other, BOTH, Set.of()));
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Discipline.class)
  void everyoneIsWarmed(Discipline discipline) {
    Weights weights =
        Weights.forRoutine(
            Purpose.WARM_UP,
            List.of(
                new Weights.Share(
                    Weights.ofActivity(discipline, Set.of(Side.LEFT), Set.of()), 60)));
    assertThat(weights.of(Quality.WARMTH, Side.LEFT)).isEqualTo(5);
    assertThat(weights.of(Quality.WARMTH, Side.RIGHT)).isEqualTo(5);
  }

  @ParameterizedTest
  @EnumSource(Purpose.class)
  void everyPurposeWantsSomethingOfAnybody(Purpose purpose) {
    assertThat(Weights.forRoutine(purpose, List.of()).points().values())
        .anyMatch(weight -> weight >= 4)
        .allMatch(weight -> weight <= 10);
  }

  /** The longest activity counts in full, one of half its minutes for three quarters. */
  @Test
  void activitiesCountByTheirMinutes() {
    Weights typing = Weights.ofActivity(Discipline.TYPING, BOTH, Set.of());
    Weights phone = Weights.ofActivity(Discipline.PHONE, BOTH, Set.of());
    Weights both =
        Weights.forRoutine(
            Purpose.RECOVERY,
            List.of(new Weights.Share(typing, 1200), new Weights.Share(phone, 600)));
    assertThat(both.of(Tissue.FINGER_EXTENSORS, Side.LEFT)).isEqualTo(7);
    assertThat(both.of(Tissue.THUMB_MUSCLES, Side.LEFT)).isEqualTo(6);
    assertThat(both.of(Tissue.NECK_MUSCLES, Side.LEFT)).isEqualTo(6);
  }

  @Test
  void whatIsSoreOrTighterIsCaredForMoreButNotWorkedMore() {
    Weights plain = Weights.forRoutine(Purpose.RECOVERY, List.of());
    List<Pain> sore = List.of(Pain.steady(Side.RIGHT, Region.WRIST_THUMB_SIDE, 3));
    Weights cared = plain.caringFor(Purpose.RECOVERY, sore, Optional.of(Side.RIGHT));
    assertThat(cared.of(Tissue.WRIST, Side.RIGHT)).isEqualTo(9);
    assertThat(cared.of(Tissue.WRIST, Side.LEFT)).isEqualTo(6);
    assertThat(cared.of(Tissue.FINGER_FLEXORS, Side.RIGHT)).isEqualTo(7);
    assertThat(cared.of(Tissue.FINGER_FLEXORS, Side.LEFT)).isEqualTo(6);
    assertThat(plain.caringFor(Purpose.STRENGTH, sore, Optional.empty())).isEqualTo(plain);
    List<Pain> strong = List.of(Pain.steady(Side.RIGHT, Region.WRIST_THUMB_SIDE, 6));
    assertThat(plain.caringFor(Purpose.RECOVERY, strong, Optional.empty())).isEqualTo(plain);
  }

  @Test
  void theWorkingHandWeighsMoreThanTheOther() {
    Weights weights = Weights.ofActivity(Discipline.MOUSE, Set.of(Side.RIGHT), Set.of());
    assertThat(weights.of(Tissue.FINGER_EXTENSORS, Side.RIGHT)).isEqualTo(7);
    assertThat(weights.of(Tissue.FINGER_EXTENSORS, Side.LEFT)).isEqualTo(2);
  }

  @Test
  void digitsThatCarryTheActivityWeighMoreOnTheWorkingHandOnly() {
    Weights weights =
        Weights.ofActivity(Discipline.CONTROLLER, Set.of(Side.RIGHT), EnumSet.of(Digit.RING));
    assertThat(weights.of(Digit.RING, Side.RIGHT)).isEqualTo(3);
    assertThat(weights.of(Digit.RING, Side.LEFT)).isZero();
    Weights index =
        Weights.ofActivity(Discipline.CONTROLLER, Set.of(Side.RIGHT), EnumSet.of(Digit.INDEX));
    assertThat(index.of(Digit.INDEX, Side.RIGHT)).isEqualTo(9);
  }

  @Test
  void noWeightLeavesItsRange() {
    TreeMap<SidedTarget, Integer> points = new TreeMap<>();
    points.put(new SidedTarget(Quality.REACH, Side.LEFT), 11);
    assertThatThrownBy(() -> new Weights(points)).hasMessageContaining("must be between 0 and 10");
    for (Discipline discipline : Discipline.values()) {
      assertThat(Weights.ofActivity(discipline, BOTH, EnumSet.allOf(Digit.class)).points().values())
          .allSatisfy(weight -> assertThat(weight).isBetween(0, 10));
    }
  }
}
