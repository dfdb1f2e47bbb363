package org.nimblet.server.measure;

import jakarta.xml.bind.JAXBElement;
import jakarta.xml.bind.JAXBException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.util.Marshalling;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.measure.PieceNote;

/**
 * MusicXML by parts (score-partwise), plain or compressed. Repeats are counted once. Nothing that a
 * file refers to is fetched, and none of its entities is read.
 */
final class MusicXmlReader {

  private static final long MOST_BYTES = 24L << 20;
  private static final List<Integer> SEMITONES = List.of(9, 11, 0, 2, 4, 5, 7);
  private static final int OCTAVE = 12;
  private static final int GREATEST_KEY = 127;

  private final Map<String, PieceFile.Voice> voices = new LinkedHashMap<>();
  private int notes;

  private MusicXmlReader() {}

  static PieceFile readCompressed(byte[] bytes) {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName().toLowerCase(Locale.ROOT);
        if (!name.startsWith("meta-inf") && (name.endsWith(".xml") || name.endsWith(".musicxml"))) {
          byte[] inside = zip.readNBytes((int) MOST_BYTES + 1);
          if (inside.length > MOST_BYTES) {
            throw PieceFile.wrong(
                "Unpacked it is longer than %d MB; no more is read.".formatted(MOST_BYTES >> 20));
          }
          return read(inside);
        }
      }
    } catch (IOException | IllegalArgumentException e) {
      throw PieceFile.wrong("The compressed MusicXML cannot be unpacked; it may be truncated.");
    }
    throw PieceFile.wrong("It is an archive with no MusicXML in it.");
  }

  static PieceFile read(byte[] bytes) {
    String text = new String(bytes, StandardCharsets.ISO_8859_1);
    if (text.contains("<!ENTITY")) {
      throw PieceFile.wrong("It declares entities; such files are not read.");
    }
    if (text.contains("<score-timewise")) {
      throw PieceFile.wrong("It is MusicXML by measures; MusicXML by parts is read.");
    }
    if (!text.contains("<score-partwise")) {
      throw PieceFile.wrong("It is XML, but no MusicXML by parts (score-partwise).");
    }
    return new MusicXmlReader().piece(unmarshal(bytes));
  }

  private static ScorePartwise unmarshal(byte[] bytes) {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      XMLStreamReader in = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      Object read = Marshalling.getContext(ScorePartwise.class).createUnmarshaller().unmarshal(in);
      return (ScorePartwise) (read instanceof JAXBElement<?> wrapped ? wrapped.getValue() : read);
    } catch (JAXBException | XMLStreamException e) {
      throw PieceFile.wrong("The MusicXML cannot be read: it is truncated or not well-formed.");
    }
  }

  private PieceFile piece(ScorePartwise score) {
    for (ScorePartwise.Part part : score.getPart()) {
      new PartReader(part).read();
    }
    return new PieceFile(
        voices.values().stream().filter(voice -> !voice.notes().isEmpty()).toList());
  }

  /** One part, measure by measure. */
  private final class PartReader {
    private final ScorePartwise.Part part;
    private double divisions = 1;
    private double at;
    private double lastBegins;
    private double barBegins;

    PartReader(ScorePartwise.Part part) {
      this.part = part;
    }

    void read() {
      int bar = 0;
      for (ScorePartwise.Part.Measure measure : part.getMeasure()) {
        bar++;
        at = barBegins;
        double farthest = at;
        for (Object one : measure.getNoteOrBackupOrForward()) {
          take(one, bar);
          farthest = Math.max(farthest, at);
        }
        barBegins = farthest;
      }
    }

    private void take(Object one, int bar) {
      if (one instanceof Attributes attributes && attributes.getDivisions() != null) {
        divisions = Math.max(1e-6, attributes.getDivisions().doubleValue());
      } else if (one instanceof Backup backup) {
        at = Math.max(barBegins, at - quarters(backup.getDuration()));
      } else if (one instanceof Forward forward) {
        at += quarters(forward.getDuration());
      } else if (one instanceof Note note) {
        note(note, bar);
      }
    }

    private double quarters(BigDecimal duration) {
      return duration == null ? 0 : Math.max(0, duration.doubleValue() / divisions);
    }

    private void note(Note note, int bar) {
      double lasts = note.getGrace() != null ? 0 : quarters(note.getDuration());
      boolean chord = note.getChord() != null;
      double begins = chord ? lastBegins : at;
      if (!chord) {
        lastBegins = at;
        at += lasts;
      }
      boolean held = note.getTie().stream().anyMatch(tie -> tie.getType() == StartStop.STOP);
      if (note.getPitch() == null || note.getCue() != null || held) {
        return;
      }
      int key = key(note.getPitch());
      if (key < 0 || key > GREATEST_KEY) {
        return;
      }
      if (++notes > PieceNote.MOST) {
        throw PieceFile.wrong(
            "It holds more than %,d notes; no more are read.".formatted(PieceNote.MOST));
      }
      voice(note.getStaff())
          .notes()
          .add(new PieceFile.Note(key, begins, lasts, bar, digit(note), 0, 0));
    }

    private PieceFile.Voice voice(BigInteger staff) {
      int number = staff == null ? 1 : staff.intValue();
      ScorePart named = part.getId() instanceof ScorePart score ? score : null;
      String id = named == null ? "" : named.getId();
      return voices.computeIfAbsent(
          id + "/" + number,
          none ->
              new PieceFile.Voice(
                  name(named) + (number > 1 ? ", staff " + number : ""), new ArrayList<>()));
    }
  }

  private static String name(ScorePart part) {
    return part == null || part.getPartName() == null || part.getPartName().getValue() == null
        ? ""
        : part.getPartName().getValue().strip();
  }

  private static int key(Pitch pitch) {
    int alter = pitch.getAlter() == null ? 0 : pitch.getAlter().intValue();
    return (pitch.getOctave() + 1) * OCTAVE + SEMITONES.get(pitch.getStep().ordinal()) + alter;
  }

  /** As pianists count, 1 for the thumb; what is no such number is passed over. */
  private static Optional<Digit> digit(Note note) {
    for (Notations notations : note.getNotations()) {
      for (Object one : notations.getTiedOrSlurOrTuplet()) {
        if (one instanceof Technical technical) {
          for (JAXBElement<?> mark : technical.getUpBowOrDownBowOrHarmonic()) {
            if (mark.getValue() instanceof Fingering fingering) {
              String value = String.valueOf(fingering.getValue()).strip();
              if (value.matches("[1-5]")) {
                return Optional.of(Digit.values()[Integer.parseInt(value) - 1]);
              }
            }
          }
        }
      }
    }
    return Optional.empty();
  }
}
