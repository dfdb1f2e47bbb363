package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.nimblet.server.support.TestCluster;

/** What was kept as text of its own making is kept as JSON, and says the same. */
class TypedColumnsTest {

  private static final String ID = "00000000-0000-0000-0000-00000000000";

  @Test
  void whatStoodInTextColumnsIsStillThere() throws SQLException {
    TestCluster cluster = TestCluster.start();
    String database = cluster.newDatabase();
    migrate(cluster, database, "11");
    try (Connection connection =
            DriverManager.getConnection(database, cluster.user(), cluster.password());
        Statement statement = connection.createStatement()) {
      statement.execute("set session_replication_role = replica");
      for (String anchor : List.of("BEDTIME", "08:15", "after:" + ID + "7")) {
        statement.execute(
            ("insert into obligation (id, coach_id, client_id, programme_id, place, purpose,"
                    + " minutes, frequency, anchor, heavy, not_on) values (gen_random_uuid(),"
                    + " '%s1', '%s2', '%s3', 0, 'RECOVERY', 6, 'DAILY', '%s', false, '{}')")
                .formatted(ID, ID, ID, anchor));
      }
      for (String activity : List.of("null", ID + "7")) {
        statement.execute(
            ("insert into calendar_memory (id, coach_id, client_id, source_id, event_key, stamp,"
                    + " date) values (gen_random_uuid(), '%s1', '%s2', '%s3', '%s',"
                    + " '2026-03-02|10:00|11:30|BUSY|%s|Duo | with a bar', '2026-03-02')")
                .formatted(ID, ID, ID, activity, activity));
      }
      statement.execute(
          ("insert into routine_version (id, coach_id, routine_id, number, title, purpose,"
                  + " budget_seconds, steps, created_at) values (gen_random_uuid(), '%s1', '%s2',"
                  + " 1, 'Mine', 'WARM_UP', 300, '[{\"key\": \"a\"}]', now())")
              .formatted(ID, ID));
    }
    migrate(cluster, database, "latest");
    try (Connection connection =
            DriverManager.getConnection(database, cluster.user(), cluster.password());
        Statement statement = connection.createStatement()) {
      assertThat(
              rows(
                  statement,
                  "select concat_ws(' ', anchor ->> 'part', anchor ->> 'at',"
                      + " anchor ->> 'afterActivity') from obligation order by 1"))
          .containsExactlyInAnyOrder("BEDTIME", "08:15", ID + "7");
      assertThat(
              rows(
                  statement,
                  "select concat_ws('/', stamp ->> 'date', stamp ->> 'startsAt',"
                      + " stamp ->> 'endsAt', stamp ->> 'meaning', stamp ->> 'activityId',"
                      + " stamp ->> 'title') from calendar_memory"))
          .containsExactlyInAnyOrder(
              "2026-03-02/10:00/11:30/BUSY/Duo | with a bar",
              "2026-03-02/10:00/11:30/BUSY/" + ID + "7/Duo | with a bar");
      assertThat(rows(statement, "select steps -> 0 ->> 'key' from routine_version"))
          .containsExactly("a");
    }
  }

  private static void migrate(TestCluster cluster, String database, String target) {
    Flyway.configure()
        .dataSource(database, cluster.user(), cluster.password())
        .target(target)
        .load()
        .migrate();
  }

  private static List<String> rows(Statement statement, String query) throws SQLException {
    List<String> rows = new ArrayList<>();
    try (ResultSet found = statement.executeQuery(query)) {
      while (found.next()) {
        rows.add(found.getString(1));
      }
    }
    return rows;
  }
}
