package org.nimblet.server.measure;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.measure.PieceNote;
import org.nimblet.server.platform.InvalidFieldException;

/**
 * A piece as a file holds it.
 *
 * @param voices its tracks, or the staves of its parts; those that hold notes
 */
record PieceFile(List<Voice> voices) {

  /** Notes below it are the left hand's where one voice holds both (ours). */
  private static final int MIDDLE_C = 60;

  private static final byte[] MIDI = {'M', 'T', 'h', 'd'};
  private static final byte[] ZIP = {'P', 'K', 3, 4};

  /**
   * A track or a staff.
   *
   * @param name as the file calls it; may be empty
   */
  record Voice(String name, List<Note> notes) {
    private double height() {
      return notes.stream().mapToInt(Note::key).average().orElse(0);
    }

    private Optional<Side> named() {
      String low = name.toLowerCase(Locale.ROOT);
      if (low.contains("left") == low.contains("right")) {
        return Optional.empty();
      }
      return Optional.of(low.contains("left") ? Side.LEFT : Side.RIGHT);
    }
  }

  /**
   * A note.
   *
   * @param begins in quarter notes
   * @param lasts in quarter notes
   * @param atMillis when it begins at the tempo that is written
   * @param velocity 0 where the file says nothing
   */
  record Note(
      int key,
      double begins,
      double lasts,
      int bar,
      Optional<Digit> digit,
      double atMillis,
      int velocity) {}

  /**
   * Reads a Standard MIDI File, MusicXML, or MusicXML compressed.
   *
   * @throws InvalidFieldException in words, if it is none of them or cannot be read
   */
  static PieceFile read(byte[] bytes) {
    PieceFile file;
    if (begins(bytes, MIDI)) {
      file = MidiReader.read(bytes);
    } else if (begins(bytes, ZIP)) {
      file = MusicXmlReader.readCompressed(bytes);
    } else if (new String(bytes, 0, Math.min(bytes.length, 200), StandardCharsets.ISO_8859_1)
        .contains("<")) {
      file = MusicXmlReader.read(bytes);
    } else {
      throw wrong("It is neither a Standard MIDI File nor MusicXML.");
    }
    if (file.voices.isEmpty()) {
      throw wrong("It holds no notes.");
    }
    return file;
  }

  private static boolean begins(byte[] bytes, byte[] with) {
    if (bytes.length < with.length) {
      return false;
    }
    for (int i = 0; i < with.length; i++) {
      if (bytes[i] != with[i]) {
        return false;
      }
    }
    return true;
  }

  static InvalidFieldException wrong(String why) {
    return new InvalidFieldException("file", why);
  }

  /**
   * Which hand plays each voice: as they are named, else the highest one the right and the lowest
   * one the left; a voice alone is parted at middle C.
   *
   * @param left the voice of the left hand, from 1 on; empty for what the file says
   * @param right the voice of the right hand
   */
  Hands hands(Optional<Integer> left, Optional<Integer> right) {
    left.ifPresent(number -> check("left", number));
    right.ifPresent(number -> check("right", number));
    if (left.isPresent() || right.isPresent()) {
      return new Hands(left.map(n -> n - 1), right.map(n -> n - 1));
    }
    Optional<Integer> namedLeft = named(Side.LEFT);
    Optional<Integer> namedRight = named(Side.RIGHT);
    if (namedLeft.isPresent() || namedRight.isPresent() || voices.size() == 1) {
      return new Hands(namedLeft, namedRight);
    }
    List<Integer> byHeight = new ArrayList<>();
    for (int i = 0; i < voices.size(); i++) {
      byHeight.add(i);
    }
    byHeight.sort(Comparator.comparingDouble(i -> voices.get(i).height()));
    return new Hands(Optional.of(byHeight.get(0)), Optional.of(byHeight.get(byHeight.size() - 1)));
  }

  private void check(String field, int number) {
    if (number < 1 || number > voices.size()) {
      throw new InvalidFieldException(
          field, "(%d) must be a voice from 1 to %d.".formatted(number, voices.size()));
    }
  }

  private Optional<Integer> named(Side side) {
    for (int i = 0; i < voices.size(); i++) {
      if (voices.get(i).named().filter(side::equals).isPresent()) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  /** The voices of the hands, by their places; with neither one voice is parted. */
  record Hands(Optional<Integer> left, Optional<Integer> right) {

    Optional<Side> of(int voice) {
      if (left.filter(i -> i == voice).isPresent()) {
        return Optional.of(Side.LEFT);
      }
      return right.filter(i -> i == voice).map(i -> Side.RIGHT);
    }
  }

  /** A note with the hand that plays it. */
  record HandNote(Side side, Note note) {}

  /** What the hands play. */
  List<HandNote> played(Hands hands) {
    List<HandNote> played = new ArrayList<>();
    boolean parted = hands.left().isEmpty() && hands.right().isEmpty();
    for (int i = 0; i < voices.size(); i++) {
      for (Note note : voices.get(i).notes()) {
        Optional<Side> side =
            parted ? Optional.of(note.key() < MIDDLE_C ? Side.LEFT : Side.RIGHT) : hands.of(i);
        side.ifPresent(of -> played.add(new HandNote(of, note)));
      }
    }
    return played;
  }

  /** The same as the core reads it. */
  List<PieceNote> notes(Hands hands) {
    return played(hands).stream()
        .map(
            one ->
                new PieceNote(
                    one.side(),
                    one.note().digit(),
                    one.note().key(),
                    one.note().begins(),
                    one.note().lasts(),
                    one.note().bar()))
        .toList();
  }
}
