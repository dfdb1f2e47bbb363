package org.nimblet.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReminderTimeTest {

  private static Instant at(String time) {
    return Instant.parse("2026-03-02T" + LocalTime.parse(time) + ":00Z");
  }

  private static List<Span> blocks(String text) {
    List<Span> blocks = new ArrayList<>();
    if (!text.isEmpty()) {
      for (String block : text.split(" ")) {
        String[] times = block.split("-");
        blocks.add(Span.covering(at(times[0]), at(times[1])));
      }
    }
    return blocks;
  }

  @ParameterizedTest
  @CsvSource({
    // free before it; woken up; in a block that ends before it; that ends with it
    "18:00, 10, '', 17:50",
    "07:05, 10, '', 07:00",
    "18:00, 10, '16:00-17:55', 17:55",
    "18:00, 10, '16:00-18:00', 18:00",
    // two blocks, one after the other, written in the wrong order
    "18:00, 30, '17:45-17:50 17:00-17:45', 17:50",
    // the session begins before waking, or in the middle of a block: there is no moment
    "06:30, 10, '', ",
    "18:00, 10, '17:00-19:00', ",
    // at once
    "18:00, 0, '', 18:00"
  })
  void theMomentIsNeverInABlock(String session, int before, String blocks, String expected) {
    assertThat(
            ReminderTime.of(at(session), Duration.ofMinutes(before), at("07:00"), blocks(blocks)))
        .isEqualTo(Optional.ofNullable(expected).map(ReminderTimeTest::at));
  }

  @Test
  void aBlockHoldsItsStartAndNotItsEnd() {
    List<Span> blocks = blocks("17:00-18:00");
    assertThat(ReminderTime.isIn(blocks, at("17:00"))).isTrue();
    assertThat(ReminderTime.isIn(blocks, at("17:59"))).isTrue();
    assertThat(ReminderTime.isIn(blocks, at("18:00"))).isFalse();
    assertThat(ReminderTime.isIn(blocks, at("16:59"))).isFalse();
  }
}
