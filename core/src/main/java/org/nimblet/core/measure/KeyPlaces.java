package org.nimblet.core.measure;

/**
 * Where the keys of a piano lie. White keys are 23.5 mm apart, so that an octave is 164.5 mm (model
 * section 7, from memory). Between them and the black ones the group of five and the group of seven
 * are parted evenly, as their tails are (from memory).
 */
final class KeyPlaces {

  private static final double WHITE = 23.5;
  private static final int OCTAVE = 12;
  private static final int WHITES = 7;

  /** C to E: five tails over three white keys; F to B: seven over four. */
  private static final int TAILS_TO_E = 5;

  private static final double TAIL_TO_E = 3 * WHITE / TAILS_TO_E;
  private static final double TAIL_TO_B = 4 * WHITE / (OCTAVE - TAILS_TO_E);

  private KeyPlaces() {}

  /** The middle of a key from the left edge of the lowest C, in millimetres. */
  static double millimetres(int key) {
    int octave = Math.floorDiv(key, OCTAVE);
    int step = Math.floorMod(key, OCTAVE);
    double within =
        isWhite(key)
            ? (whiteOf(step) + 0.5) * WHITE
            : step < TAILS_TO_E
                ? (step + 0.5) * TAIL_TO_E
                : TAILS_TO_E * TAIL_TO_E + (step - TAILS_TO_E + 0.5) * TAIL_TO_B;
    return octave * WHITES * WHITE + within;
  }

  static boolean isWhite(int key) {
    return switch (Math.floorMod(key, OCTAVE)) {
      case 1, 3, 6, 8, 10 -> false;
      default -> true;
    };
  }

  /** The number of a white key, and of a black one that of the white one to its left. */
  static int white(int key) {
    return Math.floorDiv(key, OCTAVE) * WHITES + whiteOf(Math.floorMod(key, OCTAVE));
  }

  private static int whiteOf(int step) {
    return step < TAILS_TO_E ? step / 2 : (step + 1) / 2;
  }

  /** From the middle of one key to that of another. */
  static double apart(int key, int other) {
    return Math.abs(millimetres(key) - millimetres(other));
  }
}
