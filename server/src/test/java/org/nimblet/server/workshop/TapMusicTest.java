package org.nimblet.server.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import org.audiveris.proxymusic.ScorePartwise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.Pattern;
import org.nimblet.core.drill.Phrase;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.exercise.FingerState;
import org.w3c.dom.ls.LSInput;

class TapMusicTest {

  private static final List<Digit> ROW =
      Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 0).taps();

  private static TapMusic music(TwoHandedRow hands, int bpm, int notesABeat, int rounds) {
    return TapMusic.ofRow(ROW, hands, bpm, notesABeat, rounds);
  }

  private static List<Integer> keys(Track track) {
    List<Integer> keys = new ArrayList<>();
    for (int i = 0; i < track.size(); i++) {
      MidiEvent event = track.get(i);
      if (event.getMessage() instanceof ShortMessage message
          && message.getCommand() == ShortMessage.NOTE_ON) {
        keys.add(message.getData1());
      }
    }
    return keys;
  }

  /** Read back by the sequencer of the JDK: 12 taps × 16 rounds at 84, two a beat: 68.57 s. */
  @Test
  void theMidiFileHasAClickAndAHandOnTracksOfTheirOwn() throws Exception {
    byte[] file = MidiWriter.write(music(TwoHandedRow.PARALLEL, 84, 2, 16));
    Sequence read = MidiSystem.getSequence(new ByteArrayInputStream(file));
    assertThat(read.getDivisionType()).isEqualTo(Sequence.PPQ);
    assertThat(read.getTracks()).hasSize(3);
    assertThat(keys(read.getTracks()[0])).hasSize(96).containsOnly(76);
    assertThat(keys(read.getTracks()[2]).subList(0, 12))
        .isEqualTo(ROW.stream().map(TapMusic::rightKey).toList());
    assertThat(keys(read.getTracks()[1])).hasSize(192);
    double last = 191 * 60.0 / (84 * 2) + 0.75 * 60 / (84 * 2);
    assertThat(read.getMicrosecondLength() / 1e6)
        .isCloseTo(last, org.assertj.core.api.Assertions.within(0.01));
    assertThat(MidiSystem.getMidiFileFormat(new ByteArrayInputStream(file)).getType()).isEqualTo(1);
  }

  @Test
  void aHandThatRestsHasNoTrack() throws Exception {
    byte[] file = MidiWriter.write(music(TwoHandedRow.LEFT, 60, 1, 1));
    assertThat(MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks()).hasSize(2);
  }

  /**
   * The schema of MusicXML 4.0 comes with the library that writes it; the two schemas that it takes
   * from the network stand in for themselves.
   */
  private static Schema schema() throws Exception {
    SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
    factory.setResourceResolver(
        (type, namespace, publicId, systemId, base) ->
            new TextInput(
                systemId,
                namespace.contains("xlink")
                    ? attributes(namespace, "href", "type", "role", "title", "show", "actuate")
                    : attributes(namespace, "lang", "space")));
    return factory.newSchema(
        new StreamSource(
            ScorePartwise.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")));
  }

  private static String attributes(String namespace, String... names) {
    StringBuilder schema =
        new StringBuilder(
                "<xs:schema xmlns:xs='http://www.w3.org/2001/XMLSchema' targetNamespace='")
            .append(namespace)
            .append("'>");
    for (String name : names) {
      schema.append("<xs:attribute name='").append(name).append("' type='xs:string'/>");
    }
    return schema.append("</xs:schema>").toString();
  }

  @ParameterizedTest
  @CsvSource({"PARALLEL, 1", "MIRRORED, 2", "OPPOSITE, 3", "RIGHT, 4", "LEFT, 2"})
  void theMusicXmlIsValidAgainstItsSchema(TwoHandedRow hands, int notesABeat) throws Exception {
    String text = MusicXmlWriter.write(music(hands, 84, notesABeat, 1));
    schema()
        .newValidator()
        .validate(new StreamSource(new StringReader(text.replaceFirst("<!DOCTYPE[^>]*>", ""))));
    assertThat(text.split("<fingering", -1).length - 1)
        .isEqualTo(
            ROW.size() * (hands == TwoHandedRow.RIGHT || hands == TwoHandedRow.LEFT ? 1 : 2));
  }

  /** What another library reads is looked at in the front end's tests: the files are the same. */
  @Test
  void theFilesThatOtherLibrariesReadAreThese() throws Exception {
    TapMusic music = music(TwoHandedRow.MIRRORED, 84, 2, 2);
    assertThat(MidiWriter.write(music)).isEqualTo(bytes("row.mid"));
    assertThat(MusicXmlWriter.write(music))
        .isEqualTo(new String(bytes("row.musicxml"), StandardCharsets.UTF_8));
  }

  private static byte[] bytes(String name) throws Exception {
    try (var in = TapMusicTest.class.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }

  /** Ten rounds of ring and little down together, then nothing; by hand keys 50 and 48. */
  @Test
  void whatIsBentTogetherIsAChord() throws Exception {
    Pattern pattern =
        Pattern.oneHand(new FingerState(List.of(Digit.RING, Digit.LITTLE), List.of()));
    TapMusic music = TapMusic.ofDrill(new Drill(pattern, Optional.of(Side.LEFT)), 60, 10);
    Sequence read = MidiSystem.getSequence(new ByteArrayInputStream(MidiWriter.write(music)));
    assertThat(read.getTracks()).hasSize(2);
    assertThat(keys(read.getTracks()[1])).hasSize(20).startsWith(50, 48, 50, 48);
    String text = MusicXmlWriter.write(music);
    assertThat(text.split("<chord/>", -1)).hasSize(2);
    schema()
        .newValidator()
        .validate(new StreamSource(new StringReader(text.replaceFirst("<!DOCTYPE[^>]*>", ""))));
  }

  /** 12 taps, two a beat, in two bars of three: 12 more are silent, and the click counts to 3. */
  @Test
  void aPhraseIsFilledWithRests() throws Exception {
    TapMusic music = music(TwoHandedRow.RIGHT, 84, 2, 2).in(new Phrase(4, 3));
    assertThat(music.taps()).isEqualTo(24);
    Sequence read = MidiSystem.getSequence(new ByteArrayInputStream(MidiWriter.write(music)));
    assertThat(keys(read.getTracks()[1])).hasSize(24);
    assertThat(keys(read.getTracks()[0])).hasSize(24);
    assertThat(MusicXmlWriter.write(music)).contains("<beats>3</beats>");
    assertThat(MusicXmlWriter.write(music).split("<rest", -1)).hasSize(13);
  }

  @Test
  void anEmptyRowIsNoMusic() {
    assertThatThrownBy(() -> new TapMusic(List.of(), List.of(), 60, 1, 1, 4))
        .hasMessageContaining("at least one tap");
  }

  /** A schema from memory instead of from the network. */
  private record TextInput(String systemId, String text) implements LSInput {
    @Override
    public java.io.Reader getCharacterStream() {
      return new StringReader(text);
    }

    @Override
    public void setCharacterStream(java.io.Reader reader) {
      throw new UnsupportedOperationException();
    }

    @Override
    public java.io.InputStream getByteStream() {
      return null;
    }

    @Override
    public void setByteStream(java.io.InputStream in) {
      throw new UnsupportedOperationException();
    }

    @Override
    public String getStringData() {
      return text;
    }

    @Override
    public void setStringData(String data) {
      throw new UnsupportedOperationException();
    }

    @Override
    public String getSystemId() {
      return systemId;
    }

    @Override
    public void setSystemId(String id) {
      throw new UnsupportedOperationException();
    }

    @Override
    public String getPublicId() {
      return null;
    }

    @Override
    public void setPublicId(String id) {
      throw new UnsupportedOperationException();
    }

    @Override
    public String getBaseURI() {
      return null;
    }

    @Override
    public void setBaseURI(String base) {
      throw new UnsupportedOperationException();
    }

    @Override
    public String getEncoding() {
      return null;
    }

    @Override
    public void setEncoding(String encoding) {
      throw new UnsupportedOperationException();
    }

    @Override
    public boolean getCertifiedText() {
      return false;
    }

    @Override
    public void setCertifiedText(boolean certified) {
      throw new UnsupportedOperationException();
    }
  }
}
