package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** What happens moves the next dose, and every move has its sentence. */
@ExtendWith(ServerExtension.class)
class ProgressTest {

  private static final String STRETCH = "palm-up-fingers-back";

  private OneClient one;

  @BeforeEach
  void takeIn(RunningServer server) {
    one = OneClient.takeIn(server);
  }

  /** A morning at nine, so many days ago. */
  private static Instant morning(int daysAgo) {
    return Practice.today().minusDays(daysAgo).atTime(9, 0).toInstant(ZoneOffset.UTC);
  }

  private static Map<String, Object> pain(int level) {
    Map<String, Object> pain = new HashMap<>();
    pain.put("side", "LEFT");
    pain.put("region", "FOREARM_PALM_SIDE");
    pain.put("level", level);
    pain.put("sensation", null);
    return pain;
  }

  private UUID did(int daysAgo, Map<String, Object> changes) {
    Map<String, Object> form =
        Practice.sessionForm(
            null, morning(daysAgo).toString(), morning(daysAgo).plusSeconds(600).toString());
    Map<String, Object> step = new TreeMap<>();
    step.put("exerciseId", STRETCH);
    step.put("exerciseVersion", 0);
    step.put("dose", "15 s, 2 ×, each side");
    step.put("laterality", "EACH");
    step.put("plannedMillis", 90_000);
    step.put("donePercent", 100);
    step.put("outcome", "DONE");
    step.putAll(changes);
    form.put("purpose", "RECOVERY");
    form.put("steps", List.of(step));
    form.put("before", List.of());
    UUID session = UUID.randomUUID();
    Answer answer = one.send("PUT", "/sessions/" + session, form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
    return session;
  }

  private void checkedIn(UUID session, int effort, int painLevel) {
    Map<String, Object> form = new HashMap<>();
    form.put("effort", effort);
    form.put("pains", painLevel > 0 ? List.of(pain(painLevel)) : List.of());
    form.put("tighterSide", null);
    form.put("words", "");
    assertThat(one.send("PUT", "/sessions/" + session + "/check-in", form).status()).isEqualTo(204);
  }

  private void well(int daysAgo) {
    checkedIn(did(daysAgo, Map.of()), 4, 0);
  }

  private JsonNode left() {
    JsonNode ladder = one.get("/progress").get("ladders").get(0);
    assertThat(ladder.get("exerciseId").asString()).isEqualTo(STRETCH);
    assertThat(ladder.get("sides").get(0).get("side").asString()).isEqualTo("LEFT");
    return ladder.get("sides").get(0);
  }

  @Test
  void twiceWellIsAStepUpAndTheSentenceSaysWhy() {
    well(5);
    well(4);
    assertThat(left().get("last").asString())
        .isEqualTo("Up from 15 s to 20 s: it went well 2 times.");
    JsonNode decided = one.get("/log").get("decided").get(0).get("decisions").get(0);
    assertThat(decided.get("sides")).hasSize(2);
    assertThat(decided.get("effect").asString()).isEqualTo("UP");
    JsonNode story = one.get("/progress/" + STRETCH);
    assertThat(story.get("decisions")).hasSize(2);
    assertThat(story.get("curves").get(0).get("points").get(0).get("rung").asInt()).isZero();
  }

  @Test
  void whatIsPlayedNextHasTheDoseOfTheRung() {
    well(5);
    well(4);
    JsonNode routine = one.practice().coach().send("POST", "/api/routines", kept(false)).json();
    JsonNode played = one.get("/routines/" + routine.get("id").asString() + "/play");
    assertThat(played.get("steps").get(0).get("dose").asString()).contains("20 s");
    JsonNode pinned = one.practice().coach().send("POST", "/api/routines", kept(true)).json();
    assertThat(
            one.get("/routines/" + pinned.get("id").asString() + "/play")
                .get("steps")
                .get(0)
                .get("dose")
                .asString())
        .contains("15 s");
  }

  private Map<String, Object> kept(boolean pinned) {
    Map<String, Object> step = Practice.stepDraft("a", STRETCH);
    step.put("dose", "15 s, 2 ×, each side");
    step.put("pinned", pinned);
    Map<String, Object> form = Practice.routineForm(one.id().toString(), 0, List.of(step));
    form.put("purpose", "RECOVERY");
    return form;
  }

  @Test
  void theMorningAnswerTakesBackWhatWouldHaveBeen() {
    well(2);
    checkedIn(did(1, Map.of()), 4, 0);
    JsonNode asked = one.get("/morning");
    assertThat(asked.get("answered").asBoolean()).isFalse();
    assertThat(asked.get("sessions").asString()).isEqualTo("recovery");
    for (int level : new int[] {5, 3}) {
      assertThat(one.send("PUT", "/morning", Map.of("pains", List.of(pain(level)))).status())
          .isEqualTo(204);
    }
    assertThat(one.get("/morning").get("answered").asBoolean()).isTrue();
    assertThat(left().get("last").asString())
        .as("the answer that was given last")
        .contains("pain 3 the next morning, 0 before");
    assertThat(left().get("lowered").asBoolean()).isTrue();
  }

  @Test
  void painWhileItIsDoneLowersOnlyTheSideThatHurts() {
    well(6);
    well(5);
    checkedIn(did(2, Map.of()), 4, 4);
    JsonNode sides = one.get("/progress").get("ladders").get(0).get("sides");
    assertThat(sides.get(0).get("rung").asInt()).isZero();
    assertThat(sides.get(1).get("rung").asInt()).isEqualTo(1);
  }

  @Test
  void whatTheCoachSaysHoldsAndIsKept() {
    well(5);
    Map<String, Object> word =
        Map.of(
            "sides",
            List.of("LEFT", "RIGHT"),
            "word",
            "RESET",
            "rung",
            3,
            "reason",
            "Did more before.");
    assertThat(one.send("POST", "/progress/" + STRETCH + "/words", word).status()).isEqualTo(204);
    assertThat(left().get("rung").asInt()).isEqualTo(3);
    assertThat(left().get("last").asString()).isEqualTo("Set, from 15 s to 30 s: Did more before.");
    Answer refused =
        one.send(
            "POST",
            "/progress/" + STRETCH + "/words",
            Map.of("sides", List.of("LEFT"), "word", "PIN", "rung", 40, "reason", "x"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("from 0 (15 s) to 5 (4 ×)");
  }

  @Test
  void whatWasTooMuchAtItsEasiestTwiceIsPausedUntilItIsAllowed() {
    checkedIn(did(4, Map.of()), 4, 5);
    checkedIn(did(3, Map.of()), 4, 5);
    assertThat(left().get("paused").asBoolean()).isTrue();
    assertThat(one.practice().coach().get("/api/today").body()).contains("even its easiest dose");
    one.send(
        "POST",
        "/progress/" + STRETCH + "/words",
        Map.of("sides", List.of("LEFT", "RIGHT"), "word", "ALLOW", "reason", "Rested."));
    assertThat(left().get("paused").asBoolean()).isFalse();
  }

  @Test
  void theForecastNamesDatesAndTheReverseQuestionAnswers() {
    for (int day = 12; day > 1; day--) {
      well(day);
    }
    JsonNode forecast = one.get("/progress/" + STRETCH + "/forecast?side=LEFT&daysAWeek=7");
    assertThat(forecast.get("goalWords").asString()).isEqualTo("4 ×");
    assertThat(forecast.get("full").asString())
        .isLessThanOrEqualTo(forecast.get("middle").asString());
    assertThat(forecast.get("early").asString())
        .isLessThanOrEqualTo(forecast.get("middle").asString());
    assertThat(forecast.get("middle").asString())
        .isLessThanOrEqualTo(forecast.get("late").asString());
    String by = Practice.today().plusDays(60).toString();
    JsonNode often = one.get("/progress/" + STRETCH + "/often?side=LEFT&by=" + by);
    assertThat(often.get("daysAWeek").asInt()).isBetween(1, 7);
    assertThat(
            one.send("GET", "/progress/" + STRETCH + "/forecast?side=LEFT&goal=0", null).status())
        .isEqualTo(400);
    assertThat(one.send("GET", "/progress/palm-rub", null).status()).isEqualTo(404);
  }

  @Test
  void whatAnOlderProgramSentIsReadAndWhatIsOutsideIsRefused() {
    Map<String, Object> old =
        Practice.sessionForm(null, morning(3).toString(), morning(3).plusSeconds(600).toString());
    assertThat(one.send("PUT", "/sessions/" + UUID.randomUUID(), old).status()).isEqualTo(204);
    Map<String, Object> form =
        Practice.sessionForm(null, morning(2).toString(), morning(2).plusSeconds(600).toString());
    Map<String, Object> step = new TreeMap<>(Practice.stepDraft("a", STRETCH));
    step.clear();
    step.put("exerciseId", STRETCH);
    step.put("exerciseVersion", 0);
    step.put("dose", "15 s");
    step.put("laterality", "EACH");
    step.put("plannedMillis", 90_000);
    step.put("donePercent", 100);
    step.put("outcome", "DONE");
    step.put("leftPercent", 101);
    form.put("steps", List.of(step));
    Answer refused = one.send("PUT", "/sessions/" + UUID.randomUUID(), form);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("0 to 100 per cent");
  }
}
