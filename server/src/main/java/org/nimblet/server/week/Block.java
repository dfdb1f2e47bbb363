package org.nimblet.server.week;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.nimblet.core.schedule.BlockPart;

@Entity
class Block extends DayEntry {
  UUID activityId;
  LocalTime startsAt;
  LocalTime endsAt;
  String title;
  boolean performance;

  /** The series it was made by; null if it stands alone. */
  UUID seriesId;

  /** What it is made of. */
  @JdbcTypeCode(SqlTypes.JSON)
  List<BlockPart> parts = new ArrayList<>();

  /** The same block at another time, not to be stored. */
  Block at(LocalDate day, LocalTime start, LocalTime end) {
    Block moved = new Block();
    moved.id = id;
    moved.coachId = coachId;
    moved.clientId = clientId;
    moved.activityId = activityId;
    moved.version = version;
    moved.date = day;
    moved.startsAt = start;
    moved.endsAt = end;
    moved.title = title;
    moved.performance = performance;
    moved.seriesId = seriesId;
    moved.parts = parts;
    return moved;
  }
}
