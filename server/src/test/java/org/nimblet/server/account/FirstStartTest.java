package org.nimblet.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.nimblet.server.NimbletApplication;
import org.nimblet.server.support.HttpCaller;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.nimblet.server.support.TestCluster;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;

/** An empty practice on a server of its own, as it comes out of the box. */
class FirstStartTest {

  private static final int MOST_TRIES = 15;

  private static RunningServer start(TestCluster cluster, String database) {
    WebServerApplicationContext context =
        (WebServerApplicationContext)
            SpringApplication.run(
                NimbletApplication.class,
                "--server.port=0",
                "--logging.level.root=WARN",
                "--spring.datasource.hikari.connection-timeout=2000",
                "--spring.datasource.url=" + database,
                "--spring.datasource.username=" + cluster.user(),
                "--spring.datasource.password=" + cluster.password());
    return new RunningServer(context, "http://127.0.0.1:" + context.getWebServer().getPort());
  }

  @Test
  void whoeverReadsWhatTheServerPrintsSetsUpTheFirstAccountAndNobodyElse() {
    TestCluster cluster = TestCluster.start();
    String database = cluster.newDatabase();
    PrintStream before = System.out;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
    try {
      RunningServer once = start(cluster, database);
      String first = link(printed);
      SpringApplication.exit(once.context());
      RunningServer server = start(cluster, database);
      String second = link(printed);
      HttpCaller nobody = server.caller();
      assertThat(nobody.get("/api/me").json().get("firstStart").asBoolean()).isTrue();
      assertThat(nobody.get("/v3/api-docs").status()).as("not described").isNotEqualTo(200);
      Map<String, Object> coming = Practice.coming("", "first@test.example");
      Map<String, Object> uninvited =
          Map.of("name", "A", "email", "a@test.example", "password", HttpCaller.KNOWN_PASSWORD);
      assertThat(nobody.send("POST", "/api/coaches", uninvited).body()).contains("invited here");
      coming.put("token", first);
      assertThat(nobody.send("POST", "/api/invitations/accept", coming).body())
          .as("of the start before")
          .contains("used up or too old");
      coming.put("token", second);
      assertThat(nobody.send("POST", "/api/invitations/accept", coming).status()).isEqualTo(204);
      assertThat(nobody.get("/api/me").json().get("role").asString()).isEqualTo("COACH");
      HttpCaller other = server.caller();
      assertThat(other.get("/api/me").json().get("firstStart").asBoolean()).isFalse();
      coming.put("email", "second@test.example");
      assertThat(other.send("POST", "/api/invitations/accept", coming).status()).isEqualTo(400);
      SpringApplication.exit(server.context());
    } finally {
      System.setOut(before);
    }
  }

  /** It answered with a page of the servlet container. */
  @Test
  void whileTheDatabaseIsAwayThatIsSaidInWordsAndItGoesOnAfterwards() throws Exception {
    TestCluster cluster = TestCluster.start();
    String database = cluster.newDatabase();
    String name = database.substring(database.lastIndexOf('/') + 1);
    RunningServer server = start(cluster, database);
    try (Connection connection =
            DriverManager.getConnection(
                database.replace(name, "postgres"), cluster.user(), cluster.password());
        Statement statement = connection.createStatement()) {
      HttpCaller caller = server.caller();
      caller.get("/api/me");
      statement.execute("alter database " + name + " allow_connections false");
      statement.execute(
          "select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
      for (Answer answer :
          List.of(caller.get("/api/me"), caller.signIn("nobody@test.example", "password"))) {
        assertThat(answer.status()).as(answer.body()).isEqualTo(503);
        assertThat(answer.json().get("detail").asString()).contains("just now");
      }
      statement.execute("alter database " + name + " allow_connections true");
      IntStream answers =
          IntStream.generate(() -> caller.get("/api/me").status()).limit(MOST_TRIES);
      assertThat(answers.anyMatch(status -> status == 200))
          .as("each waits for a connection for a while")
          .isTrue();
    } finally {
      SpringApplication.exit(server.context());
    }
  }

  private static String link(ByteArrayOutputStream printed) {
    String line =
        printed
            .toString(StandardCharsets.UTF_8)
            .lines()
            .filter(one -> one.contains("Nobody has an account yet."))
            .reduce((earlier, later) -> later)
            .orElseThrow();
    assertThat(line).contains("/begin/");
    return line.substring(line.lastIndexOf('/') + 1).strip();
  }
}
