package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(ServerExtension.class)
class LibraryTest {

  private static final String EXERCISES = "/api/library/exercises";

  private static ObjectNode formOf(HttpCaller coach, String id) {
    return (ObjectNode) coach.get(EXERCISES + "/" + id + "/form").json().get("form");
  }

  private static JsonNode copy(HttpCaller coach, String id, String title) {
    ObjectNode form = formOf(coach, id);
    form.put("title", title);
    Answer answer = coach.send("POST", EXERCISES, form);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  private static List<String> ids(JsonNode list) {
    return StreamSupport.stream(list.get("rows").spliterator(), false)
        .map(row -> row.get("id").asString())
        .toList();
  }

  @Test
  void listsEveryExerciseWithWhatItIsFoundBy(RunningServer server) {
    JsonNode list = new Practice(server).coach().get(EXERCISES).json();
    assertThat(ids(list)).hasSizeGreaterThanOrEqualTo(110).doesNotHaveDuplicates();
    JsonNode thumb =
        StreamSupport.stream(list.get("rows").spliterator(), false)
            .filter(row -> row.get("id").asString().equals("thumb-drawn-to-forearm"))
            .findFirst()
            .orElseThrow();
    assertThat(thumb.get("search").asString()).contains("phone", "thumb muscles", "stretch");
    assertThat(thumb.get("nothingNeeded").asBoolean()).isTrue();
    assertThat(thumb.get("seconds").asLong()).isBetween(60L, 150L);
    assertThat(thumb.at("/figure/poses/0").asString()).isEqualTo("CLOSED");
  }

  @Test
  void showsDosesRungsAndWhatCanStandForWhat(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    JsonNode curl = coach.get(EXERCISES + "/wrist-curl-palm-down").json();
    assertThat(curl.at("/doses/0/words").asString()).isEqualTo("2 × 8 at 500 g each hand");
    assertThat(curl.at("/doses/0/rungs/0/words").asString()).isEqualTo("8, 500 g");
    assertThat(curl.at("/standIns/0/standIn").asString()).isEqualTo("BOTTLE");
    assertThat(curl.get("closedWithSigns")).hasSize(8);
    assertThat(curl.get("closedWithConditions").valueStream().map(JsonNode::asString))
        .contains("carpal tunnel syndrome", "arthritis of the fingers");
    assertThat(curl.at("/uses/0/level").asInt()).isEqualTo(3);
    assertThat(curl.get("helper")).isEmpty();
    JsonNode lastCue = curl.get("cues").get(curl.get("cues").size() - 1);
    assertThat(lastCue.get("offsetMillis").asLong() + lastCue.get("durationMillis").asLong())
        .isEqualTo(curl.get("lengthMillis").asLong());
    assertThat(coach.get(EXERCISES + "/no-such-exercise").status()).isEqualTo(404);
  }

  @Test
  void readsForAClientInTheirNotationWithTheLoadsTheyOwn(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("notation", "PLUCKING");
    form.put("weightsGrams", List.of(1500, 750, 750));
    String client = practice.takeIn(form).get("id").asString();
    HttpCaller coach = practice.coach();
    JsonNode lift = coach.get(EXERCISES + "/all-down-lift-one?client=" + client).json();
    assertThat(lift.at("/doses/0/words").asString())
        .isEqualTo("4 times each of p-i-m-a-c each hand");
    JsonNode curl = coach.get(EXERCISES + "/wrist-curl-palm-up?client=" + client).json();
    assertThat(curl.at("/doses/0/rungs").toString()).contains("8, 750 g", "8, 1.5 kg");
    assertThat(coach.get(EXERCISES + "/palm-rub?client=" + UUID.randomUUID()).status())
        .isEqualTo(404);
  }

  @Test
  void saysWhatDoesNotSuitAClientAndWhy(RunningServer server) {
    Practice practice = new Practice(server);
    String client = practice.takeIn(Practice.clientForm()).get("id").asString();
    JsonNode unsuited =
        practice.coach().get("/api/clients/" + client + "/unsuited-exercises").json();
    assertThat(unsuited.toString())
        .contains("knees-fingertips-only", "band-wrist-curl", "light-keys")
        .contains("Needs a band, which is not at hand.")
        .doesNotContain("palm-rub")
        .doesNotContain("squeeze-ladder");
  }

  @Test
  void aCopyIsChangedVersionByVersionAndOldVersionsKeepTheirWords(RunningServer server) {
    Practice practice = new Practice(server);
    HttpCaller coach = practice.coach();
    JsonNode mine = copy(coach, "palm-up-fingers-back", "My forearm stretch");
    String id = mine.get("id").asString();
    assertThat(id).isEqualTo("my-forearm-stretch");
    assertThat(mine.get("version").asInt()).isEqualTo(1);
    long before = mine.at("/doses/0/seconds").asLong();

    ObjectNode form = formOf(coach, id);
    ((ObjectNode) form.get("doses").get(0)).put("text", "25 s x 2 each side");
    JsonNode preview = coach.send("POST", "/api/library/preview", form).json();
    assertThat(preview.at("/shown/doses/0/seconds").asLong()).isEqualTo(before + 2 * 2 * (25 - 15));
    ObjectNode half = form.deepCopy();
    half.put("title", "");
    Answer untitled = coach.send("POST", "/api/library/preview", half);
    assertThat(untitled.status()).as("half-typed is no error").isEqualTo(200);
    assertThat(untitled.json().get("shown").isNull()).isTrue();
    assertThat(untitled.json().at("/problems/0/field").asString()).isEqualTo("title");
    assertThat(coach.send("PUT", EXERCISES + "/" + id, half).status()).isEqualTo(400);
    form.put("cue", "Let the elbow hang.");
    JsonNode second = coach.send("PUT", EXERCISES + "/" + id, form).json();
    assertThat(second.get("version").asInt()).isEqualTo(2);
    assertThat(second.get("cue").asString()).isEqualTo("Let the elbow hang.");
    assertThat(coach.get(EXERCISES + "/" + id + "?version=1").json().get("cue").asString())
        .isNotEqualTo("Let the elbow hang.");
    assertThat(coach.get(EXERCISES + "/" + id + "/versions").json()).hasSize(2);
    assertThat(coach.get(EXERCISES + "/" + id + "?version=9").status()).isEqualTo(404);

    Answer late = coach.send("PUT", EXERCISES + "/" + id, form);
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().at("/current/cue").asString()).isEqualTo("Let the elbow hang.");
    assertThat(copy(coach, "palm-rub", "My forearm stretch").get("id").asString())
        .isEqualTo("my-forearm-stretch-2");
  }

  /** Ways that are drawn differently, an order of digits and both arms at once survive a copy. */
  @Test
  void aCopyKeepsItsWaysAndItsFigure(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    for (String id :
        List.of("staged-curls", "each-finger-back", "ten-pairs-opened", "single-shuffle")) {
      JsonNode shipped = coach.get(EXERCISES + "/" + id).json();
      JsonNode mine = copy(coach, id, "Mine of " + id);
      assertThat(mine.get("figure")).isEqualTo(shipped.get("figure"));
      assertThat(mine.at("/doses/0/words")).isEqualTo(shipped.at("/doses/0/words"));
      assertThat(mine.get("cues")).isEqualTo(shipped.get("cues"));
    }
  }

  /** What is out of use keeps its words for old logs and is not offered. */
  @Test
  void whatIsArchivedIsReadButNotListed(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    JsonNode old = coach.get(EXERCISES + "/little-finger-to-thumb").json();
    assertThat(old.get("archived").asBoolean()).isTrue();
    assertThat(old.get("title").asString()).isNotBlank();
    assertThat(ids(coach.get(EXERCISES).json())).doesNotContain("little-finger-to-thumb");
  }

  @Test
  void whatShipsIsCopiedNotChanged(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    ObjectNode form = formOf(coach, "palm-rub");
    assertThat(coach.send("PUT", EXERCISES + "/palm-rub", form).status()).isEqualTo(404);
    assertThat(coach.send("DELETE", EXERCISES + "/palm-rub", null).status()).isEqualTo(404);
  }

  @ParameterizedTest(name = "{0} = {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "/title | '' | title | A title, up to 42 characters.",
        "/title | A title that is far too long for the stage of the player | title | Up to 42",
        "/intensity | 9 | intensity | 1 to 5.",
        "/doses/0/text | a while | doses[0].text | could not be read",
        "/doses/0/text | 45 s each side | doses[0].text | must lie within its bounds 15 to 30",
        "/doses/0/text | 15 s; left 20 s | doses[0].text | must be the same on both sides",
        "/main | elbow-grease | main | is no target",
        "/figure/ways/0/0 | handstand | figure.ways | must be one of flat",
        "/figure/ways/0/0 | bend-thumb | figure.ways | must be one of index",
        "/figure/ways/0/0 | flat + interlaced | figure.ways | must be a pose of one hand",
        "/easierExercise | no-such-exercise | easierExercise | must be the identifier of another"
      })
  void everyWrongFieldIsNamed(
      String pointer, String value, String field, String message, RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    ObjectNode form = formOf(coach, "palm-up-fingers-back");
    set(form, pointer.strip(), value);
    Answer answer = coach.send("POST", EXERCISES, form);
    assertThat(answer.status()).isEqualTo(400);
    JsonNode error = answer.json().get("errors").get(0);
    assertThat(error.get("field").asString()).isEqualTo(field);
    assertThat(error.get("message").asString()).contains(message);
  }

  private static void set(ObjectNode form, String pointer, String value) {
    String parent = pointer.substring(0, pointer.lastIndexOf('/'));
    String name = pointer.substring(pointer.lastIndexOf('/') + 1);
    JsonNode at = parent.isEmpty() ? form : form.at(parent);
    if (at instanceof ObjectNode object) {
      object.put(name, value);
    } else {
      ((tools.jackson.databind.node.ArrayNode) at).set(Integer.parseInt(name), value);
    }
  }

  @Test
  void isPutAwayWhenSomebodyDidItAndGoneWhenNobodyDid(RunningServer server) {
    Practice practice = new Practice(server);
    HttpCaller coach = practice.coach();
    String used = copy(coach, "palm-rub", "Used rub").get("id").asString();
    String unused = copy(coach, "palm-rub", "Unused rub").get("id").asString();
    JsonNode client = practice.takeIn(Practice.clientForm());
    String clientPath = "/api/clients/" + client.get("id").asString();
    JsonNode block = practice.putBlock(client, Practice.today(), "18:00", "19:00");
    ObjectNode session =
        JsonMapper.builder()
            .build()
            .valueToTree(
                Practice.sessionForm(
                    block.get("id").asString(), "2026-01-02T10:00:00Z", "2026-01-02T10:10:00Z"));
    ObjectNode step = (ObjectNode) session.get("steps").get(0);
    step.put("exerciseId", used).put("exerciseVersion", 1);
    Answer stored = coach.send("PUT", clientPath + "/sessions/" + UUID.randomUUID(), session);
    assertThat(stored.status()).as(stored.body()).isEqualTo(204);
    step.put("exerciseVersion", 7);
    assertThat(coach.send("PUT", clientPath + "/sessions/" + UUID.randomUUID(), session).status())
        .isEqualTo(400);

    assertThat(
            coach.send("DELETE", EXERCISES + "/" + unused, null).json().get("archived").asBoolean())
        .isFalse();
    assertThat(coach.get(EXERCISES + "/" + unused).status()).isEqualTo(404);
    assertThat(
            coach.send("DELETE", EXERCISES + "/" + used, null).json().get("archived").asBoolean())
        .isTrue();
    assertThat(coach.get(EXERCISES + "/" + used + "?version=1").json().get("title").asString())
        .isEqualTo("Used rub");
    assertThat(coach.get(EXERCISES + "/" + used + "/uses").json().get(0).get("name").asString())
        .isEqualTo("Test Client");
    assertThat(
            coach
                .send("POST", EXERCISES + "/" + used + "/restore", null)
                .json()
                .get("archived")
                .asBoolean())
        .isFalse();
  }

  @Test
  void theGoodAreTakenInAndTheBadAreListed(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    copy(coach, "palm-rub", "Evening rub");
    String yaml = coach.get("/api/library/own.yaml").body();
    assertThat(yaml).contains("id: evening-rub");
    HttpCaller other = new Practice(server).coach();
    String file =
        yaml + "- {id: half-an-exercise, title: Half}\n" + yaml.replace("evening-rub", "palm-rub");
    JsonNode done = other.send("POST", "/api/library/import", Map.of("text", file)).json();
    assertThat(done.at("/taken/0/id").asString()).isEqualTo("evening-rub");
    assertThat(done.at("/taken/0/outcome").asString()).isEqualTo("NEW");
    assertThat(done.get("taken")).hasSize(1);
    assertThat(done.get("refused").toString())
        .contains("half-an-exercise", "set-up", "palm-rub", "must not be that of an exercise");
    JsonNode again = other.send("POST", "/api/library/import", Map.of("text", yaml)).json();
    assertThat(again.at("/taken/0/outcome").asString()).isEqualTo("UNCHANGED");
    JsonNode changed =
        other
            .send(
                "POST",
                "/api/library/import",
                Map.of("text", yaml.replace("title: Evening rub", "title: Night rub")))
            .json();
    assertThat(changed.at("/taken/0/outcome").asString()).isEqualTo("CHANGED");
    String json = other.get("/api/library/own.json").body();
    assertThat(
            other
                .send("POST", "/api/library/import", Map.of("text", json))
                .json()
                .at("/taken/0/outcome")
                .asString())
        .isEqualTo("UNCHANGED");
    JsonNode garbage = other.send("POST", "/api/library/import", Map.of("text", "{[")).json();
    assertThat(garbage.at("/refused/0/entry").asString()).isEqualTo("whole file");
  }

  @Test
  void anOwnExerciseMayStandInAWarmUp(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, Practice.today().plusDays(1), "18:00", "19:00");
    ObjectNode form = formOf(practice.coach(), "mimed-hand-wash");
    form.put("title", "Better than the others");
    ObjectNode serves = (ObjectNode) form.get("serves");
    List.of("warmth", "finger-flexors", "wrist", "finger-joints", "thumb-muscles")
        .forEach(target -> serves.put(target, 10));
    practice.coach().send("POST", EXERCISES, form);
    JsonNode routine =
        practice
            .coach()
            .get(
                "/api/clients/%s/blocks/%s/warm-up"
                    .formatted(client.get("id").asString(), block.get("id").asString()))
            .json()
            .get("routine");
    assertThat(routine.get("steps").toString())
        .contains("\"exerciseId\":\"better-than-the-others\",\"exerciseVersion\":1");
  }

  @Test
  void publishesTheSchemaOfItsFiles(RunningServer server) {
    Answer schema = new Practice(server).coach().get("/api/library/schema.json");
    assertThat(schema.json().at("/$defs/exercise/type").asString()).isEqualTo("object");
    assertThat(schema.headers().firstValue("Content-Disposition"))
        .hasValueSatisfying(value -> assertThat(value).contains("exercise-schema.json"));
  }
}
