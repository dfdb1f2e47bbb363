package org.nimblet.server.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.server.platform.InvalidFieldException;

class PieceFileTest {

  private static byte[] resource(String name) {
    try (InputStream in = PieceFileTest.class.getResourceAsStream("/pieces/" + name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<PieceFile.Note> notes(PieceFile file) {
    return file.voices().stream().flatMap(voice -> voice.notes().stream()).toList();
  }

  /** Oracle: music21 10.5.0 read the same files; see README.md beside them. */
  @ParameterizedTest
  @CsvSource({
    "test01.mid, 18, 1080, 7.750",
    "test02.mid, 163, 9963, 35.000",
    "test05.mid, 13, 765, 10.484",
    "test08.mid, 17, 1064, 11.750",
    "test13.mid, 8, 522, 8.000",
    "test17.mid, 53, 3302, 11.507",
    "03b-Rhythm-Backup.xml, 4, 234, 2",
    "21c-Chords-ThreeNotesDuration.xml, 20, 1395, 6",
    "23a-Tuplets.xml, 31, 2228, 14",
    "33b-Spanners-Tie.xml, 1, 65, 0",
    "43e-Multistaff-ClefDynamics.xml, 24, 1603, 11",
    "90a-Compressed-MusicXML.mxl, 4, 244, 3"
  })
  void filesOfOthersAreReadAsAReferenceLibraryReadsThem(
      String name, int count, int sum, double last) {
    List<PieceFile.Note> notes = notes(PieceFile.read(resource(name)));
    assertThat(notes).hasSize(count);
    assertThat(notes.stream().mapToInt(PieceFile.Note::key).sum()).isEqualTo(sum);
    assertThat(notes.stream().mapToDouble(PieceFile.Note::begins).max().orElseThrow())
        .isCloseTo(last, within(0.001));
  }

  /** Of 110 notes the suite's pitches go from G2 to C6 and back, every alteration among them. */
  @ParameterizedTest
  @CsvSource({"01a-Pitches-Pitches.xml, 110, 7687", "24a-GraceNotes.xml, 28, 2041"})
  void everyPitchAndEveryGraceNoteIsAPress(String name, int count, int sum) {
    List<PieceFile.Note> notes = notes(PieceFile.read(resource(name)));
    assertThat(notes).hasSize(count);
    assertThat(notes.stream().mapToInt(PieceFile.Note::key).sum()).isEqualTo(sum);
  }

  // ---- Standard MIDI Files by the platform's own writer

  private static byte[] midi(int notes, int ticks, String... names) throws Exception {
    Sequence sequence = new Sequence(Sequence.PPQ, 480);
    for (int voice = 0; voice < names.length; voice++) {
      Track track = sequence.createTrack();
      byte[] name = names[voice].getBytes(StandardCharsets.US_ASCII);
      track.add(new MidiEvent(new MetaMessage(0x03, name, name.length), 0));
      for (int i = 0; i < notes; i++) {
        int key = (voice == 0 ? 60 : 48) + i % 5;
        track.add(
            new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, key, 64), (long) i * ticks));
        track.add(
            new MidiEvent(
                new ShortMessage(ShortMessage.NOTE_OFF, 0, key, 0), (i + 1L) * ticks - 1));
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MidiSystem.write(sequence, 1, out);
    return out.toByteArray();
  }

  /** 120 beats a minute where nothing is said (Standard MIDI File 1.0): half a second a beat. */
  @Test
  void timesAreThoseOfTheUsualTempo() throws Exception {
    List<PieceFile.Note> notes = notes(PieceFile.read(midi(9, 480, "Right hand")));
    assertThat(notes.get(8).atMillis()).isCloseTo(4000, within(1e-6));
    assertThat(notes.get(8).bar()).isEqualTo(3);
  }

  @Test
  void handsAreTakenByNameElseByHeightElsePartedAtMiddleC() throws Exception {
    PieceFile named = PieceFile.read(midi(5, 480, "Left hand", "Right hand"));
    assertThat(named.hands(Optional.empty(), Optional.empty()).of(0)).contains(Side.LEFT);
    PieceFile byHeight = PieceFile.read(midi(5, 480, "one", "two"));
    assertThat(byHeight.hands(Optional.empty(), Optional.empty()).of(0)).contains(Side.RIGHT);
    assertThat(byHeight.hands(Optional.of(1), Optional.empty()).of(0)).contains(Side.LEFT);
    PieceFile one = PieceFile.read(midi(5, 480, "piano"));
    assertThat(one.played(one.hands(Optional.empty(), Optional.empty())))
        .allMatch(played -> played.side() == Side.RIGHT);
    assertThatThrownBy(() -> one.hands(Optional.of(2), Optional.empty()))
        .hasMessageContaining("from 1 to 1");
  }

  private static String refusal(byte[] bytes) {
    try {
      PieceFile.read(bytes);
    } catch (InvalidFieldException e) {
      return e.getMessage();
    }
    return "read";
  }

  @Test
  void whatIsNoMidiFileOrAWrongOneIsRefusedInWords() throws Exception {
    byte[] good = midi(5, 480, "piano");
    assertThat(refusal("hello".getBytes(StandardCharsets.UTF_8))).contains("neither");
    assertThat(refusal(new byte[0])).contains("neither");
    assertThat(refusal(Arrays.copyOf(good, 10))).contains("truncated");
    assertThat(refusal(Arrays.copyOf(good, good.length - 9))).contains("truncated");
    byte[] type2 = good.clone();
    type2[9] = 2;
    assertThat(refusal(type2)).contains("type 2");
    byte[] frames = good.clone();
    frames[12] = (byte) 0xE7;
    assertThat(refusal(frames)).contains("SMPTE");
    assertThat(refusal(midi(0, 480, "piano"))).contains("no notes");
    assertThat(refusal(midi(100_001, 1, "piano"))).contains("100,000");
  }

  /** A length that claims more than there is must not make the platform reserve it. */
  @Test
  void noLengthIsBelieved() throws Exception {
    ByteBuffer liar = ByteBuffer.allocate(14 + 8 + 8);
    liar.put("MThd".getBytes(StandardCharsets.US_ASCII)).putInt(6);
    liar.putShort((short) 1).putShort((short) 1).putShort((short) 480);
    liar.put("MTrk".getBytes(StandardCharsets.US_ASCII)).putInt(8);
    liar.put(new byte[] {0, (byte) 0xFF, 1, (byte) 0xFF, (byte) 0xFF, (byte) 0xFF, 0x7F, 0});
    assertThat(refusal(liar.array())).contains("truncated");
  }

  /** Whatever is broken in a file: it is read or refused in words, nothing else. */
  @Test
  void noBrokenFileDoesHarm() throws Exception {
    byte[] midi = midi(40, 120, "Left hand", "Right hand");
    byte[] xml = resource("43e-Multistaff-ClefDynamics.xml");
    Random random = new Random(5);
    for (int i = 0; i < 2000; i++) {
      byte[] broken = (i % 4 == 0 ? xml : midi).clone();
      for (int flips = 1 + random.nextInt(4); flips > 0; flips--) {
        broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
      }
      assertThat(refusal(broken)).isNotEmpty();
    }
  }

  // ---- MusicXML

  private static final String SCORE =
      """
      <?xml version="1.0"?>%s
      <score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Piano</part-name>
      </score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions>
      </attributes>%s</measure></part></score-partwise>
      """;

  private static byte[] score(String doctype, String notes) {
    return SCORE.formatted(doctype, notes).getBytes(StandardCharsets.UTF_8);
  }

  private static String note(String step, String more) {
    return "<note><pitch><step>%s</step><octave>4</octave></pitch><duration>1</duration>%s</note>"
        .formatted(step, more);
  }

  @Test
  void fingersOfMusicXmlAreRead() {
    String fingering = "<notations><technical><fingering>%s</fingering></technical></notations>";
    List<PieceFile.Note> notes =
        notes(
            PieceFile.read(
                score(
                    "",
                    note("C", fingering.formatted("4"))
                        + note("D", fingering.formatted("x"))
                        + note("E", ""))));
    assertThat(notes)
        .extracting(PieceFile.Note::digit)
        .containsExactly(Optional.of(Digit.RING), Optional.empty(), Optional.empty());
  }

  @Test
  void entitiesTimewiseScoresAndOtherXmlAreRefusedAndNothingIsFetched() {
    assertThat(
            refusal(
                score(
                    "<!DOCTYPE x [<!ENTITY a SYSTEM \"file:///etc/passwd\">]>", note("C", "&a;"))))
        .contains("entities");
    assertThat(refusal(score("", note("C", "&a;")))).contains("not well-formed");
    assertThat(
            PieceFile.read(
                    score(
                        "<!DOCTYPE score-partwise PUBLIC \"-//X//EN\" \"http://127.0.0.1:1/x.dtd\">",
                        note("C", "")))
                .voices())
        .hasSize(1);
    assertThat(refusal("<score-timewise/>".getBytes(StandardCharsets.UTF_8)))
        .contains("by measures");
    assertThat(refusal("<svg/>".getBytes(StandardCharsets.UTF_8))).contains("score-partwise");
    assertThat(refusal(Arrays.copyOf(score("", note("C", "")), 300))).contains("truncated");
    assertThat(refusal(score("", note("C", "").replace(">1<", ">NaN<")))).contains("truncated");
    assertThat(refusal(score("", note("H", "")))).contains("no notes");
    assertThat(refusal(score("", "<note><rest/><duration>1</duration></note>")))
        .contains("no notes");
  }

  @Test
  void whatUnpacksToMoreThanItShouldIsRefused() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("score.xml"));
      byte[] spaces = new byte[1 << 20];
      Arrays.fill(spaces, (byte) ' ');
      for (int i = 0; i < 30; i++) {
        zip.write(spaces);
      }
    }
    assertThat(out.size()).isLessThan(1 << 20);
    assertThat(refusal(out.toByteArray())).contains("24 MB");
    ByteArrayOutputStream empty = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(empty)) {
      zip.putNextEntry(new ZipEntry("notes.txt"));
    }
    assertThat(refusal(empty.toByteArray())).contains("no MusicXML");
  }

  // ---- taps out of a file

  @Test
  void aPlayedRowBecomesTapsByFingers() throws Exception {
    byte[] played = midi(50, 240, "Right hand");
    TapFile file = TapFile.read(played, Optional.empty(), Optional.empty());
    assertThat(file.most(List.of(Side.RIGHT))).isEqualTo(50);
    assertThat(file.taps(List.of(Side.RIGHT), List.of(Digit.values())))
        .hasSize(50)
        .first()
        .satisfies(tap -> assertThat(tap.digit()).isEqualTo(Digit.THUMB));
    assertThatThrownBy(() -> file.taps(List.of(Side.RIGHT), Digit.FINGERS))
        .hasMessageContaining("5 different keys")
        .hasMessageContaining("4 fingers");
    byte[] xml = score("", note("C", ""));
    assertThatThrownBy(() -> TapFile.read(xml, Optional.empty(), Optional.empty()))
        .hasMessageContaining("no times");
  }
}
