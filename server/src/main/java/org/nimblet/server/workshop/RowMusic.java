package org.nimblet.server.workshop;

import java.util.List;
import java.util.Map;
import org.nimblet.core.anatomy.Digit;

/**
 * A row of taps as music: each hand in a five-note position, the right one from middle C upward,
 * the left one an octave lower, so that both thumbs lie toward each other.
 *
 * @param left what the left hand taps; empty if it rests
 * @param right what the right hand taps; empty if it rests
 * @param bpm beats a minute
 * @param notesABeat taps on each beat, 1 to 4
 * @param rounds how often the row is gone through
 */
record RowMusic(List<Digit> left, List<Digit> right, int bpm, int notesABeat, int rounds) {

  static final int LEAST_BPM = 20;
  static final int GREATEST_BPM = 240;
  static final int MOST_NOTES = 4;
  static final int MOST_ROUNDS = 64;

  /** As a Standard MIDI File numbers notes; middle C is 60. */
  private static final Map<Digit, Integer> RIGHT_KEYS =
      Map.of(Digit.THUMB, 60, Digit.INDEX, 62, Digit.MIDDLE, 64, Digit.RING, 65, Digit.LITTLE, 67);

  private static final Map<Digit, Integer> LEFT_KEYS =
      Map.of(Digit.LITTLE, 48, Digit.RING, 50, Digit.MIDDLE, 52, Digit.INDEX, 53, Digit.THUMB, 55);

  RowMusic {
    left = List.copyOf(left);
    right = List.copyOf(right);
    if (left.isEmpty() && right.isEmpty()) {
      throw new IllegalArgumentException("row (nothing) must hold at least one tap");
    }
  }

  /** How many taps a round has. */
  int taps() {
    return Math.max(left.size(), right.size());
  }

  static int leftKey(Digit digit) {
    return LEFT_KEYS.get(digit);
  }

  static int rightKey(Digit digit) {
    return RIGHT_KEYS.get(digit);
  }
}
