package org.nimblet.server.workshop;

import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.NoteType;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.PartList;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Rest;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.Step;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.util.Marshalling;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;

/** One round of taps as MusicXML 4.0, a part a hand, with the fingering above the notes. */
final class MusicXmlWriter {

  private static final ObjectFactory MAKE = new ObjectFactory();
  private static final String VERSION = "4.0";
  private static final int SEMITONES = 12;
  private static final List<Step> WHITE =
      List.of(Step.C, Step.C, Step.D, Step.D, Step.E, Step.F, Step.F, Step.G);
  private static final List<String> LENGTHS = List.of("quarter", "eighth", "eighth", "16th");
  private static final int TRIPLET = 3;

  private final TapMusic music;

  private MusicXmlWriter(TapMusic music) {
    this.music = music;
  }

  static String write(TapMusic music) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      Marshalling.marshal(new MusicXmlWriter(music).score(), out, false, 2);
      // The library writes its own version, 4.0.3, where that of the format belongs.
      return out.toString(StandardCharsets.UTF_8)
          .replaceFirst("(MusicXML )[0-9.]+", "$1" + VERSION)
          .replaceFirst("(score-partwise version=\")[0-9.]+", "$1" + VERSION);
    } catch (Marshalling.MarshallingException e) {
      throw new IllegalStateException(e);
    }
  }

  private ScorePartwise score() {
    ScorePartwise score = MAKE.createScorePartwise();
    PartList parts = MAKE.createPartList();
    score.setPartList(parts);
    if (!music.right().isEmpty()) {
      part(score, "P1", "Right hand", music.right(), TapMusic::rightKey, ClefSign.G, 2);
    }
    if (!music.left().isEmpty()) {
      part(score, "P2", "Left hand", music.left(), TapMusic::leftKey, ClefSign.F, 4);
    }
    return score;
  }

  private void part(
      ScorePartwise score,
      String id,
      String title,
      List<List<Digit>> row,
      ToIntFunction<Digit> key,
      ClefSign clef,
      int line) {
    ScorePart named = MAKE.createScorePart();
    named.setId(id);
    PartName name = MAKE.createPartName();
    name.setValue(title);
    named.setPartName(name);
    score.getPartList().getPartGroupOrScorePart().add(named);
    ScorePartwise.Part part = MAKE.createScorePartwisePart();
    part.setId(named);
    score.getPart().add(part);
    int inBar = music.beatsABar() * music.notesABeat();
    int bars = (row.size() + inBar - 1) / inBar;
    for (int bar = 0; bar < bars; bar++) {
      ScorePartwise.Part.Measure measure = MAKE.createScorePartwisePartMeasure();
      measure.setNumber(String.valueOf(bar + 1));
      if (bar == 0) {
        measure.getNoteOrBackupOrForward().add(attributes(clef, line));
      }
      for (int tap = bar * inBar; tap < (bar + 1) * inBar; tap++) {
        List<Digit> together = tap < row.size() ? row.get(tap) : List.of();
        measure.getNoteOrBackupOrForward().addAll(notes(together, key));
      }
      part.getMeasure().add(measure);
    }
  }

  private Attributes attributes(ClefSign sign, int line) {
    Attributes attributes = MAKE.createAttributes();
    attributes.setDivisions(BigDecimal.valueOf(music.notesABeat()));
    Key key = MAKE.createKey();
    key.setFifths(BigInteger.ZERO);
    attributes.getKey().add(key);
    Time time = MAKE.createTime();
    time.getTimeSignature().add(MAKE.createTimeBeats(String.valueOf(music.beatsABar())));
    time.getTimeSignature().add(MAKE.createTimeBeatType("4"));
    attributes.getTime().add(time);
    Clef clef = MAKE.createClef();
    clef.setSign(sign);
    clef.setLine(BigInteger.valueOf(line));
    attributes.getClef().add(clef);
    return attributes;
  }

  /** What goes down at once is a chord; nothing is a rest. */
  private List<Note> notes(List<Digit> together, ToIntFunction<Digit> key) {
    if (together.isEmpty()) {
      return List.of(rest());
    }
    List<Note> notes = new ArrayList<>();
    for (Digit digit : together) {
      Note note = note(digit, key);
      if (!notes.isEmpty()) {
        note.setChord(MAKE.createEmpty());
      }
      notes.add(note);
    }
    return notes;
  }

  private Note note(Digit digit, ToIntFunction<Digit> keys) {
    int key = keys.applyAsInt(digit);
    Pitch pitch = MAKE.createPitch();
    pitch.setStep(WHITE.get(key % SEMITONES));
    pitch.setOctave(key / SEMITONES - 1);
    Note note = timed();
    note.setPitch(pitch);
    Fingering fingering = MAKE.createFingering();
    fingering.setValue(Notation.KEYBOARD.format(digit));
    Technical technical = MAKE.createTechnical();
    technical.getUpBowOrDownBowOrHarmonic().add(MAKE.createTechnicalFingering(fingering));
    Notations notations = MAKE.createNotations();
    notations.getTiedOrSlurOrTuplet().add(technical);
    note.getNotations().add(notations);
    return note;
  }

  private Note rest() {
    Note note = timed();
    Rest rest = MAKE.createRest();
    note.setRest(rest);
    return note;
  }

  private Note timed() {
    Note note = MAKE.createNote();
    note.setDuration(BigDecimal.ONE);
    note.setVoice("1");
    NoteType type = MAKE.createNoteType();
    type.setValue(LENGTHS.get(music.notesABeat() - 1));
    note.setType(type);
    if (music.notesABeat() == TRIPLET) {
      TimeModification three = MAKE.createTimeModification();
      three.setActualNotes(BigInteger.valueOf(TRIPLET));
      three.setNormalNotes(BigInteger.TWO);
      note.setTimeModification(three);
    }
    return note;
  }
}
