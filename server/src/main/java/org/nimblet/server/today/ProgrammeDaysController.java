package org.nimblet.server.today;

import org.nimblet.server.person.Person;
import org.nimblet.server.today.ProgrammeDays.ProgrammeDaysView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where the obligations of a programme stand. */
@RestController
@RequestMapping("/api/clients/{clientId}/programme/days")
class ProgrammeDaysController {

  private final ProgrammeDays days;

  ProgrammeDaysController(ProgrammeDays days) {
    this.days = days;
  }

  /** Each obligation in the seven days from today on. */
  @GetMapping
  ProgrammeDaysView days(@PathVariable("clientId") Person person) {
    return days.of(person);
  }
}
