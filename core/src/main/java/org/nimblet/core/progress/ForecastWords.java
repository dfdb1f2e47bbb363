package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.OptionalInt;

/** The sentences of a forecast. */
public final class ForecastWords {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

  private ForecastWords() {}

  /** When it will be reached, as far as that can be said. */
  public static String sentence(String goal, LocalDate today, Forecast own) {
    OptionalInt middle = own.day(Forecast.MIDDLE);
    if (middle.isEmpty()) {
      long percent = Math.round(own.reachedBy(Forecast.DAYS) * 100);
      return "Not at this rate: within a year %s is reached with %d %%.".formatted(goal, percent);
    }
    String words = "%s by %s as likely as not".formatted(goal, day(today, middle));
    OptionalInt early = own.day(Forecast.EARLY);
    OptionalInt late = own.day(Forecast.LATE);
    return late.isPresent()
        ? "%s; hardly before %s, nearly surely by %s."
            .formatted(words, day(today, early), day(today, late))
        : "%s; hardly before %s, and perhaps not within a year."
            .formatted(words, day(today, early));
  }

  /** So many days a week are enough. */
  public static String often(String goal, LocalDate by, int daysAWeek) {
    return "%s by %s takes %s.".formatted(goal, DAY.format(by), days(daysAWeek));
  }

  /**
   * Not even every day is enough.
   *
   * @param fully whether it would be if everything were done and went well
   */
  public static String never(String goal, LocalDate by, boolean fully) {
    return fully
        ? "%s by %s takes every day, and all of it going well.".formatted(goal, DAY.format(by))
        : "%s by %s is not to be reached, not even with every day.".formatted(goal, DAY.format(by));
  }

  private static String days(int daysAWeek) {
    return daysAWeek == 7
        ? "every day"
        : daysAWeek == 1 ? "one day a week" : daysAWeek + " days a week";
  }

  private static String day(LocalDate today, OptionalInt day) {
    return DAY.format(today.plusDays(day.orElseThrow()));
  }
}
