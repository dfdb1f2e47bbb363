package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.AtOnce;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(ServerExtension.class)
class SessionTest {

  private record Setting(Practice practice, String client, String block, Instant ended) {
    static Setting in(RunningServer server) {
      Practice practice = new Practice(server);
      JsonNode client = practice.takeIn(Practice.clientForm());
      Instant ended = Instant.now(Practice.CLOCK).truncatedTo(ChronoUnit.SECONDS);
      JsonNode block = practice.putBlock(client, dateOf(ended), "23:00", "23:30");
      return new Setting(
          practice,
          "/api/clients/" + client.get("id").asString(),
          block.get("id").asString(),
          ended);
    }

    /** The date on which the session began, ten minutes before it ended. */
    static LocalDate dateOf(Instant ended) {
      return LocalDate.ofInstant(ended.minusSeconds(600), ZoneOffset.UTC);
    }

    Map<String, Object> form() {
      return Practice.sessionForm(block, ended.minusSeconds(600).toString(), ended.toString());
    }

    Answer put(UUID session, Object form) {
      return practice.coach().send("PUT", client + "/sessions/" + session, form);
    }

    Answer checkIn(UUID session, Map<String, Object> form) {
      return practice.coach().send("PUT", client + "/sessions/" + session + "/check-in", form);
    }

    JsonNode log() {
      return practice.coach().get(client + "/log").json();
    }
  }

  private static Map<String, Object> pain(String region, int level, String sensation) {
    Map<String, Object> pain = new HashMap<>();
    pain.put("side", "LEFT");
    pain.put("region", region);
    pain.put("level", level);
    pain.put("sensation", sensation);
    return pain;
  }

  private static Map<String, Object> checkInForm(List<Map<String, Object>> pains) {
    Map<String, Object> form = new HashMap<>();
    form.put("effort", 5);
    form.put("pains", pains);
    form.put("tighterSide", "LEFT");
    form.put("words", "Fine by the end.");
    return form;
  }

  @Test
  void whatHappenedStandsInTheLogAndOnTheRibbon(RunningServer server) {
    Setting setting = Setting.in(server);
    UUID session = UUID.randomUUID();
    assertThat(setting.put(session, setting.form()).status()).isEqualTo(204);
    assertThat(
            setting.checkIn(session, checkInForm(List.of(pain("RING_FINGER", 2, "BURN")))).status())
        .isEqualTo(204);
    JsonNode entry = setting.log().at("/entries/0");
    assertThat(entry.get("title").asString()).isEqualTo("Warm-up before Practice");
    assertThat(entry.get("effort").asInt()).isEqualTo(5);
    assertThat(entry.get("words").asString()).isEqualTo("Fine by the end.");
    assertThat(entry.at("/steps/0/title").asString()).isEqualTo("Palm rub");
    assertThat(entry.at("/pains/0/regionWord").asString()).isEqualTo("ring finger");
    JsonNode peg =
        setting
            .practice()
            .coach()
            .get(setting.client() + "/day?date=" + Setting.dateOf(setting.ended()))
            .json()
            .at("/pegs/0");
    assertThat(peg.get("state").asString()).isEqualTo("DONE");
  }

  @Test
  void theSameThingSentTwiceIsStoredOnce(RunningServer server) {
    Setting setting = Setting.in(server);
    UUID session = UUID.randomUUID();
    Map<String, Object> checkIn = checkInForm(List.of(pain("PALM", 3, null)));
    for (int i = 0; i < 2; i++) {
      assertThat(setting.put(session, setting.form()).status()).isEqualTo(204);
      assertThat(setting.checkIn(session, checkIn).status()).isEqualTo(204);
    }
    assertThat(setting.log().get("entries")).hasSize(1);
    assertThat(setting.log().at("/entries/0/pains")).hasSize(1);
    assertThat(setting.log().at("/entries/0/steps")).hasSize(1);
  }

  @Test
  void skippingThroughToTheEndIsLeavingMidway(RunningServer server) {
    Setting setting = Setting.in(server);
    Map<String, Object> form = setting.form();
    @SuppressWarnings("unchecked") // made by this test
    Map<String, Object> step =
        new HashMap<>((Map<String, Object>) ((List<?>) form.get("steps")).get(0));
    step.put("donePercent", 20);
    step.put("outcome", "SKIPPED");
    form.put("steps", List.of(step));
    assertThat(setting.put(UUID.randomUUID(), form).status()).isEqualTo(204);
    assertThat(setting.log().at("/entries/0/state").asString()).isEqualTo("LEFT");
  }

  @Test
  void copiesAtOnceAreStoredOnce(RunningServer server) {
    Setting setting = Setting.in(server);
    UUID session = UUID.randomUUID();
    assertThat(AtOnce.times(20, () -> setting.put(session, setting.form()).status()))
        .containsOnly(204);
    assertThat(setting.log().get("entries")).hasSize(1);
    assertThat(setting.log().at("/entries/0/steps")).hasSize(1);
  }

  @Test
  void aThousandCheckInsAtOnceAreStoredOnce(RunningServer server) {
    Setting setting = Setting.in(server);
    UUID session = UUID.randomUUID();
    setting.put(session, setting.form());
    Map<String, Object> form =
        checkInForm(List.of(pain("PALM", 3, null), pain("RING_FINGER", 2, "BURN")));
    assertThat(AtOnce.times(1000, () -> setting.checkIn(session, form).status())).containsOnly(204);
    assertThat(setting.log().at("/entries/0/pains")).hasSize(2);
  }

  /** What was done offline is told later, when its block may be gone. */
  @Test
  void aSessionOutlivesItsBlockAndAClockThatIsAhead(RunningServer server) {
    Setting setting = Setting.in(server);
    HttpCaller coach = setting.practice().coach();
    assertThat(coach.send("DELETE", setting.client() + "/blocks/" + setting.block(), null).status())
        .isBetween(200, 204);
    Map<String, Object> form = setting.form();
    form.put("hurts", List.of(pain("PALM", 6, "ACHE")));
    form.put("beganAt", setting.ended().plusSeconds(3000).toString());
    form.put("endedAt", setting.ended().plusSeconds(3600).toString());
    assertThat(setting.put(UUID.randomUUID(), form).status()).isEqualTo(204);
    JsonNode entry = setting.log().at("/entries/0");
    assertThat(entry.get("title").asString()).isEqualTo("Warm-up");
    assertThat(entry.at("/pains/0/level").asInt()).isEqualTo(6);
    assertThat(entry.get("lastedMillis").asLong()).isEqualTo(600_000);
    LocalDateTime began =
        LocalDate.parse(entry.get("date").asString())
            .atTime(LocalTime.parse(entry.get("beganAt").asString()));
    assertThat(began.toInstant(ZoneOffset.UTC)).isBefore(setting.ended().plusSeconds(60));
  }

  @Test
  void anIdentifierOfSomebodyElsesSessionIsNotFound(RunningServer server) {
    Setting mine = Setting.in(server);
    Setting theirs = Setting.in(server);
    UUID session = UUID.randomUUID();
    assertThat(mine.put(session, mine.form()).status()).isEqualTo(204);
    assertThat(theirs.put(session, theirs.form()).status()).isEqualTo(404);
    assertThat(theirs.checkIn(session, checkInForm(List.of())).status()).isEqualTo(404);
  }

  @Test
  void namesWhatIsWrong(RunningServer server) {
    Setting setting = Setting.in(server);
    Map<String, Object> form = setting.form();
    form.put("steps", List.of());
    form.put("hurts", List.of(pain("ELBOW", 11, null)));
    Answer answer = setting.put(UUID.randomUUID(), form);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors").findValuesAsString("field"))
        .contains("hurts[0].level", "steps");

    // One number of this kind broke the roster of the whole practice for good.
    Map<String, Object> endless = setting.form();
    endless.put("plannedMillis", Long.MAX_VALUE);
    assertThat(setting.put(UUID.randomUUID(), endless).body()).contains("At most 2 h.");
    Map<String, Object> early = setting.form();
    early.put("beganAt", "0001-01-01T00:00:00Z");
    assertThat(setting.put(UUID.randomUUID(), early).body()).contains("of the years 1900 to 2199");

    Map<String, Object> unknown = new HashMap<>(setting.form());
    @SuppressWarnings("unchecked") // made by this test
    Map<String, Object> step =
        new HashMap<>((Map<String, Object>) ((List<?>) unknown.get("steps")).get(0));
    step.put("exerciseId", "elbow-grease");
    unknown.put("steps", List.of(step));
    assertThat(setting.put(UUID.randomUUID(), unknown).json().at("/errors/0/message").asString())
        .isEqualTo("Exercise of step 1 (elbow-grease) is no exercise of the library.");
    assertThat(setting.log().get("entries")).isEmpty();
  }

  @Test
  void painFromACheckInKeepsExercisesOutOfTheNextWarmUp(RunningServer server) {
    Setting setting = Setting.in(server);
    String warmUp = setting.client() + "/blocks/" + setting.block() + "/warm-up";
    assertThat(setting.practice().coach().get(warmUp).body()).contains("\"tendon-sequence\"");
    UUID session = UUID.randomUUID();
    setting.put(session, setting.form());
    setting.checkIn(session, checkInForm(List.of(pain("PALM", 7, "ACHE"))));
    JsonNode routine = setting.practice().coach().get(warmUp).json().get("routine");
    assertThat(routine.at("/steps").findValuesAsString("exerciseId"))
        .isNotEmpty()
        .doesNotContain("tendon-sequence", "palms-together-lowering");
    assertThat(routine.at("/steps").valueStream())
        .filteredOn(step -> step.get("exerciseId").asString().equals("palm-up-fingers-back"))
        .allSatisfy(
            step ->
                assertThat(step.get("laterality").asString())
                    .as("the other side goes on")
                    .isEqualTo("ONE_SIDE"));
    assertThat(routine.at("/leftOut").findValuesAsString("reason"))
        .contains("Uses the palm on the left, where pain is 7 of 10.");
    JsonNode today = setting.practice().coach().get("/api/today").json();
    assertThat(today.at("/rows/0/attention/0/heading").asString()).isEqualTo("Strong pain");
  }

  @Test
  void whatWasDoneTodayWeighsLessNextTime(RunningServer server) {
    Setting setting = Setting.in(server);
    String warmUp = setting.client() + "/blocks/" + setting.block() + "/warm-up";
    JsonNode first = setting.practice().coach().get(warmUp).json().at("/routine/steps/0");
    assertThat(first.get("reason").asString()).contains("not done yet");
    Map<String, Object> form = setting.form();
    @SuppressWarnings("unchecked") // made by this test
    Map<String, Object> step =
        new HashMap<>((Map<String, Object>) ((List<?>) form.get("steps")).get(0));
    step.put("exerciseId", first.get("exerciseId").asString());
    form.put("steps", List.of(step));
    setting.put(UUID.randomUUID(), form);
    JsonNode steps = setting.practice().coach().get(warmUp).json().at("/routine/steps");
    assertThat(steps.valueStream())
        .as("taken again, it says so; or something else has its place")
        .allSatisfy(
            later -> {
              if (later.get("exerciseId").equals(first.get("exerciseId"))) {
                assertThat(later.get("reason").asString()).contains("done earlier today");
              }
            });
    assertThat(steps.get(0)).isNotEqualTo(first);
  }

  @Test
  void aBlockThatBeganWithoutItsWarmUpIsMissed(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    practice.putBlock(client, Practice.today().minusDays(1), "12:00", "13:00");
    String path = "/api/clients/" + client.get("id").asString();
    JsonNode log = practice.coach().get(path + "/log").json();
    assertThat(log.get("missed")).hasSize(1);
    JsonNode day = practice.coach().get(path + "/day?date=" + Practice.today().minusDays(1)).json();
    assertThat(day.at("/pegs/0/state").asString()).isEqualTo("MISSED");
    assertThat(day.get("missed").asInt()).isEqualTo(1);
  }
}
