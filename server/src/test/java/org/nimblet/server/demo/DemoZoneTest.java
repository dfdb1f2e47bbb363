package org.nimblet.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DemoZoneTest {

  @ParameterizedTest
  @CsvSource({"08:00", "12:00", "17:29"})
  void isTheMachinesOwnInDaytime(String time) {
    Instant now = Instant.parse("2026-03-02T" + time + ":00Z");
    assertThat(DemoZone.at(now, ZoneOffset.UTC)).isEqualTo(ZoneId.of("UTC"));
  }

  static IntStream hours() {
    return IntStream.range(0, 24);
  }

  /** At any hour the evening's rehearsal is still ahead, so that there is a warm-up to look at. */
  @ParameterizedTest
  @MethodSource("hours")
  void itIsAlwaysDaytimeInTheHarbourTown(int hour) {
    for (String date : new String[] {"2026-01-15", "2026-07-15"}) {
      Instant now = Instant.parse("%sT%02d:10:00Z".formatted(date, hour));
      ZoneId zone = DemoZone.at(now, ZoneOffset.UTC);
      assertThat(now.atZone(zone).toLocalTime())
          .as("%s in %s", now, zone)
          .isBetween(LocalTime.of(8, 0), LocalTime.of(17, 40));
    }
  }
}
