package org.nimblet.server.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.support.OneClient;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** Sessions that are told of together are one change of their person. */
@ExtendWith(ServerExtension.class)
class TogetherTest {

  private SessionService sessions;

  private void record(ClientFile client, int daysAgo) {
    Instant began = Practice.today().minusDays(daysAgo).atStartOfDay(client.zone()).toInstant();
    SessionForm form =
        JsonMapper.builder()
            .build()
            .convertValue(Practice.stretchForm(began.plus(9, ChronoUnit.HOURS)), SessionForm.class);
    sessions.record(client, UUID.randomUUID(), form, Optional::empty);
  }

  @Test
  void whoeverDependsOnAPersonLearnsOfThemOnceAndOfOthersAtOnce(RunningServer server) {
    ConfigurableApplicationContext context = (ConfigurableApplicationContext) server.context();
    sessions = context.getBean(SessionService.class);
    ClientFiles files = context.getBean(ClientFiles.class);
    ClientFile one = file(files, OneClient.takeIn(server));
    ClientFile other = file(files, OneClient.takeIn(server));
    List<UUID> told = new ArrayList<>();
    ApplicationListener<?> listener =
        ApplicationListener.forPayload((PersonChanged changed) -> told.add(changed.client().id()));
    context.addApplicationListener(listener);
    try {
      sessions.together(
          one,
          () -> {
            record(one, 3);
            record(other, 3);
            record(one, 2);
            assertThat(told).containsExactly(other.id());
          });
      assertThat(told).containsExactly(other.id(), one.id());
      record(one, 1);
      assertThat(told).containsExactly(other.id(), one.id(), one.id());
    } finally {
      context.removeApplicationListener(listener);
    }
  }

  private static ClientFile file(ClientFiles files, OneClient client) {
    return files.forBackgroundWork(List.of(client.id())).get(0);
  }
}
