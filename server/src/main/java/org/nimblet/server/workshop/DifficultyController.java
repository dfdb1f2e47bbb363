package org.nimblet.server.workshop;

import org.nimblet.server.workshop.WorkshopForms.DifficultiesView;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The difficulties of patterns, as a coach goes by them. */
@RestController
@RequestMapping("/api/workshop/difficulties")
class DifficultyController {

  private final DifficultyService service;

  DifficultyController(DifficultyService service) {
    this.service = service;
  }

  @GetMapping
  DifficultiesView view() {
    return service.view();
  }

  @PostMapping
  DifficultiesView takeOver() {
    service.takeOver();
    return service.view();
  }

  @DeleteMapping
  DifficultiesView putBack() {
    service.putBack();
    return service.view();
  }
}
