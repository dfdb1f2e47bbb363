package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/** Walks every endpoint there is: whoever adds one without scope is found out here. */
@ExtendWith(ServerExtension.class)
class ScopeTest {

  /** What nobody has to be signed in for. */
  private static final Set<String> OPEN =
      Set.of(
          "/api/me",
          "/api/coaches",
          "/api/invitations/look",
          "/api/invitations/accept",
          "/api/passwords/forgotten",
          "/api/passwords/reset",
          "/api/addresses");

  private record Endpoint(String method, String pattern) {
    String path(Map<String, String> variables) {
      String path = pattern;
      for (Map.Entry<String, String> variable : variables.entrySet()) {
        path = path.replace("{" + variable.getKey() + "}", variable.getValue());
      }
      return path;
    }
  }

  private static List<Endpoint> endpoints(RunningServer server) {
    List<Endpoint> endpoints = new ArrayList<>();
    Map<RequestMappingInfo, ?> handlers =
        server
            .context()
            .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
            .getHandlerMethods();
    handlers
        .keySet()
        .forEach(
            info ->
                info.getPatternValues().stream()
                    .filter(pattern -> pattern.startsWith("/api/"))
                    .forEach(
                        pattern ->
                            info.getMethodsCondition()
                                .getMethods()
                                .forEach(
                                    method ->
                                        endpoints.add(new Endpoint(method.name(), pattern)))));
    return endpoints;
  }

  /** The right bodies, so that a refusal is about the person and not about the form. */
  private static Object body(
      Endpoint endpoint, JsonNode client, String blockId, Object exerciseForm) {
    if (endpoint.method().equals("GET") || endpoint.method().equals("DELETE")) {
      return null;
    }
    if (endpoint.pattern().startsWith("/api/hand")) {
      return endpoint.pattern().endsWith("/hand") ? Map.of("on", true) : Map.of("percent", 100);
    }
    if (endpoint.pattern().endsWith("/deletion")) {
      return Map.of("name", "Test Client");
    }
    if (endpoint.pattern().endsWith("/{clientId}/invitation")) {
      return Map.of();
    }
    if (endpoint.pattern().endsWith("/check-in")) {
      Map<String, Object> form = new HashMap<>();
      form.put("effort", null);
      form.put("pains", List.of());
      form.put("tighterSide", null);
      form.put("words", "");
      return form;
    }
    if (endpoint.pattern().endsWith("/corrections")) {
      return Practice.correction(List.of(Practice.correctedStep(100, 100)));
    }
    if (endpoint.pattern().endsWith("/note")) {
      return Map.of("words", "Ask about the chair.");
    }
    if (endpoint.pattern().endsWith("/log/file")) {
      return Map.of("text", "session");
    }
    if (endpoint.pattern().contains("/review")) {
      return Practice.verdicts(0, "MAINTAIN");
    }
    if (endpoint.pattern().contains("/sessions/")) {
      return Practice.sessionForm(blockId, "2026-01-02T10:00:00Z", "2026-01-02T10:10:00Z");
    }
    if (endpoint.pattern().endsWith("/blocks/series")
        || endpoint.pattern().endsWith("/following/days")) {
      return Map.of(
          "block",
          Practice.blockForm(Practice.firstActivity(client), Practice.today(), "05:00", "06:00"),
          "rule",
          "FREQ=DAILY;COUNT=2");
    }
    if (endpoint.pattern().endsWith("/versions/{number}/restoration")) {
      return Map.of("newestVersion", 1);
    }
    if (endpoint.pattern().endsWith("/restoration")) {
      return Map.of("blocks", List.of(), "out", List.of());
    }
    if (endpoint.pattern().endsWith("/rounds")) {
      return BlockTest.round(0, 0, 20);
    }
    if (endpoint.pattern().endsWith("/workshop/drills")) {
      return Map.of("aMinute", 60, "minutes", 5);
    }
    if (endpoint.pattern().endsWith("/workshop/rounds")) {
      return WorkshopTest.round(WorkshopTest.LEFT_RING, "LEFT", "CLEAN");
    }
    if (endpoint.pattern().endsWith("/piece") || endpoint.pattern().contains("/taps/file")) {
      return new byte[] {1, 2, 3};
    }
    if (endpoint.pattern().endsWith("/judgements")) {
      return MeasureTest.judgement(List.of());
    }
    if (endpoint.pattern().endsWith("/follow-me")) {
      return MeasureTest.followed(0);
    }
    if (endpoint.pattern().endsWith("/taps")) {
      return MeasureTest.tapTest(List.of(), "LEFT");
    }
    if (endpoint.pattern().endsWith("/lifts")) {
      return MeasureTest.liftTest(List.of(), "LEFT");
    }
    if (endpoint.pattern().endsWith("/demand/device")) {
      return MeasureTest.device(40, 30);
    }
    if (endpoint.pattern().contains("/sentences")) {
      return Map.of("text", "mon 5-6 practice");
    }
    if (endpoint.pattern().contains("/busy-times")) {
      return Map.of("date", Practice.today().toString(), "startsAt", "05:00", "endsAt", "06:00");
    }
    if (endpoint.pattern().contains("/practice-days")) {
      return BlockTest.practiceDay(Practice.firstActivity(client), null, List.of("Scales"));
    }
    if (endpoint.pattern().contains("/blocks")) {
      return Practice.blockForm(Practice.firstActivity(client), Practice.today(), "03:00", "04:00");
    }
    if (endpoint.pattern().equals("/api/library/import")) {
      return Map.of("text", "[]");
    }
    if (endpoint.pattern().startsWith("/api/library")) {
      return exerciseForm;
    }
    if (endpoint.pattern().endsWith("/pains")) {
      Map<String, Object> pain = new HashMap<>();
      pain.put("side", "LEFT");
      pain.put("region", "PALM");
      pain.put("level", 1);
      pain.put("sensation", null);
      pain.put("since", null);
      return Map.of("pains", List.of(pain));
    }
    if (endpoint.pattern().contains("/morning")) {
      return Map.of("pains", List.of());
    }
    if (endpoint.pattern().endsWith("/words")) {
      return Map.of("sides", List.of("LEFT"), "word", "HOLD", "reason", "Wait.");
    }
    if (endpoint.pattern().endsWith("/screenings")) {
      return Map.of("answers", List.of(HealthTest.answer("WEAKNESS", false, null, List.of())));
    }
    if (endpoint.pattern().endsWith("/mistake")) {
      return Map.of("words", "");
    }
    if (endpoint.pattern().endsWith("/clearance")) {
      return Map.of("words", "cleared");
    }
    if (endpoint.pattern().contains("/minded")) {
      Map<String, Object> condition = HealthTest.minded("CONDITION");
      condition.put("condition", "ARTHRITIS");
      return condition;
    }
    if (endpoint.pattern().contains("/set-up")) {
      return setUpBody(endpoint, client);
    }
    if (endpoint.pattern().endsWith("/programme")) {
      return WeekTest.programme(
          List.of(WeekTest.obligation("RECOVERY", "DAILY", "EVENING", false)));
    }
    if (endpoint.pattern().endsWith("/pins")) {
      return Map.of(
          "date",
          Practice.today().toString(),
          "pins",
          List.of(WeekTest.pin("none", Practice.today().toString(), "19:00", false)));
    }
    if (endpoint.pattern().endsWith("/preview") && endpoint.pattern().contains("/week")) {
      Map<String, Object> preview = new HashMap<>();
      preview.put("date", Practice.today().toString());
      preview.put("pin", null);
      preview.put("blockId", null);
      preview.put("toDate", null);
      preview.put("startsAt", null);
      preview.put("endsAt", null);
      return preview;
    }
    if (endpoint.pattern().contains("/calendars")) {
      return CalendarTest.form("Mine", CalendarTest.rehearsals(2), null, null);
    }
    if (endpoint.pattern().endsWith("/reminders")) {
      return Practice.reminderForm(false);
    }
    if (endpoint.pattern().endsWith("/feed")) {
      return Map.of("alarmMinutes", 5, "breaks", true);
    }
    if (endpoint.pattern().startsWith("/api/routines")) {
      return Practice.routineForm(null, 1, List.of(Practice.stepDraft("a", "palm-rub")));
    }
    return Practice.clientForm();
  }

  private static Map<String, Object> setUpBody(Endpoint endpoint, JsonNode client) {
    Map<String, Object> body = new HashMap<>();
    body.put("activityId", Practice.firstActivity(client));
    if (endpoint.pattern().endsWith("/comparisons")) {
      body.put("measure", "HIGHEST_FRET");
      body.put("firstName", "a");
      body.put("firstValue", 1);
      body.put("secondName", "b");
      body.put("secondValue", 2);
      return body;
    }
    body.put("point", "wrist-in-line");
    if (endpoint.pattern().endsWith("/looks")) {
      body.put("state", "FINE");
      body.put("words", "");
    }
    return body;
  }

  private static int send(HttpCaller caller, Endpoint endpoint, String path, Object body) {
    return body instanceof byte[] file
        ? caller.post(path, file).status()
        : caller.send(endpoint.method(), path, body).status();
  }

  @Test
  void nobodyUnsignedGetsInAndTheWrongPersonGetsNothing(RunningServer server) {
    Practice owner = new Practice(server);
    JsonNode client = owner.takeIn(Practice.clientForm());
    JsonNode other = owner.takeIn(Practice.clientForm());
    String clientId = client.get("id").asString();
    String blockId =
        owner.putBlock(client, Practice.today(), "18:00", "19:00").get("id").asString();
    HttpCaller nobody = server.caller();
    nobody.get("/api/me");
    HttpCaller strangeCoach = new Practice(server).coach();
    HttpCaller strangeClient = owner.asClient(other.get("id").asString());
    JsonNode exerciseForm =
        owner.coach().get("/api/library/exercises/palm-rub/form").json().get("form");
    String exerciseId =
        owner
            .coach()
            .send("POST", "/api/library/exercises", exerciseForm)
            .json()
            .get("id")
            .asString();
    String routineId =
        owner
            .coach()
            .send(
                "POST",
                "/api/routines",
                Practice.routineForm(clientId, 0, List.of(Practice.stepDraft("a", "palm-rub"))))
            .json()
            .get("id")
            .asString();
    Map<String, String> variables = new HashMap<>();
    variables.put("clientId", clientId);
    variables.put("id", UUID.randomUUID().toString());
    variables.put("routineId", routineId);
    variables.put("activityId", Practice.firstActivity(client));
    variables.put("screeningId", UUID.randomUUID().toString());
    variables.put("mindedId", UUID.randomUUID().toString());
    variables.put("number", "1");
    variables.put("purpose", "RECOVERY");
    variables.put("minutes", "5");
    variables.put("blockId", blockId);
    variables.put("sessionId", UUID.randomUUID().toString());
    variables.put("exerciseId", exerciseId);
    variables.put("busyTimeId", UUID.randomUUID().toString());
    variables.put("calendarId", UUID.randomUUID().toString());
    variables.put("reasonId", UUID.randomUUID().toString());
    variables.put("themeId", UUID.randomUUID().toString());

    List<Endpoint> all = endpoints(server);
    assertThat(all).hasSizeGreaterThan(15);
    for (Endpoint endpoint : all) {
      String path = endpoint.path(variables);
      Object body = body(endpoint, client, blockId, exerciseForm);
      if (!OPEN.contains(endpoint.pattern())) {
        assertThat(send(nobody, endpoint, path, body)).as("nobody: %s", endpoint).isEqualTo(401);
      }
      if (endpoint.pattern().startsWith("/api/library")
          || endpoint.pattern().startsWith("/api/hand")
          || endpoint.pattern().startsWith("/api/themes")) {
        assertThat(send(strangeClient, endpoint, path, body))
            .as("a client: %s", endpoint)
            .isEqualTo(403);
      }
      if (endpoint.pattern().endsWith("/{exerciseId}/uses")) {
        assertThat(strangeCoach.get(path).json()).as("another coach: %s", endpoint).isEmpty();
      } else if (endpoint.pattern().contains("{exerciseId}")) {
        assertThat(send(strangeCoach, endpoint, path, body))
            .as("another coach: %s", endpoint)
            .isEqualTo(404);
      }
      if (endpoint.pattern().startsWith("/api/routines/{routineId}")) {
        assertThat(send(strangeCoach, endpoint, path, body))
            .as("another coach: %s", endpoint)
            .isEqualTo(404);
        assertThat(send(strangeClient, endpoint, path, body))
            .as("a client: %s", endpoint)
            .isEqualTo(403);
      }
      if (endpoint.pattern().startsWith("/api/bench")) {
        assertThat(send(strangeClient, endpoint, path, body))
            .as("a client: %s", endpoint)
            .isEqualTo(403);
        if (!endpoint.pattern().matches(".*/(compose|why-not|sides|turn)")) {
          Object draft = Practice.draft(clientId, "RECOVERY", 600, List.of());
          Object asked =
              endpoint.pattern().endsWith("/compare")
                  ? Map.of("a", draft, "b", draft)
                  : endpoint.pattern().endsWith("/lines")
                      ? Map.of("draft", draft, "text", "")
                      : endpoint.pattern().endsWith("/repair") ? Map.of("draft", draft) : draft;
          assertThat(send(strangeCoach, endpoint, path, asked))
              .as("another coach: %s", endpoint)
              .isEqualTo(404);
        }
      }
      if (endpoint.pattern().contains("{clientId}")) {
        assertThat(send(strangeCoach, endpoint, path, body))
            .as("another coach: %s", endpoint)
            .isEqualTo(404);
        assertThat(send(strangeClient, endpoint, path, body))
            .as("another client: %s", endpoint)
            .isIn(403, 404);
      }
    }
    assertThat(owner.coach().get("/api/clients/" + clientId + "/log").json().get("entries"))
        .isEmpty();
    assertThat(owner.coach().get("/api/clients/" + clientId).json()).isEqualTo(client);
    assertThat(owner.coach().get("/api/library/exercises/" + exerciseId).status()).isEqualTo(200);
  }

  @Test
  void aClientSeesOnlyItselfAndNoneOfTheCoachsPlaces(RunningServer server) {
    Practice practice = new Practice(server);
    String own = practice.takeIn(Practice.clientForm()).get("id").asString();
    HttpCaller client = practice.asClient(own);
    assertThat(client.get("/api/clients/" + own).status()).isEqualTo(200);
    assertThat(client.get("/api/my/day").status()).isEqualTo(200);
    assertThat(client.get("/api/today").status()).isEqualTo(403);
    assertThat(client.get("/api/clients").json().get("detail").asString())
        .isEqualTo("This is not yours to see or change.");
    assertThat(server.caller().get("/api/clients").headers().firstValue("Content-Type"))
        .hasValueSatisfying(type -> assertThat(type).startsWith("application/problem+json"));
    assertThat(client.send("PUT", "/api/clients/" + own, Practice.clientForm()).status())
        .isEqualTo(403);
    assertThat(client.send("POST", "/api/clients/" + own + "/invitation", Map.of()).status())
        .isEqualTo(403);
    assertThat(practice.coach().get("/api/my/day").status()).isEqualTo(403);
  }

  @Test
  void blocksAndSessionsOfOneClientAreNotFoundUnderAnother(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode first = practice.takeIn(Practice.clientForm());
    JsonNode second = practice.takeIn(Practice.clientForm());
    String block =
        practice.putBlock(first, Practice.today(), "18:00", "19:00").get("id").asString();
    String underSecond = "/api/clients/" + second.get("id").asString() + "/blocks/" + block;
    assertThat(practice.coach().get(underSecond + "/warm-up").status()).isEqualTo(404);
    assertThat(practice.coach().send("DELETE", underSecond, null).status()).isEqualTo(404);
  }
}
