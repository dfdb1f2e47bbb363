package org.nimblet.server.progress;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import org.nimblet.core.anatomy.Side;
import org.nimblet.server.person.Person;
import org.nimblet.server.progress.ProgressForms.AheadView;
import org.nimblet.server.progress.ProgressForms.ForecastView;
import org.nimblet.server.progress.ProgressForms.OftenView;
import org.nimblet.server.progress.ProgressForms.ProgressView;
import org.nimblet.server.progress.ProgressForms.StoryView;
import org.nimblet.server.progress.ProgressForms.WordForm;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where a client stands, why, and when the next rungs come. */
@RestController
@RequestMapping("/api/clients/{clientId}/progress")
class ProgressController {

  private final ProgressService progress;

  ProgressController(ProgressService progress) {
    this.progress = progress;
  }

  @GetMapping
  ProgressView progress(@PathVariable("clientId") Person person) {
    return progress.view(person);
  }

  /** When the next rungs come of what is climbed now. */
  @GetMapping("/ahead")
  List<AheadView> ahead(@PathVariable("clientId") Person person) {
    return progress.ahead(person);
  }

  /** Everything that happened on one ladder. */
  @GetMapping("/{exerciseId}")
  StoryView story(@PathVariable("clientId") Person person, @PathVariable String exerciseId) {
    return ProgressViews.story(progress.story(person, exerciseId), person);
  }

  @GetMapping("/{exerciseId}/forecast")
  ForecastView forecast(
      @PathVariable("clientId") Person person,
      @PathVariable String exerciseId,
      @RequestParam Side side,
      @RequestParam(required = false) Integer goal,
      @RequestParam(required = false) Integer daysAWeek) {
    return progress.forecast(person, exerciseId, side, goal, daysAWeek);
  }

  /** How often is often enough to be there by a date. */
  @GetMapping("/{exerciseId}/often")
  OftenView often(
      @PathVariable("clientId") Person person,
      @PathVariable String exerciseId,
      @RequestParam Side side,
      @RequestParam(required = false) Integer goal,
      @RequestParam LocalDate by) {
    return progress.often(person, exerciseId, side, goal, by);
  }

  /** The coach overrules the rules. */
  @PostMapping("/{exerciseId}/words")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void say(
      @PathVariable("clientId") Person person,
      @PathVariable String exerciseId,
      @Valid @RequestBody WordForm form) {
    progress.say(person, exerciseId, form);
  }
}
