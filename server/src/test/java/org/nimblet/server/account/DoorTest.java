package org.nimblet.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Mailbox;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import tools.jackson.databind.JsonNode;

/** The ways into an account, and out of it. */
@ExtendWith(ServerExtension.class)
class DoorTest {

  private static final String PASSWORD = HttpCaller.KNOWN_PASSWORD;
  private static final String ANOTHER = "kelp lantern nine ferry";

  private RunningServer server;

  @BeforeEach
  void find(RunningServer running) {
    server = running;
  }

  private JdbcClient jdbc() {
    return server.context().getBean(JdbcClient.class);
  }

  private HttpCaller nobody() {
    HttpCaller caller = server.caller();
    caller.get("/api/me");
    return caller;
  }

  private static String newAddress() {
    return "door-" + UUID.randomUUID() + "@test.example";
  }

  private Answer accept(Map<String, Object> form) {
    return nobody().send("POST", "/api/invitations/accept", form);
  }

  private static String problem(Answer answer) {
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    return answer.json().at("/errors/0/field").asString();
  }

  @Test
  void anInvitationByMailSaysWhoInvitesAndOpensOneAccount() {
    Practice practice = new Practice(server);
    String client = practice.takeIn(Practice.clientForm()).get("id").asString();
    String email = newAddress();
    Answer invited =
        practice
            .coach()
            .send("POST", "/api/clients/" + client + "/invitation", Map.of("email", email));
    assertThat(invited.status()).as(invited.body()).isEqualTo(201);
    assertThat(invited.json().get("sent").asBoolean()).isTrue();
    String token = Mailbox.tokenIn(new Mailbox(server, email).latestOf(1));
    assertThat(invited.json().get("link").asString()).endsWith("/invitation/" + token);
    JsonNode looked =
        nobody().send("POST", "/api/invitations/look", Map.of("token", token)).json().get(0);
    assertThat(looked.get("from").asString()).isEqualTo("Test Coach");
    assertThat(looked.get("name").asString()).isEqualTo("Test Client");
    assertThat(waiting(practice)).hasSize(1);

    Map<String, Object> form = Practice.coming(token, email);
    form.put("consent", false);
    assertThat(problem(accept(form))).isEqualTo("consent");
    form.put("consent", true);
    assertThat(accept(form).status()).isEqualTo(204);
    assertThat(accept(Practice.coming(token, newAddress())).body()).contains("used up or too old");
    assertThat(nobody().send("POST", "/api/invitations/look", Map.of("token", token)).json())
        .isEmpty();
    assertThat(waiting(practice)).isEmpty();
    Answer twice =
        practice.coach().send("POST", "/api/clients/" + client + "/invitation", Map.of());
    assertThat(twice.body()).contains("has an account already");
  }

  private static JsonNode waiting(Practice practice) {
    return practice.coach().get("/api/account/invitations").json();
  }

  /** The one before worked on after a new one was made. */
  @Test
  void aNewInvitationVoidsTheOneBeforeAndOneCanBeTakenBack() {
    Practice practice = new Practice(server);
    String client = practice.takeIn(Practice.clientForm()).get("id").asString();
    String first = practice.invite(client);
    String second = practice.invite(client);
    assertThat(problem(accept(Practice.coming(first, newAddress())))).isEqualTo("token");
    String id = waiting(practice).at("/0/id").asString();
    String third =
        practice
            .coach()
            .send("POST", "/api/account/invitations/" + id + "/again", null)
            .json()
            .get("link")
            .asString();
    assertThat(problem(accept(Practice.coming(second, newAddress())))).isEqualTo("token");
    String again = waiting(practice).at("/0/id").asString();
    assertThat(
            new Practice(server)
                .coach()
                .send("DELETE", "/api/account/invitations/" + again, null)
                .status())
        .as("another coach")
        .isEqualTo(404);
    assertThat(practice.coach().send("DELETE", "/api/account/invitations/" + again, null).status())
        .isEqualTo(204);
    String token = third.substring(third.lastIndexOf('/') + 1);
    assertThat(problem(accept(Practice.coming(token, newAddress())))).isEqualTo("token");
  }

  @Test
  void underSixteenAGuardianConsents() {
    Practice practice = new Practice(server);
    Map<String, Object> child = Practice.clientForm();
    child.put("ageGroup", "UNDER_16");
    String token = practice.invite(practice.takeIn(child).get("id").asString());
    Map<String, Object> form = Practice.coming(token, newAddress());
    assertThat(problem(accept(form))).isEqualTo("guardian");
    form.put("guardian", "Ragnhild Test");
    assertThat(accept(form).status()).isEqualTo(204);
    HttpCaller own = server.caller();
    own.signIn(form.get("email").toString(), PASSWORD);
    JsonNode account = own.get("/api/account").json();
    assertThat(account.get("guardian").asString()).isEqualTo("Ragnhild Test");
    assertThat(account.get("consentedAt").isNull()).isFalse();
  }

  @Test
  void acoachInvitesAnotherToAPracticeOfTheirOwn() {
    Practice practice = new Practice(server);
    String email = newAddress();
    practice.coach().send("POST", "/api/account/invitations", Map.of("email", email));
    String token = Mailbox.tokenIn(new Mailbox(server, email).latestOf(1));
    HttpCaller other = nobody();
    assertThat(
            other.send("POST", "/api/invitations/accept", Practice.coming(token, email)).status())
        .isEqualTo(204);
    assertThat(other.get("/api/me").json().get("role").asString()).isEqualTo("COACH");
    assertThat(other.get("/api/clients").json()).isEmpty();
  }

  @Test
  void aPasswordIsChangedByWhoeverKnowsItAndOtherSessionsEnd() {
    HttpCaller here = server.caller();
    String email = here.becomeCoach();
    HttpCaller elsewhere = server.caller();
    elsewhere.signIn(email, PASSWORD);
    assertThat(problem(change(here, "wrong", ANOTHER))).isEqualTo("password");
    assertThat(problem(change(here, PASSWORD, "password1234"))).isEqualTo("wanted");
    assertThat(change(here, PASSWORD, ANOTHER).status()).isEqualTo(204);
    assertThat(here.get("/api/today").status()).isEqualTo(200);
    assertThat(elsewhere.get("/api/today").status()).isEqualTo(401);
    assertThat(server.caller().signIn(email, PASSWORD).status()).isEqualTo(401);
    assertThat(server.caller().signIn(email, ANOTHER).status()).isEqualTo(204);
    assertThat(new Mailbox(server, email).latestOf(1).subject()).contains("password was changed");
  }

  private static Answer change(HttpCaller who, String password, String wanted) {
    return who.send("PUT", "/api/account/password", Map.of("password", password, "wanted", wanted));
  }

  @Test
  void aForgottenPasswordIsSetAnewByMailAndNobodyLearnsWhoHasAnAccount() {
    HttpCaller here = server.caller();
    String email = here.becomeCoach();
    Answer known = forgotten(email);
    Answer unknown = forgotten(newAddress());
    assertThat(known.status()).isEqualTo(204).isEqualTo(unknown.status());
    assertThat(known.body()).isEqualTo(unknown.body());
    String token = Mailbox.tokenIn(new Mailbox(server, email).latestOf(1));
    assertThat(problem(reset(token, "123456789012"))).isEqualTo("password");
    assertThat(reset(token, ANOTHER).status()).isEqualTo(204);
    assertThat(here.get("/api/today").status()).as("all sessions end").isEqualTo(401);
    assertThat(server.caller().signIn(email, ANOTHER).status()).isEqualTo(204);
    assertThat(reset(token, PASSWORD).body()).contains("used up or too old");
  }

  private Answer forgotten(String email) {
    return nobody().send("POST", "/api/passwords/forgotten", Map.of("email", email));
  }

  private Answer reset(String token, String password) {
    return nobody()
        .send("POST", "/api/passwords/reset", Map.of("token", token, "password", password));
  }

  @Test
  void anotherAddressIsTakenOnceItsMailWasRead() {
    HttpCaller here = server.caller();
    String before = here.becomeCoach();
    String after = newAddress();
    assertThat(
            here.send("POST", "/api/account/address", Map.of("email", after, "password", PASSWORD))
                .status())
        .isEqualTo(204);
    assertThat(server.caller().signIn(after, PASSWORD).status()).isEqualTo(401);
    String token = Mailbox.tokenIn(new Mailbox(server, after).latestOf(1));
    assertThat(nobody().send("POST", "/api/addresses", Map.of("token", token)).status())
        .isEqualTo(204);
    assertThat(server.caller().signIn(after, PASSWORD).status()).isEqualTo(204);
    assertThat(server.caller().signIn(before, PASSWORD).status()).isEqualTo(401);
    assertThat(new Mailbox(server, before).latestOf(1).subject()).contains("address was changed");
  }

  /** Two hundred wrong passwords were looked at one after the other. */
  @Test
  void afterTenWrongPasswordsAnAccountIsLockedForAWhileWhetherThereIsOneOrNot() {
    String known = server.caller().becomeCoach();
    String unknown = newAddress();
    List<String> answers = new ArrayList<>();
    for (String email : List.of(known, unknown)) {
      for (int i = 0; i < 10; i++) {
        assertThat(server.caller().signIn(email, "wrong " + i).status()).isEqualTo(401);
      }
      Answer locked = server.caller().signIn(email, PASSWORD);
      assertThat(locked.status()).isEqualTo(429);
      assertThat(locked.headers().firstValueAsLong("Retry-After").orElse(0)).isBetween(1L, 900L);
      answers.add(locked.json().get("detail").asString());
    }
    assertThat(answers.get(0)).isEqualTo(answers.get(1)).startsWith("Too many tries. Wait 15 min");
    String other = server.caller().becomeCoach();
    assertThat(server.caller().signIn(other, PASSWORD).status()).as("another").isEqualTo(204);
  }

  @Test
  void sessionsAreListedByDeviceAndEndedFromElsewhere() {
    HttpCaller here = server.caller();
    String email = here.becomeCoach();
    HttpCaller elsewhere = server.caller();
    elsewhere.signIn(email, PASSWORD);
    JsonNode sessions = here.get("/api/account").json().get("sessions");
    assertThat(sessions).hasSize(2);
    JsonNode other =
        sessions
            .valueStream()
            .filter(session -> !session.get("current").asBoolean())
            .findFirst()
            .orElseThrow();
    assertThat(other.get("device").asString()).endsWith("on a computer");
    String path = "/api/account/sessions/" + other.get("id").asString();
    assertThat(new Practice(server).coach().send("DELETE", path, null).status())
        .as("somebody else's")
        .isEqualTo(404);
    assertThat(here.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(elsewhere.get("/api/today").status()).isEqualTo(401);
    assertThat(here.get("/api/today").status()).isEqualTo(200);
  }

  @Test
  void aSessionEndsAfterItsTimeHoweverBusyItWas() {
    HttpCaller here = server.caller();
    here.becomeCoach();
    String account = here.get("/api/me").json().get("accountId").asString();
    String age = "update spring_session set creation_time = ? where principal_name = ?";
    long now = Instant.now().toEpochMilli();
    long day = 86_400_000L;
    jdbc().sql(age).param(now - 29 * day).param(account).update();
    assertThat(here.get("/api/today").status()).isEqualTo(200);
    jdbc().sql(age).param(now - 31 * day).param(account).update();
    assertThat(here.get("/api/today").status()).isEqualTo(401);
  }

  @Test
  void noSessionHoldsAPassword() {
    HttpCaller here = server.caller();
    here.becomeCoach();
    String account = here.get("/api/me").json().get("accountId").asString();
    String hash =
        jdbc()
            .sql("select password_hash from account where id = ?")
            .param(UUID.fromString(account))
            .query(String.class)
            .single();
    List<byte[]> kept =
        jdbc()
            .sql(
                "select a.attribute_bytes from spring_session_attributes a join spring_session s"
                    + " on s.primary_id = a.session_primary_id where s.principal_name = ?")
            .param(account)
            .query(byte[].class)
            .list();
    assertThat(kept).isNotEmpty();
    for (byte[] bytes : kept) {
      assertThat(new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1))
          .doesNotContain(hash, PASSWORD);
    }
  }

  @Test
  void aSecondFactorAsksForACodeThatOpensOnce() {
    HttpCaller here = server.caller();
    String email = here.becomeCoach();
    JsonNode proposed = here.get("/api/account/second-factor").json();
    String secret = proposed.get("secret").asString();
    assertThat(proposed.get("address").asString()).startsWith("otpauth://totp/Nimblet:");
    assertThat(proposed.get("path").asString()).startsWith("M2 2h1v1h-1z");
    assertThat(problem(protect(here, secret, "000000"))).isEqualTo("code");
    SecondFactor codes = new SecondFactor(null, Practice.CLOCK);
    String code = codes.codeAt(secret, Practice.CLOCK.instant());
    Answer paper = protect(here, secret, code);
    assertThat(paper.status()).as(paper.body()).isEqualTo(200);
    assertThat(paper.json()).hasSize(8);
    assertThat(new Mailbox(server, email).latestOf(1).subject()).startsWith("Codes are asked for");

    Answer asked = server.caller().signIn(email, PASSWORD);
    assertThat(asked.status()).isEqualTo(401);
    assertThat(asked.json().get("asksFor").asString()).isEqualTo("code");
    assertThat(server.caller().signIn(email, PASSWORD, code).status())
        .as("it opened the door once")
        .isEqualTo(401);
    String next = codes.codeAt(secret, Practice.CLOCK.instant().plusSeconds(30));
    assertThat(server.caller().signIn(email, PASSWORD, next).status()).isEqualTo(204);
    String fromPaper = paper.json().get(3).asString();
    assertThat(server.caller().signIn(email, PASSWORD, fromPaper).status()).isEqualTo(204);
    assertThat(server.caller().signIn(email, PASSWORD, fromPaper).status()).isEqualTo(401);
    assertThat(server.caller().signIn(email, "wrong", next).json().get("asksFor").asString())
        .as("a wrong password learns nothing of codes")
        .isEmpty();
    assertThat(here.get("/api/account").json().get("paperCodes").asInt()).isEqualTo(7);
    here.send("POST", "/api/account/second-factor/removal", Map.of("password", PASSWORD));
    assertThat(server.caller().signIn(email, PASSWORD).status()).isEqualTo(204);
  }

  private static Answer protect(HttpCaller who, String secret, String code) {
    return who.send(
        "PUT",
        "/api/account/second-factor",
        Map.of("password", PASSWORD, "secret", secret, "code", code));
  }

  @Test
  void aClientWhoIsDeletedLeavesNothingBehind() {
    Practice practice = new Practice(server);
    JsonNode client = practice.takeIn(Practice.clientForm());
    String id = client.get("id").asString();
    HttpCaller own = practice.asClient(id);
    practice.putBlock(client, Practice.today(), "18:00", "19:00");
    own.send(
        "PUT",
        "/api/clients/" + id + "/sessions/" + UUID.randomUUID(),
        Practice.sessionForm(null, "2026-07-15T10:00:00Z", "2026-07-15T10:10:00Z"));
    assertThat(rowsOf(id).values().stream().mapToLong(Long::longValue).sum()).isGreaterThan(3);
    String path = "/api/clients/" + id + "/deletion";
    assertThat(own.send("POST", path, Map.of("name", "Test Client")).status()).isEqualTo(403);
    assertThat(problem(practice.coach().send("POST", path, Map.of("name", "Another"))))
        .isEqualTo("name");
    assertThat(practice.coach().send("POST", path, Map.of("name", "test client ")).status())
        .isEqualTo(204);
    assertThat(rowsOf(id)).allSatisfy((table, rows) -> assertThat(rows).as(table).isZero());
    assertThat(own.get("/api/my/day").status()).isEqualTo(401);
    assertThat(practice.coach().get("/api/clients/" + id).status()).isEqualTo(404);
  }

  /** How many rows each table has that says whose they are. */
  private Map<String, Long> rowsOf(String client) {
    Map<String, Long> rows = new HashMap<>();
    jdbc()
        .sql(
            "select table_name from information_schema.columns where column_name = 'client_id'"
                + " and table_schema = 'public'")
        .query(String.class)
        .list()
        .forEach(
            table ->
                rows.put(
                    table,
                    jdbc()
                        .sql("select count(*) from " + table + " where client_id = ?")
                        .param(UUID.fromString(client))
                        .query(Long.class)
                        .single()));
    return rows;
  }

  @Test
  void aClientWhoIsPutAwayIsOffTheRosterAndComesBackWhole() {
    Practice practice = new Practice(server);
    String id = practice.takeIn(Practice.clientForm()).get("id").asString();
    String path = "/api/clients/" + id + "/archive";
    assertThat(practice.coach().send("POST", path, null).status()).isEqualTo(204);
    assertThat(practice.coach().get("/api/today").json().get("rows")).isEmpty();
    assertThat(practice.coach().get("/api/clients").json()).isEmpty();
    assertThat(practice.coach().get("/api/clients/archived").json()).hasSize(1);
    assertThat(practice.coach().get("/api/clients/" + id).status()).isEqualTo(200);
    practice.coach().send("DELETE", path, null);
    assertThat(practice.coach().get("/api/today").json().get("rows")).hasSize(1);
  }

  @Test
  void aPracticeThatIsLeftGoesAfterTwoWeeksAndCanStay() {
    Practice practice = new Practice(server);
    practice.takeIn(Practice.clientForm());
    UUID account =
        UUID.fromString(practice.coach().get("/api/me").json().get("accountId").asString());
    HttpCaller coach = practice.coach();
    assertThat(problem(leave(coach, "wrong"))).isEqualTo("password");
    assertThat(leave(coach, PASSWORD).status()).isEqualTo(204);
    Instant leavesAt = Instant.parse(coach.get("/api/account").json().get("leavesAt").asString());
    assertThat(leavesAt).isAfter(Practice.CLOCK.instant().plusSeconds(13 * 86_400));
    coach.send("DELETE", "/api/account/leaving", null);
    assertThat(coach.get("/api/account").json().get("leavesAt").isNull()).isTrue();
    leave(coach, PASSWORD);
    OwnAccountService service = server.context().getBean(OwnAccountService.class);
    service.forgetPractices();
    assertThat(coach.get("/api/clients").json()).as("not yet").hasSize(1);
    jdbc()
        .sql(
            "update coach set leaves_at = timestamp '2026-01-01' where id ="
                + " (select coach_id from account where id = ?)")
        .param(account)
        .update();
    service.forgetPractices();
    assertThat(coach.get("/api/clients").status()).isEqualTo(401);
    assertThat(
            jdbc()
                .sql("select count(*) from account where id = ?")
                .param(account)
                .query(Long.class)
                .single())
        .isZero();
  }

  @Test
  void aClientClosesTheirOwnAccountAndTheCoachKeepsTheirWords() {
    Practice practice = new Practice(server);
    String id = practice.takeIn(Practice.clientForm()).get("id").asString();
    HttpCaller own = practice.asClient(id);
    assertThat(leave(own, PASSWORD).status()).isEqualTo(204);
    assertThat(own.get("/api/my/day").status()).isEqualTo(401);
    assertThat(practice.coach().get("/api/clients/" + id).status()).isEqualTo(200);
    assertThat(practice.invite(id)).isNotEmpty();
  }

  private static Answer leave(HttpCaller who, String password) {
    return who.send("POST", "/api/account/leaving", Map.of("password", password));
  }

  @Test
  void aClientReadsWhoReadAndChangedWhatTheyTold() {
    Practice practice = new Practice(server);
    String id = practice.takeIn(Practice.clientForm()).get("id").asString();
    HttpCaller own = practice.asClient(id);
    String path = "/api/clients/" + id;
    own.get(path + "/health");
    assertThat(own.get(path + "/health/trail").json()).as("one's own reading").isEmpty();
    practice.coach().get(path + "/health");
    practice.coach().get(path + "/health");
    practice.coach().get(path + "/log");
    Map<String, Object> pain = new HashMap<>();
    pain.put("side", "LEFT");
    pain.put("region", "PALM");
    pain.put("level", 1);
    pain.put("sensation", null);
    pain.put("since", null);
    own.send("POST", path + "/health/pains", Map.of("pains", List.of(pain)));
    JsonNode trail = own.get(path + "/health/trail").json();
    assertThat(trail.findValuesAsString("words"))
        .containsExactlyInAnyOrder(
            "read your pains, signs and conditions", "read your log", "wrote down pain");
    assertThat(trail.findValuesAsString("who"))
        .containsOnly("Test Coach", "Test Client")
        .hasSize(3);
  }

  /**
   * Somebody unknown is looked up in as long as somebody known, so their hashes are of one kind.
   */
  @Test
  void theHashOfNobodyIsOfTheKindOfAllOthers() {
    PasswordEncoder passwords = server.context().getBean("passwordEncoder", PasswordEncoder.class);
    String other = passwords.encode(ANOTHER);
    assertThat(PasswordSignIn.HASH_OF_NOBODY)
        .hasSameSizeAs(other)
        .startsWith(other.substring(0, other.indexOf('}') + 1));
    assertThat(passwords.matches(ANOTHER, PasswordSignIn.HASH_OF_NOBODY)).isFalse();
    assertThat(passwords.matches(ANOTHER, other)).isTrue();
    assertThat(passwords.encode(ANOTHER)).isNotEqualTo(other);
  }

  /** What everybody knows is hashed once; it opens nothing that it does not belong to. */
  @Test
  void aPasswordThatEverybodyKnowsIsHashedOnce() {
    PasswordEncoder passwords = server.context().getBean("passwordEncoder", PasswordEncoder.class);
    String known = passwords.encode(PASSWORD);
    assertThat(passwords.encode(PASSWORD)).isEqualTo(known);
    assertThat(passwords.matches(PASSWORD, known)).isTrue();
    assertThat(passwords.matches(ANOTHER, known)).isFalse();
    assertThat(passwords.matches(PASSWORD, passwords.encode(ANOTHER))).isFalse();
  }
}
