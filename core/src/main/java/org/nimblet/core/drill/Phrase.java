package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.List;

/**
 * The phrase of a piece of music that finger work is set to: movements fall on its beats, and what
 * begins anew begins with a phrase (common practice, no source).
 *
 * @param bars 1 to 16
 * @param beatsABar 2 to 7
 */
public record Phrase(int bars, int beatsABar) {

  public static final int MOST_BARS = 16;
  public static final int LEAST_BEATS_A_BAR = 2;
  public static final int MOST_BEATS_A_BAR = 7;

  /** Where nobody asks for a phrase, bars are counted so. */
  public static final int USUAL_BEATS_A_BAR = 4;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Phrase {
    if (bars < 1 || bars > MOST_BARS) {
      throw new IllegalArgumentException(
          "bars (%d) must be between 1 and %d".formatted(bars, MOST_BARS));
    }
    if (beatsABar < LEAST_BEATS_A_BAR || beatsABar > MOST_BEATS_A_BAR) {
      throw new IllegalArgumentException(
          "beats a bar (%d) must be between %d and %d"
              .formatted(beatsABar, LEAST_BEATS_A_BAR, MOST_BEATS_A_BAR));
    }
  }

  /** How many beats it lasts. */
  public int beats() {
    return bars * beatsABar;
  }

  /**
   * A row followed by so many rests that the next round begins with a phrase.
   *
   * @param row one or more
   * @param notesABeat how many of them on a beat, 1 or more
   * @param rest what stands for a rest
   */
  public <T> List<T> fitted(List<T> row, int notesABeat, T rest) {
    List<T> fitted = new ArrayList<>(row);
    while (fitted.size() % (beats() * notesABeat) != 0) {
      fitted.add(rest);
    }
    return List.copyOf(fitted);
  }

  /** Whole phrases nearest to so many beats; one at least. */
  public int wholePhrases(int beats) {
    int phrases = Math.toIntExact(Math.round((double) beats / beats()));
    return Math.max(1, phrases) * beats();
  }

  /** Whole bars nearest to so many beats; one at least. */
  public int wholeBars(double beats) {
    int bars = Math.toIntExact(Math.round(beats / beatsABar));
    return Math.max(1, bars) * beatsABar;
  }
}
