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
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/library/exercises/{exerciseId}/uses")
class UsesController {

  private final Scope scope;
  private final SessionFiles sessions;
  private final ClientFiles clients;

  UsesController(Scope scope, SessionFiles sessions, ClientFiles clients) {
    this.scope = scope;
    this.sessions = sessions;
    this.clients = clients;
  }

  /** A client who did an exercise. */
  record UseView(UUID clientId, String name, long times, LocalDate lastDone) {}

  @GetMapping
  List<UseView> uses(@PathVariable String exerciseId) {
    Map<UUID, ClientFile> byId =
        clients.all().stream().collect(Collectors.toMap(ClientFile::id, Function.identity()));
    return sessions.uses(scope.coachId(), exerciseId).stream()
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
}
