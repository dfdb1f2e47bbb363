package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.progress.Forecast.Habit;
import org.nimblet.core.progress.Forecast.Start;

class ForecastTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Ladder HOLDS = ladder("palm-up-fingers-back");
  private static final Ladder COUNTS = ladder("fast-open-and-close");
  private static final int FORTY = 6;

  private static Ladder ladder(String id) {
    Exercise exercise = LIBRARY.find(id).orElseThrow();
    return Ladder.of(exercise, Method.STEADY_HOLD, List.of());
  }

  /** By hand: 21 steps of two dates each, the first of them today. */
  @Test
  void fullAttendanceHasOneDate() {
    Forecast full = Forecast.of(COUNTS, true, new Start(FORTY, 0, 1), COUNTS.last(), 7, Habit.FULL);
    assertThat(full.day(0.1)).hasValue(41);
    assertThat(full.day(0.9)).hasValue(41);
    assertThat(full.reachedBy(40)).isZero();
    assertThat(full.reachedBy(41)).isEqualTo(1);
  }

  /** By hand: days 0 and 1 make a step, then every third day: 1, 4, 7. */
  @Test
  void holdsWaitThreeDaysBetweenSteps() {
    Forecast full = Forecast.of(HOLDS, false, new Start(0, 0, 1), 3, 7, Habit.FULL);
    assertThat(full.day(0.5)).hasValue(7);
    assertThat(full.middleRungs()).startsWith(0, 1, 1, 1, 2, 2, 2, 3);
  }

  /** By hand: one step needs the planned days 0 and 1 both done: a² at once, never more. */
  @Test
  void aSingleStepByHand() {
    Forecast own =
        Forecast.of(COUNTS, true, new Start(FORTY, 0, 1), FORTY + 1, 7, new Habit(0.6, 1));
    assertThat(own.reachedBy(0)).isZero();
    assertThat(own.reachedBy(1)).isCloseTo(0.36, within(1e-12));
    // Two of the first three days, the last of them on the third: 2 · 0.6² · 0.4 more.
    assertThat(own.reachedBy(2)).isCloseTo(0.36 + 2 * 0.36 * 0.4, within(1e-12));
  }

  /** Beside the same rules drawn by lot 10⁵ times, within the error of that. */
  @Test
  void theDistributionIsWhatRunningTheRulesGives() {
    Habit habit = new Habit(0.55, 0.8);
    int goal = 4;
    int runs = 100_000;
    Forecast exact = Forecast.of(HOLDS, false, new Start(1, 1, 2), goal, 4, habit);
    int[] reached = new int[Forecast.DAYS + 1];
    Random random = new Random(7);
    for (int run = 0; run < runs; run++) {
      int day = run(random, habit, goal);
      if (day <= Forecast.DAYS) {
        reached[day]++;
      }
    }
    double there = 0;
    for (int day = 0; day <= Forecast.DAYS; day++) {
      there += (double) reached[day] / runs;
      double error = 5 * Math.sqrt(0.25 / runs);
      assertThat(exact.reachedBy(day)).as("day " + day).isCloseTo(there, within(error));
    }
    assertThat(there).isGreaterThan(0.3);
  }

  private static int run(Random random, Habit habit, int goal) {
    int rung = 1;
    int streak = 1;
    int lastChange = -100;
    int lastDone = -2;
    // Days 0, 2, 4 and 6 of a week, spread evenly over it: by hand.
    List<Integer> planned = List.of(0, 2, 4, 6);
    for (int day = 0; day <= Forecast.DAYS; day++) {
      if (!planned.contains(day % 7) || random.nextDouble() >= habit.attendance()) {
        continue;
      }
      int away = day - lastDone;
      lastDone = day;
      int lower = away < 7 ? rung : away < 14 ? Math.max(0, rung - 1) : Math.max(0, rung - 2);
      if (away >= 28) {
        while (lower > 0 && HOLDS.volume(lower) > 0.6 * HOLDS.volume(rung)) {
          lower--;
        }
      }
      if (lower < rung) {
        rung = lower;
        streak = 0;
        lastChange = day;
      }
      if (random.nextDouble() >= habit.success()) {
        streak = 0;
        continue;
      }
      streak++;
      if (streak >= 2 && day - lastChange >= 3) {
        rung++;
        streak = 0;
        lastChange = day;
        if (rung == goal) {
          return day;
        }
      }
    }
    return Integer.MAX_VALUE;
  }

  @Test
  void whatIsTooSeldomIsNotReachedAtThisRate() {
    Forecast own =
        Forecast.of(COUNTS, true, new Start(FORTY, 0, 1), COUNTS.last(), 7, new Habit(0.25, 0.7));
    assertThat(own.day(0.5)).isEmpty();
  }

  @Test
  void littleKnownIsTakenCarefully() {
    assertThat(Habit.of(0, 0, 0, 0)).isEqualTo(new Habit(0.5, 2 / 3.0));
    assertThat(Habit.of(28, 28, 20, 28).attendance()).isCloseTo(29 / 30.0, within(1e-12));
  }

  @Test
  void aGoalThatIsReachedIsRefused() {
    assertThatThrownBy(() -> Forecast.of(HOLDS, false, new Start(3, 0, 1), 3, 7, Habit.FULL))
        .hasMessage("goal (3) must be above the rung 3 and at most 5");
  }
}
