package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(ServerExtension.class)
class SetUpTest {

  private record Setting(Practice practice, JsonNode client) {
    Answer send(String method, String rest, Map<String, Object> body) {
      return practice
          .coach()
          .send(method, "/api/clients/" + client.get("id").asString() + "/set-up" + rest, body);
    }

    Map<String, Object> of(String name, Object value) {
      Map<String, Object> form = new TreeMap<>();
      form.put("activityId", Practice.firstActivity(client));
      form.put(name, value);
      return form;
    }
  }

  private static Setting setting(RunningServer server) {
    Practice practice = new Practice(server);
    return new Setting(practice, practice.takeIn(Practice.clientForm()));
  }

  @Test
  void aLookIsDatedAndTheLastOneCounts(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> look = setting.of("point", "wrist-in-line");
    look.put("state", "FINE");
    look.put("words", "");
    setting.send("POST", "/looks", look);
    look.put("state", "NOT_YET");
    look.put("words", "tilts on the low strings");
    JsonNode view = setting.send("POST", "/looks", look).json();
    assertThat(view.at("/activities/0/points").valueStream())
        .filteredOn(point -> point.get("id").asString().equals("wrist-in-line"))
        .singleElement()
        .satisfies(
            point -> {
              assertThat(point.get("state").asString()).isEqualTo("NOT_YET");
              assertThat(point.get("words").asString()).isEqualTo("tilts on the low strings");
              assertThat(point.get("lookedOn").asString()).isEqualTo(Practice.today().toString());
            });
    assertThat(view.at("/activities/0/points").valueStream())
        .filteredOn(point -> point.get("state").asString().equals("NOT_LOOKED_AT"))
        .isNotEmpty();
  }

  @Test
  void aPointOfAnotherDisciplineIsRefusedWithThoseThatAreAllowed(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> look = setting.of("point", "mouse-close");
    look.put("state", "FINE");
    look.put("words", "");
    Answer refused = setting.send("POST", "/looks", look);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("(mouse-close) must be one of", "wrist-in-line");
  }

  @Test
  void onePointRidesAlongInTheWarmUp(RunningServer server) {
    Setting setting = setting(server);
    assertThat(
            setting
                .send("PUT", "/riding-point", setting.of("point", "shoulders-even"))
                .json()
                .at("/activities/0/ridingPoint")
                .asString())
        .isEqualTo("shoulders-even");
    JsonNode block =
        setting
            .practice()
            .putBlock(setting.client(), Practice.today().plusDays(1), "18:00", "19:00");
    JsonNode warmUp =
        setting
            .practice()
            .coach()
            .get(
                "/api/clients/%s/blocks/%s/warm-up"
                    .formatted(setting.client().get("id").asString(), block.get("id").asString()))
            .json();
    assertThat(warmUp.at("/routine/reminder").asString()).isEqualTo("Shoulders low and even.");
  }

  @Test
  void twoSetUpsAreComparedOnOneNumber(RunningServer server) {
    Setting setting = setting(server);
    Map<String, Object> form = setting.of("measure", "WRIST_ANGLE");
    form.put("firstName", "low stool");
    form.put("firstValue", 25);
    form.put("secondName", "high stool");
    form.put("secondValue", 10);
    JsonNode view = setting.send("POST", "/comparisons", form).json();
    assertThat(view.at("/activities/0/comparisons/0/better").asString()).isEqualTo("high stool");
    form.put("firstValue", -1);
    assertThat(setting.send("POST", "/comparisons", form).status()).isEqualTo(400);
  }
}
