package org.nimblet.server.workshop;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.ToIntFunction;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.nimblet.core.anatomy.Digit;

/** Taps as a Standard MIDI File 1.0 of format 1: the click and each hand on tracks of their own. */
final class MidiWriter {

  /** Divides by 2, 3 and 4. */
  private static final int TICKS_A_BEAT = 480;

  private static final int TEMPO = 0x51;
  private static final int NAME = 0x03;
  private static final int MICROSECONDS_A_MINUTE = 60_000_000;

  /** General MIDI keeps this channel for percussion; 76 is a high wood block. */
  private static final int PERCUSSION = 9;

  private static final int CLICK = 76;
  private static final int LOUDNESS = 90;

  private MidiWriter() {}

  static byte[] write(TapMusic music) {
    try {
      Sequence sequence = new Sequence(Sequence.PPQ, TICKS_A_BEAT);
      click(sequence.createTrack(), music);
      hand(sequence, "Left hand", 0, music.left(), TapMusic::leftKey, music);
      hand(sequence, "Right hand", 1, music.right(), TapMusic::rightKey, music);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      MidiSystem.write(sequence, 1, out);
      return out.toByteArray();
    } catch (InvalidMidiDataException e) {
      throw new IllegalStateException(e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void click(Track track, TapMusic music) throws InvalidMidiDataException {
    name(track, "Click");
    int microseconds = MICROSECONDS_A_MINUTE / music.bpm();
    byte[] tempo = {(byte) (microseconds >> 16), (byte) (microseconds >> 8), (byte) microseconds};
    track.add(new MidiEvent(new MetaMessage(TEMPO, tempo, tempo.length), 0));
    int taps = music.taps() * music.rounds();
    int beats = (taps + music.notesABeat() - 1) / music.notesABeat();
    for (int beat = 0; beat < beats; beat++) {
      int loud = beat % music.beatsABar() == 0 ? LOUDNESS : LOUDNESS / 2;
      note(track, PERCUSSION, CLICK, loud, (long) beat * TICKS_A_BEAT, TICKS_A_BEAT / 8);
    }
  }

  private static void hand(
      Sequence sequence,
      String name,
      int channel,
      List<List<Digit>> row,
      ToIntFunction<Digit> key,
      TapMusic music)
      throws InvalidMidiDataException {
    if (row.isEmpty()) {
      return;
    }
    Track track = sequence.createTrack();
    name(track, name);
    int length = TICKS_A_BEAT / music.notesABeat();
    for (int tap = 0; tap < row.size() * music.rounds(); tap++) {
      for (Digit digit : row.get(tap % row.size())) {
        int pressed = key.applyAsInt(digit);
        note(track, channel, pressed, LOUDNESS, (long) tap * length, length * 3 / 4);
      }
    }
  }

  private static void name(Track track, String name) throws InvalidMidiDataException {
    byte[] bytes = name.getBytes(StandardCharsets.US_ASCII);
    track.add(new MidiEvent(new MetaMessage(NAME, bytes, bytes.length), 0));
  }

  private static void note(Track track, int channel, int key, int loud, long at, int length)
      throws InvalidMidiDataException {
    track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, channel, key, loud), at));
    track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, channel, key, 0), at + length));
  }
}
