package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.schedule.AttachedPlace.LeftOut;
import org.nimblet.core.schedule.AttachedPlace.Placed;
import org.nimblet.core.schedule.WarmUpPlacement.Busy;

class CoolDownPlacementTest {

  private static final Duration TEN = Duration.ofMinutes(10);
  private static final Instant SLEEPS = at("22:00");

  private static Instant at(String time) {
    return Instant.parse("2026-03-02T" + time + ":00Z");
  }

  private static Block block(String id, String start, String end) {
    return new Block(id, at(start), at(end), EnumSet.allOf(Side.class), false);
  }

  private static Map<String, AttachedPlace> place(List<Block> blocks, List<Busy> busy) {
    return CoolDownPlacement.place(SLEEPS, blocks, busy, TEN, TEN);
  }

  @Test
  void startsAsTheBlockEnds() {
    assertThat(place(List.of(block("a", "18:00", "19:00")), List.of()).get("a"))
        .isEqualTo(new Placed(TEN, false, "Starts as the block ends."));
  }

  @Test
  void isShortenedToWhatIsFreeAndLeftOutUnderThreeMinutes() {
    List<Block> one = List.of(block("a", "18:00", "19:00"));
    assertThat(place(one, List.of(new Busy(at("19:06"), at("20:00")))).get("a"))
        .isEqualTo(
            new Placed(
                Duration.ofMinutes(6),
                true,
                "Shortened from 10 to 6 min: no more is free after it."));
    assertThat(place(one, List.of(new Busy(at("19:02"), at("20:00")))).get("a"))
        .isInstanceOf(LeftOut.class);
    assertThat(place(one, List.of(new Busy(at("17:00"), at("19:30")))).get("a"))
        .as("taken already as the block ends")
        .isInstanceOf(LeftOut.class);
    assertThat(place(List.of(block("late", "20:00", "21:55")), List.of()).get("late"))
        .isInstanceOfSatisfying(
            Placed.class, placed -> assertThat(placed.length()).isEqualTo(Duration.ofMinutes(5)));
  }

  /** Closer than max(20 min, cool-down + warm-up): one for both, after the last. */
  @Test
  void blocksCloseToEachOtherShareOne() {
    Map<String, AttachedPlace> close =
        place(List.of(block("a", "18:00", "19:00"), block("b", "19:19", "20:00")), List.of());
    assertThat(close.get("a"))
        .isEqualTo(
            new LeftOut(
                "Left out: the next block follows within 20 min, one cool-down comes after the"
                    + " last."));
    assertThat(close.get("b")).isInstanceOf(Placed.class);
    Map<String, AttachedPlace> apart =
        place(List.of(block("a", "18:00", "19:00"), block("b", "19:20", "20:00")), List.of());
    assertThat(apart.values()).allMatch(found -> found instanceof Placed);
    Map<String, AttachedPlace> longer =
        CoolDownPlacement.place(
            SLEEPS,
            List.of(block("a", "18:00", "19:00"), block("b", "19:25", "20:00")),
            List.of(),
            Duration.ofMinutes(15),
            Duration.ofMinutes(12));
    assertThat(longer.get("a")).as("27 min are wanted between").isInstanceOf(LeftOut.class);
  }

  @Test
  void ofBlocksThatOverlapOrEndTogetherOneHasIt() {
    Map<String, AttachedPlace> together =
        place(List.of(block("a", "18:00", "19:00"), block("b", "18:30", "19:00")), List.of());
    assertThat(together.get("a")).isInstanceOf(LeftOut.class);
    assertThat(together.get("b")).isInstanceOf(Placed.class);
    Map<String, AttachedPlace> inside =
        place(List.of(block("a", "17:00", "20:00"), block("b", "18:30", "19:00")), List.of());
    assertThat(inside.get("b")).isInstanceOf(LeftOut.class);
    assertThat(inside.get("a")).isInstanceOf(Placed.class);
  }
}
