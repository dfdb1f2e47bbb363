package org.nimblet.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** A coach with one client, awake from 7 to 23 UTC, and what the coach asks about that client. */
public record OneClient(Practice practice, JsonNode client) {

  /** Takes one in. */
  public static OneClient takeIn(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("wakesAt", "07:00");
    form.put("sleepsAt", "23:00");
    return new OneClient(practice, practice.takeIn(form));
  }

  /** The client's identifier. */
  public UUID id() {
    return UUID.fromString(client.get("id").asString());
  }

  /** A path below the client's own. */
  public String path(String rest) {
    return "/api/clients/" + id() + rest;
  }

  /** What the coach is told. */
  public JsonNode get(String rest) {
    Answer answer = practice.coach().get(path(rest));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  /** What is answered to the coach, whatever it is. */
  public Answer send(String method, String rest, Object body) {
    return practice.coach().send(method, path(rest), body);
  }

  /** What is answered to the coach, which must be an agreement. */
  public JsonNode sent(String method, String rest, Object body) {
    Answer answer = send(method, rest, body);
    assertThat(answer.status()).as(answer.body()).isIn(200, 201);
    return answer.json();
  }
}
