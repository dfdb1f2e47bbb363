package org.nimblet.core.schedule;

import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Set;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.schedule.PlanDay.ActivityTime;
import org.nimblet.core.schedule.WeekPlan.Hindrance;

/** Where a free-standing session may stand, and what is better. The numbers are ours. */
final class WeekRules {

  /** Minutes between two free-standing sessions. */
  static final int BETWEEN_SESSIONS = 45;

  /** Work that tires ends so long before a block. */
  static final int BEFORE_PLAY = SafetyRules.STRENGTH_BEFORE_PLAY_MINUTES;

  /** It starts so long after a block (common practice, no source). */
  static final int AFTER_PLAY = 20;

  /** It stays within so many minutes of its anchor. */
  static final int FARTHEST_WITH_REST_DAY = 120;

  /** Farther from its anchor than this, any session is better elsewhere. */
  static final int FAR = 90;

  /** On a day with more minutes of blocks than this, heavy work is better elsewhere. */
  static final int LONG_DAY = 240;

  /** Heavy work is better over by then. */
  static final LocalTime LATE = LocalTime.of(22, 0);

  /** It is better over so long before sleep. */
  static final int BEFORE_SLEEP = 60;

  private WeekRules() {}

  /** The minutes a session takes, rounded up to the step of the plan. */
  static int occupied(Line line) {
    return -Math.floorDiv(-line.minutes(), PlanDay.STEP_MINUTES) * PlanDay.STEP_MINUTES;
  }

  static Span at(Line line, long start) {
    return new Span(start, start + occupied(line));
  }

  /** What keeps a session from a place, other sessions apart. */
  static Set<Hindrance> against(
      Line line, PlanDay day, boolean performanceTomorrow, long start, long anchor) {
    Set<Hindrance> found = EnumSet.noneOf(Hindrance.class);
    Span span = at(line, start);
    for (ActivityTime block : day.blocks()) {
      if (block.span().overlaps(span)) {
        found.add(Hindrance.BLOCK);
      }
      boolean comesLater = block.span().start() >= span.end();
      if ((line.tires() && block.span().widened(BEFORE_PLAY, AFTER_PLAY).overlaps(span))
          || (line.anchor() instanceof Anchor.AfterPlay && comesLater)) {
        found.add(Hindrance.AROUND_PLAY);
      }
    }
    if (day.attached().stream().anyMatch(span::overlaps)) {
      found.add(Hindrance.BLOCK);
    }
    if (day.busy().stream().anyMatch(span::overlaps)) {
      found.add(Hindrance.BUSY);
    }
    if (!line.restDay().isEmpty()
        && (performanceTomorrow || Math.abs(start - anchor) > FARTHEST_WITH_REST_DAY)) {
      found.add(Hindrance.AROUND_PLAY);
    }
    return found;
  }

  /** Whether it lies in the part of the day that is awake and still to come. */
  static boolean inTime(Line line, PlanDay day, long start) {
    Span span = at(line, start);
    return start >= day.now() && start >= day.awake().start() && span.end() <= day.awake().end();
  }

  /** How many soft rules a session breaks. */
  static int soft(Line line, PlanDay day, long start, long anchor) {
    int broken = Math.abs(start - anchor) > FAR ? 1 : 0;
    if (!line.restDay().isEmpty()) {
      long end = start + occupied(line);
      if (end > day.minuteAt(LATE) || end > day.awake().end() - BEFORE_SLEEP) {
        broken++;
      }
      if (day.blockMinutes() > LONG_DAY) {
        broken++;
      }
    }
    return broken;
  }
}
