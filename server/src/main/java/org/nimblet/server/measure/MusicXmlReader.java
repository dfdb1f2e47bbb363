package org.nimblet.server.measure;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.measure.PieceNote;

/**
 * MusicXML by parts (score-partwise), plain or compressed, read element by element. Repeats are
 * counted once. Nothing that a file refers to is fetched, and none of its entities is read.
 */
final class MusicXmlReader {

  private static final long MOST_BYTES = 24L << 20;
  private static final Map<String, Integer> SEMITONES =
      Map.of("C", 0, "D", 2, "E", 4, "F", 5, "G", 7, "A", 9, "B", 11);
  private static final int OCTAVE = 12;
  private static final int GREATEST_KEY = 127;

  private final XMLStreamReader in;
  private final Map<String, String> names = new HashMap<>();
  private final Map<String, PieceFile.Voice> voices = new LinkedHashMap<>();
  private int notes;

  private String part = "";
  private double divisions = 1;
  private int bar;

  /** In quarter notes: where the bar begins, where one is in it, and how far it has reached. */
  private double barBegins;

  private double at;
  private double farthest;

  /** Where the last note that was no part of a chord began. */
  private double lastBegins;

  private MusicXmlReader(XMLStreamReader in) {
    this.in = in;
  }

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
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      XMLStreamReader in = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      return new MusicXmlReader(in).piece();
    } catch (XMLStreamException | NumberFormatException e) {
      throw PieceFile.wrong("The MusicXML cannot be read: it is truncated or not well-formed.");
    }
  }

  private PieceFile piece() throws XMLStreamException {
    String scorePart = "";
    while (in.hasNext()) {
      if (in.next() != XMLStreamConstants.START_ELEMENT) {
        continue;
      }
      switch (in.getLocalName()) {
        case "score-part" -> scorePart = attribute("id");
        case "part-name" -> names.put(scorePart, text());
        case "part" -> begin(attribute("id"));
        case "measure" -> measure();
        case "divisions" -> divisions = Math.max(1e-6, number());
        case "backup" -> at = Math.max(barBegins, at - duration("backup"));
        case "forward" -> move(duration("forward"));
        case "note" -> note();
        default -> {
          // What is not played is passed over.
        }
      }
    }
    return new PieceFile(voices.values().stream().filter(v -> !v.notes().isEmpty()).toList());
  }

  private void begin(String id) {
    part = id;
    divisions = 1;
    bar = 0;
    farthest = 0;
  }

  private void measure() {
    bar++;
    barBegins = farthest;
    at = farthest;
  }

  private void move(double quarters) {
    at += quarters;
    farthest = Math.max(farthest, at);
  }

  private String attribute(String name) {
    String value = in.getAttributeValue(null, name);
    return value == null ? "" : value;
  }

  private String text() throws XMLStreamException {
    return in.getElementText().strip();
  }

  private double number() throws XMLStreamException {
    double number = Double.parseDouble(text());
    if (!Double.isFinite(number)) {
      throw new NumberFormatException("infinite");
    }
    return number;
  }

  /** The duration within an element, in quarter notes. */
  private double duration(String within) throws XMLStreamException {
    double quarters = 0;
    while (!isEndOf(in.next(), within)) {
      if (in.isStartElement() && in.getLocalName().equals("duration")) {
        quarters = Math.max(0, number() / divisions);
      }
    }
    return quarters;
  }

  private boolean isEndOf(int event, String element) {
    return event == XMLStreamConstants.END_ELEMENT && in.getLocalName().equals(element);
  }

  private void note() throws XMLStreamException {
    Written note = new Written();
    while (!isEndOf(in.next(), "note")) {
      if (in.isStartElement()) {
        take(note);
      }
    }
    double lasts = note.grace ? 0 : note.quarters;
    double begins = note.chord ? lastBegins : at;
    if (!note.chord) {
      lastBegins = at;
      move(lasts);
    }
    if (!note.pressed() || note.key() < 0 || note.key() > GREATEST_KEY) {
      return;
    }
    if (++notes > PieceNote.MOST) {
      throw PieceFile.wrong(
          "It holds more than %,d notes; no more are read.".formatted(PieceNote.MOST));
    }
    voice(note.staff)
        .notes()
        .add(new PieceFile.Note(note.key(), begins, lasts, bar, note.digit, 0, 0));
  }

  private void take(Written note) throws XMLStreamException {
    switch (in.getLocalName()) {
      case "chord" -> note.chord = true;
      case "grace" -> note.grace = true;
      case "cue" -> note.cue = true;
      case "duration" -> note.quarters = Math.max(0, number() / divisions);
      case "step" -> note.step = SEMITONES.get(text());
      case "octave" -> note.octave = (int) number();
      case "alter" -> note.alter = (int) number();
      case "staff" -> note.staff = (int) number();
      case "tie" -> note.held |= attribute("type").equals("stop");
      case "fingering" -> {
        Optional<Digit> said = digit(text());
        note.digit = note.digit.or(() -> said);
      }
      default -> {
        // How it looks is passed over.
      }
    }
  }

  /** A note as far as it is read. */
  private static final class Written {
    private boolean chord;
    private boolean grace;
    private boolean cue;

    /** Tied to what sounds already. */
    private boolean held;

    private double quarters;

    /** Null for a rest, and for what has no pitch. */
    private Integer step;

    private int octave;
    private int alter;
    private int staff = 1;
    private Optional<Digit> digit = Optional.empty();

    private boolean pressed() {
      return step != null && !cue && !held;
    }

    private int key() {
      return (octave + 1) * OCTAVE + step + alter;
    }
  }

  private PieceFile.Voice voice(int staff) {
    return voices.computeIfAbsent(
        part + "/" + staff,
        none ->
            new PieceFile.Voice(
                names.getOrDefault(part, "") + (staff > 1 ? ", staff " + staff : ""),
                new ArrayList<>()));
  }

  /** As pianists count, 1 for the thumb; what is no such number is passed over. */
  private static Optional<Digit> digit(String value) {
    return value.matches("[1-5]")
        ? Optional.of(Digit.values()[Integer.parseInt(value) - 1])
        : Optional.empty();
  }
}
