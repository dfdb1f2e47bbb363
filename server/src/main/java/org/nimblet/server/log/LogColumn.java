package org.nimblet.server.log;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The columns of the log as comma-separated values; a line is a step of a session. */
enum LogColumn {
  /**
   * Which session, so that lines of one belong together; a session that is known stays as it is.
   */
  SESSION(true),
  /** When it began: a date and a time, with or without the distance from UTC. */
  BEGAN(true),
  /** How long it took, in seconds. */
  LASTED(true),
  PURPOSE(true),
  STATE(true),
  EFFORT(false),
  TIGHTER(false),
  /** What hurt before, during and after it: moment, side, region, level and kind, by semicolons. */
  PAINS(false),
  WORDS(false),
  EXERCISE(true),
  /** Of an own exercise, which version of it. */
  VERSION(false),
  /** For people; it is not read. */
  TITLE(false),
  DOSE(true),
  LATERALITY(true),
  /** The one side that did it; empty if both did. */
  SIDE(false),
  /** How long it was to take, in seconds. */
  PLANNED(true),
  LEFT(true),
  RIGHT(true),
  SHORTFALL(false),
  COMPLETE(false),
  SHIFT(false),
  /** Where it was felt instead of where it was meant: side and region; it is not read. */
  FELT(false),
  /** What it came to, with its unit; it is not read. */
  RESULT(false);

  private final boolean needed;

  LogColumn(boolean needed) {
    this.needed = needed;
  }

  /** Whether a file without it cannot be read. */
  boolean isNeeded() {
    return needed;
  }

  /** As it stands at the head of a file. */
  String head() {
    return name().toLowerCase(Locale.ROOT);
  }

  static List<String> heads() {
    return Arrays.stream(values()).map(LogColumn::head).toList();
  }
}
