package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** Pain, signs and instructions: dated, kept, and with consequences. */
@ExtendWith(ServerExtension.class)
class HealthTest {

  private record Setting(Practice practice, String clientId) {
    HttpCaller coach() {
      return practice.coach();
    }

    String path(String rest) {
      return "/api/clients/" + clientId + "/health" + rest;
    }

    JsonNode send(String rest, Object body) {
      Answer answer = coach().send("POST", path(rest), body);
      assertThat(answer.status()).as(answer.body()).isEqualTo(200);
      return answer.json();
    }
  }

  private static Setting setting(RunningServer server) {
    Practice practice = new Practice(server);
    return new Setting(practice, practice.takeIn(Practice.clientForm()).get("id").asString());
  }

  private static Map<String, Object> pain(String side, String region, int level, String since) {
    Map<String, Object> form = new TreeMap<>();
    form.put("side", side);
    form.put("region", region);
    form.put("level", level);
    form.put("sensation", null);
    form.put("course", null);
    form.put("since", since);
    return form;
  }

  static Map<String, Object> answer(String sign, boolean yes, String side, List<String> regions) {
    Map<String, Object> form = new TreeMap<>();
    form.put("sign", sign);
    form.put("yes", yes);
    form.put("side", side);
    form.put("regions", regions);
    form.put("since", "");
    return form;
  }

  static Map<String, Object> minded(String kind) {
    Map<String, Object> form = new TreeMap<>();
    form.put("kind", kind);
    form.put("sides", List.of("RIGHT"));
    form.put("condition", null);
    form.put("region", null);
    form.put("movement", null);
    form.put("exerciseId", null);
    form.put("words", "letter of 24 November.");
    form.put("until", null);
    return form;
  }

  @Test
  void painIsDatedAndKeptAndSaysWhatItAsksFor(RunningServer server) {
    Setting setting = setting(server);
    String spring = Practice.today().minusMonths(6).toString();
    setting.send(
        "/pains", Map.of("pains", List.of(pain("RIGHT", "WRIST_LITTLE_FINGER_SIDE", 3, spring))));
    JsonNode health =
        setting.send(
            "/pains", Map.of("pains", List.of(pain("RIGHT", "WRIST_LITTLE_FINGER_SIDE", 4, null))));
    assertThat(health.at("/pains")).hasSize(1);
    assertThat(health.at("/pains/0/level").asInt()).isEqualTo(4);
    assertThat(health.at("/pains/0/course").asString()).isEqualTo("STEADY");
    assertThat(health.at("/pains/0/dose").asString()).isEqualTo("once a day, level held");
    assertThat(health.at("/pains/0/earlier/0/level").asInt()).isEqualTo(3);
  }

  private static JsonNode named(Setting setting, int level, String course) {
    Map<String, Object> pain = pain("LEFT", "PALM", level, null);
    pain.put("course", course);
    return setting.send("/pains", Map.of("pains", List.of(pain))).at("/pains/0");
  }

  @Test
  void thePersonMayNameTheCourseWithoutADay(RunningServer server) {
    Setting setting = setting(server);
    JsonNode steady = named(setting, 3, "STEADY");
    assertThat(steady.get("course").asString()).isEqualTo("STEADY");
    assertThat(steady.get("since").asString()).isEqualTo(Practice.today().minusDays(14).toString());
    JsonNode flared = named(setting, 3, "NEW");
    assertThat(flared.get("course").asString()).isEqualTo("NEW");
    assertThat(flared.get("since").asString()).isEqualTo(Practice.today().toString());
    assertThat(named(setting, 4, "NEW").get("since").asString())
        .as("naming what is known already changes nothing")
        .isEqualTo(Practice.today().toString());
  }

  @Test
  void painFromTheFutureIsRefused(RunningServer server) {
    Setting setting = setting(server);
    String tomorrow = Practice.today().plusDays(2).toString();
    Answer refused =
        setting
            .coach()
            .send(
                "POST",
                setting.path("/pains"),
                Map.of("pains", List.of(pain("LEFT", "PALM", 3, tomorrow))));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().at("/errors/0/field").asString()).isEqualTo("pains[0].since");
  }

  private static JsonNode compose(Setting setting, String purpose) {
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", Practice.draft(setting.clientId(), purpose, 600, List.of()));
    form.put("earlier", List.of());
    Answer answer = setting.coach().send("POST", "/api/bench/compose", form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private static List<String> reasons(JsonNode composed) {
    List<String> reasons = new ArrayList<>();
    composed.at("/leftOut").forEach(out -> reasons.add(out.get("reason").asString()));
    return reasons;
  }

  /** A sign blocks composing, the check and playing, until the clinician's word is recorded. */
  @Test
  void aSignBlocksEverywhereUntilItIsCleared(RunningServer server) {
    Setting setting = setting(server);
    JsonNode health =
        setting.send(
            "/screenings",
            Map.of(
                "answers",
                List.of(
                    answer("PINS_AND_NEEDLES", true, "LEFT", List.of("RING_FINGER")),
                    answer("PINS_AND_NEEDLES", true, "RIGHT", List.of("RING_FINGER")),
                    answer("NIGHT_PAIN", false, null, List.of()))));
    assertThat(health.at("/signs/0/answer").asString()).isEqualTo("YES");
    assertThat(health.at("/signs/0/consequence").asString())
        .isEqualTo(
            "No strengthening and no intense stretching for the left hand and forearm, no bent"
                + " wrist held, no straightening of the elbow and nothing for the neck, until a"
                + " clinician has cleared it.");
    assertThat(reasons(compose(setting, "STRENGTH")))
        .anyMatch(reason -> reason.startsWith("Waits for a clinician: pins and needles"));
    Map<String, Object> draft =
        Practice.draft(
            setting.clientId(),
            "STRENGTH",
            600,
            List.of(Practice.stepDraft("a", "fast-open-and-close")));
    JsonNode check = setting.coach().send("POST", "/api/bench/check", draft).json();
    assertThat(check.at("/findings/0/rule").asString()).isEqualTo("referral-sign");
    assertThat(check.at("/findings/0/severity").asString()).isEqualTo("STOP");
    assertThat(setting.coach().send("POST", "/api/bench/repairs", draft).json().at("/0").asString())
        .isEqualTo("leave it out");
    assertThat(check.at("/signs")).hasSize(2);
    JsonNode play = setting.coach().send("POST", "/api/bench/play", draft).json();
    assertThat(play.at("/steps")).isEmpty();
    assertThat(play.at("/leftOut/0/reason").asString()).contains("Waits for a clinician");

    for (JsonNode sign : health.at("/signs")) {
      if (sign.get("answer").asString().equals("YES")) {
        health =
            setting.send(
                "/screenings/" + sign.get("id").asString() + "/clearance",
                Map.of("words", "Seen by a hand therapist; everything may start again."));
      }
    }
    assertThat(health.at("/signs/0/answer").asString()).isEqualTo("CLEARED");
    assertThat(health.at("/history")).hasSize(5);
    assertThat(reasons(compose(setting, "STRENGTH")))
        .noneMatch(reason -> reason.startsWith("Waits for a clinician"));
    assertThat(setting.coach().send("POST", "/api/bench/check", draft).json().at("/signs"))
        .isEmpty();
  }

  @Test
  void aSignThatIsThereNeedsAPlace(RunningServer server) {
    Setting setting = setting(server);
    Answer refused =
        setting
            .coach()
            .send(
                "POST",
                setting.path("/screenings"),
                Map.of("answers", List.of(answer("WEAKNESS", true, null, List.of()))));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().at("/errors/0/message").asString()).contains("at least one place");
  }

  @Test
  void whatAClinicianKeepsOutHoldsUntilItEnds(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> noBendingBack = minded("KEEP_OUT");
    noBendingBack.put("movement", "WRIST_EXTENSION");
    JsonNode health = setting.send("/minded", noBendingBack);
    assertThat(health.at("/minded/0/name").asString())
        .isEqualTo("bending back of the wrist, right");
    assertThat(health.at("/minded/0/holds").asBoolean()).isTrue();
    assertThat(reasons(compose(setting, "COOL_DOWN")))
        .contains(
            "Asks for bending back of the wrist, to its end or under load, on the right: letter of"
                + " 24 November.");
    String id = health.at("/minded/0/id").asString();
    Answer ended = setting.coach().send("DELETE", setting.path("/minded/" + id), null);
    assertThat(ended.json().at("/minded/0/holds").asBoolean()).isFalse();
    assertThat(reasons(compose(setting, "COOL_DOWN")))
        .noneMatch(reason -> reason.contains("letter of 24 November"));
  }

  @Test
  void aConditionChangesWhatIsComposed(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> carpal = minded("CONDITION");
    carpal.put("condition", "CARPAL_TUNNEL");
    carpal.put("sides", List.of("LEFT", "RIGHT"));
    setting.send("/minded", carpal);
    assertThat(reasons(compose(setting, "COOL_DOWN")))
        .contains(
            "Not with carpal tunnel syndrome. Wrist straight. Nothing bends it forward to its end or"
                + " under load, no weight on a bent wrist; gently bent back for at most 30 s.");
  }

  @Test
  void anInstructionNamesWhatItIsAbout(RunningServer server) {
    Setting setting = setting(server);
    for (Map<String, Object> wrong :
        List.of(minded("CONDITION"), minded("KEEP_OUT"), minded("ALLOW"), minded("JOINT_LIMIT"))) {
      Answer refused = setting.coach().send("POST", setting.path("/minded"), wrong);
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.json().at("/errors/0/field").asString()).isEqualTo("kind");
    }
    Map<String, Object> nowhere = minded("CONDITION");
    nowhere.put("condition", "OLD_INJURY");
    nowhere.put("region", "FOREARM_PALM_SIDE");
    nowhere.put("exerciseId", "palm-rub");
    nowhere.put("sides", List.of());
    Answer sideless = setting.coach().send("POST", setting.path("/minded"), nowhere);
    assertThat(sideless.status()).as("it failed, found by the fuzzer").isEqualTo(400);
    assertThat(sideless.json().at("/errors/0/field").asString()).isEqualTo("sides");
    Map<String, Object> unknown = minded("ALLOW");
    unknown.put("exerciseId", "nothing-like-it");
    assertThat(setting.coach().send("POST", setting.path("/minded"), unknown).body())
        .contains("(nothing-like-it) is no exercise of the library.");
  }

  @Test
  void howFarAJointGoesIsSaidWhereItIsWorked(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> limit = minded("JOINT_LIMIT");
    limit.put("region", "WRIST_THUMB_SIDE");
    limit.put("words", "about 40° back.");
    setting.send("/minded", limit);
    JsonNode check =
        setting
            .coach()
            .send(
                "POST",
                "/api/bench/check",
                Practice.draft(
                    setting.clientId(),
                    "COOL_DOWN",
                    600,
                    List.of(Practice.stepDraft("a", "palm-up-fingers-back"))))
            .json();
    String asFar = "As far as it goes, right wrist, thumb side: about 40° back.";
    assertThat(check.at("/steps/0/cautions/0").asString()).isEqualTo(asFar);
    JsonNode play =
        setting
            .coach()
            .send(
                "POST",
                "/api/bench/play",
                Practice.draft(
                    setting.clientId(),
                    "COOL_DOWN",
                    600,
                    List.of(Practice.stepDraft("a", "palm-up-fingers-back"))))
            .json();
    assertThat(play.at("/steps/0/setUp").asString()).endsWith(asFar);
  }

  @Test
  void aClientTellsOfPainButDoesNotClearSigns(RunningServer server) {
    Setting setting = setting(server);
    HttpCaller client = setting.practice().asClient(setting.clientId());
    assertThat(
            client
                .send(
                    "POST",
                    setting.path("/pains"),
                    Map.of("pains", List.of(pain("LEFT", "PALM", 2, null))))
                .status())
        .isEqualTo(200);
    assertThat(client.send("POST", setting.path("/minded"), minded("CONDITION")).status())
        .isEqualTo(403);
  }
}
