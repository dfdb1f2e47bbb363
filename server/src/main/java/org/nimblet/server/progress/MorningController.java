package org.nimblet.server.progress;

import jakarta.validation.Valid;
import java.util.List;
import org.nimblet.server.person.Person;
import org.nimblet.server.progress.ProgressForms.DecisionView;
import org.nimblet.server.progress.ProgressForms.MorningForm;
import org.nimblet.server.progress.ProgressForms.MorningView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How somebody is this morning; an answer given again replaces the one before. */
@RestController
@RequestMapping("/api/clients/{clientId}/morning")
class MorningController {

  private final MorningService mornings;

  MorningController(MorningService mornings) {
    this.mornings = mornings;
  }

  @GetMapping
  MorningView morning(@PathVariable("clientId") Person person) {
    return mornings.view(person);
  }

  /** What the day before would change with this answer. */
  @PostMapping("/consequence")
  List<DecisionView> consequence(
      @PathVariable("clientId") Person person, @Valid @RequestBody MorningForm form) {
    return mornings.consequence(person, form);
  }

  @PutMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void answer(@PathVariable("clientId") Person person, @Valid @RequestBody MorningForm form) {
    mornings.answer(person, form);
  }
}
