package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.nimblet.server.support.TestCluster;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(ServerExtension.class)
class OpenApiTest {

  private static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
          .build();

  @Test
  void theFrontEndsDescriptionIsTheServers(RunningServer server) throws IOException {
    Object served = JSON.readValue(server.caller().get("/v3/api-docs").body(), Object.class);
    String text = JSON.writeValueAsString(served).replace("\r\n", "\n") + "\n";
    Path committed = TestCluster.projectRoot().resolve("web/src/api/openapi.json");
    if (Boolean.parseBoolean(System.getenv("NIMBLET_WRITE_API"))) {
      Files.writeString(committed, text);
    }
    assertThat(Files.readString(committed))
        .as("web/src/api/openapi.json is not what the server offers; run ./nimblet api")
        .isEqualTo(text);
  }
}
