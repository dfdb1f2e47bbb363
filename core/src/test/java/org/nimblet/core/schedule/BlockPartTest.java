package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.schedule.BlockPart.Certainty;
import org.nimblet.core.schedule.BreakPlan.Break;

/** Breaks of blocks that are made of parts, worked out by hand. */
class BlockPartTest {

  private static List<BlockPart> rounds(int count, int minutes) {
    return Stream.generate(() -> new BlockPart("Round", minutes, 0, Certainty.GUESSED))
        .limit(count)
        .toList();
  }

  @Test
  void breaksFallAtTheEndsOfRounds() {
    // 180 min of gaming, 60 of work and 10 of rest: two breaks; 160 min of work, by the clock at
    // 54 and 107; rounds of 25 end at 50 and 100.
    BreakPlan plan = BlockPart.breaks(180, rounds(6, 25), Optional.of(WorkRhythm.GAMING));
    assertThat(plan.breaks())
        .containsExactly(new Break(50, 10, 50, true), new Break(110, 10, 50, true));
  }

  @Test
  void theRestsOfAShowNightAreItsBreaksThoughNothingElseBreaksIn() {
    List<BlockPart> sets =
        List.of(
            new BlockPart("First set", 45, 20, Certainty.KNOWN),
            new BlockPart("Second set", 45, 20, Certainty.KNOWN),
            new BlockPart("Late set", 30, 15, Certainty.KNOWN));
    assertThat(BlockPart.minutes(sets)).as("no rest after the last").isEqualTo(160);
    assertThat(BlockPart.breaks(160, sets, Optional.empty()).breaks())
        .containsExactly(new Break(45, 20, 45, true), new Break(110, 20, 45, true));
    assertThat(BlockPart.breaks(50, sets, Optional.empty()).breaks())
        .as("what lies outside the block is none of its breaks")
        .isEmpty();
    assertThat(BlockPart.breaks(160, List.of(), Optional.empty()).breaks()).isEmpty();
  }

  @Test
  void workGoesOnThroughPartsWithoutARest() {
    List<BlockPart> parts =
        List.of(
            new BlockPart("Scales", 20, 0, Certainty.KNOWN),
            new BlockPart("Thirds", 20, 10, Certainty.KNOWN),
            new BlockPart("Piece", 20, 0, Certainty.KNOWN));
    assertThat(BlockPart.breaks(70, parts, Optional.of(WorkRhythm.PRACTICE)).breaks())
        .containsExactly(new Break(40, 10, 40, true));
    assertThat(BlockPart.boundaries(parts)).containsExactly(20, 40, 60);
  }

  @Test
  void aMeasuredLengthTakesThePlaceOfAGuessOnly() {
    BlockPart guess = new BlockPart("Round", 25, 0, Certainty.GUESSED);
    assertThat(guess.learned(Optional.of(31)))
        .isEqualTo(new BlockPart("Round", 31, 0, Certainty.LEARNED));
    assertThat(guess.learned(Optional.empty())).isEqualTo(guess);
    BlockPart known = new BlockPart("Set", 45, 0, Certainty.KNOWN);
    assertThat(known.learned(Optional.of(31))).isEqualTo(known);
  }

  @ParameterizedTest
  @CsvSource({
    "'', ",
    "'30 20', ",
    "'30 20 40', 30",
    "'30 20 40 50', 40",
    "'1 1 1 1 1 1 1 1 1 1 90 90 90 90 90 90 90 90 90 90 90 90', 1"
  })
  void theMiddleOfTheLatestRoundsIsLearned(String measured, Integer expected) {
    List<Integer> minutes =
        measured.isEmpty()
            ? List.of()
            : Stream.of(measured.split(" ")).map(Integer::valueOf).toList();
    assertThat(LearnedLength.of(minutes)).isEqualTo(Optional.ofNullable(expected));
  }

  @Test
  void lengthsHaveToBePossible() {
    assertThatThrownBy(() -> new BlockPart("Set", 0, 0, Certainty.KNOWN))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("Set (0 min) must last 1 to 720 min");
    assertThatThrownBy(() -> new BlockPart("Set", 45, -1, Certainty.KNOWN))
        .hasMessage("the rest after Set (-1 min) must be 0 to 720 min");
  }
}
