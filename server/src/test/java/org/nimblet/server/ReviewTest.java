package org.nimblet.server;

import static java.util.Locale.ROOT;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
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

/** Some weeks are looked at, and the next ones made of what was decided. */
@ExtendWith(ServerExtension.class)
class ReviewTest {

  private OneClient one;

  @BeforeEach
  void onAProgramme(RunningServer server) {
    one = OneClient.takeIn(server);
    LocalDate today = Practice.today();
    Map<String, Object> form =
        new TreeMap<>(
            WeekTest.programme(
                List.of(
                    WeekTest.obligation("RECOVERY", "DAILY", "EVENING", false),
                    WeekTest.obligation("STRENGTH", "THREE_A_WEEK", "NOON", true))));
    form.put("startsOn", today.minusDays(27).toString());
    form.put("reviewsOn", today.toString());
    form.put("endsOn", today.plusDays(10).toString());
    Answer answer = one.send("PUT", "/programme", form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
  }

  private void did(int daysAgo, int effort) {
    UUID session = UUID.randomUUID();
    Instant began = Practice.morning(daysAgo);
    assertThat(one.send("PUT", "/sessions/" + session, Practice.stretchForm(began)).status())
        .isEqualTo(204);
    assertThat(
            one.send("PUT", "/sessions/" + session + "/check-in", Practice.checkInForm(effort, 0))
                .status())
        .isEqualTo(204);
  }

  private JsonNode review() {
    return one.get("/review");
  }

  private JsonNode next(String verdict) {
    Answer answer = one.send("POST", "/review/next", Practice.verdicts(0, verdict));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private String frequency(int place) {
    return one.get("/programme")
        .get(0)
        .get("programme")
        .get("obligations")
        .get(place)
        .get("frequency")
        .asString();
  }

  @Test
  void everyQuestionHasAnAnswerByARule() {
    did(3, 4);
    JsonNode review = review();
    assertThat(review.get("due").asBoolean()).isTrue();
    assertThat(review.get("findings")).hasSize(4);
    for (JsonNode finding : review.get("findings")) {
      assertThat(finding.get("because").asString()).endsWith(".");
      assertThat(finding.get("choices")).hasSize(4);
    }
    assertThat(review.get("findings").get(1).get("says").asString()).isEqualTo("Nothing hurt");
  }

  @Test
  void backingOffMakesWhatStandsFreeRarer() {
    JsonNode next = next("BACK_OFF");
    assertThat(next.get("changes").asInt()).isEqualTo(2);
    assertThat(next.get("lines").get(0).get("words").asString())
        .isEqualTo("every second day, was daily");
    assertThat(next.get("lines").get(0).get("change").asString()).isEqualTo("DOWN");
    assertThat(next.get("weeks").asInt()).isEqualTo(4);
  }

  @Test
  void steppingOnMakesItOftenerWithADayOfRestWhereItIsHeavy() {
    JsonNode lines = next("STEP_ON").get("lines");
    assertThat(lines.get(0).get("change").asString()).as("daily is the most").isEqualTo("SAME");
    assertThat(lines.get(1).get("words").asString())
        .isEqualTo("every second day, was three times a week");
  }

  @Test
  void aReferralChangesNothingAndLooksAgainInAWeek() {
    JsonNode next = next("REFER");
    assertThat(next.get("changes").asInt()).isZero();
    assertThat(next.get("weeks").asInt()).isEqualTo(1);
  }

  @Test
  void takenOverItMovesTheProgrammeTheRungsAndTheNextLook() {
    for (int daysAgo = 12; daysAgo > 4; daysAgo--) {
      did(daysAgo, 4);
    }
    int rung = one.get("/progress").get("ladders").get(0).get("sides").get(0).get("rung").asInt();
    assertThat(rung).isPositive();
    long version = review().get("version").asLong();
    Answer taken = one.send("POST", "/review", Practice.verdicts(version, "BACK_OFF"));
    assertThat(taken.status()).as(taken.body()).isEqualTo(204);
    assertThat(frequency(0)).isEqualTo("EVERY_SECOND_DAY");
    assertThat(frequency(1)).isEqualTo("TWICE_A_WEEK");
    JsonNode side = one.get("/progress").get("ladders").get(0).get("sides").get(0);
    assertThat(side.get("rung").asInt()).isEqualTo(rung - 1);
    assertThat(side.get("last").asString()).contains("when the weeks since");
    JsonNode progress = one.get("/progress");
    assertThat(progress.get("lookedOn").asString()).isEqualTo(Practice.today().toString());
    assertThat(progress.get("decided").toString())
        .as("what changed since one looked")
        .doesNotContain("Up from");
    JsonNode after = review();
    assertThat(after.get("due").asBoolean()).isFalse();
    assertThat(after.get("past").get(0).get("answers").get(0).get("verdict").asString())
        .isEqualTo("BACK_OFF");
    assertThat(one.practice().coach().get("/api/today").body()).doesNotContain("Review due");

    Answer again = one.send("POST", "/review", Practice.verdicts(version, "BACK_OFF"));
    assertThat(again.status()).as("somebody else took it over meanwhile").isEqualTo(409);
    assertThat(frequency(0)).isEqualTo("EVERY_SECOND_DAY");
    assertThat(review().get("past")).hasSize(1);
  }

  private Map<String, Object> changed(
      long version, Map<String, String> frequencies, List<String> left) {
    Map<String, Object> form = new TreeMap<>(Practice.verdicts(version, "BACK_OFF"));
    form.put("frequencies", frequencies);
    form.put("left", left);
    return form;
  }

  private int rungOf(String titleAndSide) {
    for (JsonNode ladder : one.get("/progress").get("ladders")) {
      for (JsonNode side : ladder.get("sides")) {
        String title =
            "%s, %s"
                .formatted(
                    ladder.get("title").asString(), side.get("side").asString().toLowerCase(ROOT));
        if (title.equals(titleAndSide)) {
          return side.get("rung").asInt();
        }
      }
    }
    throw new AssertionError("no ladder " + titleAndSide);
  }

  @Test
  void whatTheVerdictsMakeIsChangedByHandLineByLine() {
    for (int daysAgo = 12; daysAgo > 4; daysAgo--) {
      did(daysAgo, 4);
    }
    JsonNode next = next("BACK_OFF");
    String recovery = next.at("/lines/0/key").asString();
    String strength = next.at("/lines/1/key").asString();
    JsonNode rung = next.at("/lines/2");
    assertThat(rung.get("kind").isNull()).isFalse();
    assertThat(next.at("/lines/1/frequencies").findValuesAsString("frequency"))
        .as("heavy work has a day of rest between")
        .contains("EVERY_SECOND_DAY")
        .doesNotContain("DAILY");
    Map<String, Object> form =
        changed(
            review().get("version").asLong(),
            Map.of(recovery, "MORNING_AND_NIGHT", strength, "BY_PAIN"),
            List.of(rung.get("key").asString()));
    JsonNode by = one.sent("POST", "/review/next", form);
    assertThat(by.at("/lines/0/words").asString()).isEqualTo("daily, morning and night, was daily");
    assertThat(by.at("/lines/0/change").asString()).isEqualTo("UP");
    assertThat(by.at("/lines/0/byHand").asBoolean()).isTrue();
    assertThat(by.at("/lines/1/change").asString()).isEqualTo("OTHERWISE");
    assertThat(by.at("/lines/2/words").asString()).startsWith("stays at");
    assertThat(by.at("/lines/2/change").asString()).isEqualTo("SAME");
    int before = rungOf(rung.get("title").asString());
    assertThat(one.send("POST", "/review", form).status()).isEqualTo(204);
    assertThat(frequency(0)).isEqualTo("MORNING_AND_NIGHT");
    assertThat(frequency(1)).isEqualTo("BY_PAIN");
    assertThat(rungOf(rung.get("title").asString())).isEqualTo(before);
  }

  @Test
  void whatCannotComeSoOftenIsRefusedWithWhatCan() {
    String strength = next("MAINTAIN").at("/lines/1/key").asString();
    Answer daily =
        one.send("POST", "/review/next", changed(0, Map.of(strength, "DAILY"), List.of()));
    assertThat(daily.status()).isEqualTo(400);
    assertThat(daily.json().at("/errors/0/field").asString()).isEqualTo("frequencies");
    assertThat(daily.body()).contains("strength, heavy", "every second day");
    Answer unknown =
        one.send("POST", "/review/next", changed(0, Map.of("nothing", "DAILY"), List.of()));
    assertThat(unknown.status()).isEqualTo(400);
    assertThat(unknown.body()).contains("nothing");
  }

  @Test
  void everyQuestionNeedsAVerdict() {
    Answer answer =
        one.send(
            "POST",
            "/review/next",
            Map.of(
                "version",
                0,
                "verdicts",
                Map.of("KEPT", "MAINTAIN"),
                "frequencies",
                Map.of(),
                "left",
                List.of()));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("verdicts").contains("PAIN");
    assertThat(
            one.send(
                    "POST",
                    "/review/next",
                    Map.of(
                        "version",
                        0,
                        "verdicts",
                        Map.of("KEPT", "PERHAPS"),
                        "frequencies",
                        Map.of(),
                        "left",
                        List.of()))
                .status())
        .isEqualTo(400);
  }

  @Test
  void whoIsOnNoProgrammeHasNothingToLookAt(RunningServer server) {
    OneClient other = OneClient.takeIn(server);
    assertThat(other.send("GET", "/review", null).status()).isEqualTo(404);
  }
}
