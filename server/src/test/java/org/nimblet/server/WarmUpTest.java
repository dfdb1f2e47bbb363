package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(ServerExtension.class)
class WarmUpTest {

  private static final LocalDate TOMORROW = Practice.today().plusDays(1);

  private static String path(JsonNode client) {
    return "/api/clients/" + client.get("id").asString();
  }

  private static JsonNode warmUp(Practice practice, JsonNode client, JsonNode block) {
    return practice
        .coach()
        .get(path(client) + "/blocks/" + block.get("id").asString() + "/warm-up")
        .json();
  }

  @Test
  void endsToTheMillisecondAsTheBlockStarts(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    JsonNode routine = warmUp(practice, client, block).get("routine");
    Instant start = Instant.parse(routine.get("start").asString());
    Instant end = Instant.parse(routine.get("end").asString());
    assertThat(end).isEqualTo(TOMORROW + "T18:00:00Z");
    assertThat(Duration.between(start, end).toMillis())
        .isEqualTo(routine.get("lengthMillis").asLong())
        .isBetween(540_000L, 600_000L);
    JsonNode lastCue = routine.get("cues").get(routine.get("cues").size() - 1);
    assertThat(lastCue.get("offsetMillis").asLong() + lastCue.get("durationMillis").asLong())
        .isEqualTo(routine.get("lengthMillis").asLong());
    assertThat(routine.at("/steps/0/reason").asString()).endsWith(".");
    assertThat(routine.get("leftOut")).isNotEmpty();
    assertThat(routine.at("/safety/stopRules")).isNotEmpty();
  }

  @Test
  void movesWithItsBlockAndIsComposedAnewForOtherMinutes(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    Map<String, Object> form =
        Practice.blockForm(Practice.firstActivity(client), TOMORROW, "18:30", "19:30");
    assertThat(
            practice
                .coach()
                .send("PUT", path(client) + "/blocks/" + block.get("id").asString(), form)
                .status())
        .isEqualTo(200);
    JsonNode peg =
        practice.coach().get(path(client) + "/day?date=" + TOMORROW).json().at("/pegs/0");
    assertThat(peg.get("end").asString()).isEqualTo(TOMORROW + "T18:30:00Z");
    assertThat(peg.get("state").asString()).isEqualTo("PLANNED");

    Map<String, Object> facts = Practice.clientForm();
    facts.put("warmUpMinutes", 5);
    facts.put("activities", java.util.List.of(withId(client)));
    assertThat(practice.coach().send("PUT", path(client), facts).status()).isEqualTo(200);
    assertThat(warmUp(practice, client, block).at("/routine/lengthMillis").asLong())
        .isBetween(240_000L, 300_000L);
  }

  private static Map<String, Object> withId(JsonNode client) {
    Map<String, Object> activity = Practice.activityForm();
    activity.put("id", Practice.firstActivity(client));
    return activity;
  }

  @Test
  void isShortenedOrLeftOutWithTheReason(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    practice.putBlock(client, TOMORROW, "10:00", "11:00");
    JsonNode soon = practice.putBlock(client, TOMORROW, "11:10", "12:00");
    JsonNode leftOut = warmUp(practice, client, soon);
    assertThat(leftOut.get("routine").isNull()).isTrue();
    assertThat(leftOut.get("reason").asString())
        .isEqualTo("Left out: the same hands worked until less than 20 min before.");
    JsonNode early = practice.putBlock(client, TOMORROW, "00:05", "00:30");
    JsonNode shortened = warmUp(practice, client, early);
    assertThat(shortened.get("reason").asString())
        .isEqualTo("Shortened from 10 min to 5 min: no more is free before it.");
    assertThat(shortened.at("/routine/lengthMillis").asLong()).isLessThanOrEqualTo(300_000);
  }

  @Test
  void aClockChangeDoesNotMoveTheBlockFromItsLocalTime(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("timeZone", "Europe/Lisbon");
    JsonNode client = practice.takeIn(form);
    // Summer time in Lisbon begins on 28 March 2027 and ends on 31 October 2027.
    JsonNode winter = practice.putBlock(client, LocalDate.of(2027, 3, 27), "18:00", "19:00");
    JsonNode summer = practice.putBlock(client, LocalDate.of(2027, 3, 28), "18:00", "19:00");
    assertThat(warmUp(practice, client, winter).at("/routine/end").asString())
        .isEqualTo("2027-03-27T18:00:00Z");
    assertThat(warmUp(practice, client, summer).at("/routine/end").asString())
        .isEqualTo("2027-03-28T17:00:00Z");
    assertThat(warmUp(practice, client, summer).at("/routine/endsAt").asString())
        .startsWith("18:00");
  }

  @Test
  void aBlockMustBelongToAnActivityAndHaveTimes(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    Map<String, Object> form =
        Practice.blockForm(java.util.UUID.randomUUID().toString(), TOMORROW, "14:00", "15:00");
    Answer foreign = practice.coach().send("POST", path(client) + "/blocks", form);
    assertThat(foreign.json().at("/errors/0/field").asString()).isEqualTo("activityId");
    form.put("startsAt", "quarter past");
    Answer time = practice.coach().send("POST", path(client) + "/blocks", form);
    assertThat(time.json().at("/errors/0/message").asString())
        .isEqualTo("Start (quarter past) must be a time such as 18:30.");
  }

  @Test
  void twoPeopleMovingOneBlockAreToldWhatDiffers(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    String own = path(client) + "/blocks/" + block.get("id").asString();
    Map<String, Object> first =
        Practice.blockForm(Practice.firstActivity(client), TOMORROW, "18:30", "19:30");
    assertThat(practice.coach().send("PUT", own, first).status()).isEqualTo(200);
    Map<String, Object> second =
        Practice.blockForm(Practice.firstActivity(client), TOMORROW, "17:00", "19:30");
    Answer conflict = practice.coach().send("PUT", own, second);
    assertThat(conflict.status()).isEqualTo(409);
    assertThat(conflict.json().at("/changed/0").asString()).isEqualTo("startsAt");
    assertThat(conflict.json().at("/current/block/startsAt").asString()).startsWith("18:30");
  }

  /** "I have four minutes, standing, no things": composed at once, and half a line is no error. */
  @Test
  void aMomentIsSaidInALine(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode read = one.get("/moments?said=4%20min%2C%20seated%2C%20no%20things");
    assertThat(read.get("understood").asBoolean()).isTrue();
    assertThat(read.get("words").asString()).isEqualTo("Break of 4 min, sitting, without things");
    assertThat(one.get("/moments?said=seated").get("words").asString()).startsWith("Say how long");
    JsonNode played = one.get("/moments/play?said=4%20min%2C%20seated%2C%20no%20things");
    assertThat(played.get("lengthMillis").asLong()).isBetween(120_000L, 240_000L);
    assertThat(played.get("steps")).isNotEmpty();
    Answer floor = one.send("GET", "/moments/play?said=9%20min%20on%20the%20floor", null);
    assertThat(floor.status()).isEqualTo(400);
    assertThat(floor.json().at("/errors/0/message").asString())
        .contains("none of the positions that are possible");
    assertThat(one.send("GET", "/moments/play?said=standing", null).status()).isEqualTo(400);
  }
}
