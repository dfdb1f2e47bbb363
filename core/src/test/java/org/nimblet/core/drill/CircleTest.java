package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;

class CircleTest {

  /** k(k−1), k², k(k−1)², k³ and k(k−1)(k−2) for four fingers and for five digits. */
  @ParameterizedTest
  @CsvSource({
    "TRANSITIONS, 12, 20",
    "TRANSITIONS_AND_REPEATS, 16, 25",
    "TRIPLES, 36, 80",
    "TRIPLES_AND_REPEATS, 64, 125",
    "THREE_DIFFERENT, 24, 60"
  })
  void aCircleHoldsEachGroupOnce(Circle.What what, int four, int five) {
    for (int another = 0; another < 40; another++) {
      holdsEachOnce(Circle.of(what, Digit.FINGERS, another), four);
      holdsEachOnce(Circle.of(what, List.of(Digit.values()), another), five);
    }
  }

  private static void holdsEachOnce(Circle circle, int count) {
    List<Digit> taps = circle.taps();
    assertThat(taps).hasSize(count);
    Set<List<Digit>> groups = new HashSet<>();
    for (int i = 0; i < count; i++) {
      List<Digit> group = new ArrayList<>();
      for (int k = 0; k < circle.what().length(); k++) {
        group.add(taps.get((i + k) % count));
      }
      groups.add(group);
      boolean repeats = circle.what().name().endsWith("REPEATS");
      assertThat(repeats || !group.get(0).equals(group.get(1))).isTrue();
    }
    assertThat(groups).hasSize(count);
  }

  @Test
  void anotherCircleIsAnotherAndTheSameEachTime() {
    Circle first = Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 0);
    assertThat(Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 5))
        .isEqualTo(Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 5));
    Set<Circle> others = new HashSet<>();
    for (int another = 1; another < 200; another++) {
      others.add(Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, another));
    }
    assertThat(others).hasSizeGreaterThan(20);
    assertThat(first.taps().get(0)).isNotNull();
  }

  /** Three digits: the two ways round never meet. */
  @Test
  void threeDigitsHaveNoCircleOfThreeDifferent() {
    assertThatThrownBy(
            () ->
                Circle.of(
                    Circle.What.THREE_DIFFERENT, List.of(Digit.INDEX, Digit.MIDDLE, Digit.RING), 0))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("must be more");
    assertThatThrownBy(() -> Circle.of(Circle.What.TRANSITIONS, List.of(Digit.RING), 0))
        .hasMessageContaining("two or more");
  }

  @Test
  void fourFingersHaveTwentyFourOrders() {
    assertThat(Circle.orders(Digit.FINGERS)).hasSize(24).doesNotHaveDuplicates();
  }

  @Test
  void followMeGrowsByOneAndNeverThriceTheSame() {
    List<Digit> long40 = Circle.followMe(Digit.FINGERS, 3, 40);
    assertThat(Circle.followMe(Digit.FINGERS, 3, 7)).isEqualTo(long40.subList(0, 7));
    for (int i = 2; i < 40; i++) {
      assertThat(new HashSet<>(long40.subList(i - 2, i + 1))).hasSizeGreaterThan(1);
    }
  }

  @Test
  void handsShareARow() {
    List<Digit> row = List.of(Digit.INDEX, Digit.RING, Digit.LITTLE);
    assertThat(TwoHandedRow.PARALLEL.left(row))
        .containsExactly(Digit.LITTLE, Digit.MIDDLE, Digit.INDEX);
    assertThat(TwoHandedRow.MIRRORED.left(row)).isEqualTo(row);
    assertThat(TwoHandedRow.OPPOSITE.left(row))
        .containsExactly(Digit.LITTLE, Digit.RING, Digit.INDEX);
    assertThat(TwoHandedRow.LEFT.right(row)).isEmpty();
    assertThat(TwoHandedRow.RIGHT.left(row)).isEmpty();
  }
}
