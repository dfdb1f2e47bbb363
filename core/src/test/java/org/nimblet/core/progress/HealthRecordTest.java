package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.HealthRecord.PainNow;
import org.nimblet.core.progress.HealthWord.MindedKind;
import org.nimblet.core.progress.HealthWord.OfLine;
import org.nimblet.core.progress.HealthWord.OfMinded;
import org.nimblet.core.progress.HealthWord.OfPain;
import org.nimblet.core.progress.HealthWord.OfSign;
import org.nimblet.core.progress.HealthWord.OfStop;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.routine.Exclusion;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Sign;
import org.nimblet.core.routine.Stop;

class HealthRecordTest {

  /** East of Greenwich, so that a date is not that of the clock of the server. */
  private static final ZoneId ZONE = ZoneId.of("Asia/Tokyo");

  private static final Instant NOW = Instant.parse("2026-03-20T18:00:00Z");
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 21);
  private static final UUID SESSION = new UUID(0, 1);

  private static HealthRecord record(HealthWord... words) {
    return new HealthRecord(ZONE, AgeGroup.ADULT, List.of(words));
  }

  private static LoggedSession session(long daysAgo, boolean checkedIn) {
    return new LoggedSession(
        UUID.randomUUID(),
        daysAgo(daysAgo),
        checkedIn,
        false,
        OptionalInt.empty(),
        List.of(),
        List.of());
  }

  @Test
  void whoAnsweredAfterASessionOrOfAMorningWasAskedWhatHurtsForTwoWeeks() {
    HealthRecord told =
        record(
            new HealthWord.OfMorning(daysAgo(2), TODAY.minusDays(2)),
            new HealthWord.OfMorning(daysAgo(15), TODAY.minusDays(15)));
    List<LoggedSession> latestFirst =
        List.of(session(1, true), session(3, false), session(14, true), session(16, true));
    assertThat(told.asked(latestFirst, NOW))
        .as("as far back as what was said about pain is read")
        .containsExactlyInAnyOrder(TODAY.minusDays(1), TODAY.minusDays(2), TODAY.minusDays(14));
  }

  @Test
  void fewerNotesAreEasierAndTakeHarderBack() {
    assertThat(Shift.withFewerNotes(Optional.empty())).contains(Shift.EASIER);
    assertThat(Shift.withFewerNotes(Optional.of(Shift.EASIER))).contains(Shift.EASIER);
    assertThat(Shift.withFewerNotes(Optional.of(Shift.HARDER))).isEmpty();
  }

  private static Instant daysAgo(long days) {
    return NOW.minus(Duration.ofDays(days));
  }

  private static OfPain pain(long daysAgo, PainMoment moment, int level, Sensation felt) {
    return new OfPain(
        UUID.randomUUID(),
        daysAgo(daysAgo),
        moment == PainMoment.TOLD ? Optional.empty() : Optional.of(SESSION),
        moment,
        Side.LEFT,
        Region.ELBOW,
        level,
        Optional.ofNullable(felt),
        Optional.empty());
  }

  private static OfSign answer(long daysAgo, SignAnswer answer, Side side) {
    return new OfSign(
        UUID.randomUUID(),
        daysAgo(daysAgo),
        ReferralSign.PINS_AND_NEEDLES,
        answer,
        Optional.ofNullable(side),
        side == null ? List.of() : List.of(Region.THUMB),
        "",
        "");
  }

  private static OfMinded minded(long daysAgo, MindedKind kind, LocalDate until, Instant ended) {
    return new OfMinded(
        UUID.randomUUID(),
        daysAgo(daysAgo),
        kind,
        EnumSet.allOf(Side.class),
        kind == MindedKind.CONDITION ? Optional.of(Condition.values()[0]) : Optional.empty(),
        kind == MindedKind.ALLOW ? Optional.empty() : Optional.of(Region.ELBOW),
        Optional.empty(),
        kind == MindedKind.ALLOW ? Optional.of("palm-rub") : Optional.empty(),
        "said the therapist",
        Optional.ofNullable(until),
        Optional.ofNullable(ended));
  }

  @Test
  void nothingToldIsGoodHealth() {
    assertThat(record().health(TODAY, NOW)).isEqualTo(Health.GOOD);
  }

  @Test
  void painOfASessionCountsForTwoWeeksAndWhatWasToldUntilSomethingNewer() {
    assertThat(record(pain(15, PainMoment.AFTER, 4, null)).pains(NOW)).isEmpty();
    assertThat(record(pain(13, PainMoment.AFTER, 4, null)).pains(NOW)).hasSize(1);
    HealthRecord told = record(pain(90, PainMoment.TOLD, 5, null));
    assertThat(told.health(TODAY, NOW).pains())
        .containsExactly(Pain.steady(Side.LEFT, Region.ELBOW, 5));
    assertThat(told.painReadings(NOW)).as("a rise is looked for in two weeks").isEmpty();
  }

  @Test
  void theLastWordCountsWhateverTheOrderAndTheEarlierOnesStay() {
    PainNow now =
        record(
                pain(1, PainMoment.AFTER, 2, Sensation.ACHE),
                pain(9, PainMoment.TOLD, 6, null),
                pain(4, PainMoment.DURING, 3, null))
            .pains(NOW)
            .get(0);
    assertThat(now.pain().level()).isEqualTo(2);
    assertThat(now.saidOn()).as("where the person is it is the next day").isEqualTo("2026-03-20");
    assertThat(now.earlier()).extracting(earlier -> earlier.level()).containsExactly(3, 6);
  }

  @Test
  void aCourseThatIsNamedSaysSinceWhen() {
    HealthRecord nothing = record();
    assertThat(nothing.since(Side.LEFT, Region.ELBOW, Pain.Course.NEW, NOW)).contains(TODAY);
    assertThat(nothing.since(Side.LEFT, Region.ELBOW, Pain.Course.STEADY, NOW))
        .contains(TODAY.minusDays(PainHistory.STEADY_DAYS));
  }

  @Test
  void aStopSaysWhatEndedTheSession() {
    OfStop stop = new OfStop(SESSION, NOW, TODAY);
    HealthRecord record =
        record(
            stop,
            pain(0, PainMoment.DURING, 5, Sensation.SHARP),
            pain(0, PainMoment.DURING, 2, Sensation.ACHE),
            pain(0, PainMoment.AFTER, 8, null));
    assertThat(record.stops(TODAY))
        .containsExactly(new Stop(Side.LEFT, Set.of(Region.ELBOW), "sharp, 5 of 10"));
    assertThat(record.stops(TODAY.plusDays(1))).isEmpty();
    assertThat(record.painsOf(SESSION)).hasSize(3);
  }

  @Test
  void aStopOfWhichNobodySaidWhereMayBeAnywhere() {
    assertThat(record(new OfStop(SESSION, NOW, TODAY)).health(TODAY, NOW).stops())
        .extracting(Stop::side, stop -> stop.regions().size())
        .containsExactlyInAnyOrder(
            tuple(Side.LEFT, Region.values().length), tuple(Side.RIGHT, Region.values().length));
  }

  @Test
  void aYesStandsUntilItIsClearedOrTakenBackOnItsSide() {
    OfSign left = answer(9, SignAnswer.YES, Side.LEFT);
    OfSign right = answer(8, SignAnswer.YES, Side.RIGHT);
    assertThat(record(left, right, answer(7, SignAnswer.NO, null)).openSigns())
        .containsExactly(left, right);
    assertThat(record(left, right, answer(7, SignAnswer.CLEARED, Side.LEFT)).openSigns())
        .containsExactly(right);
    assertThat(record(left, right, answer(7, SignAnswer.MISTAKEN, Side.RIGHT)).openSigns())
        .containsExactly(left);
    assertThat(record(answer(9, SignAnswer.CLEARED, Side.LEFT), left).openSigns())
        .as("said at one moment, the later word counts")
        .containsExactly(left);
  }

  @Test
  void aTingleRaisesTheQuestionUntilSomebodyAnswers() {
    OfPain tingle = pain(3, PainMoment.DURING, 1, Sensation.TINGLE);
    OfLine line = new OfLine(SESSION, daysAgo(2), "right hand tingling since the morning");
    HealthRecord raised = record(tingle, line);
    assertThat(raised.raised(NOW))
        .extracting(one -> one.sign().side(), one -> one.sign().regions())
        .containsExactly(
            tuple(Side.LEFT, Set.of(Region.ELBOW)),
            tuple(Side.RIGHT, EnumSet.range(Region.THUMB, Region.ELBOW)));
    assertThat(raised.health(TODAY, NOW).signs())
        .extracting(Sign::sign)
        .containsOnly(ReferralSign.PINS_AND_NEEDLES);
    assertThat(raised.lineAfter(SESSION)).isEqualTo(line.words());
    assertThat(record(tingle, line, answer(1, SignAnswer.NO, null)).raised(NOW)).isEmpty();
    assertThat(record(tingle, answer(4, SignAnswer.NO, null)).raised(NOW)).hasSize(1);
    assertThat(record(new OfLine(SESSION, daysAgo(20), "tingling")).raised(NOW)).isEmpty();
  }

  @Test
  void whatIsMindedHoldsToItsLastDayAndUntilItIsEnded() {
    OfMinded toToday = minded(5, MindedKind.KEEP_OUT, TODAY, null);
    OfMinded past = minded(5, MindedKind.KEEP_OUT, TODAY.minusDays(1), null);
    OfMinded ended = minded(5, MindedKind.KEEP_OUT, null, daysAgo(1));
    HealthRecord record = record(toToday, past, ended);
    assertThat(record.holding(TODAY)).containsExactly(toToday);
    assertThat(record.minded()).hasSize(3);
    assertThat(record.health(TODAY, NOW).exclusions())
        .extracting(Exclusion::subject)
        .containsExactly(
            new Exclusion.OfRegion(Side.LEFT, Region.ELBOW),
            new Exclusion.OfRegion(Side.RIGHT, Region.ELBOW));
    assertThat(record.health(TODAY.plusDays(1), NOW).exclusions()).isEmpty();
    assertThat(toToday.name()).isEqualTo(Region.ELBOW.word() + ", both sides");
  }

  @Test
  void ofTwoAllowancesTheLaterDayCounts() {
    HealthRecord record =
        record(minded(9, MindedKind.ALLOW, null, null), minded(2, MindedKind.ALLOW, null, null));
    assertThat(record.health(TODAY, NOW).allowed()).containsEntry("palm-rub", TODAY.minusDays(2));
  }

  @Test
  void aConditionAndAJointLimitSitWhereTheyWereSaidToBe() {
    HealthRecord record =
        record(
            minded(9, MindedKind.CONDITION, null, null),
            minded(2, MindedKind.JOINT_LIMIT, null, null));
    assertThat(record.health(TODAY, NOW).conditions())
        .singleElement()
        .satisfies(
            condition -> {
              assertThat(condition.regions()).containsExactly(Region.ELBOW);
              assertThat(condition.told()).isEqualTo(TODAY.minusDays(9));
            });
    assertThat(record.jointLimits(TODAY))
        .extracting(limit -> limit.side())
        .containsExactly(Side.LEFT, Side.RIGHT);
  }

  @Test
  void aDirectionThatIsKeptOutIsNamedByIt() {
    OfMinded grip =
        new OfMinded(
            UUID.randomUUID(),
            NOW,
            MindedKind.KEEP_OUT,
            EnumSet.of(Side.RIGHT),
            Optional.empty(),
            Optional.empty(),
            Optional.of(Movement.GRIP),
            Optional.empty(),
            "",
            Optional.empty(),
            Optional.empty());
    assertThat(grip.name()).isEqualTo(Movement.GRIP.word() + ", right");
    assertThat(record(grip).health(TODAY, NOW).exclusions().get(0).subject())
        .isEqualTo(new Exclusion.OfMovement(Side.RIGHT, Movement.GRIP));
  }
}
