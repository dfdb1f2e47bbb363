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
import org.nimblet.server.library.OwnExerciseService;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/library/exercises/{exerciseId}")
class UsesController {

  private final Scope scope;
  private final SessionFiles sessions;
  private final ClientFiles clients;
  private final OwnExerciseService own;

  UsesController(Scope scope, SessionFiles sessions, ClientFiles clients, OwnExerciseService own) {
    this.scope = scope;
    this.sessions = sessions;
    this.clients = clients;
    this.own = own;
  }

  /** A client who did an exercise. */
  record UseView(UUID clientId, String name, long times, LocalDate lastDone) {}

  /** Whether an own exercise is really gone, or only put away because it is in somebody's log. */
  record Removed(boolean archived) {}

  /** Takes an own exercise away; what somebody did is only put away. */
  @DeleteMapping
  Removed remove(@PathVariable String exerciseId) {
    UUID coach = scope.coachId();
    return new Removed(own.remove(coach, exerciseId, sessions.isLogged(coach, exerciseId)));
  }

  /** Who did an exercise, how often and when last. */
  @GetMapping("/uses")
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
