package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.routine.Exclusion;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Stop;

class AttentionRulesTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 3, 20);

  private static PainReading wrist(int daysAgo, int level) {
    return new PainReading(
        TODAY.minusDays(daysAgo),
        Side.RIGHT,
        Region.WRIST_LITTLE_FINGER_SIDE,
        level,
        Optional.empty());
  }

  private static List<Attention> reasons(PainReading... readings) {
    return AttentionRules.reasons(TODAY, List.of(readings), Set.of(), List.of(), Health.GOOD);
  }

  /** The order of the rules: a sign before pain, pain before what was missed, then the rest. */
  @Test
  void everyKindOfReasonHasItsPlace() {
    assertThat(Attention.ORDER)
        .containsExactlyInAnyOrder(permitted())
        .containsSubsequence(
            Attention.Signed.class,
            Attention.PainUp.class,
            Attention.PainStays.class,
            Attention.Missed.class,
            Attention.HoursJumped.class,
            Attention.ReviewDue.class,
            Attention.ReadyToStepUp.class,
            Attention.NothingPlanned.class);
    assertThat(new Attention.NothingPlanned().rank()).isEqualTo(Attention.ORDER.size() - 1);
  }

  @SuppressWarnings("unchecked")
  private static Class<? extends Attention>[] permitted() {
    return (Class<? extends Attention>[]) Attention.class.getPermittedSubclasses();
  }

  @Test
  void aRiseOfTwoPointsIsPointedOut() {
    assertThat(reasons(wrist(8, 2), wrist(4, 4), wrist(0, 5)))
        .containsExactly(new Attention.PainUp(Side.RIGHT, Region.WRIST_LITTLE_FINGER_SIDE, 2, 5));
    assertThat(reasons(wrist(8, 2), wrist(0, 3))).isEmpty();
    assertThat(reasons(wrist(8, 0), wrist(0, 2))).isEmpty();
  }

  @Test
  void painThatIsOverIsNot() {
    assertThat(reasons(wrist(3, 5), wrist(0, 1))).isEmpty();
    assertThat(reasons(wrist(20, 2), wrist(9, 5))).isEmpty();
  }

  @Test
  void whatEndsASessionComesFirstWhateverItsStrength() {
    PainReading tingle =
        new PainReading(TODAY, Side.LEFT, Region.PALM, 2, Optional.of(Sensation.TINGLE));
    assertThat(reasons(tingle))
        .containsExactly(
            new Attention.Alarming(Side.LEFT, Region.PALM, 2, Optional.of(Sensation.TINGLE)));
    PainReading better =
        new PainReading(TODAY, Side.LEFT, Region.PALM, 1, Optional.of(Sensation.ACHE));
    assertThat(reasons(tingle, better))
        .as("what ended a session today is not undone by a milder word the same day")
        .containsExactly(
            new Attention.Alarming(Side.LEFT, Region.PALM, 2, Optional.of(Sensation.TINGLE)));
    assertThat(reasons(wrist(0, 7)))
        .first()
        .extracting(Attention::sentence)
        .isEqualTo(
            "Right wrist, little-finger side, 7 of 10. Advised to see a doctor, hand therapist or"
                + " physiotherapist.");
  }

  @Test
  void strongPainAndAStopAreSaidOnce() {
    Pain strong = Pain.steady(Side.RIGHT, Region.WRIST_LITTLE_FINGER_SIDE, 8);
    Health health = Health.of(List.of(strong), List.of());
    assertThat(AttentionRules.reasons(TODAY, List.of(wrist(0, 8)), Set.of(), List.of(), health))
        .extracting(Attention::heading)
        .containsExactly("Strong pain");
    assertThat(AttentionRules.reasons(TODAY, List.of(), Set.of(), List.of(), health))
        .as("told long ago and still there")
        .extracting(Attention::heading)
        .containsExactly("Referral sign");
    Health stopped =
        new Health(
            List.of(strong),
            List.of(),
            List.of(
                new Stop(Side.RIGHT, Set.of(Region.WRIST_LITTLE_FINGER_SIDE), "an ache, 8 of 10")),
            List.of(),
            Map.of(),
            List.of(),
            AgeGroup.ADULT);
    assertThat(AttentionRules.reasons(TODAY, List.of(wrist(0, 8)), Set.of(), List.of(), stopped))
        .singleElement()
        .satisfies(
            reason -> {
              assertThat(reason.heading()).isEqualTo("Stopped for safety");
              assertThat(reason.sentence()).endsWith("before anything strong is done there.");
            });
  }

  @Test
  void twoMissedWithinAWeekArePointedOutAfterWhatIsUrgent() {
    List<Attention> reasons =
        AttentionRules.reasons(
            TODAY,
            List.of(),
            Set.of(),
            List.of(TODAY, TODAY.minusDays(6), TODAY.minusDays(7)),
            Health.of(
                List.of(),
                List.of(
                    Exclusion.ofRegion(
                        Side.LEFT, Region.RING_FINGER, "letter of the therapist."))));
    assertThat(reasons).extracting(Attention::heading).containsExactly("Left out", "2 missed");
    assertThat(reasons.get(0).sentence())
        .isEqualTo("Left ring finger stays out: letter of the therapist.");
    assertThat(AttentionRules.reasons(TODAY, List.of(), Set.of(), List.of(TODAY), Health.GOOD))
        .isEmpty();
  }

  private static AttentionRules.Situation quiet(List<PainReading> readings) {
    return new AttentionRules.Situation(
        TODAY,
        readings,
        Set.of(),
        List.of(),
        Health.GOOD,
        Optional.of(TODAY.plusDays(3)),
        600,
        600,
        List.of(),
        List.of(),
        List.of(),
        true);
  }

  @Test
  void painOnTwoDaysRunningIsPointedOutUnlessItRose() {
    assertThat(AttentionRules.reasons(quiet(List.of(wrist(1, 3), wrist(0, 3)))))
        .containsExactly(new Attention.PainStays(Side.RIGHT, Region.WRIST_LITTLE_FINGER_SIDE, 3));
    assertThat(AttentionRules.reasons(quiet(List.of(wrist(2, 3), wrist(0, 3))))).isEmpty();
    assertThat(AttentionRules.reasons(quiet(List.of(wrist(3, 3), wrist(2, 3))))).isEmpty();
    assertThat(AttentionRules.reasons(quiet(List.of(wrist(1, 3), wrist(0, 2))))).isEmpty();
    assertThat(AttentionRules.reasons(quiet(List.of(wrist(4, 1), wrist(1, 3), wrist(0, 3)))))
        .hasOnlyElementsOfType(Attention.PainUp.class);
  }

  @Test
  void painThatNobodyNamedWhenAskedBeforeHasRisenFromNothing() {
    assertThat(reasonsAsked(Set.of(TODAY.minusDays(1)), wrist(0, 4)))
        .containsExactly(new Attention.PainUp(Side.RIGHT, Region.WRIST_LITTLE_FINGER_SIDE, 0, 4));
    assertThat(reasonsAsked(Set.of(TODAY.minusDays(13)), wrist(0, 3)))
        .hasOnlyElementsOfType(Attention.PainUp.class);
    assertThat(reasonsAsked(Set.of(TODAY.minusDays(1)), wrist(3, 3), wrist(0, 4)))
        .as("named before one was asked")
        .isEmpty();
    assertThat(reasonsAsked(Set.of(TODAY), wrist(0, 4)))
        .as("asked for the first time when it was named")
        .isEmpty();
    assertThat(reasonsAsked(Set.of(TODAY.minusDays(1)), wrist(0, 2))).as("hardly felt").isEmpty();
  }

  private static List<Attention> reasonsAsked(Set<LocalDate> asked, PainReading... readings) {
    return AttentionRules.reasons(TODAY, List.of(readings), asked, List.of(), Health.GOOD);
  }

  @Test
  void painOfOnePlaceDoesNotHideThatOfAnother() {
    PainReading thumb = new PainReading(TODAY, Side.LEFT, Region.THUMB, 3, Optional.empty());
    PainReading before =
        new PainReading(TODAY.minusDays(1), Side.LEFT, Region.THUMB, 3, Optional.empty());
    assertThat(AttentionRules.reasons(quiet(List.of(wrist(4, 1), wrist(0, 5), before, thumb))))
        .hasSize(2);
  }

  /** More than 1.3 times what is usual (common practice, no source); the edges of each rule. */
  @Test
  void everyOtherReasonHasItsEdge() {
    AttentionRules.Situation calm = quiet(List.of());
    assertThat(AttentionRules.reasons(calm)).isEmpty();
    assertThat(
            AttentionRules.reasons(
                new AttentionRules.Situation(
                    TODAY,
                    List.of(),
                    Set.of(),
                    List.of(),
                    Health.GOOD,
                    Optional.of(TODAY.minusDays(1)),
                    781,
                    600,
                    List.of("A", "B", "C"),
                    List.of("D"),
                    List.of("E", "F"),
                    false)))
        .extracting(Attention::sentence)
        .containsExactly(
            "13 h in the last 7 days, usually 10 h.",
            "A, B and 1 more: stopped or paused until you allow it again.",
            "The programme was to be looked at 1 day ago.",
            "D: no step for 6 times running.",
            "E, F.",
            "No programme, and no block in the last 7 days.");
    assertThat(
            AttentionRules.reasons(
                new AttentionRules.Situation(
                    TODAY,
                    List.of(),
                    Set.of(),
                    List.of(),
                    Health.GOOD,
                    Optional.of(TODAY),
                    780,
                    600,
                    List.of(),
                    List.of(),
                    List.of(),
                    true)))
        .containsExactly(new Attention.ReviewDue(0));
  }
}
