package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.nimblet.server.support.TestCluster;

@ExtendWith(ServerExtension.class)
class BackupTest {

  private final TestCluster cluster = TestCluster.start();

  private static String name(String url) {
    return url.substring(url.lastIndexOf('/') + 1);
  }

  private String copy(String action, Path file, String database) throws Exception {
    ProcessBuilder script =
        new ProcessBuilder(
            "bash",
            TestCluster.projectRoot().resolve("scripts/database-copy.sh").toString(),
            action,
            file.toString());
    script.environment().put("PGHOST", cluster.host());
    script.environment().put("PGPORT", String.valueOf(cluster.port()));
    script.environment().put("PGUSER", cluster.user());
    script.environment().put("PGPASSWORD", cluster.password());
    script.environment().put("PGDATABASE", database);
    Process process = script.redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return process.waitFor() == 0 ? "" : said;
  }

  /** How many rows each table has, and a digest of them. */
  private Map<String, String> rows(String url) throws SQLException {
    Map<String, String> rows = new TreeMap<>();
    try (Connection connection =
            DriverManager.getConnection(url, cluster.user(), cluster.password());
        Statement tables = connection.createStatement();
        Statement digests = connection.createStatement();
        ResultSet table =
            tables.executeQuery("select tablename from pg_tables where schemaname = 'public'")) {
      while (table.next()) {
        String name = table.getString(1);
        ResultSet digest =
            digests.executeQuery(
                "select count(*) || ' ' || coalesce(md5(string_agg(t::text, ',' order by t::text)),"
                    + " '') from "
                    + name
                    + " t");
        digest.next();
        rows.put(name, digest.getString(1));
      }
    }
    return rows;
  }

  @Test
  void aRestoredDatabaseHasTheSameRowsInPlaceOfItsOwn(RunningServer server, @TempDir Path folder)
      throws Exception {
    Practice practice = new Practice(server);
    practice.putBlock(practice.takeIn(Practice.clientForm()), Practice.today(), "18:00", "19:00");
    String source = server.context().getEnvironment().getProperty("spring.datasource.url");
    Path file = folder.resolve("copy");
    assertThat(copy("backup", file, name(source))).isEmpty();
    assertThat(Files.getPosixFilePermissions(file)).as("nobody else's to read").hasSize(2);
    String target = cluster.newDatabase();
    for (int twice = 0; twice < 2; twice++) {
      assertThat(copy("restore", file, name(target))).isEmpty();
      assertThat(rows(target)).isEqualTo(rows(source)).hasSizeGreaterThan(20);
    }
  }

  @Test
  void whatIsNoCopyChangesNothing(@TempDir Path folder) throws Exception {
    String target = cluster.newDatabase();
    Path other = Files.writeString(folder.resolve("other"), "not a copy");
    assertThat(copy("restore", other, name(target))).contains("is no copy of a database");
    assertThat(copy("restore", folder.resolve("none"), name(target))).contains("there is no file");
    assertThat(copy("backup", folder.resolve("copy"), "no_such_database"))
        .contains("nothing was written");
    assertThat(folder.resolve("copy")).doesNotExist();
    assertThat(folder.resolve("copy.part")).doesNotExist();
  }
}
