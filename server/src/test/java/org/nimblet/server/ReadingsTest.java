package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.client.Readings;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** What was read of a client is kept only as long as nothing about them changes. */
@ExtendWith(ServerExtension.class)
class ReadingsTest {

  private static long revision(RunningServer server, OneClient one) {
    return server
        .context()
        .getBean(JdbcClient.class)
        .sql("select revision from client_revision where client_id = ?")
        .param(one.id())
        .query(Long.class)
        .single();
  }

  /** Nobody who writes can forget it: the database gives the number. */
  @Test
  void everyRowAboutAClientGivesAnotherRevision(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    JdbcClient jdbc = server.context().getBean(JdbcClient.class);
    for (String table : new String[] {"client", "activity"}) {
      long before = revision(server, one);
      String key = table.equals("client") ? "id" : "client_id";
      jdbc.sql("update %s set coach_id = coach_id where %s = ?".formatted(table, key))
          .param(one.id())
          .update();
      assertThat(revision(server, one)).as(table).isGreaterThan(before);
    }
    long before = revision(server, one);
    one.practice().putBlock(one.client(), Practice.today(), "10:00", "11:00");
    assertThat(revision(server, one)).as("a block").isGreaterThan(before);
    long withBlock = revision(server, one);
    jdbc.sql("delete from block where client_id = ?").param(one.id()).update();
    assertThat(revision(server, one)).as("a block taken out").isGreaterThan(withBlock);
  }

  @Test
  void aChangeBehindTheBackOfTheProgramIsSeenAtOnce(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    one.practice().putBlock(one.client(), Practice.today(), "10:00", "11:00");
    String day = "/day?date=" + Practice.today();
    assertThat(one.get(day).get("blocks")).hasSize(1);
    server
        .context()
        .getBean(JdbcClient.class)
        .sql("update block set title = 'Otherwise' where client_id = ?")
        .param(one.id())
        .update();
    assertThat(one.get(day).at("/blocks/0/title").asString()).isEqualTo("Otherwise");
  }

  @Test
  void aChangeThatIsTakenBackLeavesNothingBehind(RunningServer server) {
    OneClient one = OneClient.takeIn(server);
    String day = "/day?date=" + Practice.today();
    long before = revision(server, one);
    server
        .context()
        .getBean(TransactionTemplate.class)
        .executeWithoutResult(
            status -> {
              server
                  .context()
                  .getBean(JdbcClient.class)
                  .sql("update client set name = 'Nobody' where id = ?")
                  .param(one.id())
                  .update();
              status.setRollbackOnly();
            });
    assertThat(revision(server, one)).isEqualTo(before);
    one.sent(
        "POST",
        "/busy-times",
        Map.of("date", Practice.today().toString(), "startsAt", "12:00", "endsAt", "13:00"));
    assertThat(revision(server, one)).as("no number comes back").isGreaterThan(before + 1);
    assertThat(one.get(day).get("busy")).hasSize(1);
    assertThat(server.context().getBeansOfType(Readings.class)).hasSize(1);
  }
}
