package org.nimblet.server.week;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.nimblet.server.platform.InvalidFieldException;
import org.springframework.stereotype.Component;

/** The dates of blocks that repeat. */
@Component
class SeriesDates {

  /** A rule without an end is followed for so long. */
  private static final int WEEKS = 26;

  /**
   * The dates of a rule, for half a year at the most.
   *
   * @param field the field that a refusal names
   * @throws InvalidFieldException if it is no rule, or meets no day
   */
  List<LocalDate> of(String field, String rule, LocalDate first) {
    List<LocalDate> dates;
    try {
      dates = Repetition.times(rule, first, first.plusWeeks(WEEKS));
    } catch (IllegalArgumentException e) {
      String message = e.getMessage();
      throw new InvalidFieldException(
          field, message.substring(0, 1).toUpperCase(Locale.ROOT) + message.substring(1) + ".");
    }
    if (dates.isEmpty()) {
      throw new InvalidFieldException(
          field, "(%s) meets no day in the %d weeks from %s on.".formatted(rule, WEEKS, first));
    }
    return dates;
  }
}
