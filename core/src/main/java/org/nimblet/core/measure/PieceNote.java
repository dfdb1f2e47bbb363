package org.nimblet.core.measure;

import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * A note of a piece.
 *
 * @param side which hand plays it
 * @param digit by which finger, where the piece says so
 * @param key as a Standard MIDI File numbers them; middle C is 60
 * @param begins in quarter notes from the beginning
 * @param lasts in quarter notes, 0 or more
 * @param bar its number; 0 where the piece has none
 */
public record PieceNote(
    Side side, Optional<Digit> digit, int key, double begins, double lasts, int bar) {

  /** More notes than these are not read (ours): a concerto has about fifty thousand. */
  public static final int MOST = 100_000;

  private static final int GREATEST_KEY = 127;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public PieceNote {
    if (key < 0 || key > GREATEST_KEY) {
      throw new IllegalArgumentException(
          "key (%d) must be between 0 and %d".formatted(key, GREATEST_KEY));
    }
    if (!(begins >= 0) || !(lasts >= 0) || Double.isInfinite(begins + lasts)) {
      throw new IllegalArgumentException(
          "times (%s, %s) must be 0 or more".formatted(begins, lasts));
    }
  }

  double ends() {
    return begins + lasts;
  }
}
