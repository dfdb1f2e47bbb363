package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.ClientFacts.Exclusion;
import org.nimblet.core.routine.ClientFacts.Pain;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Composition.NotComposed;

class ComposerTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Composer COMPOSER = new Composer(LIBRARY, PurposePlan.WARM_UP);
  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  static LongStream seeds() {
    return LongStream.range(0, 250);
  }

  private static ClientFacts facts(List<Pain> pains, List<Exclusion> exclusions) {
    return new ClientFacts(
        Side.RIGHT,
        Notation.PLUCKING,
        Pace.USUAL,
        Method.STEADY_HOLD,
        EnumSet.of(Position.SIT, Position.AT_INSTRUMENT, Position.STAND),
        EnumSet.of(Thing.INSTRUMENT),
        pains,
        exclusions);
  }

  private static RoutineRequest request(int seconds, ClientFacts facts) {
    return new RoutineRequest(
        seconds,
        facts,
        Discipline.PLUCKED_STRINGS,
        BOTH,
        Weights.starting(Discipline.PLUCKED_STRINGS, BOTH, EnumSet.of(Digit.RING)),
        Map.of(),
        false);
  }

  /** A long quiet hold is too long before play; the usual dose of the same stretch is not. */
  @Test
  void whoLikesLongHoldsGetsShortOnesBeforePlay() {
    ClientFacts quiet =
        new ClientFacts(
            Side.RIGHT,
            Notation.NAMES,
            Pace.USUAL,
            Method.LONG_QUIET,
            EnumSet.of(Position.SIT, Position.AT_INSTRUMENT, Position.STAND),
            EnumSet.of(Thing.INSTRUMENT),
            List.of(),
            List.of());
    Composed warmUp = composed(request(600, quiet));
    assertThat(warmUp.steps())
        .filteredOn(step -> step.exercise().kind() == Kind.STRETCH)
        .isNotEmpty()
        .allSatisfy(
            step -> assertThat(step.dose().heldSecondsPerSide(Pace.USUAL)).isLessThanOrEqualTo(30));
  }

  private static Composed composed(RoutineRequest request) {
    return (Composed) COMPOSER.compose(request);
  }

  @Test
  void fillsTenMinutesWithEveryPhaseInItsOrder() {
    Composed warmUp = composed(request(600, facts(List.of(), List.of())));
    assertThat(warmUp.shortPhases()).isEmpty();
    assertThat(warmUp.cueSheet().lengthMillis()).isBetween(540_000L, 600_000L);
    List<Integer> phases =
        warmUp.steps().stream()
            .map(
                step ->
                    PurposePlan.WARM_UP
                        .phases()
                        .indexOf(PurposePlan.WARM_UP.phaseOf(step.exercise().kind()).orElseThrow()))
            .toList();
    assertThat(phases).isSorted().contains(0, 1, 2, 4, 5);
  }

  /** MODEL 2: three hasty doses must not crowd out one full one. */
  @ParameterizedTest
  @CsvSource({"300", "480", "600", "900"})
  void stepsAreNotHasty(int seconds) {
    Composed warmUp = composed(request(seconds, facts(List.of(), List.of())));
    List<Long> lengths = new ArrayList<>();
    for (int i = 0; i < warmUp.steps().size(); i++) {
      lengths.add(warmUp.cueSheet().stepMillis(i));
    }
    lengths.sort(Comparator.naturalOrder());
    assertThat(lengths.get(lengths.size() / 2)).isGreaterThanOrEqualTo(20_000);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void keepsItsOwnRulesForAnyone(long seed) {
    RoutineRequest request = new RequestGenerator(seed).request(LIBRARY);
    Composition composition = COMPOSER.compose(request);
    if (composition instanceof NotComposed none) {
      assertThat(none.reason()).isNotBlank();
      return;
    }
    Composed warmUp = (Composed) composition;
    assertThat(warmUp.cueSheet().lengthMillis())
        .isLessThanOrEqualTo(request.budgetSeconds() * 1000L);
    Map<Target, Integer> held = new HashMap<>();
    int warming = 0;
    for (int i = 0; i < warmUp.steps().size(); i++) {
      Step step = warmUp.steps().get(i);
      Exercise exercise = step.exercise();
      assertThat(PurposePlan.WARM_UP.phaseOf(exercise.kind())).isPresent();
      assertThat(exercise.suits(request.discipline())).isTrue();
      assertThat(request.facts().positions()).contains(step.position());
      assertThat(request.facts().things()).containsAll(step.things());
      assertThat(exercise.demands().tires()).isFalse();
      assertThat(exercise.doses().values())
          .anySatisfy(plan -> assertThat(plan.bounds().contains(step.dose().quantity())).isTrue());
      if (exercise.kind() == Kind.HEAT || exercise.kind() == Kind.MOBILISE) {
        warming += (int) (warmUp.cueSheet().stepMillis(i) / 1000);
      }
      if (exercise.kind() == Kind.STRETCH) {
        held.merge(
            exercise.service().main(),
            step.dose().heldSecondsPerSide(request.facts().pace()),
            Integer::sum);
        if (exercise.demands().needsWarmth() && !request.warmed()) {
          assertThat(warming).isGreaterThanOrEqualTo(55);
        }
      }
      for (Pain pain : request.facts().pains()) {
        if (pain.level() >= SafetyRules.ENDING_PAIN) {
          assertThat(exercise.service().loadedRegions()).doesNotContain(pain.region());
        }
      }
      for (Exclusion exclusion : request.facts().exclusions()) {
        assertThat(exercise.service().loadedRegions()).doesNotContain(exclusion.region());
      }
    }
    assertThat(held.values()).allSatisfy(seconds -> assertThat(seconds).isLessThanOrEqualTo(30));
    assertThat(warmUp.choices()).hasSameSizeAs(warmUp.steps());
    assertThat(warmUp.steps().size() + warmUp.rejections().size())
        .isEqualTo(LIBRARY.exercises().size());
    assertThat(warmUp.rejections())
        .allSatisfy(rejection -> assertThat(rejection.sentence()).endsWith("."));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theSameRequestGivesTheSameRoutineAndChargesCoverItsLength(long seed) {
    RoutineRequest request = new RequestGenerator(seed).request(LIBRARY);
    Composition first = COMPOSER.compose(request);
    assertThat(COMPOSER.compose(request)).isEqualTo(first);
    if (first instanceof Composed warmUp) {
      long floors =
          warmUp.steps().stream().filter(step -> step.position() == Position.FLOOR).count();
      int charged = warmUp.choices().stream().mapToInt(Choice::seconds).sum();
      assertThat(charged + floors * SetUp.floorCharge())
          .isLessThanOrEqualTo(request.budgetSeconds() + floors * SetUp.floorCharge());
    }
  }

  @Test
  void moreTimeIsNeverWorthLess() {
    long before = 0;
    for (int seconds = 180; seconds <= 900; seconds += 60) {
      Composed warmUp = composed(request(seconds, facts(List.of(), List.of())));
      if (warmUp.shortPhases().isEmpty()) {
        assertThat(warmUp.halfPoints()).as(seconds + " s").isGreaterThanOrEqualTo(before);
        before = warmUp.halfPoints();
      }
    }
    assertThat(before).isPositive();
  }

  @Test
  void theWeakerSideGoesFirst() {
    Composed warmUp = composed(request(600, facts(List.of(), List.of())));
    assertThat(warmUp.steps())
        .filteredOn(step -> step.dose().laterality() == Laterality.EACH)
        .isNotEmpty()
        .allSatisfy(step -> assertThat(step.firstSide()).isEqualTo(Side.LEFT));
  }

  @Test
  void painClosesTheGateAndSaysSo() {
    Pain pain = new Pain(Side.RIGHT, Region.FOREARM_PALM_SIDE, 7);
    Composed warmUp = composed(request(600, facts(List.of(pain), List.of())));
    assertThat(warmUp.steps())
        .extracting(step -> step.exercise().id())
        .doesNotContain("palm-up-fingers-back", "tendon-sequence");
    assertThat(warmUp.rejections())
        .filteredOn(rejection -> rejection.exercise().id().equals("tendon-sequence"))
        .extracting(Rejection::sentence)
        .containsExactly("Loads the forearm, palm side on the right, where pain is 7 of 10.");
  }

  @Test
  void aClinicianComesFirst() {
    Exclusion wrist =
        new Exclusion(Side.LEFT, Region.WRIST_THUMB_SIDE, "her hand therapist wants it rested.");
    Composed warmUp = composed(request(600, facts(List.of(), List.of(wrist))));
    assertThat(warmUp.rejections())
        .filteredOn(rejection -> rejection.reason() instanceof Rejection.Excluded)
        .isNotEmpty()
        .allSatisfy(
            rejection ->
                assertThat(rejection.sentence())
                    .endsWith("on the left: her hand therapist wants it rested."));
  }

  @Test
  void saysWhyThereIsNoRoutine() {
    List<Exclusion> everything =
        List.of(Region.values()).stream()
            .map(region -> new Exclusion(Side.LEFT, region, "rest."))
            .toList();
    Composition none = COMPOSER.compose(request(600, facts(List.of(), everything)));
    assertThat(none)
        .isInstanceOfSatisfying(
            NotComposed.class,
            n ->
                assertThat(n.reason())
                    .isEqualTo(
                        "There is no warm-up in 10 min: nothing to mobilise is allowed or fits."));
  }

  @Test
  void theLikedMethodIsUsedAndNamed() {
    ClientFacts liked =
        new ClientFacts(
            Side.RIGHT,
            Notation.NAMES,
            new Pace(12),
            Method.BREATH_COUNTED,
            EnumSet.of(Position.SIT, Position.AT_INSTRUMENT),
            Set.of(),
            List.of(),
            List.of());
    Composed warmUp = composed(request(600, liked));
    assertThat(warmUp.choices())
        .filteredOn(choice -> choice.method() == Method.BREATH_COUNTED)
        .isNotEmpty()
        .allSatisfy(
            choice ->
                assertThat(choice.sentence()).endsWith("by counted breaths, as you like it."));
  }

  /** MODEL 2: days since done 0: 70, 1: 80, 2: 90, 3–6: 100, 7–13: 110, longer or never 120. */
  @ParameterizedTest
  @CsvSource({"0, 70", "1, 80", "2, 90", "3, 100", "6, 100", "7, 110", "13, 110", "14, 120"})
  void recencyWeighs(int days, int percent) {
    assertThat(Composer.recencyPercent(OptionalInt.of(days))).isEqualTo(percent);
  }

  @Test
  void pointsAreRoundedHalfUp() {
    assertThat(Composer.recencyPercent(OptionalInt.empty())).isEqualTo(120);
    assertThat(Composer.points(1, 100, 100, 100)).isEqualTo(10);
    assertThat(Composer.points(1, 60, 70, 120)).isEqualTo(5);
    assertThat(Composer.points(3, 80, 110, 100)).isEqualTo(26);
  }

  @Test
  void refusesTimesOutsideItsRange() {
    assertThatThrownBy(() -> request(59, facts(List.of(), List.of())))
        .hasMessage("budget (59 s) must be between 60 and 1800 s");
  }
}
