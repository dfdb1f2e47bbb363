package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(ServerExtension.class)
class WorkshopTest {

  static final String LEFT_RING = "one-hand.none.bend-ring.rest";

  /** A round of one drill as it is kept. */
  static Map<String, Object> round(String pattern, String hand, String outcome) {
    return round(UUID.randomUUID().toString(), "DONE", List.of(drilled(pattern, hand, outcome)));
  }

  private static Map<String, Object> round(
      String id, String ending, List<Map<String, Object>> drills) {
    Map<String, Object> round = new HashMap<>();
    round.put("roundId", id);
    round.put("beganAt", Practice.CLOCK.instant().minusSeconds(300).toString());
    round.put("endedAt", Practice.CLOCK.instant().toString());
    round.put("ending", ending);
    round.put("drills", drills);
    round.put("hurts", List.of());
    return round;
  }

  private static Map<String, Object> drilled(String pattern, String hand, String outcome) {
    Map<String, Object> drilled = new HashMap<>();
    drilled.put("id", UUID.randomUUID());
    drilled.put("pattern", pattern);
    drilled.put("hand", hand);
    drilled.put("aMinute", 60);
    drilled.put("changes", outcome.equals("SKIPPED") ? 0 : 20);
    drilled.put("outcome", outcome);
    drilled.put("at", Practice.CLOCK.instant().toString());
    return drilled;
  }

  private static List<JsonNode> drills(JsonNode patterns) {
    return StreamSupport.stream(patterns.get("families").spliterator(), false)
        .flatMap(family -> StreamSupport.stream(family.get("drills").spliterator(), false))
        .toList();
  }

  private static JsonNode drill(JsonNode patterns, String id) {
    return drills(patterns).stream()
        .filter(drill -> drill.get("pattern").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode patterns(OneClient one, String hand) {
    return one.get("/workshop/patterns?hand=" + hand + "&aMinute=60");
  }

  @Test
  void everyPatternIsThereWithItsDifficultyAndItsChance(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode left = patterns(one, "LEFT");
    assertThat(drills(left)).hasSizeGreaterThan(115);
    JsonNode ring = drill(left, LEFT_RING);
    assertThat(ring.get("difficulty").asDouble()).isGreaterThan(2.2);
    assertThat(ring.get("expected").asDouble()).isBetween(0.2, 0.5);
    assertThat(left.get("hardAt").asDouble()).isGreaterThan(left.get("easyAt").asDouble());
    assertThat(drills(left)).anyMatch(drill -> drill.get("next").asBoolean());
    assertThat(left.get("forecast").asString()).startsWith("Next: ");
  }

  @Test
  void aRoundIsDrilledKeptOnceAndMovesWhatComesNext(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode round = one.sent("POST", "/workshop/drills", Map.of("aMinute", 60, "minutes", 5));
    assertThat(round.get("drills")).hasSize(12);
    Set<String> first = new HashSet<>();
    List<Map<String, Object>> drilled = new ArrayList<>();
    for (JsonNode each : round.get("drills")) {
      JsonNode drill = each.get("drill");
      String hand = drill.get("hand").isNull() ? null : drill.get("hand").asString();
      drilled.add(drilled(drill.get("pattern").asString(), hand, "CLEAN"));
      first.add(drill.get("pattern").asString() + hand);
    }
    Map<String, Object> form = round(round.get("roundId").asString(), "DONE", drilled);
    assertThat(one.send("POST", "/workshop/rounds", form).status()).isEqualTo(204);
    assertThat(one.send("POST", "/workshop/rounds", form).status()).as("again").isEqualTo(204);
    JsonNode after = patterns(one, "LEFT");
    int counted = drills(after).stream().mapToInt(drill -> drill.get("tries").asInt()).sum();
    JsonNode other = patterns(one, "RIGHT");
    int both =
        drills(after).stream()
            .filter(drill -> drill.get("hand").isNull())
            .mapToInt(drill -> drill.get("tries").asInt())
            .sum();
    int right = drills(other).stream().mapToInt(drill -> drill.get("tries").asInt()).sum();
    assertThat(counted + right - both).isEqualTo(12);
    assertThat(drills(after))
        .filteredOn(drill -> drill.get("tries").asInt() == 1)
        .allSatisfy(
            drill ->
                assertThat(drill.get("nextTempo").asString()).isEqualTo("1 of 3 clean before 62"));
    Set<String> second = new HashSet<>();
    one.sent("POST", "/workshop/drills", Map.of("aMinute", 60, "minutes", 5))
        .get("drills")
        .forEach(
            each ->
                second.add(
                    each.at("/drill/pattern").asString()
                        + (each.at("/drill/hand").isNull()
                            ? null
                            : each.at("/drill/hand").asString())));
    assertThat(second).isNotEqualTo(first);
  }

  /** What hurt in a round was told to nobody, and another round could begin at once. */
  @Test
  void whatHurtsInARoundIsToldAndClosesThePlaceForTheDay(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Map<String, Object> form =
        round(
            UUID.randomUUID().toString(),
            "STOPPED",
            List.of(
                drilled("one-hand.none.bend-index.rest", "LEFT", "CLEAN"),
                drilled(LEFT_RING, "LEFT", "HURT"),
                drilled("one-hand.none.bend-ring.rest", "RIGHT", "SKIPPED")));
    form.put("hurts", List.of(SafetyTest.pain("LEFT", "RING_FINGER", 5, "SHARP")));
    for (int time = 0; time < 2; time++) {
      assertThat(one.send("POST", "/workshop/rounds", form).status()).isEqualTo(204);
    }
    JsonNode today = one.practice().coach().get("/api/today").json();
    assertThat(today.at("/rows/0/attention/0/heading").asString()).isEqualTo("Stopped for safety");
    assertThat(today.toString()).contains("Independence stopped for safety");
    assertThat(one.get("/day").at("/notes/0/sentence").asString())
        .contains("ring finger: sharp, 5 of 10.");
    assertThat(one.get("/pains")).as("told once").hasSize(1);
    JsonNode session = one.get("/log").at("/entries/0");
    assertThat(session.get("title").asString()).isEqualTo("Round of patterns");
    assertThat(session.get("steps").findValuesAsString("outcome"))
        .containsExactly("DONE", "HURT", "SKIPPED");
    JsonNode ring = drill(patterns(one, "LEFT"), LEFT_RING);
    assertThat(ring.get("closed").asString()).contains("stopped today");
    assertThat(ring.get("tries").asInt()).as("what hurt is not judged").isZero();
    JsonNode again = one.sent("POST", "/workshop/drills", Map.of("aMinute", 60, "minutes", 5));
    assertThat(again.at("/safety/notes/0/heading").asString()).isEqualTo("Stopped today");
    assertThat(again.get("drills"))
        .isNotEmpty()
        .allSatisfy(each -> assertThat(each.at("/drill/closed").isNull()).isTrue());
  }

  /** 96 a minute, eight bars of three: 24 changes in 15 s after 9 beats in which one looks. */
  @Test
  void aRoundIsSetToAPhrase(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode round =
        one.sent(
            "POST",
            "/workshop/drills",
            Map.of("aMinute", 96, "minutes", 3, "bars", 8, "beatsABar", 3));
    assertThat(round.at("/drills/0/changes").asInt()).isEqualTo(24);
    assertThat(round.at("/drills/0/readMillis").asLong()).isEqualTo(9 * 60_000 / 96);
    assertThat(round.get("drills")).hasSize(8);
    assertThat(
            one.send("POST", "/workshop/drills", Map.of("bars", 40))
                .json()
                .at("/errors/0/message")
                .asString())
        .isEqualTo("1 to 16 bars.");
  }

  @Test
  void aPatternIsTakenAwayAsMusicUnlessNothingIsPressed(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String asked = "/workshop/pattern/file?kind=MIDI&hand=LEFT&bpm=60&pattern=";
    Answer midi = one.send("GET", asked + LEFT_RING, null);
    assertThat(midi.status()).isEqualTo(200);
    assertThat(midi.body()).startsWith("MThd");
    Answer gap = one.send("GET", asked + "one-hand.none.part-middle-ring.rest", null);
    assertThat(gap.status()).isEqualTo(400);
    assertThat(gap.json().at("/errors/0/field").asString()).isEqualTo("pattern");
    assertThat(
            one.send("GET", "/workshop/pattern/file?kind=MIDI&bpm=60&pattern=" + LEFT_RING, null)
                .json()
                .at("/errors/0/field")
                .asString())
        .isEqualTo("hand");
  }

  /** Two clean rounds: whoever is abler gets other finger work from then on. */
  @Test
  void whatIsComposedFollowsTheRounds(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode before = one.get("/play/INDEPENDENCE/12").get("shown").get("steps");
    for (int round = 0; round < 2; round++) {
      List<Map<String, Object>> drilled = new ArrayList<>();
      for (int i = 0; i < 24; i++) {
        drilled.add(drilled(LEFT_RING, i % 2 == 0 ? "LEFT" : "RIGHT", "CLEAN"));
      }
      Map<String, Object> form = round(UUID.randomUUID().toString(), "DONE", drilled);
      assertThat(one.send("POST", "/workshop/rounds", form).status()).isEqualTo(204);
    }
    JsonNode after = one.get("/play/INDEPENDENCE/12").get("shown").get("steps");
    assertThat(after.findValuesAsString("exerciseId"))
        .isNotEqualTo(before.findValuesAsString("exerciseId"));
  }

  /** 200 tries of which the ring finger is never clean: it is harder, once the coach says so. */
  @Test
  void whatTheClientsTriedMovesNothingBeforeTheCoachTakesItOver(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String path = "/api/workshop/difficulties";
    var coach = one.practice().coach();
    assertThat(coach.get(path).json().get("lines")).isEmpty();
    Answer early = coach.send("POST", path, null);
    assertThat(early.status()).isEqualTo(400);
    assertThat(early.json().at("/errors/0/message").asString())
        .isEqualTo("Tries (0) must be at least 200.");
    for (int round = 0; round < 5; round++) {
      List<Map<String, Object>> drilled = new ArrayList<>();
      for (int i = 0; i < 40; i++) {
        boolean ring = i % 2 == 0;
        drilled.add(
            drilled(
                ring ? LEFT_RING : "one-hand.none.bend-index.rest",
                "LEFT",
                ring ? "NOT_CLEAN" : "CLEAN"));
      }
      Map<String, Object> form = round(UUID.randomUUID().toString(), "DONE", drilled);
      assertThat(one.send("POST", "/workshop/rounds", form).status()).isEqualTo(204);
    }
    double before = drill(patterns(one, "LEFT"), LEFT_RING).get("difficulty").asDouble();
    JsonNode said = coach.get(path).json();
    assertThat(said.get("tries").asInt()).isEqualTo(200);
    assertThat(said.get("taken").asBoolean()).isFalse();
    assertThat(drill(patterns(one, "LEFT"), LEFT_RING).get("difficulty").asDouble())
        .isEqualTo(before);
    JsonNode line =
        StreamSupport.stream(said.get("lines").spliterator(), false)
            .filter(each -> each.get("pattern").asString().equals(LEFT_RING))
            .findFirst()
            .orElseThrow();
    double shift = line.get("to").asDouble() - line.get("from").asDouble();
    assertThat(shift).isPositive();
    assertThat(coach.send("POST", path, null).json().get("taken").asBoolean()).isTrue();
    assertThat(drill(patterns(one, "LEFT"), LEFT_RING).get("difficulty").asDouble())
        .isCloseTo(before + shift, within(1e-9));
    assertThat(coach.send("DELETE", path, null).json().get("taken").asBoolean()).isFalse();
    assertThat(drill(patterns(one, "LEFT"), LEFT_RING).get("difficulty").asDouble())
        .isEqualTo(before);
  }

  /** Rounds of two weeks without pain stood as "held for long" against their exercises. */
  @Test
  void roundsAreNoStepsOnTheLadderOfAnExercise(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    for (int ago = 14; ago > 0; ago--) {
      Map<String, Object> form = round(LEFT_RING, "LEFT", "CLEAN");
      form.put("beganAt", Practice.CLOCK.instant().minusSeconds(86_400L * ago).toString());
      form.put("endedAt", Practice.CLOCK.instant().minusSeconds(86_400L * ago - 300).toString());
      assertThat(one.send("POST", "/workshop/rounds", form).status()).isEqualTo(204);
    }
    assertThat(one.practice().coach().get("/api/today").body()).doesNotContain("Held for long");
    assertThat(one.get("/log").get("entries")).hasSize(14);
  }

  @Test
  void oneWithItsPartsAndFaster(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode ring = one.get("/workshop/pattern?pattern=" + LEFT_RING + "&hand=LEFT&aMinute=60");
    double sum = 0;
    for (JsonNode part : ring.get("parts")) {
      sum += part.get("amount").asDouble();
    }
    assertThat(sum).isCloseTo(ring.at("/drill/difficulty").asDouble(), within(1e-9));
    assertThat(ring.get("faster").get(0).get("aMinute").asInt()).isEqualTo(72);
    assertThat(ring.get("faster").get(1).get("expected").asDouble())
        .isLessThan(ring.at("/drill/expected").asDouble());
  }

  @ParameterizedTest
  @CsvSource({
    "aMinute, 600, 5, 20 to 240 changes a minute.",
    "minutes, 60, 0, 1 to 15 minutes.",
  })
  void whatNoScreenCanShowIsRefused(
      String field, int aMinute, int minutes, String rule, RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Answer answer =
        one.send("POST", "/workshop/drills", Map.of("aMinute", aMinute, "minutes", minutes));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo(field);
    assertThat(answer.json().at("/errors/0/message").asString()).isEqualTo(rule);
  }

  @ParameterizedTest
  @CsvSource({
    "bend-toe, LEFT, 'drills[0].pattern', is no pattern",
    "one-hand.none.bend-ring.rest, , 'drills[0].hand', LEFT or RIGHT",
    "alike.none.bend-ring.rest, LEFT, 'drills[0].hand', both hands"
  })
  void aTryThatCannotBeIsNamed(
      String pattern, String hand, String field, String rule, RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Answer answer = one.send("POST", "/workshop/rounds", round(pattern, hand, "CLEAN"));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo(field);
    assertThat(answer.json().at("/errors/0/message").asString()).contains(rule);
  }

  @Test
  void aRowHoldsEachTransitionOnce(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode row =
        one.get("/workshop/row?what=TRANSITIONS&hands=PARALLEL&thumb=false&another=0&notesABeat=2");
    assertThat(row.get("row")).hasSize(12);
    assertThat(row.get("walk")).hasSize(12);
    assertThat(row.get("left")).hasSize(12);
    assertThat(row.get("slots").asInt()).isEqualTo(12);
    JsonNode own = one.get("/workshop/row?what=TRANSITIONS&hands=PARALLEL&another=0&notesABeat=2");
    assertThat(own.get("thumb").asBoolean())
        .as("as the client counts")
        .isEqualTo("KEYBOARD".equals(Practice.clientForm().get("notation")));
    assertThat(
            one.get("/workshop/row?what=TRANSITIONS&hands=LEFT&thumb=true&another=0&notesABeat=1")
                .get("row"))
        .hasSize(20);
    JsonNode phrased =
        one.get(
            "/workshop/row?what=TRANSITIONS&hands=PARALLEL&thumb=false&another=0&notesABeat=2"
                + "&bars=2&beatsABar=4");
    assertThat(phrased.get("slots").asInt()).as("two bars of four, two taps a beat").isEqualTo(16);
    assertThat(
            one.send(
                    "GET",
                    "/workshop/row?what=TRIPLES&hands=LEFT&thumb=true&another=1000&notesABeat=1",
                    null)
                .status())
        .isEqualTo(400);
  }

  @Test
  void aRowToFollowIsTheSameForTheSameSeed(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode row = one.get("/workshop/follow-me?thumb=false&seed=7");
    assertThat(row).hasSize(60);
    assertThat(one.get("/workshop/follow-me?thumb=false&seed=7")).isEqualTo(row);
    assertThat(one.get("/workshop/follow-me?thumb=false&seed=8")).isNotEqualTo(row);
    assertThat(one.get("/workshop/orders")).hasSize(24);
  }

  @Test
  void theClaspsAreWalkedThrough(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode clasps = one.get("/workshop/clasps");
    assertThat(clasps.get("walk")).hasSize(36);
    assertThat(clasps.get("forms").asInt()).isEqualTo(16);
    assertThat(clasps.get("changes").asInt()).isEqualTo(24);
  }
}
