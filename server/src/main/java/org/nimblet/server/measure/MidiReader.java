package org.nimblet.server.measure;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.nimblet.core.measure.PieceNote;
import org.nimblet.server.platform.InvalidFieldException;

/**
 * Standard MIDI Files 1.0 of format 0 and 1. Before the platform reads one its lengths are walked
 * through, so that none of them can claim more than the file holds.
 */
final class MidiReader {

  private static final int HEADER = 14;
  private static final int CHUNK = 8;
  private static final int TRACK = 0x4D54726B;
  private static final int META = 0xFF;
  private static final int NAME = 0x03;
  private static final int TEMPO = 0x51;
  private static final int METER = 0x58;

  /** General MIDI keeps this channel for percussion: its keys are no keys. */
  private static final int PERCUSSION = 9;

  /** Half a million microseconds a quarter note, where a file says nothing (Standard MIDI File). */
  private static final int USUAL_TEMPO = 500_000;

  private static final double USUAL_BAR = 4;

  private MidiReader() {}

  static PieceFile read(byte[] bytes) {
    check(bytes);
    try {
      return voices(MidiSystem.getSequence(new ByteArrayInputStream(bytes)));
    } catch (InvalidMidiDataException | IOException | IllegalArgumentException e) {
      throw PieceFile.wrong("The Standard MIDI File cannot be read: it breaks its own rules.");
    }
  }

  // ---- lengths

  private static void check(byte[] bytes) {
    ByteBuffer in = ByteBuffer.wrap(bytes);
    if (bytes.length < HEADER) {
      throw truncated();
    }
    int length = in.getInt(4);
    int format = in.getShort(8);
    int division = in.getShort(12);
    if (format == 2) {
      throw PieceFile.wrong(
          "It is a Standard MIDI File of type 2, which holds many pieces; types 0 and 1 are read.");
    }
    if (length < HEADER - CHUNK || format < 0 || format > 2 || division == 0) {
      throw PieceFile.wrong("The Standard MIDI File cannot be read: its header is wrong.");
    }
    if (division < 0) {
      throw PieceFile.wrong(
          "Its times are SMPTE frames; only those in parts of a quarter note are read.");
    }
    if (length > bytes.length - CHUNK) {
      throw truncated();
    }
    in.position(CHUNK + length);
    int notes = 0;
    while (in.remaining() >= CHUNK) {
      int kind = in.getInt();
      int size = in.getInt();
      if (size < 0 || size > in.remaining()) {
        throw truncated();
      }
      if (kind == TRACK) {
        notes += walk(in.slice(in.position(), size));
        if (notes > PieceNote.MOST) {
          throw PieceFile.wrong(
              "It holds more than %,d notes; no more are read.".formatted(PieceNote.MOST));
        }
      }
      in.position(in.position() + size);
    }
  }

  private static InvalidFieldException truncated() {
    return PieceFile.wrong("The Standard MIDI File ends before it should; it is truncated.");
  }

  /** Goes through a track by its lengths and counts what sounds. */
  private static int walk(ByteBuffer track) {
    int notes = 0;
    int running = 0;
    while (track.hasRemaining()) {
      number(track);
      int status = next(track);
      if (status < 0x80) {
        track.position(track.position() - 1);
        status = running;
      }
      if (status == META) {
        next(track);
        skip(track, number(track));
      } else if (status == 0xF0 || status == 0xF7) {
        skip(track, number(track));
      } else if (status >= 0x80 && status < 0xF0) {
        running = status;
        boolean one = status >> 4 == 0xC || status >> 4 == 0xD;
        skip(track, one ? 1 : 2);
        notes += status >> 4 == 0x9 ? 1 : 0;
      } else {
        throw PieceFile.wrong("The Standard MIDI File cannot be read: it breaks its own rules.");
      }
    }
    return notes;
  }

  private static int next(ByteBuffer track) {
    if (!track.hasRemaining()) {
      throw truncated();
    }
    return track.get() & 0xFF;
  }

  private static int number(ByteBuffer track) {
    int value = 0;
    for (int i = 0; i < 4; i++) {
      int part = next(track);
      value = value << 7 | (part & 0x7F);
      if (part < 0x80) {
        return value;
      }
    }
    throw PieceFile.wrong("The Standard MIDI File cannot be read: it breaks its own rules.");
  }

  private static void skip(ByteBuffer track, int bytes) {
    if (bytes > track.remaining()) {
      throw truncated();
    }
    track.position(track.position() + bytes);
  }

  // ---- notes

  private static PieceFile voices(Sequence sequence) {
    Times times = new Times(sequence);
    List<PieceFile.Voice> voices = new ArrayList<>();
    for (Track track : sequence.getTracks()) {
      List<PieceFile.Note> notes = notes(track, times);
      if (!notes.isEmpty()) {
        voices.add(new PieceFile.Voice(name(track), notes));
      }
    }
    return new PieceFile(List.copyOf(voices));
  }

  private static String name(Track track) {
    for (int i = 0; i < track.size(); i++) {
      if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == NAME) {
        return new String(meta.getData(), StandardCharsets.UTF_8).strip();
      }
    }
    return "";
  }

  private record Sounding(long tick, int velocity) {}

  private static List<PieceFile.Note> notes(Track track, Times times) {
    Map<Integer, Deque<Sounding>> sounding = new HashMap<>();
    List<PieceFile.Note> notes = new ArrayList<>();
    for (int i = 0; i < track.size(); i++) {
      MidiEvent event = track.get(i);
      if (event.getMessage() instanceof ShortMessage message
          && message.getChannel() != PERCUSSION) {
        int command = message.getCommand();
        int key = message.getData1();
        int id = message.getChannel() << 7 | key;
        if (command == ShortMessage.NOTE_ON && message.getData2() > 0) {
          sounding
              .computeIfAbsent(id, none -> new ArrayDeque<>())
              .add(new Sounding(event.getTick(), message.getData2()));
        } else if (command == ShortMessage.NOTE_ON || command == ShortMessage.NOTE_OFF) {
          Deque<Sounding> of = sounding.get(id);
          if (of != null && !of.isEmpty()) {
            notes.add(times.note(key, of.poll(), event.getTick()));
          }
        }
      }
    }
    // What is never let go sounds to the end.
    sounding.forEach(
        (id, all) -> all.forEach(one -> notes.add(times.note(id & 0x7F, one, track.ticks()))));
    notes.sort(
        Comparator.comparingDouble(PieceFile.Note::begins).thenComparingInt(PieceFile.Note::key));
    return notes;
  }

  /** When a tick is: in quarter notes, milliseconds and bars. */
  private static final class Times {
    private final int ticksAQuarter;

    /** From each tick on: milliseconds until then, and microseconds a quarter note. */
    private final NavigableMap<Long, double[]> tempi = new TreeMap<>();

    /** From each tick on: bars until then, and quarter notes a bar. */
    private final NavigableMap<Long, double[]> meters = new TreeMap<>();

    Times(Sequence sequence) {
      ticksAQuarter = sequence.getResolution();
      NavigableMap<Long, Double> tempo = new TreeMap<>(Map.of(0L, (double) USUAL_TEMPO));
      NavigableMap<Long, Double> bar = new TreeMap<>(Map.of(0L, USUAL_BAR));
      for (Track track : sequence.getTracks()) {
        for (int i = 0; i < track.size(); i++) {
          MidiMessage message = track.get(i).getMessage();
          if (message instanceof MetaMessage meta) {
            byte[] data = meta.getData();
            if (meta.getType() == TEMPO && data.length == 3) {
              int micros = (data[0] & 0xFF) << 16 | (data[1] & 0xFF) << 8 | (data[2] & 0xFF);
              tempo.put(track.get(i).getTick(), (double) Math.max(1, micros));
            } else if (meta.getType() == METER && data.length >= 2 && data[0] > 0) {
              bar.put(track.get(i).getTick(), 4.0 * data[0] / (1 << Math.min(6, data[1])));
            }
          }
        }
      }
      fold(tempo, tempi, 1000.0 * ticksAQuarter, true);
      fold(bar, meters, ticksAQuarter, false);
    }

    private static void fold(
        NavigableMap<Long, Double> changes,
        NavigableMap<Long, double[]> folded,
        double ticksFor,
        boolean times) {
      double until = 0;
      long last = 0;
      double rate = changes.get(0L);
      for (Map.Entry<Long, Double> change : changes.entrySet()) {
        double ticks = change.getKey() - last;
        until += times ? ticks * rate / ticksFor : Math.ceil(ticks / ticksFor / rate);
        last = change.getKey();
        rate = change.getValue();
        folded.put(last, new double[] {until, rate});
      }
    }

    PieceFile.Note note(int key, Sounding on, long off) {
      Map.Entry<Long, double[]> tempo = tempi.floorEntry(on.tick());
      Map.Entry<Long, double[]> meter = meters.floorEntry(on.tick());
      double millis =
          tempo.getValue()[0]
              + (on.tick() - tempo.getKey()) * tempo.getValue()[1] / (1000.0 * ticksAQuarter);
      double bar =
          meter.getValue()[0]
              + Math.floor(
                  (double) (on.tick() - meter.getKey()) / ticksAQuarter / meter.getValue()[1]);
      return new PieceFile.Note(
          key,
          (double) on.tick() / ticksAQuarter,
          (double) (off - on.tick()) / ticksAQuarter,
          (int) bar + 1,
          Optional.empty(),
          millis,
          on.velocity());
    }
  }
}
