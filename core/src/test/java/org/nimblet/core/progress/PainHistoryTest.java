package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.routine.Pain.Course;

class PainHistoryTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

  private static PainReading ago(int days, int level) {
    return new PainReading(TODAY.minusDays(days), Side.LEFT, Region.PALM, level, Optional.empty());
  }

  private static Course course(PainReading... readings) {
    return PainHistory.now(List.of(readings), Optional.empty(), TODAY).orElseThrow().course();
  }

  /** PRACTICE 5: new is first felt, or risen by 2 or more, within two weeks. */
  @Test
  void isNewWhenFirstFeltOrRisenWithinTwoWeeks() {
    assertThat(course(ago(13, 3))).isEqualTo(Course.NEW);
    assertThat(course(ago(14, 3))).isEqualTo(Course.STEADY);
    assertThat(course(ago(30, 3), ago(5, 3), ago(0, 4))).isEqualTo(Course.STEADY);
    assertThat(course(ago(30, 3), ago(5, 3), ago(0, 5))).isEqualTo(Course.NEW);
    assertThat(course(ago(30, 0), ago(3, 2))).isEqualTo(Course.NEW);
  }

  @Test
  void whatThePersonSaysAboutSinceWhenCountsAsTheFirstTime() {
    Optional<LocalDate> spring = Optional.of(TODAY.minusMonths(6));
    assertThat(PainHistory.now(List.of(ago(0, 3)), spring, TODAY).orElseThrow().course())
        .isEqualTo(Course.STEADY);
  }

  @Test
  void theLatestWordIsTheLevel() {
    assertThat(
            PainHistory.now(List.of(ago(2, 6), ago(20, 1)), Optional.empty(), TODAY)
                .orElseThrow()
                .level())
        .isEqualTo(6);
    assertThat(PainHistory.now(List.of(), Optional.empty(), TODAY)).isEmpty();
  }

  /** What is named today holds today, whatever was said before. */
  @Test
  void theNamedCourseHoldsFromTodayOn() {
    List<List<PainReading>> pasts =
        List.of(List.of(), List.of(ago(0, 3)), List.of(ago(13, 3)), List.of(ago(40, 3)));
    for (List<PainReading> past : pasts) {
      for (Course named : Course.values()) {
        Optional<LocalDate> since = PainHistory.since(past, Optional.empty(), named, TODAY);
        List<PainReading> withToday = new ArrayList<>(past);
        withToday.add(ago(0, 3));
        assertThat(PainHistory.now(withToday, since, TODAY).orElseThrow().course())
            .as("%s after %s", named, past)
            .isEqualTo(named);
      }
    }
  }

  @Test
  void aRiseThatIsOnRecordCountsBeforeTheNamedCourse() {
    List<PainReading> past = List.of(ago(40, 3), ago(2, 0));
    Optional<LocalDate> since = PainHistory.since(past, Optional.empty(), Course.STEADY, TODAY);
    assertThat(
            PainHistory.now(List.of(ago(40, 3), ago(2, 0), ago(0, 3)), since, TODAY)
                .orElseThrow()
                .course())
        .isEqualTo(Course.NEW);
  }

  @Test
  void aDayThatWasSaidStaysWhileItFitsTheNamedCourse() {
    Optional<LocalDate> spring = Optional.of(TODAY.minusMonths(6));
    List<PainReading> told = List.of(ago(20, 3));
    assertThat(PainHistory.since(told, spring, Course.STEADY, TODAY)).isEqualTo(spring);
    assertThat(PainHistory.since(told, spring, Course.NEW, TODAY)).contains(TODAY);
    assertThat(PainHistory.since(List.of(), Optional.empty(), Course.STEADY, TODAY))
        .contains(TODAY.minusDays(PainHistory.STEADY_DAYS));
  }
}
