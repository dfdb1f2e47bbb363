package org.nimblet.server.measure;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Optional;
import org.nimblet.core.measure.Conditions;
import org.nimblet.core.measure.Device;

/** Under which conditions something was measured, as it is kept. */
@Embeddable
class StoredConditions {

  /** Null if nothing had warmed the hands. */
  String warmAfter;

  Integer warmMinutes;
  int workedMinutes;

  @Enumerated(EnumType.STRING)
  Device.DeviceKind deviceKind;

  String deviceName;

  static StoredConditions of(Conditions conditions) {
    StoredConditions stored = new StoredConditions();
    conditions
        .warmth()
        .ifPresent(
            warmth -> {
              stored.warmAfter = warmth.after();
              stored.warmMinutes = warmth.minutesAgo();
            });
    stored.workedMinutes = conditions.workedMinutes();
    stored.deviceKind = conditions.device().kind();
    stored.deviceName = conditions.device().name();
    return stored;
  }

  Conditions read(Instant at, ZoneId zone) {
    return new Conditions(
        LocalDateTime.ofInstant(at, zone),
        Optional.ofNullable(warmAfter).map(after -> new Conditions.Warmth(after, warmMinutes)),
        workedMinutes,
        new Device(deviceKind, deviceName));
  }
}
