package org.nimblet.server.week;

import java.time.DateTimeException;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.model.Recur;

/** Recurrence rules of RFC 5545, section 3.3.10, as ical4j expands them. */
public final class Repetition {

  /** A rule that is too long to have been meant. */
  private static final int LONGEST = 200;

  private Repetition() {}

  /**
   * When a rule comes round.
   *
   * @param rule such as {@code FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,WE;UNTIL=20270131}
   * @param first the first time, which the rule should meet
   * @param last nothing after it is given, however long the rule goes on
   * @return in ascending order
   * @throws IllegalArgumentException if it is no rule
   */
  public static <T extends Temporal & Comparable<? super T>> List<T> times(
      String rule, T first, T last) {
    if (rule.length() > LONGEST) {
      throw new IllegalArgumentException(
          "a rule (%d characters) must not be longer than %d".formatted(rule.length(), LONGEST));
    }
    try {
      return new Recur<T>(rule)
          .getDates(first, first, last).stream()
              .filter(time -> time.compareTo(first) >= 0 && time.compareTo(last) <= 0)
              .distinct()
              .sorted()
              .toList();
    } catch (IllegalArgumentException | DateTimeException e) {
      throw new IllegalArgumentException(
          "rule (%s) must be a recurrence rule such as FREQ=WEEKLY;BYDAY=MO,WE;UNTIL=20270131"
              .formatted(rule),
          e);
    }
  }
}
