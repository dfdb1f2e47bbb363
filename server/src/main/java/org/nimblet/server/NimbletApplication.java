package org.nimblet.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: accounts, storage and HTTP round the core. */
@EnableScheduling
@SpringBootApplication
@ConfigurationPropertiesScan
public class NimbletApplication {

  /** Starts the server. */
  public static void main(String[] arguments) {
    SpringApplication.run(NimbletApplication.class, arguments);
  }
}
