package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class AtHandTest {

  private static final ExerciseLibrary LIBRARY = ExerciseLibrary.shipped();
  private static final Set<Position> ANYWHERE = EnumSet.allOf(Position.class);

  @Test
  void withEverythingAtHandEveryExerciseCanBeDoneAsItIs() {
    AtHand atHand = AtHand.of(LIBRARY, ANYWHERE, EnumSet.allOf(Thing.class));
    assertThat(atHand.usable()).isEqualTo(atHand.all()).isEqualTo(LIBRARY.exercises().size());
    assertThat(atHand.withStandIn()).isZero();
    assertThat(atHand.standIns()).isEmpty();
    assertThat(atHand.waitingForPosition()).isEmpty();
    assertThat(atHand.waitingForThing()).isEmpty();
  }

  @Test
  void whatCannotBeDoneWaitsForSomethingAndIsCountedOnce() {
    Set<Position> seated = EnumSet.of(Position.SIT, Position.TABLE);
    AtHand atHand = AtHand.of(LIBRARY, seated, Set.of(Thing.TOWEL));
    long noSeat =
        LIBRARY.exercises().stream()
            .filter(exercise -> exercise.demands().positions().stream().noneMatch(seated::contains))
            .count();
    long noThing =
        LIBRARY.exercises().stream()
            .filter(exercise -> exercise.demands().positions().stream().anyMatch(seated::contains))
            .filter(
                exercise ->
                    !Substitution.unresolved(exercise.demands().things(), Set.of(Thing.TOWEL))
                        .isEmpty())
            .count();
    assertThat(noSeat).isPositive();
    assertThat(noThing).isPositive();
    assertThat((long) atHand.usable()).isEqualTo(atHand.all() - noSeat - noThing);
    assertThat(atHand.waitingForPosition())
        .containsKey(Position.FLOOR)
        .doesNotContainKey(Position.SIT);
    assertThat(atHand.waitingForThing()).doesNotContainKey(Thing.TOWEL);
  }

  @Test
  void aThingThatIsNotThereHasItsNearestStandIn() {
    AtHand atHand = AtHand.of(LIBRARY, ANYWHERE, Set.of(Thing.BOTTLE, Thing.TOWEL));
    assertThat(atHand.standIns().get(Thing.LIGHT_WEIGHT).standIn()).isEqualTo(Thing.BOTTLE);
    assertThat(atHand.standIns().get(Thing.MAT).standIn()).isEqualTo(Thing.TOWEL);
    assertThat(atHand.standIns()).doesNotContainKeys(Thing.BOTTLE, Thing.TOWEL, Thing.PENCIL);
    assertThat(atHand.withStandIn()).isPositive().isLessThan(atHand.usable());
  }

  @Test
  void oneMoreThingNeverTakesAnExerciseAway() {
    Set<Thing> owned = EnumSet.noneOf(Thing.class);
    int before = AtHand.of(LIBRARY, ANYWHERE, owned).usable();
    for (Thing thing : Thing.values()) {
      owned.add(thing);
      int now = AtHand.of(LIBRARY, ANYWHERE, owned).usable();
      assertThat(now).as(thing.word()).isGreaterThanOrEqualTo(before);
      before = now;
    }
  }
}
