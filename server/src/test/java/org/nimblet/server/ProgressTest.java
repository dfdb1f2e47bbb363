package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.AtOnce;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** What happens moves the next dose, and every move has its sentence. */
@ExtendWith(ServerExtension.class)
class ProgressTest {

  private OneClient one;

  @BeforeEach
  void takeIn(RunningServer server) {
    one = OneClient.takeIn(server);
  }

  private UUID did(int daysAgo) {
    UUID session = UUID.randomUUID();
    Answer answer =
        one.send("PUT", "/sessions/" + session, Practice.stretchForm(Practice.morning(daysAgo)));
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
    return session;
  }

  private void checkedIn(UUID session, int effort, int level) {
    assertThat(
            one.send(
                    "PUT",
                    "/sessions/" + session + "/check-in",
                    Practice.checkInForm(effort, level))
                .status())
        .isEqualTo(204);
  }

  private void well(int daysAgo) {
    checkedIn(did(daysAgo), 4, 0);
  }

  private JsonNode left() {
    JsonNode ladder = one.get("/progress").get("ladders").get(0);
    assertThat(ladder.get("exerciseId").asString()).isEqualTo(Practice.STRETCH);
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
    JsonNode story = one.get("/progress/" + Practice.STRETCH);
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
    Map<String, Object> step = Practice.stepDraft("a", Practice.STRETCH);
    step.put("dose", "15 s, 2 ×, each side");
    step.put("pinned", pinned);
    Map<String, Object> form = Practice.routineForm(one.id().toString(), 0, List.of(step));
    form.put("purpose", "RECOVERY");
    return form;
  }

  @Test
  void theMorningAnswerTakesBackWhatWouldHaveBeen() {
    well(2);
    checkedIn(did(1), 4, 0);
    JsonNode asked = one.get("/morning");
    assertThat(asked.get("answered").asBoolean()).isFalse();
    assertThat(asked.get("sessions").asString()).isEqualTo("recovery");
    for (int level : new int[] {5, 3}) {
      assertThat(
              one.send("PUT", "/morning", Map.of("pains", List.of(Practice.ache(level)))).status())
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
    checkedIn(did(2), 4, 4);
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
    assertThat(one.send("POST", "/progress/" + Practice.STRETCH + "/words", word).status())
        .isEqualTo(204);
    assertThat(left().get("rung").asInt()).isEqualTo(3);
    assertThat(left().get("last").asString()).isEqualTo("Set, from 15 s to 30 s: Did more before.");
    Answer refused =
        one.send(
            "POST",
            "/progress/" + Practice.STRETCH + "/words",
            Map.of("sides", List.of("LEFT"), "word", "PIN", "rung", 40, "reason", "x"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("from 0 (15 s) to 5 (4 ×)");
  }

  @Test
  void whatWasTooMuchAtItsEasiestTwiceIsPausedUntilItIsAllowed() {
    checkedIn(did(4), 4, 5);
    checkedIn(did(3), 4, 5);
    assertThat(left().get("paused").asBoolean()).isTrue();
    assertThat(one.practice().coach().get("/api/today").body())
        .contains("stopped or paused until you allow it again");
    one.send(
        "POST",
        "/progress/" + Practice.STRETCH + "/words",
        Map.of("sides", List.of("LEFT", "RIGHT"), "word", "ALLOW", "reason", "Rested."));
    assertThat(left().get("paused").asBoolean()).isFalse();
  }

  @Test
  void theForecastNamesDatesAndTheReverseQuestionAnswers() {
    for (int day = 12; day > 1; day--) {
      well(day);
    }
    JsonNode forecast =
        one.get("/progress/" + Practice.STRETCH + "/forecast?side=LEFT&daysAWeek=7");
    assertThat(forecast.get("goalWords").asString()).isEqualTo("4 ×");
    assertThat(forecast.get("full").asString())
        .isLessThanOrEqualTo(forecast.get("middle").asString());
    assertThat(forecast.get("early").asString())
        .isLessThanOrEqualTo(forecast.get("middle").asString());
    assertThat(forecast.get("middle").asString())
        .isLessThanOrEqualTo(forecast.get("late").asString());
    String by = Practice.today().plusDays(60).toString();
    JsonNode often = one.get("/progress/" + Practice.STRETCH + "/often?side=LEFT&by=" + by);
    assertThat(often.get("daysAWeek").asInt()).isBetween(1, 7);
    assertThat(
            one.send("GET", "/progress/" + Practice.STRETCH + "/forecast?side=LEFT&goal=0", null)
                .status())
        .isEqualTo(400);
    assertThat(one.send("GET", "/progress/palm-rub", null).status()).isEqualTo(404);
  }

  @Test
  void whatAnOlderProgramSentIsReadAndWhatIsOutsideIsRefused() {
    Map<String, Object> old =
        Practice.sessionForm(
            null, Practice.morning(3).toString(), Practice.morning(3).plusSeconds(600).toString());
    assertThat(one.send("PUT", "/sessions/" + UUID.randomUUID(), old).status()).isEqualTo(204);
    Map<String, Object> form = Practice.stretchForm(Practice.morning(2));
    Map<String, Object> step = Practice.stepForm(Practice.STRETCH, "15 s", "EACH", 90_000);
    step.put("leftPercent", 101);
    form.put("steps", List.of(step));
    Answer refused = one.send("PUT", "/sessions/" + UUID.randomUUID(), form);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("0 to 100 per cent");
  }

  @Test
  void theSameAnswerOfAMorningSentTwiceAtOnceIsKeptOnce() {
    checkedIn(did(1), 4, 0);
    Map<String, Object> answer = Map.of("pains", List.of(Practice.ache(2)));
    assertThat(AtOnce.times(8, () -> one.send("PUT", "/morning", answer).status()))
        .containsOnly(204);
    assertThat(one.get("/morning").get("answered").asBoolean()).isTrue();
  }

  @Test
  void whatStoppedASessionStaysOutUntilItIsAllowed() {
    checkedIn(did(4), 4, 8);
    assertThat(left().get("stopped").asBoolean()).isTrue();
    Map<String, Object> over = new TreeMap<>(Practice.ache(0));
    over.put("since", null);
    assertThat(one.send("POST", "/health/pains", Map.of("pains", List.of(over))).status())
        .isIn(200, 204);
    assertThat(one.get("/unsuited-exercises").toString())
        .as("the pain is over, and still nobody has cleared it")
        .contains("Stopped until it is cleared: pain 8 while it was done.");
    assertThat(one.practice().coach().get("/api/today").body()).contains("Waits for you");
  }

  @Test
  void anAnswerOfTheMorningIsToldBeforeItIsKept() {
    well(2);
    checkedIn(did(1), 4, 0);
    Answer nothing = one.send("POST", "/morning/consequence", Map.of("pains", List.of()));
    assertThat(nothing.json().toString()).contains("Up from 15 s to 20 s");
    Answer sore =
        one.send("POST", "/morning/consequence", Map.of("pains", List.of(Practice.ache(5))));
    assertThat(sore.json()).hasSize(2);
    JsonNode left = sore.json().get(1);
    assertThat(left.get("sides").get(0).asString()).isEqualTo("LEFT");
    assertThat(left.get("effect").asString()).isEqualTo("LOWERED");
    assertThat(left.get("sentence").asString()).contains("pain 5 the next morning");
    assertThat(one.get("/morning").get("answered").asBoolean()).as("only told").isFalse();
  }

  @Test
  void whatComesNextIsTimedForTheLesserSide() {
    well(5);
    well(4);
    JsonNode ahead = one.get("/progress/ahead").get(0);
    assertThat(ahead.get("ladder").get("exerciseId").asString()).isEqualTo(Practice.STRETCH);
    assertThat(ahead.get("forecast").get("goal").asInt()).isEqualTo(3);
    assertThat(ahead.get("forecast").get("sentence").asString()).isNotEmpty();
  }
}
