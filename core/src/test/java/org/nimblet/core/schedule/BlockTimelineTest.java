package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nimblet.core.schedule.BlockPart.Certainty;

class BlockTimelineTest {

  private static BlockPart part(String title, int minutes, int rest) {
    return new BlockPart(title, minutes, rest, Certainty.KNOWN);
  }

  private static List<String> words(BlockTimeline timeline) {
    return timeline.stretches().stream()
        .map(
            s ->
                "%d %s%s %d"
                    .formatted(
                        s.startMinute(),
                        s.kind(),
                        s.title().isEmpty() ? "" : " " + s.title(),
                        s.minutes()))
        .toList();
  }

  @Test
  void aMorningOfTechniquesWithTheirRests() {
    assertThat(
            words(
                BlockTimeline.of(
                    80,
                    List.of(part("Scales in thirds", 30, 10), part("Arpeggios", 30, 10)),
                    Optional.of(WorkRhythm.PRACTICE))))
        .containsExactly(
            "0 PART Scales in thirds 30", "30 BREAK 10", "40 PART Arpeggios 30", "70 OPEN 10");
  }

  @Test
  void withoutPartsTheRhythmDividesTheWork() {
    // 130 min, 50 of work and 10 of rest: two breaks, 110 min of work as 37 + 37 + 36
    assertThat(words(BlockTimeline.of(130, List.of(), Optional.of(WorkRhythm.PRACTICE))))
        .containsExactly("0 OPEN 37", "37 BREAK 10", "47 OPEN 37", "84 BREAK 10", "94 OPEN 36");
    assertThat(words(BlockTimeline.of(130, List.of(), Optional.empty())))
        .containsExactly("0 OPEN 130");
  }

  @Test
  void aLongPieceGoesOnAfterItsBreak() {
    // one piece of 100 min has no end near the clock's 45
    assertThat(
            words(
                BlockTimeline.of(
                    100, List.of(part("Sonata", 100, 0)), Optional.of(WorkRhythm.PRACTICE))))
        .containsExactly("0 PART Sonata 45", "45 BREAK 10", "55 PART Sonata 45");
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 30, 61, 90, 125, 180, 240, 481})
  void aBlockIsFilledFromItsStartToItsEnd(int minutes) {
    for (List<BlockPart> parts :
        List.of(
            List.<BlockPart>of(),
            List.of(part("Round", 1, 0)),
            List.of(part("Round", 25, 0), part("Round", 25, 0), part("Round", 25, 0)),
            List.of(part("Set", 45, 20), part("Set", 45, 20), part("Set", 30, 0)))) {
      int at = 0;
      for (BlockTimeline.Stretch stretch :
          BlockTimeline.of(minutes, parts, Optional.of(WorkRhythm.GAMING)).stretches()) {
        assertThat(stretch.startMinute()).as("%d min of %s", minutes, parts).isEqualTo(at);
        assertThat(stretch.minutes()).isPositive();
        at += stretch.minutes();
      }
      assertThat(at).as("%d min of %s", minutes, parts).isEqualTo(minutes);
    }
  }
}
