package org.nimblet.server.week;

import jakarta.persistence.Entity;
import java.time.LocalTime;

@Entity
class BusyTime extends DayEntry {
  LocalTime startsAt;
  LocalTime endsAt;
}
