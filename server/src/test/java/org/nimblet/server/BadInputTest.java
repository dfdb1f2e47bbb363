package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.BadBodies;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/**
 * Every endpoint that takes a body is sent bodies that do not fit: whatever comes, the answer names
 * the field in a person's words, and is never a failure of the server. More of them by {@code
 * ./nimblet fuzz}.
 */
@ExtendWith(ServerExtension.class)
class BadInputTest {

  /** Signing in as somebody else would end the run. */
  private static final Set<String> CHANGES_WHO =
      Set.of("/api/coaches", "/api/invitations/accept", "/api/account/leaving");

  private static final int BODIES =
      Integer.parseInt(Optional.ofNullable(System.getenv("NIMBLET_FUZZ")).orElse("1500"));

  private static final long SEED =
      Long.parseLong(Optional.ofNullable(System.getenv("NIMBLET_FUZZ_SEED")).orElse("14"));

  private record Endpoint(String method, String pattern, JsonNode schema) {}

  private static List<Endpoint> withBodies(JsonNode description) {
    List<Endpoint> found = new ArrayList<>();
    description
        .get("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        method -> {
                          JsonNode schema =
                              method
                                  .getValue()
                                  .path("requestBody")
                                  .path("content")
                                  .path("application/json")
                                  .path("schema");
                          if (!schema.isMissingNode() && !CHANGES_WHO.contains(path.getKey())) {
                            found.add(
                                new Endpoint(
                                    method.getKey().toUpperCase(java.util.Locale.ROOT),
                                    path.getKey(),
                                    schema));
                          }
                        }));
    return found;
  }

  @Test
  void noBodyMakesTheServerFail(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JsonNode block =
        one.practice().putBlock(one.client(), Practice.today().plusDays(1), "10:00", "11:00");
    HttpCaller coach = one.practice().coach();
    JsonNode description = coach.get("/v3/api-docs").json();
    List<Endpoint> endpoints = withBodies(description);
    BadBodies bodies =
        new BadBodies(
            description,
            Map.of(
                "clientId",
                one.id().toString(),
                "activityId",
                Practice.firstActivity(one.client()),
                "blockId",
                block.get("id").asString(),
                "exerciseId",
                "palm-rub",
                "timeZone",
                "Europe/Oslo",
                "dose",
                "20 s"),
            SEED);
    List<String> wrong = new ArrayList<>();
    for (int i = 0; i < BODIES; i++) {
      Endpoint endpoint = endpoints.get(i % endpoints.size());
      String body = bodies.next(endpoint.schema());
      Answer answer = coach.send(endpoint.method(), bodies.path(endpoint.pattern()), body);
      complaint(answer)
          .ifPresent(
              complaint ->
                  wrong.add(
                      "%s %s %s -> %d %s: %s"
                          .formatted(
                              endpoint.method(),
                              endpoint.pattern(),
                              body.substring(0, Math.min(body.length(), 600)),
                              answer.status(),
                              complaint,
                              answer.body())));
    }
    assertThat(wrong).as("%d of %d bodies", wrong.size(), BODIES).isEmpty();
  }

  private static Optional<String> complaint(Answer answer) {
    if (answer.status() >= 500) {
      return Optional.of("fails");
    }
    if (answer.status() == 409 && answer.body().contains("Something it refers to is gone")) {
      return Optional.of("says that something is gone");
    }
    boolean onlyLooked = answer.status() == 200 && answer.body().startsWith("{\"shown\":null");
    if (answer.status() == 400 || onlyLooked) {
      if (answer.body().contains("java.") || answer.body().contains("org.nimblet")) {
        return Optional.of("names a class");
      }
      String detail = answer.json().path("detail").asString();
      if (detail.startsWith("Please look") && detail.matches(".*(\\[|[a-z][A-Z]).*")) {
        return Optional.of("does not name the field as people do");
      }
      if (answer.body().length() > 4_000) {
        return Optional.of("says too much");
      }
    }
    return Optional.empty();
  }

  @Test
  void otherKindsOfBodiesAreRefused(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    for (String type :
        List.of("multipart/form-data; boundary=x", "text/plain", "application/xml")) {
      assertThat(coach.send("POST", "/api/clients", "--x\r\n\r\n--x--", type).status())
          .as(type)
          .isEqualTo(415);
    }
  }

  /** Each is taken for something else by a forgiving reader. */
  @Test
  void nothingIsBentUntilItFits(RunningServer server) {
    HttpCaller coach = new Practice(server).coach();
    Map<String, Object> form = Practice.clientForm();
    assertThat(refusal(coach, form, "breathsPerMinute", 5.9)).contains("must be a whole number");
    assertThat(refusal(coach, form, "breathsPerMinute", "nine"))
        .contains("(nine) must be a whole number");
    assertThat(refusal(coach, form, "dominantHand", 0)).contains("must be one of LEFT, RIGHT");
    assertThat(refusal(coach, form, "wakesAt", 5)).contains("must be a time such as 18:30");
    assertThat(refusal(coach, form, "name", "a\u0007b"))
        .contains("text without control characters");
    assertThat(refusal(coach, form, "things", java.util.Arrays.asList((Object) null)))
        .contains("must not hold nothing");
    assertThat(refusal(coach, form, "weightsGrams", List.of(500, "heavy")))
        .startsWith("Weight 2 (heavy) must be a whole number");
    assertThat(refusal(coach, form, "dominantHand", "x".repeat(1_000_000))).hasSizeLessThan(500);
  }

  private static String refusal(
      HttpCaller coach, Map<String, Object> form, String field, Object value) {
    Map<String, Object> changed = new java.util.TreeMap<>(form);
    changed.put(field, value);
    Answer answer = coach.send("POST", "/api/clients", changed);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/field").asString()).startsWith(field);
    return answer.json().at("/errors/0/message").asString();
  }
}
