package org.nimblet.core.measure;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Under which conditions something was measured. Tests are compared under equal ones only.
 *
 * @param at when, on the person's clock
 * @param warmth what made the hands warm, if anything did
 * @param workedMinutes how long the hands had worked that day
 */
public record Conditions(
    LocalDateTime at, Optional<Warmth> warmth, int workedMinutes, Device device) {

  /** Hands stay warm for so long after a routine (ours). */
  public static final int WARM_MINUTES = 30;

  /** Less than this warms nothing up, and a test is no routine (ours). */
  public static final Duration WARMS = Duration.ofMinutes(3);

  /** Two tests so near to each other say how far they differ by themselves (ours). */
  private static final Duration REPEATED_WITHIN = Duration.ofHours(1);

  /** A test is work too, of so many minutes at most (ours). */
  private static final int TESTING_MINUTES = 5;

  /** Times of day count as equal up to this (ours). */
  private static final Duration APART = Duration.ofHours(3);

  /** And work before the test up to this (ours). */
  private static final int WORKED_MINUTES_APART = 60;

  /**
   * After what, and how long ago it ended.
   *
   * @param minutesAgo 0 to {@link Conditions#WARM_MINUTES}
   */
  public record Warmth(String after, int minutesAgo) {}

  /** For people: "14:20, warm after Before practice 8 min ago, 45 min of work". */
  public String words() {
    return "%02d:%02d, %s, %s, %s"
        .formatted(
            at.getHour(),
            at.getMinute(),
            warmth
                .map(w -> "%s %d min before".formatted(w.after(), w.minutesAgo()))
                .orElse("not warmed up"),
            workedMinutes == 0
                ? "nothing worked before"
                : "%d min worked that day".formatted(workedMinutes),
            device.words());
  }

  /** What was unlike at another test, as sentences; none if both are equal. */
  public List<String> unlike(Conditions other) {
    List<String> unlike = new ArrayList<>();
    if (minutesApart(other) > APART.toMinutes()) {
      unlike.add(
          "It was %02d:%02d, now %02d:%02d."
              .formatted(other.at.getHour(), other.at.getMinute(), at.getHour(), at.getMinute()));
    }
    if (warmth.isPresent() != other.warmth.isPresent()) {
      unlike.add(
          warmth.isPresent()
              ? "The hands were not warmed up then, now they are."
              : "The hands were warmed up then, now they are not.");
    }
    if (Math.abs(workedMinutes - other.workedMinutes) > WORKED_MINUTES_APART) {
      unlike.add(
          "They had worked %d min that day, now %d.".formatted(other.workedMinutes, workedMinutes));
    }
    if (!device.equals(other.device)) {
      unlike.add("It was a %s, now a %s.".formatted(other.device.words(), device.words()));
    }
    return unlike;
  }

  /** Whether another test came soon before with nothing worked between, under equal conditions. */
  public boolean repeats(Conditions before) {
    Duration apart = Duration.between(before.at, at);
    return !apart.isNegative()
        && apart.compareTo(REPEATED_WITHIN) <= 0
        && Math.abs(workedMinutes - before.workedMinutes) <= TESTING_MINUTES
        && unlike(before).isEmpty();
  }

  /** By the clock, the shorter way round. */
  private long minutesApart(Conditions other) {
    long apart = Math.abs(Duration.between(other.at.toLocalTime(), at.toLocalTime()).toMinutes());
    return Math.min(apart, Duration.ofDays(1).toMinutes() - apart);
  }
}
