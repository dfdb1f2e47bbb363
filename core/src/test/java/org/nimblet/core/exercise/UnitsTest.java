package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nimblet.core.anatomy.Digit.INDEX;
import static org.nimblet.core.anatomy.Digit.LITTLE;
import static org.nimblet.core.anatomy.Digit.MIDDLE;
import static org.nimblet.core.anatomy.Digit.RING;
import static org.nimblet.core.anatomy.Digit.THUMB;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;

class UnitsTest {

  private static final Ways THREE = new Ways(List.of("in", "out", "round"));
  private static final List<Digit> INWARD = List.of(LITTLE, RING, MIDDLE, INDEX);

  private static List<List<Digit>> all(Units units) {
    return IntStream.range(0, units.count()).mapToObj(units::digits).toList();
  }

  /** Counts that follow from five digits and four fingers by combination. */
  @ParameterizedTest
  @CsvSource({
    "WHOLE, 1",
    "FINGERS, 4",
    "DIGITS, 5",
    "PAIRS, 10",
    "HAND_AND_PAIRS, 11",
    "NEIGHBOURS, 3",
    "NEIGHBOURS_AND_THUMB, 4",
    "THREES, 2",
    "GROUPS, 10",
    "BEND_PATTERNS, 14",
    "WAYS, 2"
  })
  void thereAreAsManyAsCanBeCounted(Units.Each each, int count) {
    assertThat(Units.of(each).count()).isEqualTo(count);
  }

  @ParameterizedTest
  @EnumSource(
      value = Units.Each.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"WHOLE", "WAYS"})
  void noUnitComesTwiceAndAllWhoTakePartHaveATurn(Units.Each each) {
    Units units = Units.of(each);
    assertThat(all(units)).doesNotHaveDuplicates().doesNotContain(List.of());
    assertThat(all(units).stream().flatMap(Collection::stream).distinct())
        .containsExactlyInAnyOrderElementsOf(units.takingPart());
  }

  @ParameterizedTest
  @EnumSource(
      value = Units.Each.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"WHOLE"})
  void theWayBackIsTheWayOutReversedAndTheLastOneComesOnce(Units.Each each) {
    Units out = Units.of(each);
    Units back = out.thereAndBack();
    assertThat(back.count()).isEqualTo(2 * out.count() - 1);
    for (int index = 0; index < back.count(); index++) {
      assertThat(back.place(index)).isEqualTo(back.place(back.count() - 1 - index));
      assertThat(back.digits(index)).isEqualTo(out.digits(back.place(index)));
    }
    assertThat(IntStream.range(0, back.count()).map(back::place).boxed())
        .containsOnlyOnce(out.count() - 1)
        .allMatch(place -> place >= 0 && place < out.count());
  }

  @Test
  void neighboursGoFromOneSideOfTheHandToTheOther() {
    assertThat(all(Units.NEIGHBOURS))
        .containsExactly(List.of(INDEX, MIDDLE), List.of(MIDDLE, RING), List.of(RING, LITTLE));
    assertThat(all(Units.NEIGHBOURS_AND_THUMB))
        .startsWith(List.of(THUMB, INDEX))
        .endsWith(List.of(RING, LITTLE));
    assertThat(all(Units.THREES))
        .containsExactly(List.of(INDEX, MIDDLE, RING), List.of(MIDDLE, RING, LITTLE));
  }

  /** Groups of 4, 3, 2 and 1, the others blocked (common practice, no source). */
  @Test
  void groupsGoFromFourFingersToOne() {
    assertThat(all(Units.GROUPS).stream().map(List::size))
        .containsExactly(4, 3, 3, 2, 2, 2, 1, 1, 1, 1);
  }

  @Test
  void theWholeHandComesBeforeItsPairs() {
    assertThat(Units.HAND_AND_PAIRS.digits(0)).containsExactly(Digit.values());
    assertThat(all(Units.HAND_AND_PAIRS).subList(1, 11)).isEqualTo(all(Units.PAIRS));
  }

  @Test
  void bendsAreEveryChoiceOfSomeFingersButNotOfAll() {
    assertThat(all(Units.BEND_PATTERNS).stream().map(List::size))
        .containsExactly(1, 1, 1, 1, 2, 2, 2, 2, 2, 2, 3, 3, 3, 3);
    assertThat(all(Units.BEND_PATTERNS).stream().map(HashSet::new)).doesNotHaveDuplicates();
  }

  @Test
  void anOrderIsKeptOnTheWayOutAndBack() {
    Units units = Units.FINGERS.inOrder(INWARD).thereAndBack();
    assertThat(all(units).stream().map(unit -> unit.get(0)))
        .containsExactly(LITTLE, RING, MIDDLE, INDEX, MIDDLE, RING, LITTLE);
    assertThat(units.takingPart()).isEqualTo(INWARD);
  }

  @Test
  void theUsualOrderIsNoOrderOfItsOwn() {
    assertThat(Units.FINGERS.inOrder(Digit.FINGERS)).isEqualTo(Units.FINGERS);
    assertThat(Units.DIGITS.inOrder(List.of(Digit.values()))).isEqualTo(Units.DIGITS);
  }

  @Test
  void anOrderNamesEachOnce() {
    assertThatThrownBy(() -> Units.FINGERS.inOrder(List.of(RING, RING, INDEX, LITTLE)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("must name each of index-middle-ring-little once");
    assertThatThrownBy(() -> Units.DIGITS.inOrder(INWARD))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("must name each of thumb-index-middle-ring-little once");
    assertThatThrownBy(() -> Units.PAIRS.inOrder(INWARD))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("must stand with units fingers or digits only");
  }

  @Test
  void thereIsNoWayBackFromOneThingDoneOnce() {
    assertThatThrownBy(Units.WHOLE::thereAndBack)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("back (true)");
  }

  @ParameterizedTest
  @ValueSource(ints = {-1, 0, 1, 21})
  void waysAreTwoToTwenty(int count) {
    assertThatThrownBy(() -> Units.ways(count))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("ways (%d) must be between 2 and 20".formatted(count));
  }

  @Test
  void onlyWaysAreCountedByTheirNumber() {
    assertThatThrownBy(() -> new Units(Units.Each.PAIRS, List.of(), false, 3))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("ways (3)");
  }

  @Test
  void aUnitIsCalledByItsDigitsOrByItsWay() {
    assertThat(Units.WHOLE.label(0, Notation.NAMES, THREE)).isEmpty();
    assertThat(Units.NEIGHBOURS.label(1, Notation.NAMES, THREE)).isEqualTo("middle-ring");
    assertThat(Units.NEIGHBOURS.label(1, Notation.KEYBOARD, THREE)).isEqualTo("3-4");
    Units there = Units.ways(3).thereAndBack();
    assertThat(IntStream.range(0, 5).mapToObj(i -> there.label(i, Notation.NAMES, THREE)))
        .containsExactly("in", "out", "round", "out", "in");
  }

  /** What no finger alone is held for longer than 10 s looks at (common practice, no source). */
  @ParameterizedTest
  @EnumSource(
      value = Units.Each.class,
      names = {"FINGERS", "DIGITS", "GROUPS"})
  void someGoThroughDigitsAlone(Units.Each each) {
    Units units = Units.of(each);
    assertThat(units.singleDigits()).isTrue();
    assertThat(all(units)).anyMatch(unit -> unit.size() == 1);
  }

  @ParameterizedTest
  @EnumSource(
      value = Units.Each.class,
      names = {"PAIRS", "HAND_AND_PAIRS", "NEIGHBOURS", "NEIGHBOURS_AND_THUMB", "THREES"})
  void othersNeverDo(Units.Each each) {
    Units units = Units.of(each);
    assertThat(units.singleDigits()).isFalse();
    assertThat(all(units)).noneMatch(unit -> unit.size() == 1);
  }
}
