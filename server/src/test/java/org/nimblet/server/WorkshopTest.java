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

  /** One try as it is kept. */
  static Map<String, Object> tries(String pattern, String hand, boolean clean) {
    return Map.of("roundId", UUID.randomUUID(), "tries", List.of(tried(pattern, hand, clean)));
  }

  private static Map<String, Object> tried(String pattern, String hand, boolean clean) {
    Map<String, Object> tried = new HashMap<>();
    tried.put("id", UUID.randomUUID());
    tried.put("pattern", pattern);
    tried.put("hand", hand);
    tried.put("aMinute", 60);
    tried.put("clean", clean);
    tried.put("at", Practice.CLOCK.instant().toString());
    return tried;
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
    List<Map<String, Object>> tries = new ArrayList<>();
    for (JsonNode each : round.get("drills")) {
      JsonNode drill = each.get("drill");
      String hand = drill.get("hand").isNull() ? null : drill.get("hand").asString();
      tries.add(tried(drill.get("pattern").asString(), hand, true));
      first.add(drill.get("pattern").asString() + hand);
    }
    Map<String, Object> form = Map.of("roundId", round.get("roundId").asString(), "tries", tries);
    assertThat(one.send("POST", "/workshop/tries", form).status()).isEqualTo(204);
    assertThat(one.send("POST", "/workshop/tries", form).status()).as("again").isEqualTo(204);
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
    "bend-toe, LEFT, 'tries[0].pattern', is no pattern",
    "one-hand.none.bend-ring.rest, , 'tries[0].hand', LEFT or RIGHT",
    "alike.none.bend-ring.rest, LEFT, 'tries[0].hand', both hands"
  })
  void aTryThatCannotBeIsNamed(
      String pattern, String hand, String field, String rule, RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    Answer answer = one.send("POST", "/workshop/tries", tries(pattern, hand, true));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo(field);
    assertThat(answer.json().at("/errors/0/message").asString()).contains(rule);
  }

  @Test
  void aRowHoldsEachTransitionOnce(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode row = one.get("/workshop/row?what=TRANSITIONS&hands=PARALLEL&thumb=false&another=0");
    assertThat(row.get("row")).hasSize(12);
    assertThat(row.get("walk")).hasSize(12);
    assertThat(row.get("left")).hasSize(12);
    assertThat(
            one.send("GET", "/workshop/row?what=TRIPLES&hands=LEFT&thumb=true&another=1000", null)
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
