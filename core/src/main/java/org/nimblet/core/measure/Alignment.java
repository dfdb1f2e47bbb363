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

  private static final int FAR = Integer.MAX_VALUE / 2;
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
    // One more than the band on either side, which nothing can come from.
    int[] before = new int[width + 2];
    int[] here = new int[width + 2];
    Arrays.fill(before, FAR);
    for (int tap = 0; tap <= Math.min(band, made); tap++) {
      before[band + tap + 1] = tap;
      ways[band + tap] = ADDED;
    }
    for (int place = 1; place <= places; place++) {
      Arrays.fill(here, FAR);
      int first = Math.max(0, band - place);
      if (first == band - place) {
        // Nothing was tapped yet.
        here[first + 1] = place;
        ways[place * width + first++] = SKIPPED;
      }
      int shift = place - band;
      int last = Math.min(width - 1, made - shift);
      int digit = asked[place - 1];
      for (int k = first; k <= last; k++) {
        int along = before[k + 1] + (digit == tapped[shift + k - 1] ? 0 : 1);
        int skipped = before[k + 2] + 1;
        int added = here[k] + 1;
        int best = Math.min(along, skipped);
        // Of a key that bounced the first press is the one that was meant.
        here[k + 1] = Math.min(best, added);
        ways[place * width + k] = added <= best ? ADDED : skipped < along ? SKIPPED : ALONG;
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
