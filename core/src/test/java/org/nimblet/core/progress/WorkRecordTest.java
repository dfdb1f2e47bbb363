package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.progress.WorkRecord.DoneStep;
import org.nimblet.core.routine.Recent;

class WorkRecordTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 3, 21);
  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Exercise EXERCISE = LIBRARY.exercises().get(0);

  private static DoneStep done(long daysAgo, String dose, long seconds) {
    return new DoneStep(
        EXERCISE.id(), TODAY.minusDays(daysAgo), dose, seconds * 1000, Purpose.STRENGTH);
  }

  private static Recent recent(DoneStep... steps) {
    return new WorkRecord(Map.of(), List.of(steps), Optional.empty())
        .recent(TODAY, LIBRARY, Method.STEADY_HOLD, Notation.NAMES);
  }

  private static String words(int percent) {
    var plan = EXERCISE.doseFor(Method.STEADY_HOLD);
    return EXERCISE
        .doseText(Method.STEADY_HOLD, Notation.NAMES)
        .format(plan.usual().atLevel(percent, plan.bounds()));
  }

  @Test
  void weeksAreCountedBackFromTheDate() {
    Recent recent =
        recent(
            done(0, words(100), 10),
            done(6, words(100), 20),
            done(7, words(100), 40),
            done(27, words(100), 80),
            done(28, words(100), 1000));
    assertThat(recent.volumes().get(EXERCISE.id()))
        .isEqualTo(new Recent.WeeklyVolume(30_000, 150_000 / 4, 3));
  }

  @Test
  void whatCameAfterTheDateIsNoVolumeOfIt() {
    assertThat(recent(done(-1, words(100), 10)).volumes()).isEmpty();
  }

  @Test
  void theLatestDoseThatReadsIsTheLastOne() {
    Recent recent =
        recent(done(1, "in words of another age", 5), done(2, words(100), 5), done(9, "", 5));
    assertThat(recent.lastDoses().get(EXERCISE.id()))
        .isEqualTo(EXERCISE.doseFor(Method.STEADY_HOLD).usual());
  }

  @Test
  void daysSinceAreNeverLessThanNone() {
    Map<String, LocalDate> last =
        Map.of(EXERCISE.id(), TODAY.plusDays(2), "gone-by-now", TODAY.minusDays(400));
    assertThat(
            new WorkRecord(last, List.of(), Optional.empty())
                .recent(TODAY, LIBRARY, Method.STEADY_HOLD, Notation.NAMES)
                .daysSinceDone())
        .containsEntry(EXERCISE.id(), 0)
        .containsEntry("gone-by-now", 400);
  }

  @Test
  void whatAsksForADayOfRestTiresForTodayAndTomorrow() {
    Exercise hard =
        LIBRARY.exercises().stream()
            .filter(e -> e.demands().recovery() == Recovery.REST_DAY)
            .findFirst()
            .orElseThrow();
    for (int daysAgo = 0; daysAgo < 3; daysAgo++) {
      Recent recent =
          new WorkRecord(Map.of(hard.id(), TODAY.minusDays(daysAgo)), List.of(), Optional.empty())
              .recent(TODAY, LIBRARY, Method.STEADY_HOLD, Notation.NAMES);
      assertThat(recent.workedHard().containsAll(hard.service().workedTissues()))
          .as("%d days ago", daysAgo)
          .isEqualTo(daysAgo <= 1);
    }
  }

  @Test
  void reachesBackFourWholeWeeks() {
    assertThat(WorkRecord.reachesBackTo(TODAY)).isEqualTo(TODAY.minusDays(27));
  }

  @Test
  void whatIsFeltElsewhereTwiceWithinFourWeeksIsNoAccident() {
    Map<String, Set<LocalDate>> told =
        Map.of(
            "once", Set.of(TODAY.minusDays(2)),
            "twice", Set.of(TODAY.minusDays(27), TODAY),
            "long ago", Set.of(TODAY.minusDays(28), TODAY),
            "to come", Set.of(TODAY, TODAY.plusDays(1)));
    Recent recent =
        new WorkRecord(Map.of(), List.of(), Optional.empty(), told)
            .recent(TODAY, LIBRARY, Method.STEADY_HOLD, Notation.NAMES);
    assertThat(recent.feltElsewhere()).containsExactly("twice");
  }
}
