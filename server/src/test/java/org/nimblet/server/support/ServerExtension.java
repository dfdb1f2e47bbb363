package org.nimblet.server.support;

import java.time.Clock;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.nimblet.server.NimbletApplication;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;

/**
 * Starts the real application once per JVM on a free port against the test cluster. Spring's own
 * extension needs JUnit 6. Tests keep apart by opening an account each.
 */
public final class ServerExtension implements ParameterResolver {

  private static RunningServer server;
  private static boolean tried;

  /** The running application. */
  public record RunningServer(WebServerApplicationContext context, String address) {

    /** A browser-like client that has not signed in. */
    public HttpCaller caller() {
      return new HttpCaller(address);
    }
  }

  /** What tests have other than the machine: its clock, and the patience to hash passwords. */
  static class Surroundings {
    @Bean
    @Primary
    Clock clockOfTests() {
      return Practice.CLOCK;
    }

    /** Hashing is slow on purpose; hundreds of accounts of tests need not wait for it. */
    @Bean
    @Primary
    PasswordEncoder quickPasswordEncoder() {
      PasswordEncoder quick =
          new Pbkdf2PasswordEncoder(
              "", 16, 1, Pbkdf2PasswordEncoder.SecretKeyFactoryAlgorithm.PBKDF2WithHmacSHA256);
      String name = "pbkdf2@SpringSecurity_v5_8";
      return new DelegatingPasswordEncoder(name, Map.of(name, quick));
    }
  }

  private static synchronized RunningServer server() {
    if (server == null && tried) {
      throw new IllegalStateException("the server did not start; see the first test that failed");
    }
    if (server == null) {
      tried = true;
      TestCluster cluster = TestCluster.start();
      SpringApplication application =
          new SpringApplication(NimbletApplication.class, Surroundings.class);
      application.setDefaultProperties(
          Map.of("spring.main.banner-mode", "off", "logging.level.root", "WARN"));
      WebServerApplicationContext context =
          (WebServerApplicationContext)
              application.run(
                  "--server.port=0",
                  "--nimblet.stand-in.runs=true",
                  "--nimblet.stand-in.password=" + HttpCaller.KNOWN_PASSWORD,
                  "--nimblet.calendar.patience=2s",
                  "--nimblet.account.sign-up-open=true",
                  "--springdoc.api-docs.enabled=true",
                  "--spring.datasource.url=" + cluster.newDatabase(),
                  "--spring.datasource.username=" + cluster.user(),
                  "--spring.datasource.password=" + cluster.password());
      server = new RunningServer(context, "http://127.0.0.1:" + context.getWebServer().getPort());
    }
    return server;
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return parameter.getParameter().getType() == RunningServer.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return server();
  }
}
