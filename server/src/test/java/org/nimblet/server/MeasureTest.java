package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.TapTask;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.server.standin.StandInHands;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(ServerExtension.class)
class MeasureTest {

  private static final List<Digit> PAIR = List.of(Digit.RING, Digit.LITTLE);
  private static final String PAIR_TASK =
      "pace=CLICK_THEN_ALONE&what=PAIR&from=RING&to=LITTLE&hands=LEFT&thumb=false&notesABeat=2";

  private static TapTask pair(int bpm) {
    return new TapTask(Pace.CLICK_THEN_ALONE, PAIR, TwoHandedRow.LEFT, OptionalInt.of(2 * bpm));
  }

  private static List<Tap> simulated(TapTask task, double evenness, long seed) {
    return new StandInHands(evenness, 300, 0.5, seed).taps(task);
  }

  private static Map<String, Object> frame(Instant began, String ending) {
    Map<String, Object> frame = new HashMap<>();
    frame.put("testId", UUID.randomUUID().toString());
    frame.put("beganAt", began.toString());
    frame.put("endedAt", began.plusSeconds(40).toString());
    frame.put("ending", ending);
    frame.put("hurts", List.of());
    frame.put("before", null);
    return frame;
  }

  private static Map<String, Object> device(String kind) {
    return Map.of("kind", kind, "name", "");
  }

  /** A test of ring and little finger by one hand as it is sent. */
  static Map<String, Object> tapTest(List<Tap> taps, String hand) {
    Map<String, Object> form = new HashMap<>();
    form.put("frame", frame(Practice.CLOCK.instant().minusSeconds(60), "DONE"));
    form.put("pace", "CLICK_THEN_ALONE");
    form.put("digits", PAIR);
    form.put("hands", hand);
    form.put("bpm", 84);
    form.put("notesABeat", 2);
    form.put("device", device("COMPUTER_KEYBOARD"));
    form.put("taps", taps.stream().map(MeasureTest::tap).toList());
    return form;
  }

  private static Map<String, Object> tap(Tap tap) {
    Map<String, Object> one = new HashMap<>();
    one.put("side", tap.side());
    one.put("digit", tap.digit());
    one.put("at", tap.atMillis());
    one.put("velocity", null);
    return one;
  }

  /** A test of holding and lifting as it is sent: what came up at each asking. */
  static Map<String, Object> liftTest(List<List<Digit>> cameUp, String hand) {
    List<Map<String, Object>> moves = new ArrayList<>();
    double at = 0;
    for (List<Digit> up : cameUp) {
      moves.add(move(at++, hand, up.get(0), "ASKED"));
      for (Digit digit : up) {
        moves.add(move(at++, hand, digit, "UP"));
      }
      for (Digit digit : up) {
        moves.add(move(at++, hand, digit, "DOWN"));
      }
    }
    Map<String, Object> form = new HashMap<>();
    form.put("frame", frame(Practice.CLOCK.instant().minusSeconds(60), "DONE"));
    form.put("digits", Digit.FINGERS);
    form.put("device", device("COMPUTER_KEYBOARD"));
    form.put("moves", moves);
    return form;
  }

  private static Map<String, Object> move(double at, String hand, Digit digit, String what) {
    return Map.of("at", at, "side", hand, "digit", digit, "what", what);
  }

  static Map<String, Object> judgement(List<Map<String, Object>> presses) {
    Map<String, Object> form = new HashMap<>();
    form.put("pattern", "one-hand.none.bend-ring.bend-little");
    form.put("hand", "LEFT");
    form.put("aMinute", 60);
    form.put("changes", 4);
    form.put("presses", presses);
    return form;
  }

  static Map<String, Object> device(int aMinute, int minutes) {
    return Map.of(
        "bindings",
        List.of(Map.of("side", "LEFT", "digit", "INDEX", "what", "forward", "aMinute", aMinute)),
        "minutes",
        minutes);
  }

  private static String error(Answer answer) {
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    JsonNode error = answer.json().get("errors").get(0);
    return error.get("field").asString() + ": " + error.get("message").asString();
  }

  // ---- taps

  @Test
  void aTestIsAskedTappedKeptOnceAndReadAnew(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode task = one.get("/taps/task?" + PAIR_TASK);
    assertThat(task.get("bpm").asInt()).isEqualTo(84);
    assertThat(task.get("withClick").asInt()).isEqualTo(20);
    assertThat(task.get("alone").asInt()).isEqualTo(60);
    assertThat(task.get("closed").isNull()).isTrue();
    assertThat(task.get("safety").get("stopRules")).isNotEmpty();

    Map<String, Object> form = tapTest(simulated(pair(84), 3, 1), "LEFT");
    JsonNode result = one.sent("POST", "/taps", form).get("result");
    one.sent("POST", "/taps", form);
    assertThat(one.get("/taps").get("tests")).hasSize(1);
    assertThat(result.get("title").asString()).isEqualTo("Even at 84 bpm");
    assertThat(result.get("nextBpm").asInt()).isEqualTo(87);
    JsonNode hand = result.get("byHand").get(0);
    assertThat(hand.get("taps")).hasSize(80);
    assertThat(hand.get("meanMillis").asDouble()).isCloseTo(60_000 / 168.0, within(5.0));
    assertThat(result.get("measures").get(0).get("values").get(0).get("words").asString())
        .isEqualTo("first test");
    // Even enough to go faster: the next one is asked for a rung faster.
    assertThat(one.get("/taps/task?" + PAIR_TASK).get("bpm").asInt()).isEqualTo(87);
    JsonNode log = one.get("/log").get("entries");
    assertThat(log).hasSize(1);
    assertThat(log.get(0).toString()).contains("Tap test");
  }

  /** Model 5: a tempo rises only when even enough (7). */
  @Test
  void aTempoWaitsForAHandThatKeysCalledUneven(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> test = tapTest(simulated(pair(50), 15, 2), "LEFT");
    Map<String, Object> frame = frame(Practice.morning(8), "DONE");
    test.put("frame", frame);
    test.put("bpm", 50);
    assertThat(one.sent("POST", "/taps", test).get("result").get("title").asString())
        .isEqualTo("Not even yet at 50 bpm");
    for (int daysAgo : new int[] {5, 1}) {
      evenTaps(one, daysAgo);
    }
    assertThat(bpmOfRows(one, "LEFT")).as("where the test was").isEqualTo(50);
    assertThat(bpmOfRows(one, "RIGHT")).as("which nobody tested").isEqualTo(84);
    assertThat(lastOfEvenTaps(one, "LEFT")).contains("the hand was not even enough on keys");
    assertThat(lastOfEvenTaps(one, "RIGHT")).as("which nobody tested").startsWith("Up from 120");
    one.send("DELETE", "/taps/result?test=" + frame.get("testId"), null);
    assertThat(lastOfEvenTaps(one, "LEFT")).as("the test is gone").startsWith("Up from 120");
  }

  private static int bpmOfRows(OneClient one, String hands) {
    return one.get("/workshop/row?what=TRANSITIONS&another=0&notesABeat=2&hands=" + hands)
        .at("/tempo/first")
        .asInt();
  }

  private static void evenTaps(OneClient one, int daysAgo) {
    Exercise taps = OpenDrills.taps();
    String dose =
        taps.doseText(taps.usualMethod(), Notation.NAMES)
            .format(taps.dose(taps.usualMethod()).orElseThrow().usual());
    Map<String, Object> form = Practice.stretchForm(Practice.morning(daysAgo));
    form.put("purpose", "INDEPENDENCE");
    form.put("steps", List.of(Practice.stepForm(taps.id(), dose, "TOGETHER", 30_000)));
    UUID session = UUID.randomUUID();
    assertThat(one.send("PUT", "/sessions/" + session, form).status()).isEqualTo(204);
    assertThat(
            one.send("PUT", "/sessions/" + session + "/check-in", Practice.checkInForm(4, 0))
                .status())
        .isEqualTo(204);
  }

  private static String lastOfEvenTaps(OneClient one, String side) {
    for (JsonNode ladder : one.get("/progress").get("ladders")) {
      for (JsonNode of : ladder.get("sides")) {
        if (ladder.get("exerciseId").asString().equals(OpenDrills.taps().id())
            && of.get("side").asString().equals(side)) {
          return of.get("last").asString();
        }
      }
    }
    throw new AssertionError("no ladder of even taps");
  }

  @Test
  void aSecondTestIsSetAgainstTheFirstUnderEqualConditionsOnly(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> uneven = tapTest(simulated(pair(84), 12, 2), "LEFT");
    uneven.put("frame", frame(Practice.CLOCK.instant().minusSeconds(600), "DONE"));
    JsonNode first = one.sent("POST", "/taps", uneven).get("result");
    assertThat(first.get("even").asBoolean()).isFalse();
    assertThat(first.get("nextBpm").isNull()).isTrue();
    JsonNode second =
        one.sent("POST", "/taps", tapTest(simulated(pair(84), 2, 3), "LEFT")).get("result");
    assertThat(second.get("last").get("unlike")).isEmpty();
    JsonNode spread = second.get("measures").get(0).get("values").get(0);
    assertThat(spread.get("verdict").asString()).isEqualTo("BETTER");
    Map<String, Object> elsewhere = tapTest(simulated(pair(84), 12, 4), "LEFT");
    elsewhere.put("device", device("MIDI_KEYBOARD"));
    elsewhere.put("frame", frame(Practice.CLOCK.instant().minusSeconds(20), "DONE"));
    JsonNode third = one.sent("POST", "/taps", elsewhere).get("result");
    assertThat(third.get("last").get("unlike").get(0).asString())
        .isEqualTo("It was a computer keyboard, now a MIDI keyboard.");
    assertThat(third.get("measures").get(0).get("values").get(0).get("verdict").asString())
        .isEqualTo("NOT_COMPARABLE");
  }

  @Test
  void whatHurtsInATestIsToldAndNothingIsMeasured(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> form = tapTest(simulated(pair(84), 3, 1).subList(0, 30), "LEFT");
    Map<String, Object> frame = frame(Practice.CLOCK.instant().minusSeconds(60), "STOPPED");
    frame.put(
        "hurts",
        List.of(
            Map.of("side", "LEFT", "region", "LITTLE_FINGER", "level", 8, "sensation", "ACHE")));
    form.put("frame", frame);
    assertThat(one.sent("POST", "/taps", form).get("result").isNull()).isTrue();
    assertThat(one.get("/taps").get("tests")).isEmpty();
    assertThat(one.get("/log").get("entries").get(0).toString()).contains("LITTLE_FINGER");
    assertThat(one.get("/taps/task?" + PAIR_TASK).get("closed").asString())
        .contains("stopped today");
    assertThat(one.get("/lifts/task?side=LEFT&seed=1").get("closed").isNull()).isFalse();
    assertThat(one.practice().coach().get("/api/today").body()).contains("Stopped for safety");
  }

  @Test
  void rawTapsAreTakenAwayAndATestIsForgotten(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    List<Tap> taps = simulated(pair(84), 3, 1);
    JsonNode result = one.sent("POST", "/taps", tapTest(taps, "LEFT")).get("result");
    String at = "?test=" + result.get("testId").asString();
    Answer csv = one.send("GET", "/taps/taps.csv" + at, null);
    assertThat(csv.body().lines()).hasSize(taps.size() + 1);
    assertThat(csv.body()).startsWith("ms,hand,finger,velocity\r\n").contains(",left,ring,");
    assertThat(one.send("DELETE", "/taps/result" + at, null).status()).isEqualTo(204);
    assertThat(one.send("GET", "/taps/result" + at, null).status()).isEqualTo(404);
  }

  @Test
  void tapsAllAtOnceAreNoNumbersThatNobodyCanRead(RunningServer server) {
    List<Tap> taps = new ArrayList<>();
    for (int i = 0; i < 80; i++) {
      taps.add(new Tap(Side.LEFT, PAIR.get(i % 2), 0, OptionalInt.empty()));
    }
    OneClient one = OneClient.takeIn(server);
    Answer answer = one.send("POST", "/taps", tapTest(taps, "LEFT"));
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body()).doesNotContain("NaN").doesNotContain("Infinity");
    assertThat(answer.json().get("result").get("even").asBoolean()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "digits, [], digits: 1 to 125 digits.",
    "bpm, 500, bpm: 20 to 240 beats a minute.",
    "hands, null, hands: How the hands share it.",
    "taps, null, taps: Up to 20000 taps."
  })
  void aWrongTestIsRefusedByItsField(
      String field, String value, String message, RunningServer server) {
    Map<String, Object> form = tapTest(List.of(), "LEFT");
    form.put(
        field,
        switch (value) {
          case "null" -> null;
          case "[]" -> List.of();
          default -> Integer.valueOf(value);
        });
    assertThat(error(OneClient.takeIn(server).send("POST", "/taps", form))).isEqualTo(message);
  }

  @Test
  void wrongWishesAreRefusedByTheirFields(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    assertThat(
            error(
                one.send(
                    "GET",
                    "/taps/task?pace=SPEED&what=ORDER&hands=LEFT&thumb=false&notesABeat=1",
                    null)))
        .isEqualTo("what: ONE: speed is counted of one finger.");
    assertThat(
            error(
                one.send(
                    "GET",
                    "/taps/task?pace=OWN&what=PAIR&from=RING&to=RING&hands=LEFT&thumb=false"
                        + "&notesABeat=1",
                    null)))
        .startsWith("to: Another finger");
    Map<String, Object> two = tapTest(List.of(), "LEFT");
    two.put("pace", "SPEED");
    assertThat(error(one.send("POST", "/taps", two))).startsWith("digits: One digit");
    Map<String, Object> untold = tapTest(List.of(), "LEFT");
    untold.put("bpm", null);
    assertThat(error(one.send("POST", "/taps", untold))).isEqualTo("bpm: The tempo of the click.");
    Map<String, Object> tomorrow = tapTest(List.of(), "LEFT");
    tomorrow.put("frame", frame(Practice.CLOCK.instant().plusSeconds(90_000), "DONE"));
    assertThat(error(one.send("POST", "/taps", tomorrow)))
        .isEqualTo("frame.beganAt: Not in the future.");
  }

  // ---- taps out of a file

  @Test
  void aRowPlayedOnAMidiKeyboardIsReadOutOfItsFile(RunningServer server) throws Exception {
    OneClient one = OneClient.takeIn(server);
    Sequence sequence = new Sequence(Sequence.PPQ, 480);
    Track track = sequence.createTrack();
    for (int i = 0; i < 80; i++) {
      int key = i % 2 == 0 ? 65 : 67;
      // The second of the two comes 48 of 480 ticks late: 50 ms at 120 beats a minute, and the
      // drift
      // takes a little of it.
      long at = i * 240L + (i % 2 == 0 ? 0 : 48);
      track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, key, 80), at));
      track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, 0, key, 0), at + 100));
    }
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    MidiSystem.write(sequence, 0, file);
    String task = "pace=OWN&what=PAIR&from=RING&to=LITTLE&hands=RIGHT&thumb=false&notesABeat=1";
    Answer answer = one.practice().coach().post(one.path("/taps/file?" + task), file.toByteArray());
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    JsonNode result = answer.json();
    assertThat(result.get("late").get("words").asString())
        .isEqualTo("Ring to little is late in the right hand: 49 ms.");
    assertThat(result.get("conditions").asString()).contains("MIDI file");
    assertThat(
            error(
                one.practice().coach().post(one.path("/taps/file?" + task), new byte[] {1, 2, 3})))
        .startsWith("file: It is neither");
    assertThat(
            error(
                one.practice()
                    .coach()
                    .post(
                        one.path("/taps/file?" + task.replace("OWN", "CLICK_THEN_ALONE")),
                        file.toByteArray())))
        .startsWith("pace: OWN or SPEED");
    // Somebody says which voice is which hand's: these keys are now the left hand's.
    JsonNode voices =
        one.practice().coach().post(one.path("/taps/file/voices"), file.toByteArray()).json();
    assertThat(voices).hasSize(1);
    assertThat(voices.get(0).get("name").asString()).isEqualTo("Voice 1");
    assertThat(voices.get(0).get("notes").asInt()).isEqualTo(80);
    Answer left =
        one.practice()
            .coach()
            .post(
                one.path("/taps/file?" + task.replace("RIGHT", "LEFT") + "&left=1"),
                file.toByteArray());
    assertThat(left.json().get("late").get("words").asString())
        .isEqualTo("Little to ring is late in the left hand: 51 ms.");
    assertThat(
            error(
                one.practice()
                    .coach()
                    .post(one.path("/taps/file?" + task + "&right=2"), file.toByteArray())))
        .isEqualTo("right: Right (2) must be a voice from 1 to 1.");
  }

  // ---- lifts

  @Test
  void liftsAreAskedKeptAndRead(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode task = one.get("/lifts/task?side=LEFT&seed=7");
    assertThat(task.get("asks")).hasSize(40);
    assertThat(one.get("/lifts/task?side=LEFT&seed=7")).isEqualTo(task);
    List<List<Digit>> cameUp = new ArrayList<>();
    for (JsonNode ask : task.get("asks")) {
      Digit digit = Digit.valueOf(ask.get("digit").asString());
      cameUp.add(digit == Digit.RING ? List.of(Digit.RING, Digit.LITTLE) : List.of(digit));
    }
    JsonNode result = one.sent("POST", "/lifts", liftTest(cameUp, "LEFT")).get("result");
    assertThat(result.get("title").asString())
        .isEqualTo("The left ring finger takes the little along");
    assertThat(result.get("lifts").asInt()).isEqualTo(40);
    assertThat(result.get("alone").asInt()).isEqualTo(30);
    JsonNode ring = result.get("byHand").get(0).get("fingers").get(2);
    assertThat(ring.get("independence").asInt()).isEqualTo(67);
    assertThat(ring.get("leakage").asInt()).isEqualTo(3);
    assertThat(result.get("changeWords").asString()).startsWith("No earlier test");
    assertThat(one.get("/lifts").get("tests")).hasSize(1);
    Map<String, Object> elsewhere =
        liftTest(cameUp.stream().map(up -> up.subList(0, 1)).toList(), "LEFT");
    elsewhere.put("frame", frame(Practice.CLOCK.instant().minusSeconds(20), "DONE"));
    elsewhere.put("device", device("MIDI_KEYBOARD"));
    JsonNode unequal = one.sent("POST", "/lifts", elsewhere).get("result");
    assertThat(unequal.get("last").get("unlike")).hasSize(1);
    assertThat(unequal.get("changeWords").asString())
        .as("nothing is called a change of unequal conditions")
        .startsWith("No earlier test was made under equal conditions.");
    String at = "?test=" + result.get("testId").asString();
    assertThat(one.send("GET", "/lifts/lifts.csv" + at, null).body())
        .startsWith("ms,hand,finger,what\r\n")
        .contains(",left,ring,asked");
    assertThat(one.send("DELETE", "/lifts/result" + at, null).status()).isEqualTo(204);
    assertThat(one.get("/lifts").get("tests")).hasSize(1);
  }

  // ---- rounds judged by keys, and for a transition

  @Test
  void aDrillIsJudgedByItsKeys(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    List<Map<String, Object>> presses = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      presses.add(
          Map.of("side", "LEFT", "digit", i % 2 == 0 ? "RING" : "LITTLE", "at", i * 1000 + 10));
    }
    JsonNode judged = one.sent("POST", "/workshop/judgements", judgement(presses));
    assertThat(judged.get("clean").asBoolean()).isTrue();
    assertThat(judged.get("even").asBoolean()).isTrue();
    assertThat(
            one.sent("POST", "/workshop/judgements", judgement(presses.subList(0, 3)))
                .get("words")
                .asString())
        .isEqualTo("3 of 4 on time, 1 missing");
    Map<String, Object> gap = judgement(presses);
    gap.put("pattern", "one-hand.none.part-index-middle.rest");
    assertThat(error(one.send("POST", "/workshop/judgements", gap))).contains("gap is open");
  }

  @Test
  void aRowThatWasShownIsJudgedByItsTimes(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    assertThat(error(one.send("GET", "/workshop/follow-me?thumb=false&seed=-1", null)))
        .isEqualTo("seed: 0 to 999999.");
    JsonNode followed = one.sent("POST", "/workshop/follow-me", followed(0, 500, 1010));
    assertThat(followed.get("clean").asBoolean()).isTrue();
    JsonNode hurried = one.sent("POST", "/workshop/follow-me", followed(0, 200, 400));
    assertThat(hurried.get("clean").asBoolean()).isFalse();
    Map<String, Object> wrong = followed(0, 500, 1000);
    wrong.put("bpm", 5);
    assertThat(error(one.send("POST", "/workshop/follow-me", wrong)))
        .isEqualTo("bpm: 20 to 240 beats a minute.");
    wrong.put("bpm", 120);
    wrong.put("row", List.of());
    assertThat(error(one.send("POST", "/workshop/follow-me", wrong)))
        .isEqualTo("row: 1 to 60 digits.");
  }

  /** Ring, index and middle of the right hand at 120 beats a minute. */
  static Map<String, Object> followed(double... at) {
    List<Digit> row = List.of(Digit.RING, Digit.INDEX, Digit.MIDDLE);
    List<Map<String, Object>> presses = new ArrayList<>();
    for (double one : at) {
      presses.add(Map.of("side", "RIGHT", "digit", row.get(presses.size()).name(), "at", one));
    }
    return new HashMap<>(Map.of("row", row, "hand", "RIGHT", "bpm", 120, "presses", presses));
  }

  @Test
  void aRoundForATransitionPartsItsTwoFingersAndEvenGoesFasterAtOnce(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> asked =
        Map.of("aMinute", 60, "minutes", 5, "from", "RING", "to", "LITTLE", "hand", "LEFT");
    JsonNode round = one.sent("POST", "/workshop/drills", asked);
    assertThat(round.get("drills")).hasSize(12);
    assertThat(round.toString())
        .as(
            one.get(
                    "/workshop/pattern?pattern=one-hand.none.bend-ring.bend-little&hand=LEFT&aMinute=60")
                .get("drill")
                .toString())
        .contains("one-hand.none.bend-ring.bend-little");
    Map<String, Object> kept =
        WorkshopTest.round("one-hand.none.bend-ring.bend-little", "LEFT", "CLEAN");
    @SuppressWarnings("unchecked")
    List<Map<String, Object>> drills = (List<Map<String, Object>>) kept.get("drills");
    drills.get(0).put("even", true);
    assertThat(one.send("POST", "/workshop/rounds", kept).status()).isEqualTo(204);
    JsonNode pattern =
        one.get(
            "/workshop/pattern?pattern=one-hand.none.bend-ring.bend-little&hand=LEFT&aMinute=60");
    assertThat(pattern.get("drill").get("tempo").asInt()).isEqualTo(62);
    assertThat(error(one.send("POST", "/workshop/drills", Map.of("from", "RING", "to", "THUMB"))))
        .isEqualTo("to: Two different ones of the four fingers.");
  }

  // ---- demands

  private static byte[] piece(String name) {
    try (InputStream in = MeasureTest.class.getResourceAsStream("/pieces/" + name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void aPieceSaysWhatEachFingerPressesAndWhatIsBeyondReach(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Answer answer =
        one.practice()
            .coach()
            .post(one.path("/demand/piece?span=200"), piece("43e-Multistaff-ClefDynamics.xml"));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    JsonNode demand = answer.json();
    assertThat(demand.get("notes").asInt()).isEqualTo(24);
    assertThat(demand.get("rule").asString()).contains("five neighbouring white keys");
    assertThat(demand.get("reachWords").asString()).contains("172 mm").contains("188 mm");
    assertThat(demand.get("voices")).hasSize(2);
    assertThat(demand.get("byHand")).hasSize(2);
    assertThat(
            error(
                one.practice()
                    .coach()
                    .post(one.path("/demand/piece?span=20"), piece("test01.mid"))))
        .isEqualTo("span: 100 to 300 mm, from thumb to little finger.");
    assertThat(
            error(
                one.practice().coach().post(one.path("/demand/piece?left=9"), piece("test01.mid"))))
        .isEqualTo("left: Left (9) must be a voice from 1 to 1.");
  }

  @Test
  void aFileOfTwentyMegabytesIsNotRead(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Answer answer = one.practice().coach().post(one.path("/demand/piece"), new byte[20 << 20]);
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.json().get("detail").asString()).contains("too long");
  }

  @Test
  void aDeviceSaysWhatEachFingerPressesAndWhoSteadies(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode demand = one.sent("POST", "/demand/device", device(40, 30));
    JsonNode hand = demand.get("byHand").get(0);
    assertThat(hand.get("all").asInt()).isEqualTo(1200);
    assertThat(hand.get("steadying").asString())
        .isEqualTo(
            "Thumb, middle, ring, little press nothing: they hold still or steady the device for"
                + " 30 min.");
    assertThat(error(one.send("POST", "/demand/device", device(2000, 30))))
        .endsWith("aMinute: 0 to 900 presses a minute.");
  }

  /** The clock is led by the click; after it the two-level model says how far it spreads. */
  @Test
  void simulatedHandsTapAsTheyAreAskedAndTheSameEachTime(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    assertThat(one.get("/taps").get("standIn").asBoolean()).isTrue();
    String hands = "&evenness=4&tapsAMinute=300&leak=50&seed=3";
    JsonNode taps = one.get("/stand-in/taps?" + PAIR_TASK + hands);
    assertThat(taps).hasSize(80);
    assertThat(one.get("/stand-in/taps?" + PAIR_TASK + hands)).isEqualTo(taps);
    assertThat(one.get("/stand-in/lifts?side=LEFT&order=7" + hands)).hasSize(40);
    assertThat(
            error(
                one.send(
                    "GET", "/stand-in/lifts?order=7" + hands.replace("leak=50", "leak=150"), null)))
        .isEqualTo("leak: 0 to 100 %.");
    JsonNode round = one.sent("POST", "/workshop/drills", Map.of("minutes", 5));
    assertThat(round.get("standIn").asBoolean()).isTrue();
    assertThat(round.get("keysTogether").asInt()).isEqualTo(2);
    String drill =
        "/stand-in/drill?pattern=one-hand.none.bend-ring.bend-little&aMinute=60&changes=20";
    List<Map<String, Object>> presses = new ArrayList<>();
    for (JsonNode tap : one.get(drill + "&hand=LEFT" + hands)) {
      presses.add(
          Map.of(
              "side",
              tap.get("side").asString(),
              "digit",
              tap.get("digit").asString(),
              "at",
              tap.get("at").asDouble()));
    }
    Map<String, Object> judgement = judgement(presses);
    judgement.put("changes", 20);
    assertThat(one.sent("POST", "/workshop/judgements", judgement).get("clean").asBoolean())
        .isTrue();
    assertThat(error(one.send("GET", drill + hands, null))).isEqualTo("hand: LEFT or RIGHT.");
    TapTask task =
        new TapTask(Pace.SPEED, List.of(Digit.INDEX), TwoHandedRow.MIRRORED, OptionalInt.empty());
    assertThat(simulated(task, 5, 1)).isEqualTo(simulated(task, 5, 1));
    assertThat(simulated(task, 5, 1)).extracting(Tap::side).contains(Side.LEFT, Side.RIGHT);
  }
}
