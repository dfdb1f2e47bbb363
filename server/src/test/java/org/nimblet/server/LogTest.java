package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** The log: what is kept of a step, what is put right, noted, taken along and brought in. */
@ExtendWith(ServerExtension.class)
class LogTest {

  private OneClient one;

  @BeforeEach
  void takeIn(RunningServer server) {
    one = OneClient.takeIn(server);
  }

  private UUID told(Map<String, Object> form, int effort, int level) {
    UUID session = UUID.randomUUID();
    Answer answer = one.send("PUT", "/sessions/" + session, form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
    answer =
        one.send("PUT", "/sessions/" + session + "/check-in", Practice.checkInForm(effort, level));
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
    return session;
  }

  private UUID well(int daysAgo) {
    return told(Practice.stretchForm(Practice.morning(daysAgo)), 4, 0);
  }

  private JsonNode entry(UUID session) {
    for (JsonNode entry : one.get("/log").get("entries")) {
      if (entry.get("id").asString().equals(session.toString())) {
        return entry;
      }
    }
    throw new AssertionError("session %s is in the log".formatted(session));
  }

  private int leftRung() {
    return one.get("/progress").get("ladders").get(0).get("sides").get(0).get("rung").asInt();
  }

  private Answer correct(UUID session, Map<String, Object> form) {
    return one.send("POST", "/sessions/" + session + "/corrections", form);
  }

  @Test
  void whatWasCountedHeldAndFeltIsKeptWithItsStep() {
    Map<String, Object> form = Practice.stretchForm(Practice.morning(1));
    Map<String, Object> step = Practice.stepForm(Practice.STRETCH, "15 s", "EACH", 90_000);
    Map<String, Object> account = new TreeMap<>();
    account.put("leftHeldMillis", 30_000);
    account.put("rightHeldMillis", 28_500);
    account.put("notesToBeat", 2);
    account.put("repeats", 1);
    account.put("stayedMillis", 0);
    account.put("tighterSide", "LEFT");
    account.put("feltSide", "LEFT");
    account.put("feltRegion", "WRIST_THUMB_SIDE");
    account.put("feltAs", "PULL");
    step.put("account", account);
    form.put("steps", List.of(step));
    UUID session = UUID.randomUUID();
    assertThat(one.send("PUT", "/sessions/" + session, form).status()).isEqualTo(204);
    Map<String, Object> checkIn = Practice.checkInForm(4, 0);
    checkIn.put("results", List.of(Map.of("place", 0, "unit", "SEMITONES", "value", 12)));
    assertThat(one.send("PUT", "/sessions/" + session + "/check-in", checkIn).status())
        .isEqualTo(204);

    JsonNode kept = entry(session).get("steps").get(0);
    assertThat(kept.get("account").get("rightHeldMillis").asInt()).isEqualTo(28_500);
    assertThat(kept.get("account").get("notesToBeat").asInt()).isEqualTo(2);
    assertThat(kept.get("shift").asString()).as("fewer notes are easier").isEqualTo("EASIER");
    assertThat(kept.get("account").get("feltRegion").asString()).isEqualTo("WRIST_THUMB_SIDE");
    assertThat(kept.get("result").asInt()).isEqualTo(12);
    assertThat(kept.get("resultUnit").asString()).isEqualTo("SEMITONES");
  }

  @Test
  void aResultOfAStepThatIsNotThereIsRefusedByName() {
    UUID session = UUID.randomUUID();
    one.send("PUT", "/sessions/" + session, Practice.stretchForm(Practice.morning(1)));
    Map<String, Object> checkIn = Practice.checkInForm(4, 0);
    checkIn.put("results", List.of(Map.of("place", 3, "unit", "FRET", "value", 9)));
    Answer answer = one.send("PUT", "/sessions/" + session + "/check-in", checkIn);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body())
        .contains("results[0].place")
        .contains("must be a step of the session, 0 to 0");
  }

  @Test
  void aCorrectionIsJudgedAnewAndWhatStoodBeforeIsKept() {
    well(5);
    UUID session = well(4);
    assertThat(leftRung()).isEqualTo(1);
    Map<String, Object> half = Practice.correctedStep(40, 100);
    half.put("shortfall", "COULD_NOT");
    Answer answer = correct(session, Practice.correction(List.of(half)));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    JsonNode changed = answer.json().get("changed");
    assertThat(changed).hasSize(1);
    assertThat(changed.get(0).get("side").asString()).isEqualTo("LEFT");
    assertThat(changed.get(0).get("was").asString())
        .isEqualTo("Up from 15 s to 20 s: it went well 2 times.");
    assertThat(changed.get(0).get("now").asString()).contains("15 s").contains("40 %");
    assertThat(leftRung()).isZero();

    JsonNode entry = entry(session);
    assertThat(entry.get("steps").get(0).get("donePercent").asInt()).isEqualTo(70);
    JsonNode before = entry.get("corrections").get(0).get("before");
    assertThat(before.get("steps").get(0).get("leftPercent").asInt()).isEqualTo(100);
    assertThat(before.get("ending").asString()).isEqualTo("DONE");
    assertThat(entry.get("corrections").get(0).get("reason").asString())
        .isEqualTo("Noted on the bus.");
  }

  @Test
  void painIsPutRightWithTheSession() {
    well(5);
    UUID session = told(Practice.stretchForm(Practice.morning(4)), 4, 8);
    assertThat(one.get("/unsuited-exercises").toString()).contains("Stopped until it is cleared");
    Answer answer =
        correct(session, Practice.correction(List.of(Practice.correctedStep(100, 100))));
    assertThat(answer.json().get("changed").toString()).contains("Stopped until it is cleared");
    assertThat(entry(session).get("pains")).isEmpty();
    assertThat(
            entry(session)
                .get("corrections")
                .get(0)
                .get("before")
                .get("after")
                .get(0)
                .get("level")
                .asInt())
        .isEqualTo(8);
    assertThat(leftRung()).as("two good ones, as it was put right").isEqualTo(1);
  }

  @Test
  void aCorrectionNamesWhatIsWrongWithIt() {
    UUID session = well(2);
    assertThat(correct(session, Practice.correction(List.of())).body()).contains("steps");
    Answer two =
        correct(
            session,
            Practice.correction(
                List.of(Practice.correctedStep(1, 1), Practice.correctedStep(1, 1))));
    assertThat(two.status()).isEqualTo(400);
    assertThat(two.body()).contains("must be as many as the session has: 1");
    Map<String, Object> eleven = Practice.correction(List.of(Practice.correctedStep(100, 100)));
    eleven.put("effort", 11);
    assertThat(correct(session, eleven).body()).contains("effort");
    Map<String, Object> silent = Practice.correction(List.of(Practice.correctedStep(100, 100)));
    silent.put("reason", " ");
    assertThat(correct(session, silent).body()).contains("reason");
    assertThat(entry(session).get("corrections")).isEmpty();
  }

  @Test
  void aNoteOfTheCoachIsTheirsAlone() {
    UUID session = well(2);
    String path = "/sessions/" + session + "/note";
    assertThat(one.send("PUT", path, Map.of("words", " Ask about the chair. ")).status())
        .isEqualTo(204);
    assertThat(entry(session).get("note").asString()).isEqualTo("Ask about the chair.");
    HttpCaller client = one.practice().asClient(one.id().toString());
    String own = "/api/clients/" + one.id();
    assertThat(client.get(own + "/log").json().get("entries").get(0).get("note").asString())
        .isEmpty();
    assertThat(client.send("PUT", own + path, Map.of("words", "Mine.")).status()).isEqualTo(403);
    assertThat(one.send("PUT", path, Map.of("words", "")).status()).isEqualTo(204);
    assertThat(entry(session).get("note").asString()).isEmpty();
  }

  @Test
  void whatTwoDevicesPlayedAtOnceIsKeptTwiceAndSaid() {
    Instant began = Practice.morning(2);
    UUID first = told(Practice.stretchForm(began), 4, 0);
    UUID second = told(Practice.stretchForm(began.plusSeconds(120)), 4, 0);
    UUID other = well(1);
    assertThat(entry(first).get("alongside").asBoolean()).isTrue();
    assertThat(entry(second).get("alongside").asBoolean()).isTrue();
    assertThat(entry(other).get("alongside").asBoolean()).isFalse();
    assertThat(one.get("/log").get("entries")).hasSize(3);
  }

  @Test
  void aSessionIsNoLongerThanADay() {
    Map<String, Object> form = Practice.stretchForm(Practice.morning(3));
    form.put("endedAt", Practice.morning(3).plusSeconds(90_000).toString());
    Answer answer = one.send("PUT", "/sessions/" + UUID.randomUUID(), form);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("endedAt").contains("must come within a day");
  }

  // ---- as a file

  private String file() {
    return one.practice().coach().get("/api/clients/" + one.id() + "/log/sessions.csv").body();
  }

  private JsonNode read(String text, boolean keep) {
    Answer answer = one.send("POST", "/log/file?keep=" + keep, Map.of("text", text));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  @Test
  void whatIsTakenAlongCanBeBroughtInSomewhereElse(RunningServer server) {
    well(5);
    UUID second = told(Practice.stretchForm(Practice.morning(4)), 6, 3);
    String file = file();
    assertThat(file).startsWith("session,began,lasted,purpose,state,effort");
    assertThat(file).contains("AFTER LEFT FOREARM_PALM_SIDE 3");
    JsonNode here = read(file, true);
    assertThat(here.get("known").asInt()).isEqualTo(2);
    assertThat(here.get("kept").asBoolean()).isFalse();

    JsonNode before = one.get("/progress").get("ladders");
    // The same person with another coach: sessions of somebody else stay theirs, so other numbers.
    String elsewhere = file.replace(second.toString(), UUID.randomUUID().toString());
    for (JsonNode entry : one.get("/log").get("entries")) {
      elsewhere = elsewhere.replace(entry.get("id").asString(), UUID.randomUUID().toString());
    }
    one = OneClient.takeIn(server);
    JsonNode looked = read(elsewhere, false);
    assertThat(looked.get("fresh").asInt()).isEqualTo(2);
    assertThat(one.get("/log").get("entries")).as("a look keeps nothing").isEmpty();
    assertThat(read(elsewhere, true).get("kept").asBoolean()).isTrue();
    assertThat(one.get("/log").get("entries")).hasSize(2);
    assertThat(one.get("/progress").get("ladders")).isEqualTo(before);
    assertThat(read(elsewhere, true).get("known").asInt()).isEqualTo(2);
  }

  @Test
  void whatDoesNotReadIsNamedByLineAndColumnAndNothingIsKept() {
    well(5);
    String head = file().lines().findFirst().orElseThrow();
    String line = file().lines().skip(1).findFirst().orElseThrow();
    String other = line.replaceFirst("^[^,]+", UUID.randomUUID().toString());
    String[][] cases = {
      {other.replace("RECOVERY", "REST"), "purpose", "WARM_UP"},
      {other.replace(",DONE,", ",OVER,"), "state", "DONE, LEFT, STOPPED"},
      {other.replaceFirst("^[^,]+", "first"), "session", "UUID"},
      {other.replace(",100,100,", ",100,101,"), "right", "from 0 to 100"},
      {other.replaceFirst(",\\d{4}-", ",2999-"), "began", "not in the future"},
    };
    for (String[] one : cases) {
      assertThat(one[0]).as("the case changes something: %s", one[1]).isNotEqualTo(other);
      JsonNode read = read(head + "\n" + one[0] + "\n", true);
      assertThat(read.get("kept").asBoolean()).isFalse();
      assertThat(read.get("problems").toString()).contains("\"line\":2").contains(one[1], one[2]);
    }
    assertThat(read("no,log\n1,2\n", true).get("problems").toString())
        .contains("is missing; a log has the columns");
    assertThat(this.one.get("/log").get("entries")).hasSize(1);
  }
}
