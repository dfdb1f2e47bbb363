package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.RegionGroup;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Use;

/**
 * Over the whole library: what is closed on a card is open nowhere, the hand that helps included.
 */
class SafetyPropertyTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final LocalDate TOLD = LocalDate.of(2026, 3, 2);
  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);
  private static final Set<Region> EVERYWHERE = EnumSet.allOf(Region.class);

  /** The safety gates of an exercise while a side acts. */
  private static boolean isOpen(Exercise exercise, Side acting, RoutineRequest person) {
    PurposePlan plan = PurposePlan.of(Purpose.RECOVERY);
    return Gate.OF_SAFETY.stream()
        .allMatch(gate -> gate.closed(exercise, acting, plan, person).isEmpty());
  }

  static Stream<Arguments> places() {
    return Arrays.stream(Region.values())
        .flatMap(region -> Arrays.stream(Side.values()).map(side -> Arguments.of(side, region)));
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("places")
  void nothingOpenWorksARegionWithPainNine(Side side, Region region) {
    RoutineRequest sore =
        RequestBuilder.of(Purpose.RECOVERY).pain(Pain.steady(side, region, 9)).build();
    for (Exercise exercise : LIBRARY.exercises()) {
      for (Side acting : Side.values()) {
        boolean works =
            exercise
                .uses()
                .of(acting, side, region)
                .filter(u -> u.isAtLeast(Use.WORKS))
                .isPresent();
        assertThat(works && isOpen(exercise, acting, sore))
            .as("%s by the %s side works the %s", exercise.id(), acting.word(), region.word())
            .isFalse();
      }
    }
  }

  static Stream<Arguments> placesOfTheHand() {
    return places().filter(place -> RegionGroup.HAND.regions().contains((Region) place.get()[1]));
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("placesOfTheHand")
  void aSoreHandNeitherPullsNorPresses(Side side, Region region) {
    RoutineRequest sore =
        RequestBuilder.of(Purpose.RECOVERY).pain(Pain.steady(side, region, 4)).build();
    for (Exercise exercise : LIBRARY.exercises()) {
      boolean pulls = exercise.uses().helping().getOrDefault(region, Use.MOVES) != Use.MOVES;
      assertThat(pulls && isOpen(exercise, side.other(), sore))
          .as("%s with the sore %s %s helping", exercise.id(), side.word(), region.word())
          .isFalse();
    }
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("places")
  void nothingOpenTouchesARegionThatWasTakenOut(Side side, Region region) {
    RoutineRequest resting =
        RequestBuilder.of(Purpose.RECOVERY)
            .exclusion(Exclusion.ofRegion(side, region, "told to rest it."))
            .build();
    for (Exercise exercise : LIBRARY.exercises()) {
      for (Side acting : Side.values()) {
        assertThat(isOpen(exercise, acting, resting))
            .as("%s by the %s side", exercise.id(), acting.word())
            .isEqualTo(exercise.uses().of(acting, side, region).isEmpty());
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Movement.class)
  void nothingOpenTakesAnExcludedDirectionToItsEndOrLoadsIt(Movement movement) {
    for (Side side : Side.values()) {
      RoutineRequest without =
          RequestBuilder.of(Purpose.RECOVERY)
              .exclusion(
                  new Exclusion(
                      new Exclusion.OfMovement(side, movement), "not yet.", Optional.empty()))
              .build();
      assertThat(LIBRARY.exercises())
          .filteredOn(exercise -> exercise.demands().reaches(movement))
          .isNotEmpty()
          .noneMatch(exercise -> isOpen(exercise, side, without));
    }
  }

  /** What a card promises is what the data say, and what the gate does. */
  @ParameterizedTest
  @EnumSource(Condition.class)
  void leftOutOnTheCardIsClosedInTheDataIsClosedByTheGate(Condition condition) {
    RoutineRequest known =
        RequestBuilder.of(Purpose.RECOVERY)
            .condition(new KnownCondition(condition, BOTH, EVERYWHERE, TOLD))
            .build();
    for (Exercise exercise : LIBRARY.exercises()) {
      boolean onTheCard =
          exercise.cautions().stream()
              .anyMatch(c -> c.startsWith("Left out with ") && c.contains(condition.word()));
      boolean inTheData = exercise.closedWith().conditions().contains(condition);
      assertThat(onTheCard).as(exercise.id()).isEqualTo(inTheData);
      for (Side acting : Side.values()) {
        assertThat(isOpen(exercise, acting, known)).as(exercise.id()).isEqualTo(!inTheData);
      }
    }
  }

  @ParameterizedTest
  @EnumSource(ReferralSign.class)
  void whatASignClosesInTheDataTheGateCloses(ReferralSign sign) {
    RequestBuilder person = RequestBuilder.of(Purpose.RECOVERY);
    BOTH.forEach(side -> person.sign(new Sign(sign, side, EVERYWHERE, "", TOLD)));
    RoutineRequest known = person.build();
    for (Exercise exercise : LIBRARY.exercises()) {
      for (Side acting : Side.values()) {
        assertThat(isOpen(exercise, acting, known))
            .as(exercise.id())
            .isEqualTo(!exercise.closedWith().signs().contains(sign));
      }
    }
  }

  /** Words that promise to close something come from the data and are never written by hand. */
  @Test
  void noHandWrittenCautionPromisesToCloseAnything() {
    List<String> promises =
        LIBRARY.exercises().stream()
            .flatMap(
                exercise ->
                    Stream.concat(
                        exercise.guidance().cautions().stream(),
                        exercise.guidance().stopRules().stream()))
            .filter(
                words ->
                    words.matches(
                        "(?i).*(left out|leave[s]? (it|them) out|not with (a )?(sore|known|very)).*"))
            .toList();
    assertThat(promises).isEmpty();
  }

  /** While a dystonia is only suspected, no more is allowed than when it is known. */
  @Test
  void aSuspectedDystoniaIsNeverLaxerThanADiagnosedOne() {
    assertThat(LIBRARY.exercises())
        .filteredOn(e -> e.closedWith().conditions().contains(Condition.DYSTONIA))
        .isNotEmpty()
        .allMatch(e -> e.closedWith().signs().contains(ReferralSign.CURLING_BY_ITSELF));
  }

  /** After an injury or with swelling: no overpressure and no massage there or next to it. */
  @ParameterizedTest
  @EnumSource(
      value = ReferralSign.class,
      names = {"RECENT_INJURY", "SWELLING"})
  void nothingPressesOnWhatIsInjuredOrSwollen(ReferralSign sign) {
    for (Region region : EnumSet.range(Region.THUMB, Region.ELBOW)) {
      RoutineRequest hurt =
          RequestBuilder.of(Purpose.RECOVERY)
              .sign(new Sign(sign, Side.LEFT, Set.of(region), "", TOLD))
              .build();
      for (Exercise exercise : LIBRARY.exercises()) {
        boolean massages =
            exercise.kind() == org.nimblet.core.exercise.Kind.RELEASE
                && exercise.uses().of(Side.LEFT, Side.LEFT, region).isPresent();
        boolean helps =
            exercise.uses().helping().get(region) != null
                && exercise.uses().helping().get(region).isAtLeast(Use.WORKS);
        assertThat(massages && isOpen(exercise, Side.LEFT, hurt)).as(exercise.id()).isFalse();
        assertThat(helps && isOpen(exercise, Side.RIGHT, hurt)).as(exercise.id()).isFalse();
      }
    }
  }

  /** A stop closes, for the rest of the day, at least what the sign of the same place would. */
  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("places")
  void afterAStopNothingStrongIsDoneThere(Side side, Region region) {
    RoutineRequest stopped =
        RequestBuilder.of(Purpose.STRENGTH)
            .stop(new Stop(side, Set.of(region), "sharp, 5 of 10"))
            .build();
    for (Exercise exercise : LIBRARY.exercises()) {
      for (Side acting : Side.values()) {
        boolean works =
            exercise.uses().anyOf(Reach.withArea(Set.of(region)), acting, side, Use.WORKS);
        boolean strong = exercise.demands().tires() || exercise.demands().intensity() > 1;
        assertThat(works && strong && isOpen(exercise, acting, stopped))
            .as("%s by the %s side", exercise.id(), acting.word())
            .isFalse();
      }
    }
  }

  /**
   * A bounded sample; as many people as anybody wants are looked at by the benchmarks, see
   * docs/performance.md.
   */
  @ParameterizedTest
  @EnumSource(PersonAudit.Way.class)
  void whateverIsMadeForAnybodyBreaksNoRule(PersonAudit.Way way) {
    PersonAudit audit = new PersonAudit(LIBRARY);
    int made = 0;
    for (long seed = 0; seed < 150; seed++) {
      PersonAudit.Outcome outcome = audit.of(way, seed);
      assertThat(outcome.broken()).as("%s, seed %d", way, seed).isEmpty();
      made += outcome.made() ? 1 : 0;
    }
    assertThat(made).as("there was something to look at").isPositive();
  }

  /** Somebody breathes so slowly that the fewest breaths bend the wrist for too long. */
  @Test
  void whatIsTooLongAtItsLeastIsLeftOut() {
    PersonAudit audit = new PersonAudit(LIBRARY);
    assertThat(audit.of(PersonAudit.Way.REPAIRED, 10_358).broken()).isEmpty();
  }

  /** A strength stood in the evening of a day on which none could be composed any more. */
  @Test
  void workThatCannotBeComposedAfterAStopIsNotPlannedEither() {
    int refused = 0;
    for (Region region : Region.values()) {
      RequestBuilder asked =
          RequestBuilder.of(Purpose.STRENGTH)
              .seconds(600)
              .things(Set.of(Thing.INSTRUMENT))
              .positions(EnumSet.of(Position.AT_INSTRUMENT));
      BOTH.forEach(side -> asked.stop(new Stop(side, Set.of(region), "sharp, 5 of 10")));
      RoutineRequest stopped = asked.build();
      if (new Composer(LIBRARY, Purpose.STRENGTH).compose(stopped)
          instanceof Composition.NotComposed) {
        refused++;
        for (boolean heavy : List.of(true, false)) {
          LineOfWork work =
              new LineOfWork(Purpose.STRENGTH, heavy, LIBRARY, stopped.facts(), stopped.use());
          assertThat(work.forbidden()).as("%s, heavy %s", region, heavy).isPresent();
        }
      }
    }
    assertThat(refused).as("there was something to look at").isPositive();
  }
}
