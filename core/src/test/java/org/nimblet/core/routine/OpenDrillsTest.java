package org.nimblet.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Drilling;
import org.nimblet.core.drill.Family;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Purpose;

class OpenDrillsTest {

  private static RequestBuilder asked() {
    return RequestBuilder.of(Purpose.INDEPENDENCE).seconds(300);
  }

  private static Drill one(String pattern, Side side) {
    return new Drill(Patterns.find(pattern).orElseThrow(), Optional.of(side));
  }

  private static final Drill LEFT_RING = one("one-hand.none.bend-ring.rest", Side.LEFT);
  private static final Drill LEFT_INDEX = one("one-hand.none.bend-index.rest", Side.LEFT);
  private static final Drill RIGHT_RING = one("one-hand.none.bend-ring.rest", Side.RIGHT);

  @Test
  void whoIsWellMayDoEverything() {
    OpenDrills open = new OpenDrills(asked().build());
    for (Family family : Family.values()) {
      assertThat(Drilling.drills(family)).allSatisfy(d -> assertThat(open.closed(d)).isEmpty());
    }
  }

  /** A finger that is left out closes what needs it, on its side, and says why. */
  @Test
  void aFingerThatIsLeftOutClosesWhatNeedsIt() {
    OpenDrills open =
        new OpenDrills(
            asked()
                .exclusion(
                    new Exclusion(
                        new Exclusion.OfRegion(Side.LEFT, Region.RING_FINGER),
                        "told to rest it",
                        Optional.empty()))
                .build());
    assertThat(open.closed(LEFT_RING))
        .hasValueSatisfying(w -> assertThat(w).contains("told to rest"));
    assertThat(open.closed(LEFT_INDEX)).isEmpty();
    assertThat(open.closed(RIGHT_RING)).isEmpty();
    Drill both =
        new Drill(Patterns.find("alike.none.bend-ring.rest").orElseThrow(), Optional.empty());
    assertThat(open.closed(both)).isPresent();
  }

  @Test
  void strongPainOfAFingerIsAReferralSignOfIt() {
    OpenDrills open =
        new OpenDrills(
            asked().pain(new Pain(Side.LEFT, Region.RING_FINGER, 8, Pain.Course.STEADY)).build());
    assertThat(open.closed(LEFT_RING)).isPresent();
    assertThat(open.closed(LEFT_INDEX)).isEmpty();
  }

  /** Dystonia closes repetitive and counter patterns of the task hand (PRACTICE, section 6). */
  @Test
  void dystoniaClosesThePatternsOfTheTaskHand() {
    OpenDrills open =
        new OpenDrills(
            asked()
                .condition(
                    new KnownCondition(
                        Condition.DYSTONIA,
                        EnumSet.of(Side.LEFT),
                        Set.of(Region.PALM),
                        LocalDate.of(2030, 3, 4)))
                .build());
    assertThat(open.closed(LEFT_RING)).isPresent();
    assertThat(open.closed(RIGHT_RING)).isEmpty();
    assertThat(
            List.copyOf(Patterns.of(Family.COMPLEMENT)).stream()
                .map(pattern -> open.closed(new Drill(pattern, Optional.empty()))))
        .allMatch(Optional::isPresent);
  }
}
