package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Days as ribbons, for the coach and for the client. */
@ExtendWith(ServerExtension.class)
class DayTest {

  private static final LocalDate TOMORROW = Practice.today().plusDays(1);

  private static String path(JsonNode client) {
    return "/api/clients/" + client.get("id").asString();
  }

  @Test
  void theRosterHasEveryClientByNameAndNobodyElse(RunningServer server) {
    Practice practice = new Practice(server);
    for (String name : List.of("Zora", "Anselm")) {
      Map<String, Object> form = Practice.clientForm();
      form.put("name", name);
      practice.takeIn(form);
    }
    JsonNode today = practice.coach().get("/api/today").json();
    assertThat(today.get("rows").findValuesAsString("name")).containsExactly("Anselm", "Zora");
    assertThat(today.get("date").asString()).isEqualTo(Practice.today().toString());
  }

  /** One number broke Today of everybody. */
  @Test
  void whatDoesNotFitTogetherOfOneLeavesTheOthersBe(RunningServer server) {
    Practice practice = new Practice(server);
    for (String name : List.of("Anselm", "Berit", "Zora")) {
      Map<String, Object> form = Practice.clientForm();
      form.put("name", name);
      JsonNode client = practice.takeIn(form);
      practice.putBlock(client, Practice.today(), "18:00", "19:00");
      if (name.equals("Berit")) {
        server
            .context()
            .getBean(JdbcClient.class)
            .sql("update block set parts = ?::jsonb where client_id = ?")
            .param("[{\"title\":\"x\",\"minutes\":-5,\"restMinutes\":0}]")
            .param(UUID.fromString(client.get("id").asString()))
            .update();
      }
    }
    JsonNode rows = practice.coach().get("/api/today").json().get("rows");
    assertThat(rows.findValuesAsString("name")).containsExactly("Berit", "Anselm", "Zora");
    assertThat(rows.at("/0/attention/0/heading").asString()).isEqualTo("Day cannot be worked out");
    assertThat(rows.at("/0/day/blocks")).isEmpty();
    assertThat(rows.at("/1/day/blocks")).hasSize(1);
    assertThat(rows.at("/2/day/blocks")).hasSize(1);
  }

  @Test
  void anotherDateCanBeLookedAt(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    practice.putBlock(client, TOMORROW, "18:00", "19:00");
    JsonNode day = practice.coach().get("/api/today?date=" + TOMORROW).json().at("/rows/0/day");
    assertThat(day.get("today").asBoolean()).isFalse();
    assertThat(day.at("/blocks/0/startHour").asDouble()).isEqualTo(18.0);
    assertThat(day.at("/pegs/0/endHour").asDouble()).isEqualTo(18.0);
    assertThat(day.get("planned").asInt()).isEqualTo(1);
    Answer wrong = practice.coach().get("/api/today?date=someday");
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.json().at("/errors/0/message").asString())
        .isEqualTo("Date (someday) must be a date such as 2026-03-02, of the years 1900 to 2199.");
  }

  @Test
  void aDayMayEndPastMidnight(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("wakesAt", "10:00");
    form.put("sleepsAt", "02:30");
    JsonNode client = practice.takeIn(form);
    practice.putBlock(client, TOMORROW, "23:00", "01:30");
    JsonNode day = practice.coach().get(path(client) + "/day?date=" + TOMORROW).json();
    assertThat(day.get("wakesHour").asDouble()).isEqualTo(10.0);
    assertThat(day.get("sleepsHour").asDouble()).isEqualTo(26.5);
    assertThat(day.at("/blocks/0/endHour").asDouble()).isEqualTo(25.5);
  }

  @Test
  void theClientsDayNamesTheNextBlockThatHasAWarmUp(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, Practice.today(), "18:00", "19:00");
    HttpCaller own = practice.asClient(client.get("id").asString());
    JsonNode myDay = own.get("/api/my/day").json();
    assertThat(myDay.get("coachName").asString()).isEqualTo("Test Coach");
    assertThat(myDay.get("week")).hasSize(7);
    assertThat(myDay.at("/next/blockId").asString()).isEqualTo(block.get("id").asString());
  }

  @Test
  void aBlockThatIsTakenOutTakesItsWarmUpAlong(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    String own = path(client) + "/blocks/" + block.get("id").asString();
    assertThat(practice.coach().send("DELETE", own, null).status()).isEqualTo(204);
    assertThat(practice.coach().get(own + "/warm-up").status()).isEqualTo(404);
    JsonNode day = practice.coach().get(path(client) + "/day?date=" + TOMORROW).json();
    assertThat(day.get("pegs")).isEmpty();
    assertThat(practice.coach().send("DELETE", own, null).status()).isEqualTo(404);
  }

  @Test
  void busyTimeShortensAWarmUp(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    JdbcClient jdbc = server.context().getBean(JdbcClient.class);
    jdbc.sql(
            """
            insert into busy_time (id, coach_id, client_id, date, starts_at, ends_at)
            select ?, coach_id, id, ?, '17:00', '17:54' from client where id = ?
            """)
        .params(UUID.randomUUID(), TOMORROW, UUID.fromString(client.get("id").asString()))
        .update();
    JsonNode warmUp =
        practice
            .coach()
            .get(path(client) + "/blocks/" + block.get("id").asString() + "/warm-up")
            .json();
    assertThat(warmUp.get("reason").asString())
        .isEqualTo("Shortened from 10 min to 6 min: no more is free before it.");
  }

  @Test
  void whatAClinicianKeepsOutIsHonouredAndShownUntilItEnds(RunningServer server) {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    JdbcClient jdbc = server.context().getBean(JdbcClient.class);
    for (Object[] row :
        new Object[][] {
          {"FOREARM_PALM_SIDE", TOMORROW}, {"SHOULDER", Practice.today().minusDays(1)}
        }) {
      jdbc.sql(
              """
              insert into minded (id, coach_id, client_id, kind, sides, region, words, until, at)
              select ?, coach_id, id, 'KEEP_OUT', array['LEFT'], ?, 'to be rested.', ?, now()
              from client where id = ?
              """)
          .params(UUID.randomUUID(), row[0], row[1], UUID.fromString(client.get("id").asString()))
          .update();
    }
    JsonNode routine =
        practice
            .coach()
            .get(path(client) + "/blocks/" + block.get("id").asString() + "/warm-up")
            .json()
            .get("routine");
    assertThat(routine.get("steps").findValuesAsString("exerciseId"))
        .doesNotContain("tendon-sequence", "palms-together-lowering");
    assertThat(routine.get("leftOut").findValuesAsString("reason"))
        .contains("Uses the forearm, palm side on the left: to be rested. Until " + TOMORROW + ".")
        .noneMatch(reason -> reason.contains("shoulder on the left"));
    assertThat(
            practice.coach().get("/api/today").json().at("/rows/0/attention/0/heading").asString())
        .isEqualTo("Left out");
  }

  @Test
  void clientsOfOneHandAreWarmedForThatHand(RunningServer server) {
    Practice practice = new Practice(server);
    Map<String, Object> activity = Practice.activityForm();
    activity.put("discipline", "MOUSE");
    activity.put("hands", List.of("RIGHT"));
    Map<String, Object> form = Practice.clientForm();
    form.put("activities", List.of(activity));
    JsonNode client = practice.takeIn(form);
    JsonNode block = practice.putBlock(client, TOMORROW, "18:00", "19:00");
    JsonNode routine =
        practice
            .coach()
            .get(path(client) + "/blocks/" + block.get("id").asString() + "/warm-up")
            .json()
            .get("routine");
    assertThat(routine.get("steps").findValuesAsString("exerciseId")).contains("easy-presses");
    assertThat(routine.get("steps").findValuesAsString("reason"))
        .anyMatch(reason -> reason.contains("finger extensors"));
  }
}
