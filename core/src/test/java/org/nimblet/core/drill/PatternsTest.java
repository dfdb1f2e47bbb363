package org.nimblet.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;

class PatternsTest {

  /** What one hand does and both do alike is one family. */
  private static final Set<Family> TWICE = Set.of(Family.RIPPLE, Family.FROM_ONE_TO_ANOTHER);

  /**
   * By enumeration: 44 states besides rest, alone and alike; 9 complements; 18 reversed (MODEL 6).
   */
  @ParameterizedTest
  @CsvSource({
    "ALL_TOGETHER, 2",
    "ONE, 4",
    "NEIGHBOURS, 3",
    "THREE, 4",
    "NOT_TOUCHING, 3",
    "FROM_ONE_TO_ANOTHER, 12",
    "GAPS, 6",
    "BENT_AND_PARTED, 22",
    "ALIKE, 44",
    "COMPLEMENT, 9",
    "REVERSED, 18",
    "PALMS, 14",
    "RAISING, 9",
    "RE_CLASPING, 10",
    "EXCHANGING, 4",
    "THREADING, 1",
    "RIPPLE, 4"
  })
  void everyPatternOfAFamilyIsThere(Family family, int count) {
    assertThat(Patterns.of(family)).hasSize(count);
  }

  @Test
  void eachHasAnIdentifierOfItsOwnByWhichItIsFound() {
    List<Pattern> all = Patterns.all();
    assertThat(all).extracting(Pattern::id).doesNotHaveDuplicates();
    assertThat(all).allSatisfy(p -> assertThat(Patterns.find(p.id())).contains(p));
    assertThat(Patterns.find("bend-toe")).isEmpty();
  }

  @Test
  void eachHasATitleOfItsOwnInItsFamily() {
    for (Family family : Family.values()) {
      assertThat(Patterns.of(family))
          .filteredOn(p -> !TWICE.contains(family) || p.isForOneHand())
          .extracting(new PatternWords(Notation.NAMES)::title)
          .as(family.words())
          .doesNotHaveDuplicates();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "one-hand.none.bend-index.rest, STRINGS, 1 bent",
    "one-hand.none.bend-middle+part-index-middle.rest, NAMES, 'Middle bent, index apart'",
    "complement.none.bend-index.bend-middle-ring-little, NAMES, Index against the other three",
    "reversed.none.bend-index.bend-little, KEYBOARD, '2 bent, against 5 bent'"
  })
  void titlesSpeakThePersonsNotation(String id, Notation notation, String title) {
    assertThat(new PatternWords(notation).title(Patterns.find(id).orElseThrow())).isEqualTo(title);
  }

  /** One source: what the library calls independence work of one hand or two is found here too. */
  @Test
  void whatTheLibraryDrillsIsAmongThem() {
    ExerciseLibrary library = ExerciseLibrary.shipped();
    Set<Pattern> known = Set.copyOf(Patterns.all());
    for (String id :
        List.of(
            "one-finger-curls",
            "curls-of-two",
            "curls-of-three",
            "fourteen-bends",
            "eighteen-bends-with-gaps",
            "part-one-gap",
            "both-hands-alike",
            "both-hands-complement",
            "fingertips-parting-and-meeting",
            "raising-out-of-a-clasp",
            "hands-meeting-and-exchanging")) {
      Exercise exercise = library.find(id).orElseThrow();
      List<Pattern> drilled =
          ExercisePatterns.of(exercise, exercise.doseFor(exercise.usualMethod()).usual());
      assertThat(drilled.stream().map(PatternsTest::fromTheState).collect(Collectors.toSet()))
          .as(id)
          .isSubsetOf(known);
    }
  }

  /** The library begins at rest, the catalogue at the state. */
  private static Pattern fromTheState(Pattern pattern) {
    if (!pattern.first().get(0).isRest()) {
      return Set.copyOf(Patterns.all()).contains(pattern)
          ? pattern
          : new Pattern(
              pattern.together(),
              pattern.contact(),
              /* first= */ pattern.second(),
              /* second= */ pattern.first());
    }
    List<org.nimblet.core.exercise.FingerState> turned =
        List.of(pattern.first().get(1), pattern.first().get(0));
    return new Pattern(
        pattern.together(),
        pattern.contact(),
        turned,
        pattern.second().isEmpty() ? List.of() : turned);
  }
}
