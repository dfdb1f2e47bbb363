package org.nimblet.server.session;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.library.ExerciseUses;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/library/exercises/{exerciseId}/uses")
class UsesController {

  private final Scope scope;
  private final SessionSteps steps;
  private final ClientFiles clients;

  UsesController(Scope scope, SessionSteps steps, ClientFiles clients) {
    this.scope = scope;
    this.steps = steps;
    this.clients = clients;
  }

  /** A client who did an exercise. */
  record UseView(UUID clientId, String name, long times, LocalDate lastDone) {}

  @GetMapping
  List<UseView> uses(@PathVariable String exerciseId) {
    Map<UUID, ClientFile> byId =
        clients.all().stream().collect(Collectors.toMap(ClientFile::id, Function.identity()));
    return steps.uses(scope.coachId(), exerciseId).stream()
        .filter(use -> byId.containsKey(use.getClientId()))
        .map(
            use ->
                new UseView(
                    use.getClientId(),
                    byId.get(use.getClientId()).name(),
                    use.getTimes(),
                    use.getLastDone()))
        .toList();
  }

  /** Tells the library what is in the logs. */
  @Component
  static class LoggedExercises implements ExerciseUses {

    private final SessionSteps steps;

    LoggedExercises(SessionSteps steps) {
      this.steps = steps;
    }

    @Override
    public boolean isInUse(UUID coachId, String exerciseId) {
      return steps.existsByCoachIdAndExerciseId(coachId, exerciseId);
    }
  }
}
