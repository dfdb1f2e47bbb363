package org.nimblet.core.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Purpose;

/**
 * A free-standing obligation at one anchor: what the planner gives a place. Morning and night are
 * two lines.
 *
 * @param id tells lines apart and settles ties
 * @param title inside a sentence: "strength, heavy"
 * @param purpose the purpose of its sessions
 * @param minutes how long a session is, 1 to 60
 * @param anchor where in the day it belongs
 * @param often on which days
 * @param notOn days of the week that are left free
 * @param from the first date
 * @param until the last date
 * @param tires whether it tires the hands, so that it keeps away from play
 * @param restDay the tissues that need a day of rest between two sessions; empty if none does
 */
public record Line(
    String id,
    String title,
    Purpose purpose,
    int minutes,
    Anchor anchor,
    Often often,
    Set<DayOfWeek> notOn,
    LocalDate from,
    LocalDate until,
    boolean tires,
    Set<Tissue> restDay) {

  private static final int LONGEST = 60;

  /** How often. */
  public sealed interface Often {}

  /** Every day that is not left free. */
  public record Daily() implements Often {}

  /** So many times a week, 1 to 3, spread out. */
  public record TimesAWeek(int times) implements Often {
    /** More would leave no day of rest between each two of every week. */
    public static final int MOST = 3;

    /**
     * Checks the number.
     *
     * @throws IllegalArgumentException if it is out of range
     */
    public TimesAWeek {
      if (times < 1 || times > MOST) {
        throw new IllegalArgumentException(
            "times a week (%d) must be 1 to %d; every second day and daily are said as such"
                .formatted(times, MOST));
      }
    }
  }

  /** On every day on which another line has no session. */
  public record BetweenSessionsOf(String lineId) implements Often {}

  /** Every second day: four times in one week, three in the next. */
  public record EverySecondDay() implements Often {}

  /**
   * Checks the numbers and copies the sets.
   *
   * @throws IllegalArgumentException if a length is out of range, the dates are in the wrong order,
   *     or work that needs a day of rest would be daily
   */
  public Line {
    notOn = Set.copyOf(notOn);
    restDay = Set.copyOf(restDay);
    if (minutes < 1 || minutes > LONGEST) {
      throw new IllegalArgumentException(
          "%s (%d min) must last 1 to %d min".formatted(title, minutes, LONGEST));
    }
    if (until.isBefore(from)) {
      throw new IllegalArgumentException(
          "%s must not end (%s) before it starts (%s)".formatted(title, until, from));
    }
    if (!tires && !restDay.isEmpty()) {
      throw new IllegalArgumentException(
          "%s needs a day of rest between, so it must tire".formatted(title));
    }
    if (often instanceof Daily && !restDay.isEmpty()) {
      throw new IllegalArgumentException(
          "%s needs a day of rest between and cannot be daily; every second day is the most"
              .formatted(title));
    }
  }

  /** Whether it may stand on a date at all. */
  public boolean mayBeOn(LocalDate date) {
    return !date.isBefore(from) && !date.isAfter(until) && !notOn.contains(date.getDayOfWeek());
  }

  boolean spaced() {
    return often instanceof TimesAWeek || often instanceof EverySecondDay;
  }

  /** Whether it gives way on the days of another line. */
  boolean givesWayTo(String lineId) {
    return often instanceof BetweenSessionsOf between && between.lineId().equals(lineId);
  }

  boolean sharesTissueWith(Line other) {
    return restDay.stream().anyMatch(other.restDay::contains);
  }
}
