package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The bench: composing, checking and keeping routines. */
@ExtendWith(ServerExtension.class)
class BenchTest {

  private record Setting(Practice practice, String clientId) {
    JsonNode post(String path, Object body) {
      Answer answer = practice.coach().send("POST", path, body);
      assertThat(answer.status()).as(answer.body()).isIn(200, 201);
      return answer.json();
    }

    /** A cool-down of ten minutes. */
    Map<String, Object> coolDown(List<Map<String, Object>> steps) {
      return Practice.draft(clientId, "COOL_DOWN", 600, steps);
    }
  }

  private static Setting setting(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("positions", List.of("SIT", "AT_INSTRUMENT", "STAND", "FLOOR"));
    form.put("things", List.of("INSTRUMENT", "MAT", "SOFT_BALL"));
    return new Setting(practice, practice.takeIn(form).get("id").asString());
  }

  private static Map<String, Object> composeForm(
      Map<String, Object> draft, List<List<String>> earlier) {
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", draft);
    form.put("earlier", earlier);
    return form;
  }

  @SuppressWarnings("unchecked") // a JSON object is a map
  private static Map<String, Object> map(JsonNode node) {
    return JsonMapper.builder().build().treeToValue(node, Map.class);
  }

  private static List<Object> steps(JsonNode composed) {
    List<Object> steps = new ArrayList<>();
    composed.get("steps").forEach(step -> steps.add(map(step)));
    return steps;
  }

  @ParameterizedTest
  @EnumSource(Purpose.class)
  void whatIsComposedPassesItsOwnCheck(Purpose purpose, RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft = Practice.draft(setting.clientId(), purpose.name(), 600, List.of());
    JsonNode composed = setting.post("/api/bench/compose", composeForm(draft, List.of()));
    assertThat(composed.get("composed").asBoolean()).as(composed.toString()).isTrue();
    draft.put("steps", steps(composed));
    JsonNode check = setting.post("/api/bench/check", draft);
    assertThat(check.get("findings")).isEmpty();
    assertThat(check.get("freeSeconds").asLong()).isGreaterThanOrEqualTo(0);
    assertThat(check.get("rulesKept").asInt()).isGreaterThan(20);
    for (JsonNode step : check.get("steps")) {
      long parts = 0;
      for (JsonNode part : step.get("parts")) {
        parts += part.get("millis").asLong();
      }
      assertThat(parts).isEqualTo(step.get("lengthMillis").asLong());
    }
  }

  @Test
  void aSecondBestDiffersAndPinnedStepsStay(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft = Practice.draft(setting.clientId(), "RECOVERY", 600, List.of());
    JsonNode first = setting.post("/api/bench/compose", composeForm(draft, List.of()));
    List<String> ids =
        first.get("steps").valueStream().map(s -> s.get("exerciseId").asString()).toList();
    JsonNode second = setting.post("/api/bench/compose", composeForm(draft, List.of(ids)));
    assertThat(
            second
                .get("steps")
                .valueStream()
                .filter(step -> !ids.contains(step.get("exerciseId").asString()))
                .count())
        .isGreaterThanOrEqualTo(2);
    Map<String, Object> pin = Practice.stepDraft("mine", "thumb-drawn-to-forearm");
    pin.put("pinned", true);
    draft.put("steps", List.of(pin));
    JsonNode again = setting.post("/api/bench/compose", composeForm(draft, List.of()));
    assertThat(again.get("steps").valueStream().map(s -> s.get("key").asString())).contains("mine");
  }

  @Test
  void aTypedDoseIsReadOrExplained(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> step = Practice.stepDraft("a", "palm-up-fingers-back");
    step.put("typed", "25 s x 2");
    Map<String, Object> wrong = Practice.stepDraft("b", "palm-up-fingers-back");
    wrong.put("typed", "as long as you like");
    JsonNode check =
        setting.post(
            "/api/bench/check",
            setting.coolDown(
                List.of(step, wrong, Practice.stepDraft("c", "palm-up-fingers-back"))));
    assertThat(check.at("/steps/0/doseWords").asString()).isEqualTo("25 s × 2 each side");
    assertThat(check.at("/steps/0/typedWrong").isNull()).isTrue();
    assertThat(check.at("/steps/1/typedWrong").asString()).contains("could not be read");
    assertThat(check.at("/steps/1/doseWords").asString())
        .as("the dose before stays")
        .isEqualTo(check.at("/steps/2/doseWords").asString());
  }

  @Test
  void aRepairIsAWholeRoutineThatKeepsTheKeys(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> cold =
        setting.coolDown(
            List.of(
                Practice.stepDraft("stretch", "palm-up-fingers-back"),
                Practice.stepDraft("warm", "wrist-circles-pointing")));
    cold.put("warmed", false);
    JsonNode check = setting.post("/api/bench/check", cold);
    JsonNode finding = check.at("/findings/0");
    assertThat(finding.get("rule").asString()).isEqualTo("cold-stretch");
    assertThat(finding.at("/steps/0").asString()).isEqualTo("stretch");
    assertThat(setting.post("/api/bench/repairs", cold).at("/0").asString()).startsWith("after ");
    JsonNode repaired = setting.post("/api/bench/repair", Map.of("draft", cold, "finding", 0));
    assertThat(repaired.valueStream().map(step -> step.get("key").asString()))
        .containsExactly("warm", "stretch");
  }

  @Test
  void aFindingThatIsNotThereIsRefusedByName(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> sound =
        setting.coolDown(List.of(Practice.stepDraft("warm", "wrist-circles-pointing")));
    for (int finding : List.of(-1, 7)) {
      Answer refused =
          setting
              .practice()
              .coach()
              .send("POST", "/api/bench/repair", Map.of("draft", sound, "finding", finding));
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.json().at("/errors/0/field").asString()).isEqualTo("finding");
    }
  }

  @Test
  void allRepairsAtOnceLeaveNothingToRepair(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> careless =
        setting.coolDown(
            List.of(
                Practice.stepDraft("stretch", "palm-up-fingers-back"),
                Practice.stepDraft("warm", "wrist-circles-pointing"),
                Practice.stepDraft("tires", "squeeze-ladder"),
                Practice.stepDraft("again", "palm-up-fingers-back")));
    careless.put("warmed", false);
    assertThat(setting.post("/api/bench/check", careless).get("findings").size()).isGreaterThan(1);
    JsonNode repaired = setting.post("/api/bench/repair", Map.of("draft", careless));
    assertThat(repaired.valueStream().map(step -> step.get("key").asString()))
        .as("what stays keeps its key")
        .contains("stretch", "warm")
        .doesNotContain("tires");
    careless.put("steps", repaired.valueStream().map(BenchTest::map).toList());
    assertThat(setting.post("/api/bench/check", careless).get("findings")).isEmpty();
  }

  @Test
  void handsAreWarmAfterPlayUnlessSomebodySaysOtherwise(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft = setting.coolDown(List.of());
    assertThat(setting.post("/api/bench/check", draft).get("warmed").asBoolean()).isTrue();
    draft.put("warmed", false);
    assertThat(setting.post("/api/bench/check", draft).get("warmed").asBoolean()).isFalse();
    draft.put("warmed", null);
    draft.put("purpose", "STRENGTH");
    assertThat(setting.post("/api/bench/check", draft).get("warmed").asBoolean()).isFalse();
  }

  @Test
  void aRoutineIsPutAwayAndBroughtBack(RunningServer server) {
    Setting setting = setting(server);
    JsonNode made =
        setting.post(
            "/api/routines",
            Practice.routineForm(
                setting.clientId(), 0, List.of(Practice.stepDraft("a", "palm-rub"))));
    String path = "/api/routines/" + made.get("id").asString();
    String theirs = "/api/clients/" + setting.clientId() + "/routines";
    var coach = setting.practice().coach();
    assertThat(coach.send("POST", path + "/archive", Map.of()).status()).isEqualTo(204);
    assertThat(coach.get(theirs).json()).isEmpty();
    assertThat(coach.get("/api/routines").json()).isEmpty();
    assertThat(coach.send("POST", path + "/restore", Map.of()).status()).isEqualTo(204);
    assertThat(coach.get(theirs).json()).hasSize(1);
    Practice other = new Practice(server);
    assertThat(other.coach().send("POST", path + "/archive", Map.of()).status()).isEqualTo(404);
  }

  @Test
  void sidesAreSplitAndJoined(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", setting.coolDown(List.of(Practice.stepDraft("a", "palm-up-fingers-back"))));
    form.put("key", "a");
    form.put("sides", "SPLIT");
    JsonNode split = setting.post("/api/bench/sides", form);
    assertThat(split).hasSize(2);
    assertThat(split.at("/0/dose").asString()).contains("one side only");
    assertThat(split.at("/0/firstSide").asString()).isEqualTo("LEFT");
    assertThat(split.at("/1/firstSide").asString()).isEqualTo("RIGHT");
    form.put("key", "nothing");
    Answer refused = setting.practice().coach().send("POST", "/api/bench/sides", form);
    assertThat(refused.status()).isEqualTo(400);
  }

  @Test
  void offersAndReasonsCoverTheLibrary(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft = Practice.draft(setting.clientId(), "STRENGTH", 600, List.of());
    JsonNode offers = setting.post("/api/bench/offers", draft);
    assertThat(offers.get("fits").size() + offers.get("doesNot").size()).isGreaterThan(100);
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", draft);
    form.put("exerciseId", "wrist-curl-palm-up");
    JsonNode why = setting.post("/api/bench/why-not", form);
    assertThat(why.get("gates")).hasSize(11);
    assertThat(why.get("decided").asString()).startsWith("Needs ");
  }

  @Test
  void contradictionsGetASentence(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> everything = HealthTest.minded("KEEP_OUT");
    everything.put("sides", List.of("LEFT", "RIGHT"));
    for (Movement movement : Movement.values()) {
      everything.put("movement", movement.name());
      setting.post("/api/clients/" + setting.clientId() + "/health/minded", everything);
    }
    JsonNode none =
        setting.post(
            "/api/bench/compose",
            composeForm(
                Practice.draft(setting.clientId(), "INDEPENDENCE", 300, List.of()), List.of()));
    assertThat(none.get("composed").asBoolean()).isFalse();
    assertThat(none.get("reason").asString())
        .startsWith(
            "No routine for independence in 5 min: nothing of the kind independence is"
                + " allowed. Asks")
        .endsWith("letter of 24 November.");
    Map<String, Object> tooShort = Practice.draft(setting.clientId(), "STRENGTH", 59, List.of());
    Answer refused = setting.practice().coach().send("POST", "/api/bench/check", tooShort);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("60 to 1800 seconds.");
  }

  @Test
  void versionsAreKeptAndTwoPeopleLoseNothing(RunningServer server) {
    Setting setting = setting(server);
    JsonNode made =
        setting.post(
            "/api/routines",
            Practice.routineForm(
                setting.clientId(), 0, List.of(Practice.stepDraft("a", "palm-rub"))));
    String path = "/api/routines/" + made.get("id").asString();
    assertThat(made.get("version").asInt()).isEqualTo(1);
    Map<String, Object> theirs =
        Practice.routineForm(
            setting.clientId(),
            1,
            List.of(Practice.stepDraft("a", "palm-rub"), Practice.stepDraft("b", "shake-out")));
    assertThat(setting.practice().coach().send("PUT", path, theirs).json().get("version").asInt())
        .isEqualTo(2);
    Map<String, Object> mine =
        Practice.routineForm(
            setting.clientId(), 1, List.of(Practice.stepDraft("a", "mimed-hand-wash")));
    Answer conflict = setting.practice().coach().send("PUT", path, mine);
    assertThat(conflict.status()).isEqualTo(409);
    assertThat(conflict.json().at("/current/steps")).hasSize(2);
    assertThat(conflict.json().at("/detail").asString()).contains("Nothing of yours is lost");
    mine.put("version", 2);
    assertThat(setting.practice().coach().send("PUT", path, mine).json().get("versions"))
        .hasSize(3);
    assertThat(
            setting.practice().coach().get(path + "/versions/1").json().at("/steps/0/exerciseId"))
        .hasToString("\"palm-rub\"");
  }

  @Test
  void aMomentThatIsSaidIsComposedOnTheBench(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> form =
        composeForm(Practice.draft(setting.clientId(), "WARM_UP", 600, List.of()), List.of());
    form.put("said", "4 minutes of recovery, standing");
    JsonNode composed = setting.post("/api/bench/compose", form);
    assertThat(composed.get("composed").asBoolean()).as(composed.toString()).isTrue();
    assertThat(composed.get("purpose").asString()).isEqualTo("RECOVERY");
    assertThat(composed.get("budgetSeconds").asInt()).isEqualTo(240);
    assertThat(composed.get("steps").findValuesAsString("position")).containsOnly("STAND");
    form.put("said", "4 moons");
    JsonNode none = setting.post("/api/bench/compose", form);
    assertThat(none.get("composed").asBoolean()).isFalse();
    assertThat(none.get("reason").asString()).contains("moons");
  }

  @Test
  void anotherVersionHasMoreAndShorterStepsAndSaysWhatItCosts(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft = Practice.draft(setting.clientId(), "RECOVERY", 600, List.of());
    Map<String, Object> form = composeForm(draft, List.of());
    JsonNode best = setting.post("/api/bench/compose", form);
    draft.put("steps", best.get("steps"));
    form.put("lengths", "SHORTER");
    JsonNode shorter = setting.post("/api/bench/compose", form);
    assertThat(shorter.get("steps").size()).isGreaterThan(best.get("steps").size());
    Map<String, Object> other = new TreeMap<>(draft);
    other.put("steps", shorter.get("steps"));
    JsonNode beside = setting.post("/api/bench/compare", Map.of("a", draft, "b", other));
    assertThat(beside.get("cost").asString()).startsWith("B serves");
    form.put("lengths", "SIDEWAYS");
    assertThat(setting.practice().coach().send("POST", "/api/bench/compose", form).status())
        .isEqualTo(400);
  }

  @Test
  void twoStepsAreDoneInTurnKeptAndTakenApart(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft =
        Practice.draft(
            setting.clientId(),
            "STRENGTH",
            600,
            List.of(
                Practice.stepDraft("a", "palm-lifts-on-the-knees"),
                Practice.stepDraft("b", "knuckle-lowering")));
    Map<String, Object> form = new TreeMap<>();
    form.put("draft", draft);
    form.put("key", "a");
    form.put("turn", "WITH_THE_NEXT");
    JsonNode turned = setting.post("/api/bench/turn", form);
    assertThat(turned.size()).isGreaterThanOrEqualTo(4);
    draft.put("steps", turned);
    JsonNode check = setting.post("/api/bench/check", draft);
    assertThat(check.at("/steps/1/turn").asString()).startsWith("B, round 1 of ");
    JsonNode played = setting.post("/api/bench/play", draft);
    assertThat(played.at("/steps/0/turn").asString()).startsWith("A, round 1 of ");
    form.put("turn", "APART");
    form.put("key", turned.at("/2/key").asString());
    assertThat(setting.post("/api/bench/turn", form)).hasSize(2);
    form.put("key", "nobody");
    assertThat(setting.practice().coach().send("POST", "/api/bench/turn", form).body())
        .contains("no step of the draft");
  }

  @Test
  void aStretchGoesArmByArm(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> form = new TreeMap<>();
    form.put(
        "draft",
        setting.coolDown(
            List.of(
                Practice.stepDraft("a", "palm-up-fingers-back"),
                Practice.stepDraft("b", "palm-down-hand-in"))));
    form.put("key", "b");
    form.put("turn", "ARM_BY_ARM");
    JsonNode turned = setting.post("/api/bench/turn", form);
    assertThat(turned.findValuesAsString("firstSide"))
        .containsExactly("LEFT", "LEFT", "RIGHT", "RIGHT");
    assertThat(turned.findValuesAsString("dose")).allMatch(dose -> dose.contains("one side only"));
    form.put("draft", setting.coolDown(List.of(Practice.stepDraft("a", "palm-rub"))));
    form.put("key", "a");
    assertThat(setting.practice().coach().send("POST", "/api/bench/turn", form).body())
        .contains("must be done on each side");
  }

  @Test
  void whatIsMadeForNobodyInParticularIsTriedAllTheSame(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> draft =
        Practice.draft(
            null,
            "RECOVERY",
            480,
            List.of(Practice.stepDraft("a", "palm-rub"), Practice.stepDraft("b", "shake-out")));
    JsonNode played = setting.post("/api/bench/play", draft);
    assertThat(played.get("steps")).hasSize(2);
    assertThat(played.get("clientName").asString()).isEqualTo("Anybody");
    assertThat(played.at("/safety/stopRules")).isNotEmpty();
  }

  @Test
  void aRoutineIsSaidInLinesAndWrittenBack(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> form = new TreeMap<>();
    Map<String, Object> draft = Practice.draft(setting.clientId(), "RECOVERY", 480, List.of());
    form.put("draft", draft);
    form.put("text", "palm rub 30 s\nwrist wobbles 40 s\n\nshake out 20 s");
    JsonNode read = setting.post("/api/bench/lines", form).get("shown");
    assertThat(read.get("lines")).hasSize(4);
    assertThat(read.at("/lines/0/title").asString()).isNotBlank();
    assertThat(read.at("/lines/1/wrong").asString()).contains("wobbles");
    assertThat(read.at("/lines/1/millis").asLong()).isEqualTo(40_000);
    assertThat(read.at("/lines/1/near")).isNotEmpty();
    assertThat(read.get("steps")).hasSize(2);
    draft.put("steps", read.get("steps"));
    JsonNode written = setting.post("/api/bench/lines/written", draft);
    form.put("text", written.get("text").asString());
    JsonNode again = setting.post("/api/bench/lines", form).get("shown");
    assertThat(again.get("steps").findValuesAsString("dose"))
        .isEqualTo(read.get("steps").findValuesAsString("dose"));
    form.put("text", "x\n".repeat(70));
    assertThat(setting.practice().coach().send("POST", "/api/bench/lines", form).body())
        .contains("text", "at most 60");
  }

  @Test
  void aClientPlaysItsOwnRoutineAndTheSessionIsKept(RunningServer server) {
    Setting setting = setting(server);
    JsonNode made =
        setting.post(
            "/api/routines",
            Practice.routineForm(
                setting.clientId(),
                0,
                List.of(
                    Practice.stepDraft("a", "palm-rub"), Practice.stepDraft("b", "shake-out"))));
    String own = "/api/clients/" + setting.clientId();
    var client = setting.practice().asClient(setting.clientId());
    assertThat(client.get(own + "/routines").json().at("/0/title").asString())
        .isEqualTo("Evening care");
    JsonNode play = client.get(own + "/routines/" + made.get("id").asString() + "/play").json();
    assertThat(play.get("steps")).hasSize(2);
    assertThat(play.get("cues").size()).isGreaterThan(2);
    Map<String, Object> session =
        Practice.sessionForm(null, "2026-01-02T10:00:00Z", "2026-01-02T10:10:00Z");
    session.put("routineId", made.get("id").asString());
    session.put("purpose", "COOL_DOWN");
    String path = own + "/sessions/" + UUID.randomUUID();
    assertThat(client.send("PUT", path, session).status()).isEqualTo(204);
    assertThat(
            client
                .send("PUT", own + "/sessions/" + UUID.randomUUID(), withRoutine(session))
                .status())
        .as("a routine that is gone does not lose the session")
        .isEqualTo(204);
    assertThat(client.get("/api/routines").status()).isEqualTo(403);
  }

  private static Map<String, Object> withRoutine(Map<String, Object> session) {
    Map<String, Object> other = new TreeMap<>(session);
    other.put("routineId", UUID.randomUUID().toString());
    return other;
  }

  @Test
  void templatesShipAndPassTheirCheck(RunningServer server) {
    Setting setting = setting(server);
    JsonNode templates = setting.practice().coach().get("/api/templates").json();
    assertThat(templates.size()).isGreaterThanOrEqualTo(9);
    for (JsonNode template : templates) {
      Map<String, Object> draft =
          Practice.draft(
              null, template.get("purpose").asString(), template.get("seconds").asInt(), List.of());
      draft.put("discipline", template.get("discipline").asString());
      draft.put("warmed", template.get("warmed").asBoolean());
      draft.put("steps", steps(template));
      assertThat(setting.post("/api/bench/check", draft).get("findings"))
          .as(template.get("id").asString())
          .isEmpty();
    }
  }
}
