package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;

class LadderStoryTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Exercise STRETCH = LIBRARY.find("palm-up-fingers-back").orElseThrow();
  private static final Exercise ENDURANCE = LIBRARY.find("fast-open-and-close").orElseThrow();
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final LocalDateTime LATER = MONDAY.plusYears(10).atStartOfDay();

  private final List<RungEvent> events = new ArrayList<>();
  private final Exercise exercise = STRETCH;

  private static Ladder ladder(Exercise exercise) {
    return Ladder.of(exercise, Method.STEADY_HOLD, List.of());
  }

  private static LadderStory fold(Exercise exercise, List<RungEvent> events, LocalDateTime now) {
    Map<Side, WorkedDates> worked =
        Map.of(Side.LEFT, dates(events, Side.LEFT), Side.RIGHT, dates(events, Side.RIGHT));
    return LadderStory.of(exercise, Method.STEADY_HOLD, ladder(exercise), worked, events, now);
  }

  private static WorkedDates dates(List<RungEvent> events, Side side) {
    return WorkedDates.of(
        events.stream()
            .filter(event -> event instanceof Evidence && event.side() == side)
            .map(RungEvent::date)
            .toList());
  }

  private static Evidence evidence(
      Side side,
      LocalDateTime began,
      Optional<Dose> dose,
      int during,
      int next,
      int done,
      int effort) {
    return new Evidence(
        UUID.nameUUIDFromBytes((began + " " + side).getBytes(StandardCharsets.UTF_8)),
        began,
        side,
        dose,
        done,
        Optional.empty(),
        OptionalInt.empty(),
        Optional.empty(),
        false,
        OptionalInt.of(0),
        during < 0 ? OptionalInt.empty() : OptionalInt.of(during),
        next < 0 ? OptionalInt.empty() : OptionalInt.of(next),
        effort < 0 ? OptionalInt.empty() : OptionalInt.of(effort),
        false);
  }

  private void did(int day, Side side, int during, int next, int done, int effort) {
    events.add(
        evidence(
            side, MONDAY.plusDays(day).atTime(9, 0), Optional.empty(), during, next, done, effort));
  }

  private void well(int day, Side side) {
    did(day, side, 0, 0, 100, 4);
  }

  private LadderStory story() {
    return fold(exercise, events, LATER);
  }

  private RungDecision lastDecision() {
    List<RungDecision> decisions = story().decisions();
    return decisions.get(decisions.size() - 1);
  }

  private String lastSentence() {
    return DecisionWords.sentence(lastDecision(), ladder(exercise));
  }

  private int rungAfter(int day) {
    return story().rung(Side.LEFT, MONDAY.plusDays(day));
  }

  @Test
  void twiceWellIsAStepUp() {
    int first = story().rung(Side.LEFT, MONDAY);
    well(0, Side.LEFT);
    assertThat(lastSentence())
        .isEqualTo("Stays at 15 s: it went well 1 of 2 times that make a step.");
    assertThat(story().isReadyToStepUp(Side.LEFT, MONDAY.plusDays(1))).isTrue();
    well(1, Side.LEFT);
    assertThat(lastSentence()).isEqualTo("Up from 15 s to 20 s: it went well 2 times.");
    assertThat(rungAfter(2)).isEqualTo(first + 1);
    assertThat(story().rung(Side.RIGHT, MONDAY.plusDays(2))).isEqualTo(first);
  }

  @Test
  void aStepComesAtMostEveryThreeDaysAndOnceADate() {
    for (int day = 0; day < 5; day++) {
      well(day, Side.LEFT);
      well(day, Side.RIGHT);
    }
    assertThat(story().decisions().stream().filter(d -> d.side() == Side.LEFT))
        .extracting(RungDecision::effect)
        .containsExactly(
            RungDecision.Effect.COUNTED,
            RungDecision.Effect.UP,
            RungDecision.Effect.COUNTED,
            RungDecision.Effect.COUNTED,
            RungDecision.Effect.UP);
  }

  @Test
  void twiceOnOneDateCountsOnce() {
    events.add(evidence(Side.LEFT, MONDAY.atTime(8, 0), Optional.empty(), 0, 0, 100, 3));
    events.add(evidence(Side.LEFT, MONDAY.atTime(18, 0), Optional.empty(), 0, 0, 100, 3));
    assertThat(story().streak(Side.LEFT)).isEqualTo(1);
  }

  @Test
  void painTakesARungAndItsWayBackIsLonger() {
    for (int day = 0; day < 2; day++) {
      well(day, Side.LEFT);
    }
    did(4, Side.LEFT, 4, -1, 100, 4);
    assertThat(lastSentence())
        .isEqualTo("Down from 20 s to 15 s: pain 4 while it was done, 0 before.");
    assertThat(story().need(Side.LEFT, MONDAY.plusDays(5))).isEqualTo(3);
    assertThat(story().need(Side.LEFT, MONDAY.plusDays(40))).isEqualTo(2);
    for (int day = 7; day < 9; day++) {
      well(day, Side.LEFT);
      assertThat(lastDecision().effect()).isEqualTo(RungDecision.Effect.COUNTED);
    }
    well(9, Side.LEFT);
    assertThat(lastDecision().effect()).isEqualTo(RungDecision.Effect.UP);
  }

  @Test
  void underTheEasiestThereIsAShareAndThenAPause() {
    did(0, Side.LEFT, 4, -1, 100, 4);
    assertThat(lastDecision().effect()).isEqualTo(RungDecision.Effect.LOWERED);
    // 15 s are the least that is sound, so one of the two repetitions goes.
    assertThat(story().dose(Side.LEFT, MONDAY.plusDays(1)).quantity()).isEqualTo(15);
    assertThat(story().dose(Side.LEFT, MONDAY.plusDays(1)).repetitions()).isEqualTo(1);
    did(1, Side.LEFT, 4, -1, 100, 4);
    assertThat(story().isPaused()).isTrue();
    assertThat(lastSentence())
        .isEqualTo("Paused until your coach allows it again: pain 4 while it was done, 0 before.");
    events.add(
        new Overruling(
            MONDAY.plusDays(3).atTime(9, 0), Side.LEFT, Overruling.Word.ALLOW, 0, "Looked at it."));
    assertThat(story().isPaused()).isFalse();
    assertThat(story().isLowered(Side.LEFT)).isFalse();
  }

  @Test
  void theWholeOfTheEasiestComesBackBeforeTheNextRung() {
    did(0, Side.LEFT, 4, -1, 100, 4);
    well(3, Side.LEFT);
    assertThat(story().isLowered(Side.LEFT)).isTrue();
    well(4, Side.LEFT);
    assertThat(lastSentence()).isEqualTo("The whole of 15 s again: it went well 2 times.");
    assertThat(story().isLowered(Side.LEFT)).isFalse();
    assertThat(rungAfter(5)).isZero();
  }

  /** The lesser side decides where both do the same, also where both stand on the easiest rung. */
  @Test
  void aLoweredSideIsTheLesserOne() {
    did(0, Side.LEFT, 0, 0, 100, 9);
    did(0, Side.RIGHT, 5, 0, 100, 4);
    Dose dose = story().dose(MONDAY.plusDays(1));
    assertThat(dose.on(Side.RIGHT).repetitions()).isEqualTo(1);
    assertThat(dose.on(Side.LEFT).repetitions()).isEqualTo(2);
  }

  @Test
  void aSideThatNeverDidItBeginsAtItsOwnFirstRung() {
    for (int day = 0; day < 8; day++) {
      well(day, Side.LEFT);
    }
    Dose dose = story().dose(MONDAY.plusDays(8));
    assertThat(dose.on(Side.LEFT).quantity()).isEqualTo(30);
    assertThat(dose.on(Side.RIGHT).quantity()).isEqualTo(15);
  }

  @Test
  void everyRungOnTheWayDownIsLongerToComeBackTo() {
    for (int day = 0; day <= 9; day++) {
      well(day, Side.LEFT);
    }
    did(13, Side.LEFT, 4, -1, 100, 4);
    did(14, Side.LEFT, 4, -1, 100, 4);
    assertThat(rungAfter(15)).isEqualTo(1);
    for (int day = 17; day < 20; day++) {
      well(day, Side.LEFT);
    }
    assertThat(rungAfter(20)).isEqualTo(2);
    assertThat(story().need(Side.LEFT, MONDAY.plusDays(20)))
        .as("30 s was left as well")
        .isEqualTo(3);
  }

  @Test
  void whatTheCoachSaidThatDayKeepsNoPainFromLoweringIt() {
    events.add(
        new Overruling(MONDAY.atTime(8, 0), Side.LEFT, Overruling.Word.RESET, 3, "Felt strong."));
    did(0, Side.LEFT, 5, -1, 100, 4);
    assertThat(rungAfter(1)).isEqualTo(2);
  }

  @Test
  void aPinDoesNotHoldAgainstWhatWasLeftBecauseItHurt() {
    events.add(new Overruling(MONDAY.atStartOfDay(), Side.LEFT, Overruling.Word.PIN, 3, "Recital"));
    Evidence left =
        evidence(Side.LEFT, MONDAY.plusDays(1).atTime(9, 0), Optional.empty(), 0, 0, 40, 4);
    events.add(
        new Evidence(
            left.sessionId(),
            left.began(),
            left.side(),
            left.dose(),
            left.donePercent(),
            Optional.of(Shortfall.HURT),
            left.complete(),
            left.shift(),
            left.sign(),
            left.before(),
            left.during(),
            left.nextMorning(),
            left.effort(),
            left.uneven()));
    assertThat(rungAfter(2)).isEqualTo(2);
  }

  @Test
  void daysAwayLowerWhatWasReached() {
    for (int day = 0; day <= 9; day++) {
      well(day, Side.LEFT);
      well(day, Side.RIGHT);
    }
    int reached = rungAfter(10);
    assertThat(reached).isEqualTo(3);
    assertThat(rungAfter(9 + 6)).isEqualTo(reached);
    assertThat(rungAfter(9 + 7)).isEqualTo(reached - 1);
    assertThat(rungAfter(9 + 13)).isEqualTo(reached - 1);
    assertThat(rungAfter(9 + 14)).isEqualTo(reached - 2);
    // 30 s twice is 60 s; 60 % of it is 36 s, which only 15 s twice keeps.
    assertThat(rungAfter(9 + 28)).isZero();
    well(9 + 8, Side.LEFT);
    assertThat(story().decisions())
        .anySatisfy(
            decision ->
                assertThat(DecisionWords.sentence(decision, ladder(exercise)))
                    .isEqualTo("Down from 30 s to 25 s: 8 days without work there."));
    assertThat(rungAfter(9 + 9)).isEqualTo(reached - 1);
  }

  @Test
  void oneSideWaitsForTheOther() {
    did(0, Side.RIGHT, 0, 0, 100, 8);
    for (int day = 0; day < 14; day++) {
      well(day, Side.LEFT);
      did(day, Side.RIGHT, 0, 0, 100, 9);
    }
    // 15 s on the right: 1.5 times that is 22.5 s, so 25 s would be too much.
    assertThat(rungAfter(14)).isEqualTo(1);
    assertThat(story().decisions().stream().filter(d -> d.side() == Side.LEFT))
        .extracting(RungDecision::effect)
        .contains(RungDecision.Effect.WAITS);
    assertThat(story().isStuck(Side.RIGHT)).isTrue();
  }

  @Test
  void theDosesOfTheSidesDifferAsTheirRungsDo() {
    well(0, Side.LEFT);
    well(1, Side.LEFT);
    did(0, Side.RIGHT, 0, 0, 100, 9);
    Dose dose = story().dose(MONDAY.plusDays(2));
    assertThat(dose.on(Side.LEFT).quantity()).isEqualTo(20);
    assertThat(dose.on(Side.RIGHT).quantity()).isEqualTo(15);
  }

  @Test
  void whatTheCoachSaysHoldsButNotAgainstPain() {
    events.add(
        new Overruling(
            MONDAY.atStartOfDay(), Side.LEFT, Overruling.Word.PIN, 3, "For the recital"));
    well(0, Side.LEFT);
    well(1, Side.LEFT);
    assertThat(rungAfter(2)).isEqualTo(3);
    assertThat(rungAfter(20)).isEqualTo(3);
    did(3, Side.LEFT, 5, -1, 100, 4);
    assertThat(rungAfter(4)).isEqualTo(2);
    assertThat(story().overruled(Side.LEFT)).isEmpty();
  }

  private static Evidence shifted(Evidence one, Shift shift) {
    return new Evidence(
        one.sessionId(),
        one.began(),
        one.side(),
        one.dose(),
        one.donePercent(),
        one.shortfall(),
        one.complete(),
        Optional.of(shift),
        one.sign(),
        one.before(),
        one.during(),
        one.nextMorning(),
        one.effort(),
        one.uneven());
  }

  @Test
  void whatIsMadeEasierOrHarderOnTheWayIsRemembered() {
    Evidence harder = evidence(Side.LEFT, MONDAY.atTime(9, 0), Optional.empty(), 0, 0, 100, 3);
    events.add(shifted(harder, Shift.HARDER));
    assertThat(lastSentence())
        .isEqualTo("Up from 15 s to 20 s: it was made harder on the way, and went well.");
    Evidence easier =
        evidence(Side.LEFT, MONDAY.plusDays(1).atTime(9, 0), Optional.empty(), 0, 0, 75, 3);
    events.add(shifted(easier, Shift.EASIER));
    assertThat(lastSentence()).isEqualTo("Down from 20 s to 15 s: it was made easier on the way.");
    Evidence sore =
        evidence(Side.LEFT, MONDAY.plusDays(2).atTime(9, 0), Optional.empty(), 2, 3, 100, 3);
    events.add(shifted(sore, Shift.HARDER));
    assertThat(rungAfter(3)).isZero();
  }

  @Test
  void lessThanTheRungSaysNothingAboutIt() {
    Dose rung = ladder(STRETCH).rungs().get(0).dose();
    for (int day = 0; day < 4; day++) {
      events.add(
          evidence(
              Side.LEFT,
              MONDAY.plusDays(day).atTime(9, 0),
              Optional.of(rung.withQuantity(10)),
              0,
              0,
              100,
              3));
    }
    assertThat(rungAfter(4)).isZero();
    assertThat(lastSentence())
        .isEqualTo("Nothing changes: less than the rung was set, and that went well.");
  }

  @Test
  void aSessionIsJudgedAtNoonOfTheNextDayOrByItsMorningOrByTheNextOne() {
    did(0, Side.LEFT, 0, -1, 100, 3);
    assertThat(fold(exercise, events, MONDAY.plusDays(1).atTime(11, 59)).decisions()).isEmpty();
    assertThat(fold(exercise, events, MONDAY.plusDays(1).atTime(12, 0)).decisions()).hasSize(1);
    did(1, Side.LEFT, 0, -1, 100, 3);
    assertThat(fold(exercise, events, MONDAY.plusDays(1).atTime(9, 30)).decisions()).hasSize(1);
    events.set(
        1, evidence(Side.LEFT, MONDAY.plusDays(1).atTime(9, 0), Optional.empty(), 0, 1, 100, 3));
    assertThat(fold(exercise, events, MONDAY.plusDays(1).atTime(9, 30)).decisions()).hasSize(2);
  }

  /** Model section 5: the 40 → 300 series, one step every two dates, all going well. */
  @Test
  void enduranceRisesToThreeHundredInTwentyOneSteps() {
    List<RungEvent> log = new ArrayList<>();
    Evidence first = evidence(Side.LEFT, MONDAY.atTime(9, 0), Optional.empty(), 0, 0, 100, 4);
    log.add(
        new Evidence(
            first.sessionId(),
            first.began(),
            first.side(),
            first.dose(),
            100,
            Optional.empty(),
            OptionalInt.of(43),
            Optional.empty(),
            false,
            first.before(),
            first.during(),
            first.nextMorning(),
            first.effort(),
            false));
    for (int day = 1; day < 42; day++) {
      log.add(
          evidence(Side.LEFT, MONDAY.plusDays(day).atTime(9, 0), Optional.empty(), 0, 0, 100, 4));
    }
    LadderStory story = fold(ENDURANCE, log, LATER);
    List<Integer> counts =
        story.decisions().stream()
            .filter(decision -> decision.effect() == RungDecision.Effect.UP)
            .map(decision -> story.ladder().rungs().get(decision.to()).dose().quantity())
            .toList();
    assertThat(counts)
        .containsExactly(
            45, 50, 55, 60, 65, 70, 75, 85, 95, 105, 115, 125, 140, 155, 170, 185, 205, 225, 250,
            275, 300);
  }

  /** ACSM 2009, from memory: load rises by 2–10 %, and repetitions do not rise with it. */
  @Test
  void loadAndRepetitionsNeverRiseTogether() {
    Exercise loaded =
        LIBRARY.exercises().stream()
            .filter(
                one -> one.doses().values().stream().anyMatch(p -> p.usual().load().isPresent()))
            .filter(
                one ->
                    one.progression().steps()
                        instanceof org.nimblet.core.exercise.Progression.ByDose)
            .findFirst()
            .orElseThrow();
    Ladder ladder =
        Ladder.of(
            loaded,
            loaded.usualMethod(),
            List.of(new Load.Weight(500), new Load.Weight(550), new Load.Weight(1000)));
    for (int i = 1; i < ladder.rungs().size(); i++) {
      Dose before = ladder.rungs().get(i - 1).dose();
      Dose after = ladder.rungs().get(i).dose();
      boolean heavier = !before.load().equals(after.load());
      assertThat(after.repetitions() > before.repetitions()).isNotEqualTo(heavier);
      assertThat(ladder.rungOf(after)).isEqualTo(i);
    }
  }

  /** Folding in any order of arrival gives the same state. */
  @Test
  void theOrderOfArrivalMakesNoDifference() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      events.clear();
      int day = 0;
      for (int i = 0; i < 40; i++) {
        day += random.nextInt(4) == 0 ? 1 + random.nextInt(20) : 1;
        for (Side side : Side.values()) {
          did(
              day,
              side,
              random.nextInt(12) - 1 > 6 ? 0 : random.nextInt(5) - 1,
              random.nextInt(4) - 1,
              random.nextInt(5) == 0 ? random.nextInt(101) : 100,
              random.nextInt(11) - 1);
        }
      }
      LadderStory inOrder = story();
      List<RungEvent> shuffled = new ArrayList<>(events);
      Collections.shuffle(shuffled, random);
      LadderStory other = fold(exercise, shuffled, LATER);
      assertThat(other.decisions()).isEqualTo(inOrder.decisions());
      LocalDate after = MONDAY.plusDays(day + 3);
      for (Side side : Side.values()) {
        assertThat(other.rung(side, after)).isEqualTo(inOrder.rung(side, after));
        assertThat(inOrder.rung(side, after)).isBetween(0, inOrder.ladder().last());
      }
      assertThat(inOrder.decisions())
          .allSatisfy(
              decision ->
                  assertThat(DecisionWords.sentence(decision, inOrder.ladder()))
                      .matches("[A-Z].*[.]")
                      .doesNotContain("null", "not known the"));
    }
  }
}
