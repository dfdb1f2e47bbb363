package org.nimblet.server.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.Tapping;
import org.nimblet.server.measure.PieceFile.HandNote;
import org.nimblet.server.platform.InvalidFieldException;

/**
 * Taps out of a Standard MIDI File. Each hand was played in one place: its keys are its fingers,
 * the right hand's from the lowest up, the left hand's from the highest down.
 */
record TapFile(List<HandNote> played) {

  static TapFile read(byte[] bytes, Optional<Integer> left, Optional<Integer> right) {
    PieceFile file = PieceFile.read(bytes);
    List<HandNote> played = file.played(file.hands(left, right));
    if (played.stream().allMatch(one -> one.note().velocity() == 0)) {
      throw PieceFile.wrong(
          "MusicXML holds no times of a performance; a Standard MIDI File of one does.");
    }
    if (played.size() > Tapping.MOST_TAPS) {
      throw PieceFile.wrong(
          "It holds %,d notes; a test has %,d at most."
              .formatted(played.size(), Tapping.MOST_TAPS));
    }
    return new TapFile(played);
  }

  /** How many taps the hand made that made most. */
  int most(List<Side> sides) {
    return (int)
        sides.stream()
            .mapToLong(side -> played.stream().filter(one -> one.side() == side).count())
            .max()
            .orElse(0);
  }

  /**
   * The taps of the hands by their fingers.
   *
   * @param row the digits that were tapped, in any order
   * @throws InvalidFieldException if a hand has other keys than fingers, or did not play
   */
  List<Tap> taps(List<Side> sides, List<Digit> row) {
    List<Digit> digits = row.stream().distinct().sorted().toList();
    List<Tap> taps = new ArrayList<>();
    for (Side side : sides) {
      List<Integer> keys =
          played.stream()
              .filter(one -> one.side() == side)
              .map(one -> one.note().key())
              .distinct()
              .sorted(side == Side.RIGHT ? Comparator.naturalOrder() : Comparator.reverseOrder())
              .toList();
      if (keys.size() != digits.size()) {
        throw PieceFile.wrong(
            "The %s hand plays %d different keys; the row has %d fingers, each on a key of its own."
                .formatted(side.word(), keys.size(), digits.size()));
      }
      for (HandNote one : played) {
        if (one.side() == side) {
          taps.add(
              new Tap(
                  side,
                  digits.get(keys.indexOf(one.note().key())),
                  one.note().atMillis(),
                  OptionalInt.of(one.note().velocity())));
        }
      }
    }
    return taps;
  }
}
