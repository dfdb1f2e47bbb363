package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.routine.RungDose;

/** From sessions as they are kept to the doses of tomorrow. */
class ProgressTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final ZoneId ZONE = ZoneOffset.UTC;
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final String STRETCH = "palm-up-fingers-back";

  private final List<LoggedSession> sessions = new ArrayList<>();
  private final List<HealthWord> words = new ArrayList<>();
  private final List<CoachWord> said = new ArrayList<>();

  private static Instant at(int day, int hour) {
    return MONDAY.plusDays(day).atTime(hour, 0).toInstant(ZoneOffset.UTC);
  }

  private UUID did(int day, int hour, String exercise, int percent, Optional<Shortfall> why) {
    UUID id = new UUID(day, hour);
    sessions.add(
        new LoggedSession(
            id,
            at(day, hour),
            true,
            true,
            OptionalInt.of(4),
            List.of(
                new LoggedSession.LoggedStep(
                    exercise,
                    "15 s, 2 ×, each side",
                    Laterality.EACH,
                    Optional.empty(),
                    percent,
                    percent,
                    why,
                    OptionalInt.empty(),
                    Optional.empty())),
            List.of()));
    return id;
  }

  private UUID did(int day) {
    return did(day, 9, STRETCH, 100, Optional.empty());
  }

  private void hurt(UUID session, PainMoment moment, int day, Side side, Region where, int level) {
    words.add(
        new HealthWord.OfPain(
            UUID.randomUUID(),
            at(day, 9),
            Optional.ofNullable(session),
            moment,
            side,
            where,
            level,
            Optional.empty(),
            Optional.empty()));
  }

  private Progress progress(LocalDateTime now) {
    return Progress.of(
        sessions,
        said,
        new HealthRecord(ZONE, AgeGroup.ADULT, words),
        ZONE,
        new Progress.Reading(
            LIBRARY,
            Method.STEADY_HOLD,
            exercise -> List.of(),
            (exercise, dose) ->
                WorkRecord.read(exercise, dose, Method.STEADY_HOLD, Notation.NAMES)),
        now);
  }

  private Progress atNoon(int day) {
    return progress(MONDAY.plusDays(day).atTime(LocalTime.NOON));
  }

  private RungDose next(int day) {
    return atNoon(day).doses(MONDAY.plusDays(day)).get(STRETCH);
  }

  /** Keys said of a hand, some days before Monday, how even it was at so many notes a minute. */
  private void tested(int daysBefore, Side side, int notesAMinute, boolean even) {
    sessions.add(
        new LoggedSession(
            new UUID(daysBefore, notesAMinute),
            at(-daysBefore, 8),
            true,
            true,
            OptionalInt.empty(),
            List.of(),
            List.of(new Evenness(side, notesAMinute, even))));
  }

  private static final String TAPS = "even-taps";

  /** Even taps at 120 went well on two days: the usual step to 125. */
  private Progress afterTwoGoodDays() {
    Exercise taps = LIBRARY.find(TAPS).orElseThrow();
    Method method = taps.usualMethod();
    String dose =
        taps.doseText(method, Notation.NAMES).format(taps.dose(method).orElseThrow().usual());
    for (int day : new int[] {0, 4}) {
      sessions.add(
          new LoggedSession(
              new UUID(day, 9),
              at(day, 9),
              true,
              true,
              OptionalInt.of(4),
              List.of(
                  new LoggedSession.LoggedStep(
                      TAPS,
                      dose,
                      Laterality.TOGETHER,
                      Optional.empty(),
                      100,
                      100,
                      Optional.empty(),
                      OptionalInt.empty(),
                      Optional.empty())),
              List.of()));
      words.add(new HealthWord.OfMorning(at(day + 1, 8), MONDAY.plusDays(day + 1)));
    }
    return atNoon(6);
  }

  private static int tempoOfTomorrow(Progress progress) {
    Dose dose = progress.doses(MONDAY.plusDays(7)).get(TAPS).dose();
    return dose.form().notesAMinute().orElseThrow();
  }

  @Test
  void aTempoRisesWhereNobodyHasMeasured() {
    assertThat(tempoOfTomorrow(afterTwoGoodDays())).isEqualTo(125);
  }

  /** Model 5: a tempo rises only when even enough (7). */
  @Test
  void aTempoStaysWhereKeysSaidThatTheHandIsNotEven() {
    tested(3, Side.LEFT, 100, false);
    Progress progress = afterTwoGoodDays();
    assertThat(tempoOfTomorrow(progress)).isEqualTo(120);
    assertThat(progress.uneven()).containsExactly(TAPS);
    LadderStory story = progress.story(TAPS).orElseThrow();
    assertThat(story.decisions())
        .filteredOn(decision -> decision.side() == Side.LEFT)
        .last()
        .extracting(decision -> DecisionWords.sentence(decision, story.ladder()))
        .asString()
        .contains("the hand was not even enough on keys");
  }

  @Test
  void handsGoTogetherAsFastAsTheSlowerOneMay() {
    assertThat(atNoon(0).notesAMinute(Set.of(Side.LEFT))).as("never tested").isEmpty();
    tested(9, Side.LEFT, 100, false);
    tested(3, Side.LEFT, 100, true);
    tested(3, Side.RIGHT, 168, false);
    Progress progress = atNoon(0);
    assertThat(progress.notesAMinute(Set.of(Side.LEFT))).as("a rung faster").hasValue(104);
    assertThat(progress.notesAMinute(Set.of(Side.RIGHT))).as("where it was").hasValue(168);
    assertThat(progress.notesAMinute(Set.of(Side.LEFT, Side.RIGHT))).hasValue(104);
    assertThat(atNoon(26).notesAMinute(Set.of(Side.LEFT))).as("long ago").isEmpty();
  }

  @Test
  void whatKeysSaidCountsOnlyWhereItSaysSomething() {
    tested(3, Side.LEFT, 168, false);
    tested(40, Side.RIGHT, 100, false);
    assertThat(tempoOfTomorrow(afterTwoGoodDays()))
        .as("uneven when it went faster, or long ago")
        .isEqualTo(125);
    sessions.clear();
    tested(5, Side.LEFT, 100, false);
    tested(4, Side.LEFT, 130, true);
    assertThat(tempoOfTomorrow(afterTwoGoodDays())).as("even since").isEqualTo(125);
    sessions.clear();
    tested(5, Side.LEFT, 130, true);
    tested(4, Side.LEFT, 100, false);
    assertThat(tempoOfTomorrow(afterTwoGoodDays())).as("no more").isEqualTo(120);
  }

  @Test
  void theDoseOfTomorrowFollowsFromWhatIsOpenToo() {
    did(0);
    did(1);
    Progress right = progress(MONDAY.plusDays(1).atTime(10, 0));
    assertThat(right.story(STRETCH).orElseThrow().decisions())
        .as("yesterday's session is open until noon, or until the next one began")
        .hasSize(2);
    assertThat(right.doses(MONDAY.plusDays(2)).get(STRETCH).dose().quantity()).isEqualTo(20);
    assertThat(right.doses(MONDAY.plusDays(2)).get(STRETCH).fresh()).isTrue();
  }

  @Test
  void painOfAnotherPlaceDecidesNothing() {
    did(0);
    UUID second = did(1);
    hurt(second, PainMoment.DURING, 1, Side.LEFT, Region.NECK, 2);
    hurt(second, PainMoment.DURING, 1, Side.RIGHT, Region.SHOULDER, 5);
    assertThat(next(2).dose().on(Side.LEFT).quantity()).isEqualTo(20);
  }

  @Test
  void painOfOneSideLowersThatSide() {
    did(0);
    UUID second = did(1);
    hurt(second, PainMoment.DURING, 1, Side.RIGHT, Region.FOREARM_PALM_SIDE, 5);
    LadderStory story = atNoon(2).story(STRETCH).orElseThrow();
    assertThat(story.isLowered(Side.RIGHT)).isTrue();
    assertThat(story.rung(Side.LEFT, MONDAY.plusDays(2))).isEqualTo(1);
  }

  @Test
  void theMorningIsJudgedWithTheDayBefore() {
    did(0);
    did(1);
    words.add(new HealthWord.OfMorning(at(2, 7), MONDAY.plusDays(2)));
    hurt(null, PainMoment.MORNING, 2, Side.LEFT, Region.FOREARM_PALM_SIDE, 4);
    LadderStory story = progress(MONDAY.plusDays(2).atTime(8, 0)).story(STRETCH).orElseThrow();
    assertThat(DecisionWords.sentence(story.decisions().get(2), story.ladder()))
        .contains("pain 4 the next morning, 0 before");
    assertThat(story.rung(Side.RIGHT, MONDAY.plusDays(2))).isEqualTo(1);
  }

  @Test
  void whatWasNeverBegunSaysNothing() {
    did(0, 9, STRETCH, 0, Optional.empty());
    did(1, 9, STRETCH, 0, Optional.of(Shortfall.NO_TIME));
    assertThat(atNoon(3).story(STRETCH)).isEmpty();
    did(2, 9, STRETCH, 0, Optional.of(Shortfall.COULD_NOT));
    assertThat(atNoon(3).story(STRETCH).orElseThrow().isLowered(Side.LEFT)).isTrue();
  }

  @Test
  void heatAndReleaseDoNotClimb() {
    did(0, 9, "palm-rub", 100, Optional.empty());
    assertThat(atNoon(2).stories()).isEmpty();
  }

  @Test
  void anyOtherWorkOfTheSameTissueKeepsTheRung() {
    Exercise other =
        LIBRARY.exercises().stream()
            .filter(one -> one.service().main().equals(main()) && !one.id().equals(STRETCH))
            .findFirst()
            .orElseThrow();
    did(0);
    did(1);
    assertThat(next(1 + 8).dose().on(Side.LEFT).quantity()).isEqualTo(15);
    did(6, 9, other.id(), 100, Optional.empty());
    assertThat(next(1 + 8).dose().on(Side.LEFT).quantity()).isEqualTo(20);
  }

  private static org.nimblet.core.anatomy.Target main() {
    return LIBRARY.find(STRETCH).orElseThrow().service().main();
  }

  @Test
  void theCoachsWordsAreInTheSameLog() {
    did(0);
    said.add(
        new CoachWord(
            STRETCH,
            at(1, 12),
            Set.of(Side.LEFT, Side.RIGHT),
            Overruling.Word.PIN,
            4,
            "Tried it."));
    assertThat(next(2).dose().repetitions()).isEqualTo(3);
    assertThat(atNoon(2).closed(Map.of())).isEmpty();
  }

  /** Model section 5, first row: until it is cleared, by the coach or by a clinician since. */
  @Test
  void whatIsStoppedStaysOutUntilSomebodyAllowsIt() {
    UUID session = did(0);
    hurt(session, PainMoment.DURING, 0, Side.LEFT, Region.FOREARM_PALM_SIDE, 8);
    assertThat(atNoon(40).closed(Map.of()))
        .extracting(story -> story.exercise().id())
        .containsExactly(STRETCH);
    assertThat(atNoon(40).closed(Map.of(STRETCH, MONDAY.minusDays(1)))).hasSize(1);
    assertThat(atNoon(40).closed(Map.of(STRETCH, MONDAY.plusDays(3)))).isEmpty();
    said.add(
        new CoachWord(
            STRETCH, at(5, 12), Set.of(Side.LEFT, Side.RIGHT), Overruling.Word.ALLOW, 0, "Seen."));
    assertThat(atNoon(40).closed(Map.of())).isEmpty();
  }

  @Test
  void whatIsDecidedOtherwiseAfterACorrectionIsNamedWithBothSentences() {
    did(0);
    UUID second = did(1);
    Progress before = atNoon(2);
    hurt(second, PainMoment.AFTER, 1, Side.RIGHT, Region.FOREARM_PALM_SIDE, 5);
    List<ChangedDecision> changed = ChangedDecision.between(before, atNoon(2));
    assertThat(changed).hasSize(1);
    assertThat(changed.get(0).side()).isEqualTo(Side.RIGHT);
    assertThat(changed.get(0).date()).isEqualTo(MONDAY.plusDays(1));
    assertThat(changed.get(0).was()).isEqualTo("Up from 15 s to 20 s: it went well 2 times.");
    assertThat(changed.get(0).now()).contains("pain 5").doesNotContain("Up");
    assertThat(ChangedDecision.between(before, before)).isEmpty();
  }

  @Test
  void whatIsTakenOutOfTheLogDecidesNothingAnyMore() {
    did(0);
    did(1);
    Progress before = atNoon(2);
    sessions.remove(1);
    List<ChangedDecision> changed = ChangedDecision.between(before, atNoon(2));
    assertThat(changed).extracting(ChangedDecision::now).containsOnly("");
    assertThat(changed).extracting(ChangedDecision::side).containsExactly(Side.LEFT, Side.RIGHT);
  }
}
