package org.nimblet.server.programme;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.Preview;
import org.nimblet.server.programme.ProgrammeForms.ContentsAsked;
import org.nimblet.server.programme.ProgrammeForms.ContentsView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeChoices;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What clients are on. */
@RestController
@RequestMapping("/api")
class ProgrammeController {

  private static final int LONGEST_MINUTES = 60;

  private final ProgrammeService service;

  ProgrammeController(ProgrammeService service) {
    this.service = service;
  }

  /** What can be chosen while a programme is written, the ready ones among it. */
  @GetMapping("/clients/{clientId}/programme/choices")
  ProgrammeChoices choices(@PathVariable("clientId") Person person) {
    return service.choices(person);
  }

  /** The programme a client is on: a list of one, or an empty one. */
  @GetMapping("/clients/{clientId}/programme")
  List<ProgrammeView> programme(@PathVariable("clientId") Person person) {
    return service.current(person).map(List::of).orElse(List.of());
  }

  /** Puts a client on a programme, or changes the one they are on. */
  @PutMapping("/clients/{clientId}/programme")
  ProgrammeView save(
      @PathVariable("clientId") Person person, @Valid @RequestBody ProgrammeForm form) {
    return service.save(person, form);
  }

  /** What would be in a session of an obligation as it is written. */
  @PostMapping("/clients/{clientId}/programme/contents")
  Preview<ContentsView> contents(
      @PathVariable("clientId") Person person, @Valid @RequestBody ContentsAsked form) {
    return Preview.of(service.look(person, form));
  }

  /**
   * A routine for a planned session, composed as it begins: what was said last counts. Or what
   * keeps it from being done, which is no error: the page of a day asks for whatever comes next.
   */
  @GetMapping("/clients/{clientId}/play/{purpose}/{minutes}")
  Preview<RoutineView> playNow(
      @PathVariable("clientId") Person person,
      @PathVariable Purpose purpose,
      @PathVariable int minutes,
      @RequestParam(required = false) @Size(max = 80, message = "A line of the plan.")
          String line) {
    if (minutes < 1 || minutes > LONGEST_MINUTES) {
      throw new InvalidFieldException(
          "minutes", "(%d) must be 1 to %d.".formatted(minutes, LONGEST_MINUTES));
    }
    return Preview.of(service.play(person, purpose, minutes, Optional.ofNullable(line)));
  }

  /** Ends the programme; what was done under it stays in the log. */
  @DeleteMapping("/clients/{clientId}/programme")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable("clientId") Person person) {
    service.end(person.client());
  }
}
