package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(ServerExtension.class)
class ClientTest {

  @Test
  void isStoredAsItWasWritten(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode made = practice.takeIn(Practice.clientForm());
    JsonNode read = practice.coach().get("/api/clients/" + made.get("id").asString()).json();
    assertThat(read).isEqualTo(made);
    assertThat(read.at("/facts/activities/0/discipline").asString()).isEqualTo("PLUCKED_STRINGS");
    assertThat(read.at("/facts/wakesAt").asString()).startsWith("00:00");
  }

  @Test
  void namesEveryWrongFieldWithWhatIsAllowed(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("name", "");
    form.put("warmUpMinutes", 31);
    form.put("positions", List.of());
    Map<String, Object> activity = Practice.activityForm();
    activity.put("title", "");
    form.put("activities", List.of(activity));
    Answer answer = practice.coach().send("POST", "/api/clients", form);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors").findValuesAsString("field"))
        .contains("activities[0].title", "name", "positions", "warmUpMinutes");
    assertThat(answer.body()).contains("A warm-up takes 3 to 30 minutes.");
  }

  @Test
  void anUnknownWordNamesTheAllowedOnes(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("notation", "ROMAN");
    JsonNode problem = practice.coach().send("POST", "/api/clients", form).json();
    assertThat(problem.get("status").asInt()).isEqualTo(400);
    assertThat(problem.at("/errors/0/field").asString()).isEqualTo("notation");
    assertThat(problem.at("/errors/0/message").asString())
        .isEqualTo("Notation (ROMAN) must be one of KEYBOARD, STRINGS, PLUCKING, NAMES.");
  }

  @Test
  void aTimeZoneThatDoesNotExistIsRefused(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("timeZone", "Harbour/Town");
    JsonNode problem = practice.coach().send("POST", "/api/clients", form).json();
    assertThat(problem.at("/errors/0/field").asString()).isEqualTo("timeZone");
  }

  @Test
  void whatIsNoJsonIsSaidSo(RunningServer server) {
    Practice practice = new Practice(server);
    Answer answer = practice.coach().send("POST", "/api/clients", "{\"name\": ");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("detail").asString()).isEqualTo("The body is not valid JSON.");
  }

  @Test
  void anUnknownFieldIsNamed(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("shoeSize", 42);
    JsonNode problem = practice.coach().send("POST", "/api/clients", form).json();
    assertThat(problem.at("/errors/0/field").asString()).isEqualTo("shoeSize");
  }

  @Test
  void unknownAndMalformedIdentifiersAreNotFound(RunningServer server) {
    Practice practice = new Practice(server);
    assertThat(practice.coach().get("/api/clients/" + UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(practice.coach().get("/api/clients/nobody").status()).isEqualTo(404);
    assertThat(practice.coach().get("/api/nothing-here").status()).isEqualTo(404);
  }

  @Test
  void twoPeopleChangingOneClientAreToldWhatDiffers(RunningServer server) {
    Practice practice = new Practice(server);
    String path = "/api/clients/" + practice.takeIn(Practice.clientForm()).get("id").asString();
    Map<String, Object> mine = formOf(practice, path);
    Map<String, Object> theirs = formOf(practice, path);
    theirs.put("occupation", "concert harp");
    assertThat(practice.coach().send("PUT", path, theirs).status()).isEqualTo(200);
    mine.put("warmUpMinutes", 12);
    Answer conflict = practice.coach().send("PUT", path, mine);
    assertThat(conflict.status()).isEqualTo(409);
    assertThat(conflict.json().at("/changed").valueStream().map(JsonNode::asString).toList())
        .containsExactlyInAnyOrder("occupation", "warmUpMinutes");
    mine.put("version", conflict.json().at("/current/facts/version").asLong());
    assertThat(practice.coach().send("PUT", path, mine).status()).isEqualTo(200);
  }

  @SuppressWarnings("unchecked") // a JSON object is a map
  private static Map<String, Object> formOf(Practice practice, String path) {
    JsonNode facts = practice.coach().get(path).json().get("facts");
    return tools.jackson.databind.json.JsonMapper.builder().build().treeToValue(facts, Map.class);
  }

  @Test
  void changingActivitiesAloneCountsAsAChange(RunningServer server) {
    Practice practice = new Practice(server);
    String path = "/api/clients/" + practice.takeIn(Practice.clientForm()).get("id").asString();
    Map<String, Object> form = formOf(practice, path);
    form.put("activities", List.of());
    JsonNode saved = practice.coach().send("PUT", path, form).json();
    assertThat(saved.at("/facts/version").asLong()).isEqualTo(1);
    assertThat(saved.at("/facts/activities")).isEmpty();
  }
}
