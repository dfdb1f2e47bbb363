package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.schedule.PracticeDay.Part;
import org.nimblet.core.schedule.PracticeDay.PracticePartKind;
import org.nimblet.core.schedule.PracticeDay.Rests;
import org.nimblet.core.schedule.PracticeDay.Segment;

/** Order and breaks of a practice day: common practice, no source; the sums by hand. */
class PracticeDayTest {

  private static final Optional<Segment> PIECES = Optional.of(new Segment("Pieces", 50));
  private static final List<String> THREE = List.of("Left hand", "Lever changes", "Damping");

  /** 40 + 10 + 40 + 10 + 30 + 45 + 50 = 225 min. */
  @Test
  void goesFromTheStartToTheEnd() {
    PracticeDay day =
        PracticeDay.of(
            List.of(
                new Segment("Left hand", 40),
                new Segment("Lever changes", 40),
                new Segment("Damping", 30)),
            Rests.USUAL,
            PIECES);
    assertThat(day.minutes()).isEqualTo(225);
    assertThat(day.playingMinutes()).isEqualTo(160);
    assertThat(day.parts())
        .containsExactly(
            new Part(PracticePartKind.TECHNIQUE, "Left hand", 0, 40),
            new Part(PracticePartKind.REST, "Break", 40, 10),
            new Part(PracticePartKind.TECHNIQUE, "Lever changes", 50, 40),
            new Part(PracticePartKind.REST, "Break", 90, 10),
            new Part(PracticePartKind.TECHNIQUE, "Damping", 100, 30),
            new Part(PracticePartKind.LONG_BREAK, "Long break", 130, 45),
            new Part(PracticePartKind.REPERTOIRE, "Pieces", 175, 50));
  }

  /** 210 − 10 − 10 − 45 − 50 = 95; a third in whole minutes is 31, two are over. */
  @Test
  void goesBackFromTheEndToTheLongestEqualSegments() {
    PracticeDay day = PracticeDay.within(210, THREE, Rests.USUAL, PIECES);
    assertThat(day.parts().get(0).minutes()).isEqualTo(31);
    assertThat(day.parts().get(5))
        .isEqualTo(new Part(PracticePartKind.LONG_BREAK, "Long break", 113, 47));
    assertThat(day.minutes()).isEqualTo(210);
    assertThat(day.spareMinutes()).isZero();
  }

  @Test
  void whatIsOverStaysSpareWithoutALongBreak() {
    PracticeDay day = PracticeDay.within(100, THREE, Rests.USUAL, Optional.empty());
    assertThat(day.parts().get(0).minutes()).isEqualTo(26);
    assertThat(day.minutes()).isEqualTo(98);
    assertThat(day.spareMinutes()).isEqualTo(2);
  }

  static IntStream lengths() {
    return IntStream.rangeClosed(118, 420);
  }

  @ParameterizedTest
  @MethodSource("lengths")
  void aMinuteMoreForEachWouldNotFit(int minutes) {
    PracticeDay day = PracticeDay.within(minutes, THREE, Rests.USUAL, PIECES);
    int each = day.parts().get(0).minutes();
    List<Segment> longer = THREE.stream().map(title -> new Segment(title, each + 1)).toList();
    assertThat(day.minutes()).isEqualTo(minutes);
    assertThat(PracticeDay.of(longer, Rests.USUAL, PIECES).minutes()).isGreaterThan(minutes);
  }

  @Test
  void saysHowMuchIsNeededAtLeast() {
    assertThatThrownBy(() -> PracticeDay.within(117, THREE, Rests.USUAL, PIECES))
        .hasMessage(
            "117 min leave nothing for 3 techniques: breaks and repertoire take 115 min; at least"
                + " 118 min are needed");
    assertThatThrownBy(() -> PracticeDay.of(List.of(), Rests.USUAL, Optional.empty()))
        .hasMessage("a day of practice needs at least one segment");
    assertThatThrownBy(() -> new Segment("Scales", 0))
        .hasMessage("Scales (0 min) must last 1 min or more");
    assertThatThrownBy(() -> new Rests(-1, 0)).hasMessageContaining("must be 0 min or more");
    assertThatThrownBy(() -> PracticeDay.within(60, List.of(), Rests.USUAL, PIECES))
        .hasMessageContaining("at least one technique");
  }

  @Test
  void breaksOfNothingAreLeftOut() {
    PracticeDay day =
        PracticeDay.of(
            List.of(new Segment("A", 20), new Segment("B", 20)), new Rests(0, 0), PIECES);
    assertThat(day.parts())
        .extracting(Part::kind)
        .containsExactly(
            PracticePartKind.TECHNIQUE, PracticePartKind.TECHNIQUE, PracticePartKind.REPERTOIRE);
  }
}
