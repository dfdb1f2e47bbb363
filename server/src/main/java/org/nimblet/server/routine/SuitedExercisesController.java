package org.nimblet.server.routine;

import java.util.List;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.HandUse;
import org.nimblet.core.routine.Rejection;
import org.nimblet.server.person.Person;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/unsuited-exercises")
class SuitedExercisesController {

  SuitedExercisesController() {}

  /** An exercise that does not suit a client, and why. */
  record UnsuitedView(String exerciseId, String reason) {}

  @GetMapping
  List<UnsuitedView> unsuited(@PathVariable("clientId") Person person) {
    ClientFacts facts = RoutineRequests.factsToday(person);
    HandUse use = RoutineRequests.use(person.client().activities());
    return person.library().library().exercises().stream()
        .flatMap(exercise -> Rejection.unsuited(exercise, facts, use).stream())
        .map(rejection -> new UnsuitedView(rejection.exercise().id(), rejection.sentence()))
        .toList();
  }
}
