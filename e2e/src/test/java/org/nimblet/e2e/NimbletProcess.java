package org.nimblet.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.nimblet.server.support.TestCluster;

/**
 * The packaged application as a process of its own, so that a test can stop it and start it again.
 */
final class NimbletProcess {

  private static final Duration STARTS_WITHIN = Duration.ofMinutes(5);
  private static final String JAVA =
      Path.of(System.getProperty("java.home"), "bin", "java").toString();
  private static final String JAR = "nimblet-server-0.1.0-app.jar";
  private static final String UNPACKED = "e2e/target/app";

  private static NimbletProcess shared;

  private final TestCluster cluster;
  private final String database;
  private final int port;
  private Process process;

  private NimbletProcess(TestCluster cluster) {
    this.cluster = cluster;
    this.database = cluster.newDatabase();
    try (ServerSocket socket = new ServerSocket(0)) {
      this.port = socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Runtime.getRuntime().addShutdownHook(new Thread(this::stop));
  }

  /** One application with demo data for all tests that leave it running. */
  static synchronized NimbletProcess shared() {
    if (shared == null) {
      unpack();
      shared = new NimbletProcess(TestCluster.start());
      shared.start();
      shared.copy("backup");
    }
    return shared;
  }

  /** An application of the test's own, with the demo data as they were loaded for all. */
  static NimbletProcess startNew() {
    NimbletProcess own = new NimbletProcess(shared().cluster);
    own.copy("restore");
    own.start();
    return own;
  }

  /** As the start command does: what lies open is loaded in two thirds of the time. */
  private static void unpack() {
    Path root = TestCluster.projectRoot();
    List<String> command =
        List.of(
            JAVA,
            "-Djarmode=tools",
            "-jar",
            root.resolve("server/target").resolve(JAR).toString(),
            "extract",
            "--force",
            "--destination",
            root.resolve(UNPACKED).toString());
    try {
      int answer = new ProcessBuilder(command).inheritIO().start().waitFor();
      if (answer != 0) {
        throw new IllegalStateException("the application was not unpacked: " + answer);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private void copy(String action) {
    Path root = TestCluster.projectRoot();
    Path demo = root.resolve("e2e/target/demo.copy");
    cluster.script(root.resolve("scripts/database-copy.sh"), database, action, demo.toString());
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  void start() {
    Path root = TestCluster.projectRoot();
    ProcessBuilder builder =
        new ProcessBuilder(
            List.of(
                JAVA,
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-jar",
                root.resolve(UNPACKED).resolve(JAR).toString()));
    builder.environment().put("SPRING_PROFILES_ACTIVE", "demo");
    builder.environment().put("SERVER_PORT", String.valueOf(port));
    builder.environment().put("SPRING_DATASOURCE_URL", database);
    builder.environment().put("SPRING_DATASOURCE_USERNAME", cluster.user());
    builder.environment().put("SPRING_DATASOURCE_PASSWORD", cluster.password());
    builder.redirectErrorStream(true);
    builder.redirectOutput(root.resolve("e2e/target/application-" + port + ".log").toFile());
    try {
      process = builder.start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    awaitHealth();
  }

  private void awaitHealth() {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address() + "/actuator/health")).build();
    Instant until = Instant.now().plus(STARTS_WITHIN);
    while (Instant.now().isBefore(until)) {
      try {
        if (!process.isAlive()) {
          throw new IllegalStateException(
              "the application stopped; see e2e/target/application-*.log");
        }
        if (client.send(request, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
          return;
        }
      } catch (IOException e) {
        // Not listening yet.
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IllegalStateException(e);
      }
      java.util.concurrent.locks.LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200));
    }
    throw new IllegalStateException("the application was not healthy within " + STARTS_WITHIN);
  }

  void stop() {
    if (process == null) {
      return;
    }
    process.destroy();
    try {
      if (!process.waitFor(20, TimeUnit.SECONDS)) {
        process.destroyForcibly();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    process = null;
  }
}
