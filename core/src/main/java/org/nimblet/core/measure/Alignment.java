package org.nimblet.core.measure;

import java.util.Arrays;
import java.util.List;
import org.nimblet.core.anatomy.Digit;

/**
 * Which tap was meant for which place of a row: with as few wrong, missing and additional taps as
 * can be (the edit distance of Levenshtein 1966, along a band about the diagonal).
 */
final class Alignment {

  static final int MISSING = -1;

  /**
   * Somebody may be off by so many taps on the way, besides what they are off in the end (ours).
   */
  private static final int ASTRAY = 16;

  /** More than this is not compared: whoever taps so unlike the row taps another one. */
  private static final long MOST_CELLS = 40_000_000;

  private static final byte ALONG = 0;
  private static final byte SKIPPED = 1;
  private static final byte ADDED = 2;

  private final int[] tapAt;
  private final int additional;

  private Alignment(int[] tapAt, int additional) {
    this.tapAt = tapAt;
    this.additional = additional;
  }

  /** The number of the tap of a place; {@link #MISSING} where none was made. */
  int tapAt(int place) {
    return tapAt[place];
  }

  /** How many taps belong to no place. */
  int additional() {
    return additional;
  }

  /**
   * Aligns.
   *
   * @throws IllegalArgumentException if far more or fewer taps were made than were wanted
   */
  static Alignment of(List<Digit> wanted, List<Tap> taps) {
    int places = wanted.size();
    int made = taps.size();
    int band = Math.abs(places - made) + ASTRAY;
    int width = 2 * band + 1;
    int[] asked = wanted.stream().mapToInt(Digit::ordinal).toArray();
    int[] tapped = taps.stream().mapToInt(tap -> tap.digit().ordinal()).toArray();
    if ((places + 1L) * width > MOST_CELLS) {
      throw new IllegalArgumentException(
          "taps (%d) must be about as many as are wanted (%d)".formatted(made, places));
    }
    byte[] ways = new byte[(places + 1) * width];
    int[] before = new int[width];
    int[] here = new int[width];
    for (int place = 0; place <= places; place++) {
      Arrays.fill(here, Integer.MAX_VALUE / 2);
      for (int k = Math.max(0, band - place); k < width; k++) {
        int tap = place + k - band;
        if (tap > made) {
          break;
        }
        if (place == 0) {
          here[k] = tap;
          ways[k] = ADDED;
          continue;
        }
        int best = Integer.MAX_VALUE / 2;
        byte way = SKIPPED;
        if (tap > 0) {
          best = before[k] + (asked[place - 1] == tapped[tap - 1] ? 0 : 1);
          way = ALONG;
        }
        if (k + 1 < width && before[k + 1] + 1 < best) {
          best = before[k + 1] + 1;
          way = SKIPPED;
        }
        // Of a key that bounced the first press is the one that was meant.
        if (k > 0 && tap > 0 && here[k - 1] + 1 <= best) {
          best = here[k - 1] + 1;
          way = ADDED;
        }
        here[k] = best;
        ways[place * width + k] = way;
      }
      int[] swap = before;
      before = here;
      here = swap;
    }
    return walkBack(ways, places, made, band);
  }

  private static Alignment walkBack(byte[] ways, int places, int made, int band) {
    int[] tapAt = new int[places];
    int place = places;
    int tap = made;
    int additional = 0;
    while (place > 0 || tap > 0) {
      byte way = ways[place * (2 * band + 1) + tap - place + band];
      if (way == ADDED || place == 0) {
        tap--;
        additional++;
      } else if (way == SKIPPED) {
        tapAt[--place] = MISSING;
      } else {
        tapAt[--place] = --tap;
      }
    }
    return new Alignment(tapAt, additional);
  }
}
