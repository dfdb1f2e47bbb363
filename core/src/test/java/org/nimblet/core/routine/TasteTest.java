package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Composition.Composed;

/** What is composed for people whom a coach knows well, over four weeks (MODEL 2, "Checks"). */
class TasteTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final int WEEK = 7;

  private static final Map<ReferenceClient, List<Composed>> DAYS =
      Collections.synchronizedMap(new EnumMap<>(ReferenceClient.class));

  private static List<Composed> days(ReferenceClient client) {
    return DAYS.computeIfAbsent(client, c -> c.days(LIBRARY));
  }

  /** On how many of seven days something holds, in the week in which it holds least often. */
  private static int leastOfAWeek(List<Composed> days, Predicate<Composed> holds) {
    int least = WEEK;
    for (int first = 0; first + WEEK <= days.size(); first++) {
      long count = days.subList(first, first + WEEK).stream().filter(holds).count();
      least = Math.min(least, (int) count);
    }
    return least;
  }

  private static boolean has(Composed composed, Predicate<Exercise> wanted) {
    return composed.steps().stream().map(Step::exercise).anyMatch(wanted);
  }

  private static int percent(long part, long whole) {
    return whole == 0 ? 100 : (int) (100 * part / whole);
  }

  @ParameterizedTest
  @EnumSource
  void whatMattersMostGetsItsStapleOnThreeDaysOfSeven(ReferenceClient client) {
    RoutineRequest request = client.request(Recent.NOTHING);
    PurposePlan plan = PurposePlan.of(client.purpose());
    for (Tissue tissue : Tissue.values()) {
      boolean matters =
          Set.of(Side.values()).stream().anyMatch(s -> request.weights().of(tissue, s) >= 6);
      Predicate<Exercise> staple =
          exercise ->
              exercise.service().main() == tissue
                  && exercise.standing().isStaple(tissue, client.purpose());
      boolean open =
          LIBRARY.exercises().stream()
              .filter(staple)
              .anyMatch(exercise -> Gate.closedFor(exercise, plan, request).isEmpty());
      if (matters && open) {
        assertThat(leastOfAWeek(days(client), composed -> has(composed, staple)))
            .as("%s for %s", client, tissue.word())
            .isGreaterThanOrEqualTo(3);
      }
    }
  }

  @ParameterizedTest
  @EnumSource
  void mostStretchTimeIsByTheLikedMethodWhereItCanBe(ReferenceClient client) {
    PurposePlan plan = PurposePlan.of(client.purpose());
    RoutineRequest request = client.request(Recent.NOTHING);
    Options options = new Options(plan, request, List.of());
    Set<Target> possible =
        LIBRARY.exercises().stream()
            .filter(exercise -> exercise.kind() == Kind.STRETCH)
            .filter(exercise -> Gate.closedFor(exercise, plan, request).isEmpty())
            .filter(
                exercise ->
                    options.of(exercise).stream()
                        .anyMatch(option -> option.choice().method() == client.method()))
            .map(exercise -> exercise.service().main())
            .collect(Collectors.toSet());
    long liked = 0;
    long all = 0;
    for (Composed composed : days(client)) {
      for (int i = 0; i < composed.steps().size(); i++) {
        Exercise exercise = composed.steps().get(i).exercise();
        if (exercise.kind() == Kind.STRETCH && possible.contains(exercise.service().main())) {
          long millis = composed.cueSheet().stepMillis(i);
          all += millis;
          liked += composed.choices().get(i).tastes().contains(Taste.LIKED_METHOD) ? millis : 0;
        }
      }
    }
    assertThat(percent(liked, all)).as(client.name()).isGreaterThanOrEqualTo(70);
  }

  @ParameterizedTest
  @EnumSource
  void daysThatFollowEachOtherAreAlikeAndNotTheSame(ReferenceClient client) {
    List<Composed> days = days(client);
    int sum = 0;
    for (int day = 1; day < days.size(); day++) {
      Set<String> before = ReferenceClient.ids(days.get(day - 1));
      Set<String> ids = ReferenceClient.ids(days.get(day));
      sum += percent(ids.stream().filter(before::contains).count(), ids.size());
    }
    assertThat(sum / (days.size() - 1)).as(client.name()).isBetween(60, 90);
  }

  @ParameterizedTest
  @EnumSource
  void intenseEntriesStayRare(ReferenceClient client) {
    if (client.purpose() == Purpose.STRENGTH) {
      return;
    }
    Map<String, Set<Integer>> on = new HashMap<>();
    for (int day = 0; day < days(client).size(); day++) {
      List<String> intense = new ArrayList<>();
      for (Step step : days(client).get(day).steps()) {
        if (step.exercise().demands().intensity() >= 4) {
          intense.add(step.exercise().id());
          on.computeIfAbsent(step.exercise().id(), id -> new HashSet<>()).add(day);
        }
      }
      assertThat(intense).as("%s, day %d", client, day).hasSizeLessThanOrEqualTo(1);
    }
    on.forEach(
        (id, dates) -> {
          for (int first = 0; first < ReferenceClient.DAYS; first++) {
            int from = first;
            assertThat(dates.stream().filter(d -> d >= from && d < from + WEEK).count())
                .as("%s for %s", id, client)
                .isLessThanOrEqualTo(3);
          }
        });
  }

  @ParameterizedTest
  @EnumSource
  void mostDosesAreTheDoseThatIsDue(ReferenceClient client) {
    List<Choice> choices = days(client).stream().flatMap(c -> c.choices().stream()).toList();
    assertThat(percent(choices.stream().filter(c -> c.level() == 100).count(), choices.size()))
        .as(client.name())
        .isGreaterThanOrEqualTo(60);
  }

  @ParameterizedTest
  @EnumSource
  void aWarmUpEndsAtTheInstrumentWhereThereIsABridge(ReferenceClient client) {
    PurposePlan plan = PurposePlan.of(client.purpose());
    RoutineRequest request = client.request(Recent.NOTHING);
    boolean any =
        LIBRARY.exercises().stream()
            .filter(exercise -> exercise.kind() == Kind.BRIDGE)
            .anyMatch(exercise -> Gate.closedFor(exercise, plan, request).isEmpty());
    if (client.purpose() != Purpose.WARM_UP || client.minutes() < 8 || !any) {
      return;
    }
    for (Composed composed : days(client)) {
      long bridge = 0;
      for (int i = 0; i < composed.steps().size(); i++) {
        boolean own = composed.steps().get(i).exercise().kind() == Kind.BRIDGE;
        bridge += own ? composed.choices().get(i).seconds() : 0;
      }
      int last = composed.steps().size() - 1;
      assertThat(composed.steps().get(last).exercise().kind())
          .as(client.name())
          .isEqualTo(Kind.BRIDGE);
      assertThat(percent(bridge, client.minutes() * 60L))
          .as(client.name())
          .isGreaterThanOrEqualTo(15);
    }
  }

  @Test
  void stepsAreNeitherHastyNorEndless() {
    List<Long> lengths = new ArrayList<>();
    for (ReferenceClient client : ReferenceClient.values()) {
      for (Composed composed : days(client)) {
        for (int i = 0; i < composed.steps().size(); i++) {
          lengths.add(composed.cueSheet().stepMillis(i) / 1000);
        }
      }
    }
    Collections.sort(lengths);
    assertThat(lengths.get(lengths.size() / 2)).isBetween(30L, 45L);
  }
}
