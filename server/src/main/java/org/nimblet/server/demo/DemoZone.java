package org.nimblet.server.demo;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;

/**
 * The time zone of the harbour town. It is the machine's own while it is daytime there; at night it
 * is one in which it is afternoon, so that there is always a warm-up coming up.
 */
final class DemoZone {

  private static final LocalTime DAY_BEGINS = LocalTime.of(8, 0);
  private static final LocalTime DAY_ENDS = LocalTime.of(17, 30);
  private static final int AFTERNOON_MINUTE = 14 * 60 + 30;
  private static final int MINUTES_A_DAY = 24 * 60;

  private static final List<ZoneId> HARBOURS =
      List.of(
          ZoneId.of("Pacific/Auckland"),
          ZoneId.of("Australia/Sydney"),
          ZoneId.of("Asia/Tokyo"),
          ZoneId.of("Asia/Singapore"),
          ZoneId.of("Asia/Kolkata"),
          ZoneId.of("Asia/Dubai"),
          ZoneId.of("Europe/Athens"),
          ZoneId.of("Europe/Lisbon"),
          ZoneId.of("Atlantic/Azores"),
          ZoneId.of("America/Sao_Paulo"),
          ZoneId.of("America/Halifax"),
          ZoneId.of("America/Vancouver"),
          ZoneId.of("Pacific/Honolulu"));

  /** As people know it; a machine may say "Z". */
  private static final ZoneId UTC = ZoneId.of("UTC");

  private DemoZone() {}

  static ZoneId at(Instant now, ZoneId machine) {
    LocalTime local = now.atZone(machine).toLocalTime();
    if (!local.isBefore(DAY_BEGINS) && local.isBefore(DAY_ENDS)) {
      return machine.normalized().equals(ZoneOffset.UTC) ? UTC : machine;
    }
    return HARBOURS.stream()
        .min(Comparator.comparingInt(zone -> minutesFromAfternoon(now, zone)))
        .orElse(machine);
  }

  private static int minutesFromAfternoon(Instant now, ZoneId zone) {
    int minute = now.atZone(zone).toLocalTime().toSecondOfDay() / 60;
    int apart = Math.abs(minute - AFTERNOON_MINUTE);
    return Math.min(apart, MINUTES_A_DAY - apart);
  }
}
