package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.schedule.AttachedPlace.LeftOut;
import org.nimblet.core.schedule.AttachedPlace.Placed;
import org.nimblet.core.schedule.WarmUpPlacement.Busy;

class WarmUpPlacementTest {

  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);
  private static final Instant WAKES = at("07:00");

  private static Instant at(String time) {
    return Instant.parse("2026-03-02T" + time + ":00Z");
  }

  private static Block block(String id, String start, String end) {
    return new Block(id, at(start), at(end), BOTH, false);
  }

  private static AttachedPlace placeOf(String id, List<Block> blocks, List<Busy> busy) {
    return WarmUpPlacement.place(WAKES, blocks, busy, Duration.ofMinutes(10)).get(id);
  }

  @Test
  void isAsLongAsWantedWhereThereIsRoom() {
    assertThat(placeOf("a", List.of(block("a", "18:00", "19:00")), List.of()))
        .isEqualTo(
            new Placed(
                Duration.ofMinutes(10), false, "As long as wanted, ends as the block starts."));
  }

  @Test
  void isShortenedToTheGapAfterBusyTimeOrAfterWaking() {
    assertThat(
            placeOf(
                "a",
                List.of(block("a", "18:00", "19:00")),
                List.of(new Busy(at("16:00"), at("17:55")))))
        .isEqualTo(
            new Placed(
                Duration.ofMinutes(5),
                true,
                "Shortened from 10 min to 5 min: no more is free before it."));
    assertThat(placeOf("a", List.of(block("a", "07:04", "08:00")), List.of()))
        .isInstanceOfSatisfying(
            Placed.class, placed -> assertThat(placed.length()).isEqualTo(Duration.ofMinutes(4)));
  }

  @Test
  void isLeftOutUnderThreeMinutes() {
    assertThat(placeOf("a", List.of(block("a", "07:02", "08:00")), List.of()))
        .isEqualTo(new LeftOut("Left out: only 2 min free before it, under 3 min."));
    assertThat(placeOf("a", List.of(block("a", "07:03", "08:00")), List.of()))
        .isInstanceOf(Placed.class);
  }

  @Test
  void isLeftOutWhereTheSameHandsWorkedShortlyBefore() {
    List<Block> close = List.of(block("a", "10:00", "11:00"), block("b", "11:19", "12:00"));
    assertThat(placeOf("b", close, List.of())).isInstanceOf(LeftOut.class);
    List<Block> apart = List.of(block("a", "10:00", "11:00"), block("b", "11:20", "12:00"));
    assertThat(placeOf("b", apart, List.of())).isInstanceOf(Placed.class);
    List<Block> brief = List.of(block("a", "10:51", "11:00"), block("b", "11:19", "12:00"));
    assertThat(placeOf("b", brief, List.of())).isInstanceOf(Placed.class);
  }

  @Test
  void otherHandsDoNotWarmThese() {
    Block right = new Block("a", at("10:00"), at("11:00"), EnumSet.of(Side.RIGHT), false);
    assertThat(placeOf("b", List.of(right, block("b", "11:15", "12:00")), List.of()))
        .isInstanceOf(Placed.class);
  }

  @Test
  void aPerformanceIsAlwaysWarmedUpFor() {
    Block show = new Block("b", at("11:10"), at("12:00"), BOTH, true);
    assertThat(placeOf("b", List.of(block("a", "10:00", "11:00"), show), List.of()))
        .isEqualTo(
            new Placed(
                Duration.ofMinutes(10), false, "As long as wanted, ends as the block starts."));
  }

  @Test
  void overlappingTimeLeavesNoRoom() {
    assertThat(
            placeOf(
                "a",
                List.of(block("a", "18:00", "19:00")),
                List.of(new Busy(at("17:00"), at("18:30")))))
        .isInstanceOf(LeftOut.class);
  }

  @Test
  void aBlockMustEndAfterItStarts() {
    assertThatThrownBy(() -> block("a", "10:00", "10:00"))
        .hasMessageContaining("must come after its start");
  }
}
