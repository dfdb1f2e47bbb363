package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Clasp.Form;
import org.nimblet.core.drill.Clasp.Move;
import org.nimblet.core.exercise.Pose;

/** 16 forms, 36 moves, 24 changes of top (MODEL 6, counted by hand: four times 4 and twice 10). */
class ClaspTest {

  private static final List<Move> WALK = Clasp.walk(List.of(Clasp.values()));

  @Test
  void theWalkVisitsEveryFormAndEndsAtTheHub() {
    assertThat(WALK).hasSize(36);
    Set<Form> visited = new HashSet<>();
    WALK.forEach(move -> move.to().ifPresent(visited::add));
    assertThat(visited).hasSize(16);
    assertThat(WALK.get(0).from()).isEmpty();
    assertThat(WALK.get(WALK.size() - 1).to()).isEmpty();
    for (int i = 1; i < WALK.size(); i++) {
      assertThat(WALK.get(i).from()).isEqualTo(WALK.get(i - 1).to());
    }
  }

  @Test
  void everyChangeOfTopIsMadeBothWaysOnce() {
    List<Move> changes = WALK.stream().filter(Move::changesTop).toList();
    assertThat(changes).hasSize(24).doesNotHaveDuplicates();
    assertThat(changes)
        .allSatisfy(move -> assertThat(changes).contains(new Move(move.to(), move.from())));
  }

  /** In each change one finger comes on top, and no more. */
  @Test
  void aChangeIsOfOnePair() {
    assertThat(WALK)
        .filteredOn(Move::changesTop)
        .allSatisfy(
            move -> {
              List<Side> from = move.from().orElseThrow().tops();
              List<Side> to = move.to().orElseThrow().tops();
              int different = 0;
              for (int i = 0; i < from.size(); i++) {
                different += from.get(i) == to.get(i) ? 0 : 1;
              }
              assertThat(different).isEqualTo(1);
              assertThat(move.words()).endsWith("finger on top");
            });
  }

  @Test
  void everyFormIsDrawn() {
    Set<String> poses = new HashSet<>(Arrays.stream(Pose.values()).map(Pose::name).toList());
    for (Clasp clasp : Clasp.values()) {
      assertThat(clasp.forms()).allSatisfy(form -> assertThat(poses).contains(form.pose()));
    }
  }

  @Test
  void aFormSaysWhatLiesOnTop() {
    assertThat(new Form(Clasp.LITTLE_AND_MIDDLE_PAIRS, List.of(Side.LEFT, Side.RIGHT)).words())
        .isEqualTo("left little and right middle on top");
    assertThatThrownBy(() -> new Form(Clasp.RING_PAIR, List.of()))
        .hasMessageContaining("one for each crossed pair");
    assertThat(new Move(Optional.of(Clasp.RING_PAIR.forms().get(0)), Optional.empty()).words())
        .contains("interlaced");
  }

  /** By PRACTICE 7: the thumbs are always free; of (c) index and little are as well. */
  @Test
  void whatNeitherCrossesNorGripsIsFree() {
    assertThat(Clasp.RING_PAIR.free()).containsExactly(Digit.THUMB, Digit.INDEX, Digit.LITTLE);
    assertThat(Clasp.INDEX_PAIR.free()).containsExactly(Digit.THUMB, Digit.LITTLE);
    assertThat(Clasp.LITTLE_AND_MIDDLE_PAIRS.free()).containsExactly(Digit.THUMB);
    for (Clasp clasp : Clasp.values()) {
      assertThat(clasp.free()).contains(Digit.THUMB).doesNotContainAnyElementsOf(clasp.crossed());
      assertThat(clasp.freeRow()).containsOnlyOnceElementsOf(List.of(Digit.THUMB));
    }
    assertThat(Clasp.RING_PAIR.freeRow())
        .containsExactly(Digit.THUMB, Digit.INDEX, Digit.LITTLE, Digit.INDEX);
  }

  @Test
  void aClaspOfTwoPairsIsMadeOfTwoGrips() {
    assertThat(Clasp.LITTLE_AND_MIDDLE_PAIRS.grips())
        .containsExactly(Clasp.LITTLE_PAIR, Clasp.MIDDLE_PAIR);
    assertThat(Clasp.INDEX_AND_RING_PAIRS.grips())
        .containsExactly(Clasp.INDEX_PAIR, Clasp.RING_PAIR);
    assertThat(Clasp.RING_PAIR.grips()).containsExactly(Clasp.RING_PAIR);
  }
}
