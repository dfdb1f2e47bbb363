package org.nimblet.core.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is to be planned.
 *
 * @param days whole weeks, each beginning on a Monday, without a gap
 * @param performanceAfter whether there is a performance on the day after the last
 * @param lines what wants a place; in one day at most {@value #MOST_LINES}, at most {@value
 *     #MOST_SPACED} of them spaced
 * @param fixed sessions that were done or are pinned: they stay, and count
 * @param agreed the starts that were told before, in minutes since 1970; they move only if they
 *     must
 * @param missed sessions that were not done and are not owed again
 * @param lastBefore the last session of each line before the first of these days
 * @param limits what a day may hold
 */
public record PlanRequest(
    List<PlanDay> days,
    boolean performanceAfter,
    List<Line> lines,
    List<Fixed> fixed,
    Map<SessionKey, Long> agreed,
    Set<SessionKey> missed,
    Map<String, LocalDate> lastBefore,
    Limits limits) {

  /** More lines a day than this are not planned exactly, so not at all. */
  public static final int MOST_LINES = 8;

  /** More spaced lines than this are not planned exactly, so not at all. */
  public static final int MOST_SPACED = 3;

  static final int WEEK = 7;

  /** A session of a line on a date. */
  public record SessionKey(String lineId, LocalDate date) {}

  /** A session that stays where it is. */
  public record Fixed(SessionKey key, Span span) {}

  /**
   * What a day may hold of free-standing sessions.
   *
   * @param sessions how many, at least 1
   * @param minutes how long together, at least 1
   */
  public record Limits(int sessions, int minutes) {
    /** What fits a working person's day (ours). */
    public static final Limits USUAL = new Limits(4, 45);

    /**
     * Checks the numbers.
     *
     * @throws IllegalArgumentException if one is below 1
     */
    public Limits {
      if (sessions < 1 || minutes < 1) {
        throw new IllegalArgumentException(
            "a day must hold at least one session (%d) and a minute (%d)"
                .formatted(sessions, minutes));
      }
    }
  }

  /**
   * Checks that it can be planned and copies the collections.
   *
   * @throws IllegalArgumentException if the days are not whole weeks, a line stands twice, or there
   *     are more lines than can be planned exactly
   */
  public PlanRequest {
    days = List.copyOf(days);
    lines = List.copyOf(lines);
    fixed = List.copyOf(fixed);
    agreed = Map.copyOf(agreed);
    missed = Set.copyOf(missed);
    lastBefore = Map.copyOf(lastBefore);
    if (days.isEmpty()
        || days.size() % WEEK != 0
        || days.get(0).date().getDayOfWeek() != DayOfWeek.MONDAY) {
      throw new IllegalArgumentException(
          "days (%d) must be whole weeks that begin on a Monday".formatted(days.size()));
    }
    for (int i = 1; i < days.size(); i++) {
      if (!days.get(i).date().equals(days.get(i - 1).date().plusDays(1))) {
        throw new IllegalArgumentException(
            "day %s must follow %s"
                .formatted(days.get(i).date(), days.get(i - 1).date().plusDays(1)));
      }
    }
    Set<String> ids = lines.stream().map(Line::id).collect(Collectors.toSet());
    if (ids.size() != lines.size()) {
      throw new IllegalArgumentException("a line stands twice among %s".formatted(ids));
    }
    for (PlanDay day : days) {
      List<Line> ofDay = lines.stream().filter(line -> line.mayBeOn(day.date())).toList();
      long spaced = ofDay.stream().filter(Line::spaced).count();
      if (ofDay.size() > MOST_LINES || spaced > MOST_SPACED) {
        throw new IllegalArgumentException(
            "%d sessions a day, %d of them not daily, are too many on %s: at most %d and %d"
                .formatted(ofDay.size(), spaced, day.date(), MOST_LINES, MOST_SPACED));
      }
    }
  }
}
