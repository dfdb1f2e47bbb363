package org.nimblet.core.exercise;

import java.util.Optional;
import org.nimblet.core.anatomy.Side;

/**
 * What keys said of a hand.
 *
 * @param notesAMinute how fast it tapped, at least 1
 * @param enough whether it was even and right enough to go faster
 */
public record Evenness(Side side, int notesAMinute, boolean enough) {

  /**
   * Checks the range.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Evenness {
    if (notesAMinute < 1) {
      throw new IllegalArgumentException(
          "notes a minute (%d) must be at least 1".formatted(notesAMinute));
    }
  }

  /**
   * Whether the hand is even enough at another tempo: whoever is even when it goes faster is, and
   * whoever is not when it goes slower is not. Of the rest it says nothing.
   */
  public Optional<Boolean> enoughAt(int otherNotesAMinute) {
    boolean says = enough ? notesAMinute >= otherNotesAMinute : notesAMinute <= otherNotesAMinute;
    return says ? Optional.of(enough) : Optional.empty();
  }

  /** At how many notes a minute the hand goes next: a rung faster where it was even enough. */
  public int nextNotesAMinute() {
    return enough ? Ladder.nextTempo(notesAMinute) : notesAMinute;
  }
}
