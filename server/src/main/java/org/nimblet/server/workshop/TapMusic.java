package org.nimblet.server.workshop;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Pattern;
import org.nimblet.core.drill.Phrase;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.exercise.FingerState;

/**
 * Taps as music: each hand in a five-note position, the right one from middle C upward, the left
 * one an octave lower, so that both thumbs lie toward each other.
 *
 * @param left the digits of the left hand that go down at each tap; empty if it rests all the time
 * @param right the same of the right hand
 * @param bpm beats a minute
 * @param notesABeat taps on each beat, 1 to 4
 * @param rounds how often all of it is gone through
 * @param beatsABar how the beats are counted
 */
record TapMusic(
    List<List<Digit>> left,
    List<List<Digit>> right,
    int bpm,
    int notesABeat,
    int rounds,
    int beatsABar) {

  static final int MOST_NOTES = 4;
  static final int MOST_ROUNDS = 64;

  /** As a Standard MIDI File numbers notes; middle C is 60. */
  private static final Map<Digit, Integer> RIGHT_KEYS =
      Map.of(Digit.THUMB, 60, Digit.INDEX, 62, Digit.MIDDLE, 64, Digit.RING, 65, Digit.LITTLE, 67);

  private static final Map<Digit, Integer> LEFT_KEYS =
      Map.of(Digit.LITTLE, 48, Digit.RING, 50, Digit.MIDDLE, 52, Digit.INDEX, 53, Digit.THUMB, 55);

  /**
   * Checks that something sounds.
   *
   * @throws IllegalArgumentException if nothing ever goes down
   */
  TapMusic {
    left = List.copyOf(left);
    right = List.copyOf(right);
    if (Stream.concat(left.stream(), right.stream()).allMatch(List::isEmpty)) {
      throw new IllegalArgumentException("music (nothing) must hold at least one tap");
    }
  }

  /** A row, shared between the hands. */
  static TapMusic ofRow(List<Digit> row, TwoHandedRow hands, int bpm, int notesABeat, int rounds) {
    return new TapMusic(
        single(hands.left(row)),
        single(hands.right(row)),
        bpm,
        notesABeat,
        rounds,
        Phrase.USUAL_BEATS_A_BAR);
  }

  private static List<List<Digit>> single(List<Digit> row) {
    return row.stream().map(List::of).toList();
  }

  /** A pattern, a change on each beat: whatever is bent goes down. */
  static TapMusic ofDrill(Drill drill, int bpm, int rounds) {
    Pattern pattern = drill.pattern();
    List<List<Digit>> first = bent(pattern.first());
    boolean rightAlone = drill.hand().filter(Side.RIGHT::equals).isPresent();
    return new TapMusic(
        rightAlone ? List.of() : first,
        rightAlone ? first : bent(pattern.second()),
        bpm,
        1,
        rounds,
        Phrase.USUAL_BEATS_A_BAR);
  }

  private static List<List<Digit>> bent(List<FingerState> states) {
    return states.stream().map(FingerState::bent).toList();
  }

  /** The same set to a phrase: what follows a round begins with one. */
  TapMusic in(Phrase phrase) {
    return new TapMusic(
        left.isEmpty() ? left : phrase.fitted(left, notesABeat, List.of()),
        right.isEmpty() ? right : phrase.fitted(right, notesABeat, List.of()),
        bpm,
        notesABeat,
        rounds,
        phrase.beatsABar());
  }

  /** How many taps a round has, those that are rests included. */
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
