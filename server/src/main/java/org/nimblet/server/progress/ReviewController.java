package org.nimblet.server.progress;

import jakarta.validation.Valid;
import org.nimblet.server.person.Person;
import org.nimblet.server.progress.ReviewForms.NextView;
import org.nimblet.server.progress.ReviewForms.ReviewForm;
import org.nimblet.server.progress.ReviewForms.ReviewView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Some weeks looked at, and the next ones made of it. */
@RestController
@RequestMapping("/api/clients/{clientId}/review")
class ReviewController {

  private final ReviewService reviews;

  ReviewController(ReviewService reviews) {
    this.reviews = reviews;
  }

  @GetMapping
  ReviewView review(@PathVariable("clientId") Person person) {
    return reviews.view(person);
  }

  /** The next weeks as some verdicts would make them. */
  @PostMapping("/next")
  NextView next(@PathVariable("clientId") Person person, @Valid @RequestBody ReviewForm form) {
    return reviews.next(person, form);
  }

  /** Takes the next weeks over. */
  @PostMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOver(@PathVariable("clientId") Person person, @Valid @RequestBody ReviewForm form) {
    reviews.takeOver(person, form);
  }
}
