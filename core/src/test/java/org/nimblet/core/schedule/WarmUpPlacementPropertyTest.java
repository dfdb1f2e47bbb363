package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.schedule.AttachedPlace.LeftOut;
import org.nimblet.core.schedule.AttachedPlace.Placed;
import org.nimblet.core.schedule.WarmUpPlacement.Busy;

/** What holds on any day. */
class WarmUpPlacementPropertyTest {

  private static final Instant MIDNIGHT = Instant.parse("2026-03-02T00:00:00Z");

  static LongStream seeds() {
    return LongStream.range(0, 300);
  }

  private record Day(Instant wakes, List<Block> blocks, List<Busy> busy, Duration wanted) {
    static Day of(long seed) {
      Random random = new Random(seed);
      List<Block> blocks = new ArrayList<>();
      List<Busy> busy = new ArrayList<>();
      Instant at = MIDNIGHT.plus(Duration.ofMinutes(360L + random.nextInt(180)));
      final Instant wakes = at;
      for (int i = 0; i < 8; i++) {
        at = at.plus(Duration.ofMinutes(random.nextInt(40)));
        Instant end = at.plus(Duration.ofMinutes(1L + random.nextInt(90)));
        if (random.nextInt(4) == 0) {
          busy.add(new Busy(at, end));
        } else {
          Set<Side> hands =
              random.nextInt(4) == 0 ? EnumSet.of(Side.LEFT) : EnumSet.allOf(Side.class);
          blocks.add(new Block("block " + i, at, end, hands, random.nextInt(5) == 0));
        }
        at = end;
      }
      return new Day(wakes, blocks, busy, Duration.ofMinutes(3L + random.nextInt(18)));
    }

    Map<String, AttachedPlace> places() {
      return WarmUpPlacement.place(wakes, blocks, busy, wanted);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aWarmUpNeverLiesInAnythingElseNorBeforeWaking(long seed) {
    Day day = Day.of(seed);
    day.places()
        .forEach(
            (id, place) -> {
              assertThat(place.reason()).endsWith(".");
              if (place instanceof Placed placed) {
                Block block =
                    day.blocks().stream().filter(b -> b.id().equals(id)).findFirst().orElseThrow();
                Instant start = block.start().minus(placed.length());
                assertThat(start).isAfterOrEqualTo(day.wakes());
                assertThat(placed.length()).isGreaterThanOrEqualTo(WarmUpPlacement.SHORTEST);
                assertThat(placed.length()).isLessThanOrEqualTo(day.wanted());
                assertThat(placed.shortened()).isEqualTo(!placed.length().equals(day.wanted()));
                for (Block other : day.blocks()) {
                  assertThat(other.start().isBefore(block.start()) && other.end().isAfter(start))
                      .isFalse();
                }
                for (Busy taken : day.busy()) {
                  assertThat(taken.start().isBefore(block.start()) && taken.end().isAfter(start))
                      .isFalse();
                }
              }
            });
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theOrderInWhichBlocksAreGivenDoesNotMatter(long seed) {
    Day day = Day.of(seed);
    List<Block> shuffled = new ArrayList<>(day.blocks());
    Collections.shuffle(shuffled, new Random(seed));
    assertThat(WarmUpPlacement.place(day.wakes(), shuffled, day.busy(), day.wanted()))
        .isEqualTo(day.places());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyBlockGetsAnAnswerAndAPerformanceIsLeftOutForWantOfRoomOnly(long seed) {
    Day day = Day.of(seed);
    Map<String, AttachedPlace> places = day.places();
    assertThat(places).hasSameSizeAs(day.blocks());
    for (Block block : day.blocks()) {
      if (block.performance() && places.get(block.id()) instanceof LeftOut out) {
        assertThat(out.reason()).contains("free before it");
      }
    }
  }
}
