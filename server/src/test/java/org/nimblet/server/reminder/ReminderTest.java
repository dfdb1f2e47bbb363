package org.nimblet.server.reminder;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.standin.StandInMail;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import tools.jackson.databind.JsonNode;

/** Who is told of what, once, and never in a block. */
@ExtendWith(ServerExtension.class)
class ReminderTest {

  private RunningServer server;
  private Practice practice;
  private JsonNode client;
  private HttpCaller own;

  @BeforeEach
  void takeIn(RunningServer running) {
    server = running;
    practice = new Practice(server);
    Map<String, Object> form = Practice.clientForm();
    form.put("wakesAt", "06:00");
    form.put("sleepsAt", "23:00");
    client = practice.takeIn(form);
    own = practice.asClient(id());
  }

  private String id() {
    return client.get("id").asString();
  }

  private String path(String rest) {
    return "/api/clients/" + id() + rest;
  }

  private void block(int fromMinutes, int toMinutes) {
    LocalTime now = LocalTime.now(Practice.CLOCK).truncatedTo(ChronoUnit.MINUTES);
    practice.putBlock(
        client,
        Practice.today(),
        now.plusMinutes(fromMinutes).toString(),
        now.plusMinutes(toMinutes).toString());
  }

  private void choose(Map<String, Object> form) {
    assertThat(own.send("PUT", path("/reminders"), form).status()).isEqualTo(200);
  }

  private void tick() {
    server.context().getBean(Reminders.class).tick();
    // It goes out by itself.
    Instant until = Instant.now().plusSeconds(20);
    while (!allSent() && Instant.now().isBefore(until)) {
      LockSupport.parkNanos(20_000_000);
    }
  }

  private boolean allSent() {
    return own.get(path("/reminders"))
        .json()
        .get("mails")
        .valueStream()
        .noneMatch(mail -> mail.get("sentAt").isNull());
  }

  private List<StandInMail.Taken> mail() {
    String address = own.get(path("/reminders")).json().get("address").asString();
    return server.context().getBean(StandInMail.class).taken().stream()
        .filter(taken -> taken.to().equals(address))
        .toList();
  }

  @Test
  void everythingIsOffUntilSomebodyTurnsItOn() {
    block(12, 72);
    tick();
    assertThat(mail()).isEmpty();
    assertThat(own.get("/api/my/notices").json()).isEmpty();
    JsonNode choice = own.get(path("/reminders")).json().get("choice");
    for (String kind : List.of("inApp", "mail", "digest")) {
      assertThat(choice.get(kind).asBoolean()).as(kind).isFalse();
    }
  }

  @Test
  void aSessionIsToldOfOnceByMailAndInTheOpenApplication() {
    block(12, 72);
    choose(Practice.reminderForm(true));
    tick();
    tick();
    assertThat(mail()).hasSize(1);
    StandInMail.Taken told = mail().get(0);
    assertThat(told.subject()).startsWith("Warm-up before Practice at ");
    assertThat(told.text()).contains(", 10 min").contains("Stop if it hurts");
    JsonNode notices = own.get("/api/my/notices").json();
    assertThat(notices.at("/0/title").asString()).isEqualTo("Warm-up before Practice");
    JsonNode view = own.get(path("/reminders")).json();
    assertThat(view.at("/mails/0/sentAt").isNull()).isFalse();
  }

  @Test
  void nobodyIsToldWhileTheyPlayNorTooEarly() {
    choose(Practice.reminderForm(true));
    block(60, 90);
    tick();
    assertThat(mail()).as("fifty minutes before").isEmpty();
    block(-5, 59);
    tick();
    assertThat(mail()).isEmpty();
    assertThat(own.get("/api/my/notices").json()).isEmpty();
  }

  @Test
  void theDigestTellsOfTheDayOnce() {
    Map<String, Object> form = Practice.reminderForm(false);
    form.put("digest", true);
    form.put("digestAt", LocalTime.now(Practice.CLOCK).minusMinutes(5).toString().substring(0, 5));
    choose(form);
    tick();
    assertThat(mail()).as("nothing to tell of").isEmpty();
    block(60, 120);
    block(180, 240);
    tick();
    tick();
    assertThat(mail()).hasSize(1);
    assertThat(mail().get(0).subject()).startsWith("Your hands on ");
    assertThat(mail().get(0).text().lines().filter(line -> line.contains("Warm-up"))).hasSize(2);
  }

  /** A pain of 8 left strength in the mail of the morning. */
  @Test
  void whatPainClosesIsTakenOutOfTheMailInTheSameMoment() {
    Map<String, Object> strength = new HashMap<>();
    strength.put("purpose", "STRENGTH");
    strength.put("minutes", 10);
    strength.put("frequency", "BY_PAIN");
    strength.put("anchor", "EVENING");
    strength.put("heavy", false);
    strength.put("notOn", List.of());
    LocalDate today = Practice.today();
    Map<String, Object> programme = new HashMap<>();
    programme.put("version", 0);
    programme.put("title", "Conditioning");
    programme.put("target", "");
    programme.put("startsOn", today.toString());
    programme.put("reviewsOn", today.plusWeeks(3).toString());
    programme.put("endsOn", today.plusWeeks(6).toString());
    programme.put("sessionsADay", 4);
    programme.put("minutesADay", 45);
    programme.put("obligations", List.of(strength));
    assertThat(practice.coach().send("PUT", path("/programme"), programme).status())
        .isLessThan(300);
    block(60, 120);
    tellPain(3, "STEADY");
    Map<String, Object> digest = Practice.reminderForm(false);
    digest.put("digest", true);
    digest.put(
        "digestAt", LocalTime.now(Practice.CLOCK).minusMinutes(5).toString().substring(0, 5));
    assertThat(planned()).as("before").contains("STRENGTH");
    tellPain(8, "NEW");
    choose(digest);
    tick();
    assertThat(mail()).hasSize(1);
    assertThat(mail().get(0).text()).contains("Warm-up").doesNotContain("Strength");
    assertThat(planned()).contains("WARM_UP").doesNotContain("STRENGTH");
    String notes = own.get("/api/my/day").json().toString();
    assertThat(notes).contains("Pain of 7 or more, right palm");
  }

  private void tellPain(int level, String course) {
    Map<String, Object> pain = new HashMap<>();
    pain.put("side", "RIGHT");
    pain.put("region", "PALM");
    pain.put("level", level);
    pain.put("sensation", "ACHE");
    pain.put("course", course);
    pain.put("since", null);
    assertThat(
            practice
                .coach()
                .send("POST", path("/health/pains"), Map.of("pains", List.of(pain)))
                .status())
        .isEqualTo(200);
  }

  private List<String> planned() {
    return own.get(path("/day?date=" + Practice.today()))
        .json()
        .get("pegs")
        .valueStream()
        .map(peg -> peg.get("purpose").asString())
        .toList();
  }

  @Test
  void timesHaveToBePossible() {
    Map<String, Object> form = Practice.reminderForm(true);
    form.put("minutesBefore", 500);
    assertThat(own.send("PUT", path("/reminders"), form).json().at("/errors/0/message").asString())
        .isEqualTo("0 to 120 minutes.");
  }
}
