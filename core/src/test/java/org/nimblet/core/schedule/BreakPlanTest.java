package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.schedule.BreakPlan.Break;
import org.nimblet.core.schedule.BreakPlan.RoundOver;

class BreakPlanTest {

  private static final WorkRhythm PRACTICE = ActivityKind.PRACTICE.rhythm().orElseThrow();

  /** The worked example of the model, section 4: 180 min at 50/10 → 3 breaks; 38, 38, 37, 37. */
  @Test
  void sharesThreeHoursOfPracticeInFourPieces() {
    BreakPlan plan = BreakPlan.of(180, PRACTICE);
    assertThat(plan.workPieces(180)).containsExactly(38, 38, 37, 37);
    assertThat(plan.breaks())
        .containsExactly(
            new Break(38, 10, 38, false),
            new Break(86, 10, 38, false),
            new Break(133, 10, 37, false));
  }

  /** By hand from n = max(0, ⌈(L − C)/(C + b)⌉). */
  @ParameterizedTest
  @CsvSource({
    "PRACTICE, 1, 0",
    "PRACTICE, 50, 0",
    "PRACTICE, 51, 1",
    "PRACTICE, 110, 1",
    "PRACTICE, 111, 2",
    "GAMING, 60, 0",
    "GAMING, 130, 1",
    "GAMING, 131, 2",
    "DESK_WORK, 480, 8",
    "PHONE, 105, 1",
    "HANDWRITING, 31, 1",
    "HANDWRITING, 66, 2"
  })
  void makesAsFewBreaksAsTheRhythmAllows(ActivityKind kind, int minutes, int breaks) {
    assertThat(BreakPlan.of(minutes, kind.rhythm().orElseThrow()).breaks()).hasSize(breaks);
  }

  @Test
  void nothingBreaksIntoAPerformanceOrTraining() {
    assertThat(ActivityKind.PERFORMANCE.rhythm()).isEmpty();
    assertThat(ActivityKind.TRAINING.rhythm()).isEmpty();
  }

  @Test
  void movesToTheNearestEndOfARound() {
    WorkRhythm gaming = ActivityKind.GAMING.rhythm().orElseThrow();
    // Two hours of rounds of 25 min: the clock says after 55 min, the rounds after 50.
    BreakPlan plan = BreakPlan.of(120, gaming, List.of(25, 50, 75, 100));
    assertThat(plan.breaks()).containsExactly(new Break(50, 10, 50, true));
    // Rounds of 35 min: 70 is nearer to 55 than 35 and still within 1.2 · 60.
    assertThat(BreakPlan.of(120, gaming, List.of(35, 70, 105)).breaks())
        .containsExactly(new Break(70, 10, 70, true));
    // No end near enough: the clock counts.
    assertThat(BreakPlan.of(120, gaming, List.of(20, 95)).breaks())
        .containsExactly(new Break(55, 10, 55, false));
  }

  /** Cut one after the other, the first break took 50 and left no end for the second (by hand). */
  @Test
  void givesUpAnEndForTwoOthers() {
    WorkRhythm rhythm = new WorkRhythm(50, 10);
    // 150 min of work in three pieces of at most 60: 40 and 90 leave 60; after 50 no end fits.
    BreakPlan plan = BreakPlan.of(160, rhythm, List.of(40, 50, 90));
    assertThat(plan.breaks()).extracting(Break::atBoundary).containsExactly(true, true);
  }

  /** Beside every way of cutting the block, tried one by one. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noOtherCutHasMoreBreaksAtAnEnd(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    WorkRhythm rhythm = new WorkRhythm(random.nextInt(5, 20), random.nextInt(1, 5));
    int minutes = random.nextInt(10, 70);
    TreeSet<Integer> ends = new TreeSet<>();
    for (int i = random.nextInt(1, 8); i > 0; i--) {
      ends.add(random.nextInt(1, 60));
    }
    BreakPlan plan = BreakPlan.of(minutes, rhythm, ends);
    int count = plan.breaks().size();
    int work = minutes - count * rhythm.breakMinutes();
    long at = plan.breaks().stream().filter(Break::atBoundary).count();
    assertThat(at).isEqualTo(mostAtEnds(0, count, work, rhythm.stretchedWorkMinutes(), ends));
  }

  private static int mostAtEnds(int done, int breaks, int work, int longest, Set<Integer> ends) {
    if (breaks == 0) {
      return work - done > 0 && work - done <= longest ? 0 : -1000;
    }
    int most = -1000;
    for (int cut = done + 1; cut <= Math.min(work, done + longest); cut++) {
      int here = ends.contains(cut) ? 1 : 0;
      most = Math.max(most, here + mostAtEnds(cut, breaks - 1, work, longest, ends));
    }
    return most;
  }

  static LongStream seeds() {
    return LongStream.range(0, 400);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void keepsTheSumAndTheLongestPiece(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int work = random.nextInt(5, 90);
    WorkRhythm rhythm = new WorkRhythm(work, random.nextInt(1, work));
    int minutes = random.nextInt(1, 700);
    List<Integer> plain = BreakPlan.of(minutes, rhythm).workPieces(minutes);
    int breaks = (plain.size() - 1) * rhythm.breakMinutes();
    assertThat(plain.stream().mapToInt(Integer::intValue).sum() + breaks).isEqualTo(minutes);
    assertThat(plain).allMatch(piece -> piece <= rhythm.workMinutes());
    assertThat(plain.get(0) - plain.get(plain.size() - 1)).as("as even as can be").isBetween(0, 1);
    if (plain.size() > 1) {
      int oneLess = minutes - (plain.size() - 2) * rhythm.breakMinutes();
      assertThat(oneLess)
          .as("one break less leaves too long a piece")
          .isGreaterThan((plain.size() - 1) * rhythm.workMinutes());
    }
    TreeSet<Integer> boundaries = new TreeSet<>();
    for (int i = random.nextInt(1, 20); i > 0; i--) {
      boundaries.add(random.nextInt(1, 700));
    }
    BreakPlan natural = BreakPlan.of(minutes, rhythm, boundaries);
    int longest = Math.max(rhythm.workMinutes(), rhythm.stretchedWorkMinutes());
    assertThat(natural.workPieces(minutes)).hasSameSizeAs(plain).allMatch(piece -> piece > 0);
    assertThat(natural.workPieces(minutes)).allMatch(piece -> piece <= longest);
  }

  @Test
  void saysWhenARoundIsOver() {
    WorkRhythm gaming = ActivityKind.GAMING.rhythm().orElseThrow();
    assertThat(BreakPlan.roundOver(gaming, 20, 20)).isEqualTo(RoundOver.AFTER_THE_NEXT);
    assertThat(BreakPlan.roundOver(gaming, 50, 20))
        .as("50 is as near to 60 as 70")
        .isEqualTo(RoundOver.NOW);
    assertThat(BreakPlan.roundOver(gaming, 48, 20)).isEqualTo(RoundOver.AFTER_THE_NEXT);
    assertThat(BreakPlan.roundOver(gaming, 30, 43))
        .as("73 is over 1.2 · 60")
        .isEqualTo(RoundOver.NOW);
    assertThat(BreakPlan.roundOver(gaming, 80, 5)).isEqualTo(RoundOver.NOW);
  }

  @Test
  void aRhythmNeedsMinutes() {
    assertThatThrownBy(() -> new WorkRhythm(0, 5))
        .hasMessage("a break (5 min) must be at least 1 min and shorter than the work (0 min)");
  }
}
