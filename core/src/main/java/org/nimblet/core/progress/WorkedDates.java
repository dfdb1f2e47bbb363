package org.nimblet.core.progress;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.OptionalInt;

/** The dates on which something was worked at all. */
public final class WorkedDates {

  private final long[] days;

  private WorkedDates(long[] days) {
    this.days = days;
  }

  /** From dates in any order. */
  public static WorkedDates of(Collection<LocalDate> dates) {
    return new WorkedDates(
        dates.stream().mapToLong(LocalDate::toEpochDay).distinct().sorted().toArray());
  }

  /** Whole days from the last of them that lies before a date; empty if there is none. */
  OptionalInt daysAwayOn(LocalDate date) {
    int before = before(date);
    return before == 0
        ? OptionalInt.empty()
        : OptionalInt.of((int) (date.toEpochDay() - days[before - 1]));
  }

  /** Whether the last times before a date lay far apart, so that it is done seldom. */
  boolean isSeldomOn(LocalDate date) {
    int before = before(date);
    int first = Math.max(0, before - ProgressRules.SELDOM_OF);
    long[] gaps = new long[Math.max(0, before - first - 1)];
    for (int i = 0; i < gaps.length; i++) {
      gaps[i] = days[first + i + 1] - days[first + i];
    }
    Arrays.sort(gaps);
    return gaps.length > 1 && gaps[gaps.length / 2] >= ProgressRules.SELDOM_DAYS;
  }

  /** How many of them lie before a date. */
  private int before(LocalDate date) {
    int at = Arrays.binarySearch(days, date.toEpochDay());
    return at >= 0 ? at : -at - 1;
  }
}
