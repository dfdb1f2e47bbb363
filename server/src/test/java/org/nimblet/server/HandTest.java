package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** A coach's own keeping, from the bench to what is composed. */
@ExtendWith(ServerExtension.class)
class HandTest {

  private static JsonNode compose(OneClient one) {
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", Practice.draft(one.id().toString(), "RECOVERY", 480, List.of()));
    form.put("earlier", List.of());
    Answer answer = one.practice().coach().send("POST", "/api/bench/compose", form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private static List<String> ids(JsonNode composed) {
    return composed.get("steps").findValuesAsString("exerciseId");
  }

  private static JsonNode keep(OneClient one, List<String> kept, List<String> composed) {
    List<Map<String, Object>> steps = new ArrayList<>();
    kept.forEach(id -> steps.add(Practice.stepDraft("k" + steps.size(), id)));
    Map<String, Object> form = Practice.routineForm(one.id().toString(), 0, steps);
    form.put("purpose", "RECOVERY");
    form.put("composed", composed);
    Answer answer = one.practice().coach().send("POST", "/api/routines", form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  private static JsonNode hand(OneClient one) {
    return one.practice().coach().get("/api/hand").json();
  }

  private static JsonNode line(JsonNode hand, String exerciseId) {
    for (JsonNode line : hand.get("lines")) {
      if (line.get("exerciseId").asString().equals(exerciseId)) {
        return line;
      }
    }
    throw new AssertionError(exerciseId + " is not in " + hand);
  }

  @Test
  void whatIsKeptAgainAndAgainIsComposed(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    assertThat(hand(one).get("on").asBoolean()).isTrue();
    assertThat(hand(one).get("lines")).isEmpty();
    JsonNode even = compose(one);
    Map<String, Object> again = new TreeMap<>();
    again.put("draft", Practice.draft(one.id().toString(), "RECOVERY", 480, List.of()));
    again.put("earlier", List.of(ids(even)));
    List<String> other =
        ids(one.practice().coach().send("POST", "/api/bench/compose", again).json());
    JsonNode stored = null;
    for (int i = 0; i < 6; i++) {
      stored = keep(one, other, ids(even));
    }
    JsonNode mine = compose(one);
    long held = other.stream().filter(ids(mine)::contains).count();
    assertThat(held * 100 / other.size()).isGreaterThanOrEqualTo(60);
    String kept = other.stream().filter(id -> !ids(even).contains(id)).findFirst().orElseThrow();
    assertThat(line(hand(one), kept).get("percent").asInt()).isEqualTo(170);
    assertThat(line(hand(one), kept).get("words").asString()).isEqualTo("kept in 6 routines");

    Answer off = one.practice().coach().send("PUT", "/api/hand", Map.of("on", false));
    assertThat(off.json().get("on").asBoolean()).isFalse();
    assertThat(ids(compose(one))).isEqualTo(ids(even));
    one.practice().coach().send("PUT", "/api/hand", Map.of("on", true));
    assertThat(ids(compose(one))).isEqualTo(ids(mine));

    one.practice()
        .coach()
        .send("POST", "/api/routines/" + stored.get("id").asString() + "/archive", Map.of());
    assertThat(line(hand(one), kept).get("words").asString()).isEqualTo("kept in 5 routines");
  }

  @Test
  void aNumberIsSetByHandWithinItsBounds(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String first = ids(compose(one)).get(0);
    String path = "/api/hand/RECOVERY/" + first;
    JsonNode set = one.practice().coach().send("PUT", path, Map.of("percent", 60)).json();
    assertThat(line(set, first).get("byHand").asBoolean()).isTrue();
    assertThat(line(set, first).get("percent").asInt()).isEqualTo(60);
    Answer tooMuch = one.practice().coach().send("PUT", path, Map.of("percent", 400));
    assertThat(tooMuch.status()).isEqualTo(400);
    assertThat(tooMuch.body()).contains("60 to 170");
    Map<String, Object> leave = new TreeMap<>();
    leave.put("percent", null);
    assertThat(one.practice().coach().send("PUT", path, leave).json().get("lines")).isEmpty();
    assertThat(
            one.practice().coach().send("PUT", "/api/hand/RECOVERY/nothing-such", leave).status())
        .isEqualTo(404);
  }

  @Test
  void aThemeOfOnesOwnIsMadeComposedAroundAndTakenOut(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    List<String> even = ids(compose(one));
    Map<String, Object> again = new TreeMap<>();
    again.put("draft", Practice.draft(one.id().toString(), "RECOVERY", 480, List.of()));
    again.put("earlier", List.of(even));
    List<String> wanted =
        ids(one.practice().coach().send("POST", "/api/bench/compose", again).json());
    Answer made =
        one.practice()
            .coach()
            .send("POST", "/api/themes", Map.of("title", "My evening", "exercises", wanted));
    assertThat(made.status()).isEqualTo(201);
    String id = made.json().get("id").asString();
    assertThat(one.practice().coach().get("/api/themes").json().at("/0/own").asBoolean()).isTrue();
    Map<String, Object> draft = Practice.draft(one.id().toString(), "RECOVERY", 480, List.of());
    draft.put("theme", id);
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", draft);
    form.put("earlier", List.of());
    List<String> around =
        ids(one.practice().coach().send("POST", "/api/bench/compose", form).json());
    assertThat(wanted.stream().filter(around::contains).count() * 100 / wanted.size())
        .isGreaterThanOrEqualTo(70);
    assertThat(
            one.practice()
                .coach()
                .send("POST", "/api/themes", Map.of("title", "x", "exercises", List.of("nothing")))
                .body())
        .contains("exercises", "in no library");
    assertThat(
            OneClient.takeIn(server)
                .practice()
                .coach()
                .send("DELETE", "/api/themes/" + id, null)
                .status())
        .as("another coach")
        .isEqualTo(404);
    assertThat(one.practice().coach().send("DELETE", "/api/themes/" + id, null).status())
        .isEqualTo(204);
    assertThat(one.practice().coach().send("POST", "/api/bench/compose", form).status())
        .isEqualTo(400);
  }
}
