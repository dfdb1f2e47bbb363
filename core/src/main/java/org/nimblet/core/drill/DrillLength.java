package org.nimblet.core.drill;

import java.util.Optional;

/**
 * How long a drill lasts at a tempo: one sees what comes, then changes so many times.
 *
 * @param aMinute changes a minute, 1 or more
 * @param readMillis how long one sees what comes
 * @param changes how many changes follow, 1 or more
 */
public record DrillLength(int aMinute, long readMillis, int changes) {

  /** So many changes where no phrase asks for others (ours). */
  public static final int CHANGES = 20;

  /** More than this is no drill any more: the longest phrase. */
  public static final int MOST_CHANGES = Phrase.MOST_BARS * Phrase.MOST_BEATS_A_BAR;

  /** So long one sees what comes (ours). */
  private static final int READ_SECONDS = 5;

  private static final int SECONDS_A_MINUTE = 60;
  private static final long MILLIS_A_MINUTE = 60_000;

  /**
   * The length at a tempo; set to a phrase in whole bars before it and whole phrases of changes.
   */
  public static DrillLength of(int aMinute, Optional<Phrase> phrase) {
    double readBeats = (double) READ_SECONDS * aMinute / SECONDS_A_MINUTE;
    return phrase
        .map(
            set ->
                new DrillLength(
                    aMinute,
                    set.wholeBars(readBeats) * MILLIS_A_MINUTE / aMinute,
                    set.wholePhrases(CHANGES)))
        .orElseGet(() -> new DrillLength(aMinute, READ_SECONDS * 1000L, CHANGES));
  }

  /** All of it. */
  public long millis() {
    return readMillis + changes * MILLIS_A_MINUTE / aMinute;
  }

  /** How many drills fit into some minutes; one at least. */
  public int fitInto(int minutes) {
    return Math.toIntExact(Math.max(1, minutes * MILLIS_A_MINUTE / millis()));
  }
}
