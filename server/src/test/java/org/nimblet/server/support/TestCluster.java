package org.nimblet.server.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.UUID;

/**
 * A PostgreSQL cluster for tests, made and started by the same script as the demo's. {@code
 * ./nimblet test} hands one over in NIMBLET_TEST_CLUSTER; without it, as from an editor, one is
 * made here and removed when the tests end.
 *
 * @param host loopback
 * @param port its port
 * @param user its superuser
 * @param password that user's password
 */
public record TestCluster(String host, int port, String user, String password) {

  /** The cluster of this run. */
  public static TestCluster start() {
    String given = System.getenv("NIMBLET_TEST_CLUSTER");
    Path folder =
        given == null
            ? Path.of(System.getProperty("java.io.tmpdir"), "nimblet-test-" + UUID.randomUUID())
            : Path.of(given);
    if (given == null) {
      Runtime.getRuntime().addShutdownHook(new Thread(() -> script("remove", folder)));
    }
    Properties reach = new Properties();
    try {
      reach.load(new java.io.StringReader(script("start", folder)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new TestCluster(
        reach.getProperty("host"),
        Integer.parseInt(reach.getProperty("port")),
        reach.getProperty("user"),
        reach.getProperty("password"));
  }

  /** Makes an empty database and returns its JDBC address. */
  public String newDatabase() {
    String name = "test_" + UUID.randomUUID().toString().replace('-', '_');
    try (Connection connection = DriverManager.getConnection(url("postgres"), user, password);
        Statement statement = connection.createStatement()) {
      statement.execute("create database " + name);
    } catch (SQLException e) {
      throw new IllegalStateException("the test database could not be made", e);
    }
    return url(name);
  }

  private String url(String database) {
    return "jdbc:postgresql://%s:%d/%s".formatted(host, port, database);
  }

  /**
   * Runs a script on one of the databases, as PostgreSQL's own programs are told of it.
   *
   * @param database its JDBC address
   */
  public void script(Path script, String database, String... arguments) {
    run(
        Map.of(
            "PGHOST", host,
            "PGPORT", String.valueOf(port),
            "PGUSER", user,
            "PGPASSWORD", password,
            "PGDATABASE", database.substring(database.lastIndexOf('/') + 1)),
        script,
        arguments);
  }

  private static String script(String action, Path folder) {
    Path script = projectRoot().resolve("scripts/postgres-cluster.sh");
    return run(Map.of(), script, action, folder.toString(), "fast");
  }

  private static String run(Map<String, String> environment, Path script, String... arguments) {
    List<String> command = new ArrayList<>(List.of("bash", script.toString()));
    command.addAll(List.of(arguments));
    try {
      ProcessBuilder builder =
          new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT);
      builder.environment().putAll(environment);
      Process process = builder.start();
      String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      if (process.waitFor() != 0) {
        throw new IllegalStateException(String.join(" ", command) + " failed");
      }
      return output;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** The folder of the project, from whichever module the tests run. */
  public static Path projectRoot() {
    Path folder = Path.of("").toAbsolutePath();
    while (folder != null && !Files.exists(folder.resolve("scripts/postgres-cluster.sh"))) {
      folder = folder.getParent();
    }
    if (folder == null) {
      throw new IllegalStateException("the project's folder was not found above the tests");
    }
    return folder;
  }
}
