package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.progress.ReviewRules.RungBack;
import org.nimblet.core.progress.ReviewRules.Sessions;
import org.nimblet.core.progress.ReviewRules.Weeks;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.routine.Health;

/** The numbers are common practice without a source, or ours. */
class ReviewRulesTest {

  private static final LocalDate SINCE = LocalDate.of(2026, 3, 2);
  private static final LocalDate UNTIL = SINCE.plusDays(41);
  private static final Exercise STRETCH =
      ExerciseLibrary.shipped().find("palm-up-fingers-back").orElseThrow();

  private final List<PainReading> pains = new ArrayList<>();
  private final List<RungEvent> events = new ArrayList<>();

  private static Health healthy() {
    return new HealthRecord(ZoneOffset.UTC, AgeGroup.ADULT, List.of())
        .health(UNTIL, UNTIL.atTime(12, 0).toInstant(ZoneOffset.UTC));
  }

  private Weeks weeks(int planned, int kept) {
    return weeks(planned, kept, healthy());
  }

  private Weeks weeks(int planned, int kept, Health health) {
    Map<Side, WorkedDates> worked = new EnumMap<>(Side.class);
    for (Side side : Side.values()) {
      worked.put(
          side,
          WorkedDates.of(
              events.stream().filter(e -> e.side() == side).map(RungEvent::date).toList()));
    }
    List<LadderStory> stories =
        events.isEmpty()
            ? List.of()
            : List.of(
                LadderStory.of(
                    STRETCH,
                    Method.STEADY_HOLD,
                    Ladder.of(STRETCH, Method.STEADY_HOLD, List.of()),
                    worked,
                    events,
                    UNTIL.atTime(12, 0)));
    return new Weeks(SINCE, UNTIL, planned, kept, pains, health, stories);
  }

  private Verdict suggested(ReviewQuestion question, Weeks weeks) {
    return ReviewRules.findings(weeks).stream()
        .filter(finding -> finding.question() == question)
        .findFirst()
        .orElseThrow()
        .suggested();
  }

  private void hurt(int day, int level) {
    pains.add(
        new PainReading(
            SINCE.plusDays(day), Side.LEFT, Region.RING_FINGER, level, Optional.empty()));
  }

  private void did(int day, Side side, int effort, int percent) {
    LocalDateTime began = SINCE.plusDays(day).atTime(9, 0);
    events.add(
        new Evidence(
            UUID.nameUUIDFromBytes(
                (began + " " + side).getBytes(java.nio.charset.StandardCharsets.UTF_8)),
            began,
            side,
            Optional.empty(),
            percent,
            percent < 60 ? Optional.of(Shortfall.COULD_NOT) : Optional.empty(),
            OptionalInt.empty(),
            Optional.empty(),
            false,
            OptionalInt.of(0),
            OptionalInt.of(0),
            OptionalInt.of(0),
            OptionalInt.of(effort),
            false));
  }

  private static Map<ReviewQuestion, Verdict> all(Verdict verdict) {
    Map<ReviewQuestion, Verdict> verdicts = new EnumMap<>(ReviewQuestion.class);
    for (ReviewQuestion question : ReviewQuestion.values()) {
      verdicts.put(question, verdict);
    }
    return verdicts;
  }

  @Test
  void whatIsKeptDecidesHowOften() {
    assertThat(suggested(ReviewQuestion.KEPT, weeks(0, 0))).isEqualTo(Verdict.MAINTAIN);
    assertThat(suggested(ReviewQuestion.KEPT, weeks(100, 80))).isEqualTo(Verdict.MAINTAIN);
    assertThat(suggested(ReviewQuestion.KEPT, weeks(100, 60))).isEqualTo(Verdict.MAINTAIN);
    assertThat(suggested(ReviewQuestion.KEPT, weeks(100, 59))).isEqualTo(Verdict.BACK_OFF);
    assertThat(ReviewRules.findings(weeks(162, 138)).get(0).says()).isEqualTo("138 of 162, 85 %");
  }

  @Test
  void painIsComparedFirstWeekWithLast() {
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1))).isEqualTo(Verdict.STEP_ON);
    hurt(0, 3);
    hurt(40, 3);
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1))).isEqualTo(Verdict.STEP_ON);
    hurt(41, 5);
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1))).isEqualTo(Verdict.BACK_OFF);
    hurt(2, 4);
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1))).isEqualTo(Verdict.MAINTAIN);
    hurt(41, 7);
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1))).isEqualTo(Verdict.REFER);
  }

  @Test
  void whatWasToldBeforeTheWeeksSaysNothing() {
    hurt(-1, 9);
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1))).isEqualTo(Verdict.STEP_ON);
  }

  @Test
  void aReferralSignComesBeforeEverything() {
    Health signed =
        new HealthRecord(
                ZoneOffset.UTC,
                AgeGroup.ADULT,
                List.of(
                    new HealthWord.OfSign(
                        UUID.randomUUID(),
                        UNTIL.atTime(8, 0).toInstant(ZoneOffset.UTC),
                        ReferralSign.WEAKNESS,
                        SignAnswer.YES,
                        Optional.of(Side.LEFT),
                        List.of(Region.RING_FINGER),
                        "",
                        "")))
            .health(UNTIL, UNTIL.atTime(12, 0).toInstant(ZoneOffset.UTC));
    assertThat(suggested(ReviewQuestion.PAIN, weeks(1, 1, signed))).isEqualTo(Verdict.REFER);
  }

  @Test
  void sessionsFollowTheVerdictsAndPainOnlyWhatTires() {
    assertThat(ReviewRules.sessions(all(Verdict.MAINTAIN), true)).isEqualTo(Sessions.AS_NOW);
    assertThat(ReviewRules.sessions(all(Verdict.STEP_ON), true)).isEqualTo(Sessions.MORE);
    assertThat(ReviewRules.sessions(all(Verdict.BACK_OFF), false)).isEqualTo(Sessions.FEWER);
    Map<ReviewQuestion, Verdict> sore = all(Verdict.MAINTAIN);
    sore.put(ReviewQuestion.PAIN, Verdict.BACK_OFF);
    assertThat(ReviewRules.sessions(sore, true)).isEqualTo(Sessions.FEWER);
    assertThat(ReviewRules.sessions(sore, false)).isEqualTo(Sessions.AS_NOW);
    sore.put(ReviewQuestion.KEPT, Verdict.STEP_ON);
    assertThat(ReviewRules.sessions(sore, false))
        .as("not more while it hurts")
        .isEqualTo(Sessions.AS_NOW);
    sore.put(ReviewQuestion.SIDES, Verdict.REFER);
    assertThat(ReviewRules.sessions(sore, true)).isEqualTo(Sessions.AS_NOW);
    assertThat(ReviewRules.weeks(sore, 42)).isEqualTo(ReviewRules.WEEKS_AFTER_REFERRAL);
    assertThat(ReviewRules.weeks(all(Verdict.MAINTAIN), 42)).isEqualTo(6);
    assertThat(ReviewRules.weeks(all(Verdict.MAINTAIN), 1)).isEqualTo(2);
    assertThat(ReviewRules.weeks(all(Verdict.MAINTAIN), 400)).isEqualTo(12);
  }

  @Test
  void whatHeldSixTimesGoesOneRungBackAndTheRestGoesOn() {
    for (int day : new int[] {38, 39, 40, 41}) {
      did(day, Side.RIGHT, 4, 100);
    }
    for (int day = 30; day < 42; day++) {
      did(day, Side.LEFT, day < 32 ? 4 : 8, 100);
    }
    Weeks weeks = weeks(10, 10);
    LadderStory story = weeks.stories().get(0);
    assertThat(story.isStuck(Side.LEFT)).isTrue();
    assertThat(suggested(ReviewQuestion.STEPS, weeks)).isEqualTo(Verdict.STEP_ON);
    List<RungBack> back = ReviewRules.rungsBack(weeks, all(Verdict.STEP_ON));
    assertThat(back).extracting(RungBack::side).containsExactly(Side.LEFT);
    assertThat(back.get(0).words()).isEqualTo("back to 15 s, was 20 s");
    assertThat(ReviewRules.rungsBack(weeks, all(Verdict.BACK_OFF))).hasSize(2);
    assertThat(ReviewRules.rungsBack(weeks, all(Verdict.MAINTAIN))).isEmpty();
    assertThat(ReviewRules.rungsBack(weeks, all(Verdict.REFER))).isEmpty();
  }

  @Test
  void moreThatFallsThanClimbsGoesBack() {
    did(20, Side.LEFT, 4, 100);
    did(21, Side.LEFT, 4, 100);
    did(30, Side.LEFT, 9, 30);
    assertThat(weeks(1, 1).stories().get(0).decisions()).isNotEmpty();
    Weeks late =
        new Weeks(SINCE.plusDays(25), UNTIL, 1, 1, List.of(), healthy(), weeks(1, 1).stories());
    assertThat(suggested(ReviewQuestion.STEPS, late)).isEqualTo(Verdict.BACK_OFF);
  }

  @Test
  void sidesAreComparedByWhatIsDoneOnThem() {
    did(40, Side.LEFT, 4, 100);
    did(40, Side.RIGHT, 4, 100);
    assertThat(ReviewRules.findings(weeks(1, 1)).get(3).says()).isEqualTo("Both alike");
    did(36, Side.RIGHT, 4, 100);
    Weeks apart = weeks(1, 1);
    assertThat(ReviewRules.apart(apart).get(0).percent())
        .as("15 s on the left, 20 s on the right: (40 - 30) / 40")
        .isEqualTo(25);
    assertThat(suggested(ReviewQuestion.SIDES, apart)).isEqualTo(Verdict.MAINTAIN);
    assertThat(ReviewRules.findings(apart).get(3).because()).contains("the left goes first");
  }
}
