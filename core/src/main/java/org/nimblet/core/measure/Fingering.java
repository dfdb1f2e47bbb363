package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * Fingers for a piece that names none, by a rule that is simple enough to be said: the hand lies on
 * five neighbouring white keys, a finger on each, and moves only as far as it must. A chord wider
 * than that is taken by thumb and little finger and what lies between by those between. What the
 * piece names stands, and the hand goes there.
 */
final class Fingering {

  /** The rule for people. */
  static final String RULE =
      "Where the piece names no finger it is guessed: the hand lies on five neighbouring white"
          + " keys and moves only as far as it must.";

  /** Notes that begin within this are a chord, in quarter notes. */
  static final double TOGETHER = 0.01;

  private static final int LAST = Digit.values().length - 1;

  private final Side side;

  /** The white key under the finger that lies farthest left. */
  private int lowest;

  private boolean lies;

  private Fingering(Side side) {
    this.side = side;
  }

  /** A note with the finger that plays it. */
  record Fingered(PieceNote note, Digit digit, boolean guessed) {}

  /** The notes of one hand that begin together, from the lowest to the highest. */
  static List<List<Fingered>> of(Side side, List<PieceNote> notes) {
    Fingering hand = new Fingering(side);
    return chords(side, notes).stream().map(hand::chord).toList();
  }

  private static List<List<PieceNote>> chords(Side side, List<PieceNote> notes) {
    List<PieceNote> sorted =
        notes.stream()
            .filter(note -> note.side() == side)
            .sorted(Comparator.comparingDouble(PieceNote::begins).thenComparingInt(PieceNote::key))
            .toList();
    List<List<PieceNote>> chords = new ArrayList<>();
    for (PieceNote note : sorted) {
      List<PieceNote> last = chords.isEmpty() ? null : chords.get(chords.size() - 1);
      if (last == null || note.begins() - last.get(0).begins() > TOGETHER) {
        last = new ArrayList<>();
        chords.add(last);
      }
      last.add(note);
    }
    chords.forEach(chord -> chord.sort(Comparator.comparingInt(PieceNote::key)));
    return chords;
  }

  private List<Fingered> chord(List<PieceNote> chord) {
    chord.stream()
        .filter(note -> note.digit().isPresent())
        .findFirst()
        .ifPresent(
            note -> {
              lowest = KeyPlaces.white(note.key()) - place(note.digit().get());
              lies = true;
            });
    int low = KeyPlaces.white(chord.get(0).key());
    int high = KeyPlaces.white(chord.get(chord.size() - 1).key());
    if (!lies) {
      lowest = low;
      lies = true;
    }
    if (chord.stream().anyMatch(note -> note.digit().isEmpty())) {
      lowest = Math.min(Math.max(lowest, high - LAST), low);
    }
    List<Fingered> fingered = new ArrayList<>();
    int after = -1;
    for (int i = 0; i < chord.size(); i++) {
      PieceNote note = chord.get(i);
      int free = LAST - (chord.size() - 1 - i);
      int wide = high - low;
      int wanted =
          wide > LAST
              ? Math.round((float) (KeyPlaces.white(note.key()) - low) * LAST / wide)
              : KeyPlaces.white(note.key()) - lowest;
      int place = Math.max(0, Math.min(Math.max(wanted, after + 1), Math.max(free, 0)));
      after = place;
      Digit guessed = digit(Math.min(place, LAST));
      fingered.add(new Fingered(note, note.digit().orElse(guessed), note.digit().isEmpty()));
    }
    return fingered;
  }

  /** From the left edge of the hand. */
  private int place(Digit digit) {
    return side == Side.RIGHT ? digit.ordinal() : LAST - digit.ordinal();
  }

  private Digit digit(int place) {
    return Digit.values()[side == Side.RIGHT ? place : LAST - place];
  }
}
