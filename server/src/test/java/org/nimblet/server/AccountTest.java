package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

@ExtendWith(ServerExtension.class)
class AccountTest {

  @Test
  void signsInOutAndInAgain(RunningServer server) {
    HttpCaller caller = server.caller();
    String email = caller.becomeCoach();
    assertThat(caller.get("/api/me").json().get("role").asString()).isEqualTo("COACH");
    assertThat(caller.send("POST", "/api/sign-out", null).status()).isEqualTo(204);
    assertThat(caller.get("/api/me").json().get("signedIn").asBoolean()).isFalse();
    assertThat(caller.get("/api/today").status()).isEqualTo(401);
    Answer wrong = caller.signIn(email, "wrong-password");
    assertThat(wrong.status()).isEqualTo(401);
    assertThat(wrong.json().get("detail").asString())
        .startsWith("Address and password do not belong together.");
    assertThat(
            caller
                .signIn(email.toUpperCase(java.util.Locale.ROOT), HttpCaller.KNOWN_PASSWORD)
                .status())
        .isEqualTo(204);
    assertThat(caller.get("/api/today").status()).isEqualTo(200);
  }

  @Test
  void passwordsAreHashedAndWebSessionsLieInTheDatabase(RunningServer server) {
    HttpCaller caller = server.caller();
    String email = caller.becomeCoach();
    JdbcClient jdbc = server.context().getBean(JdbcClient.class);
    assertThat(
            jdbc.sql("select password_hash from account where email = ?")
                .param(email)
                .query(String.class)
                .single())
        .isNotEmpty()
        .doesNotContain(HttpCaller.KNOWN_PASSWORD);
    assertThat(
            jdbc.sql("select count(*) from spring_session where principal_name = ?")
                .param(caller.get("/api/me").json().get("accountId").asString())
                .query(Long.class)
                .single())
        .isEqualTo(1);
  }

  /** Bcrypt looks at 72 bytes, and failed on more of them. */
  @Test
  void aLongPasswordCountsAsAWhole(RunningServer server) {
    String first72Bytes = "Måsarna på ön åt ål när färjan blåste, och sångaren väntade på kåsan";
    String longOne = first72Bytes + ", the end of it";
    HttpCaller caller = server.caller();
    caller.get("/api/me");
    String email = "long-" + UUID.randomUUID() + "@test.example";
    assertThat(
            caller
                .send(
                    "POST",
                    "/api/coaches",
                    Map.of("name", "Long", "email", email, "password", longOne))
                .status())
        .isEqualTo(204);
    assertThat(server.caller().signIn(email, first72Bytes).status()).isEqualTo(401);
    assertThat(server.caller().signIn(email, longOne).status()).isEqualTo(204);

    PasswordEncoder used = server.context().getBean("passwordEncoder", PasswordEncoder.class);
    String hash = used.encode(longOne);
    assertThat(hash).startsWith("{pbkdf2@");
    assertThat(used.matches(longOne, hash)).isTrue();
    assertThat(used.matches(first72Bytes, hash)).isFalse();
    String fromBefore = "{bcrypt}" + new BCryptPasswordEncoder().encode("harbour-hands");
    assertThat(used.matches("harbour-hands", fromBefore)).isTrue();
  }

  @Test
  void everyAnswerSaysWhatABrowserMayDo(RunningServer server) {
    for (String path : List.of("/", "/api/me", "/favicon.svg")) {
      var headers = server.caller().get(path).headers();
      assertThat(headers.firstValue("Permissions-Policy"))
          .as(path)
          .hasValueSatisfying(policy -> assertThat(policy).contains("camera=()", "microphone=()"));
      assertThat(headers.firstValue("Cross-Origin-Opener-Policy")).as(path).hasValue("same-origin");
      assertThat(headers.firstValue("X-Frame-Options")).as(path).hasValue("DENY");
    }
  }

  @Test
  void refusesAForgedRequest(RunningServer server) {
    HttpCaller withoutToken = server.caller();
    Answer answer =
        withoutToken.send(
            "POST",
            "/api/coaches",
            Map.of("name", "A", "email", "a@test.example", "password", HttpCaller.KNOWN_PASSWORD));
    assertThat(answer.status()).isIn(401, 403);
  }

  @Test
  void namesEveryWrongFieldOfANewAccount(RunningServer server) {
    HttpCaller caller = server.caller();
    caller.get("/api/me");
    Answer answer =
        caller.send(
            "POST", "/api/coaches", Map.of("name", " ", "email", "nowhere", "password", "short"));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors").findValuesAsString("field"))
        .containsExactly("email", "name", "password");
    assertThat(answer.body()).contains("A password has 12 to 200 characters.");
  }

  @Test
  void anAddressIsTakenOnce(RunningServer server) {
    HttpCaller first = server.caller();
    String email = first.becomeCoach();
    HttpCaller second = server.caller();
    second.get("/api/me");
    Answer answer =
        second.send(
            "POST",
            "/api/coaches",
            Map.of("name", "B", "email", email, "password", HttpCaller.KNOWN_PASSWORD));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo("email");
  }

  @Test
  void theDemosDoorDoesNotExistOutsideTheDemo(RunningServer server) {
    HttpCaller caller = server.caller();
    assertThat(caller.get("/api/me").json().get("demo").asBoolean()).isFalse();
    assertThat(caller.send("POST", "/api/demo/sign-in", Map.of("as", "COACH")).status())
        .isEqualTo(404);
  }

  @Test
  void everyAnswerCarriesStrictHeaders(RunningServer server) {
    for (String path : new String[] {"/", "/api/me", "/today"}) {
      Answer answer = server.caller().get(path);
      assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
          .as(path)
          .contains("script-src 'self'")
          .contains("frame-ancestors 'none'")
          .doesNotContain("script-src 'self' 'unsafe-inline'");
      assertThat(answer.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
      assertThat(answer.headers().firstValue("Referrer-Policy")).contains("no-referrer");
      assertThat(answer.headers().firstValue("X-Frame-Options")).contains("DENY");
    }
  }

  /** Behind a proxy that encrypts, and without one. */
  @Test
  void theCookieIsBoundToTheHostWhereTheConnectionIsEncrypted(RunningServer server)
      throws Exception {
    String address = server.address() + "/api/coaches";
    HttpClient client = HttpClient.newHttpClient();
    for (boolean encrypted : List.of(true, false)) {
      HttpRequest.Builder request =
          HttpRequest.newBuilder(URI.create(address))
              .header("Content-Type", "application/json")
              .header("Cookie", "XSRF-TOKEN=token")
              .header("X-XSRF-TOKEN", "token")
              .POST(
                  HttpRequest.BodyPublishers.ofString(
                      "{\"name\": \"C\", \"email\": \"%s@test.example\", \"password\": \"%s\"}"
                          .formatted(UUID.randomUUID(), HttpCaller.KNOWN_PASSWORD)));
      if (encrypted) {
        request.header("X-Forwarded-Proto", "https");
      }
      HttpResponse<String> answer =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString());
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(204);
      String cookie =
          answer.headers().allValues("Set-Cookie").stream()
              .filter(one -> one.contains("nimblet="))
              .findFirst()
              .orElseThrow();
      assertThat(cookie).contains("HttpOnly", "SameSite=Lax", "Path=/").doesNotContain("Domain");
      assertThat(cookie.startsWith("__Host-nimblet=") && cookie.contains("Secure"))
          .as(cookie)
          .isEqualTo(encrypted);
      assertThat(answer.headers().firstValue("Strict-Transport-Security").isPresent())
          .isEqualTo(encrypted);
    }
  }

  /** Six bodies of 90 MB before anybody signed in filled the memory. */
  @Test
  void littleIsReadOfWhoeverHasNotSignedIn(RunningServer server) throws Exception {
    String tooLong = "{\"token\": \"" + "x".repeat(20_000) + "\"}";
    HttpCaller nobody = server.caller();
    nobody.get("/api/me");
    Answer refused = nobody.send("POST", "/api/invitations/look", tooLong);
    assertThat(refused.status()).isEqualTo(413);
    assertThat(refused.json().get("detail").asString()).contains("up to 16 kB");
    HttpCaller coach = server.caller();
    coach.becomeCoach();
    assertThat(coach.send("POST", "/api/clients", tooLong).status()).isEqualTo(400);
    HttpResponse<String> unknownLength =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create(server.address() + "/api/invitations/look"))
                    .POST(
                        HttpRequest.BodyPublishers.ofInputStream(
                            () -> new ByteArrayInputStream(new byte[100])))
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertThat(unknownLength.statusCode()).isEqualTo(411);
  }
}
