package org.nimblet.server.routine;

import java.util.List;
import java.util.UUID;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.HandUse;
import org.nimblet.core.routine.Rejection;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.library.CoachLibraries;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/unsuited-exercises")
class SuitedExercisesController {

  private final ClientFiles clients;
  private final CoachLibraries libraries;
  private final RoutineRequests requests;

  SuitedExercisesController(
      ClientFiles clients, CoachLibraries libraries, RoutineRequests requests) {
    this.clients = clients;
    this.libraries = libraries;
    this.requests = requests;
  }

  /** An exercise that does not suit a client, and why. */
  record UnsuitedView(String exerciseId, String reason) {}

  @GetMapping
  List<UnsuitedView> unsuited(@PathVariable UUID clientId) {
    ClientFile client = clients.require(clientId);
    ClientFacts facts = requests.factsToday(client);
    HandUse use = RoutineRequests.use(client.activities());
    return libraries.of(client.coachId()).library().exercises().stream()
        .flatMap(exercise -> Rejection.unsuited(exercise, facts, use).stream())
        .map(rejection -> new UnsuitedView(rejection.exercise().id(), rejection.sentence()))
        .toList();
  }
}
