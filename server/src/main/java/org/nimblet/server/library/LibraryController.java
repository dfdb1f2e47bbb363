package org.nimblet.server.library;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.library.LibraryForms.AtHandForm;
import org.nimblet.server.library.LibraryForms.AtHandView;
import org.nimblet.server.library.LibraryForms.FormView;
import org.nimblet.server.library.LibraryForms.VersionView;
import org.nimblet.server.library.LibraryViews.Choices;
import org.nimblet.server.library.LibraryViews.ExerciseView;
import org.nimblet.server.library.LibraryViews.LibraryView;
import org.nimblet.server.platform.Preview;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/library")
class LibraryController {

  private final Scope scope;
  private final LibraryReading reading;
  private final OwnExerciseService own;
  private final ClientFiles clients;

  LibraryController(
      Scope scope, LibraryReading reading, OwnExerciseService own, ClientFiles clients) {
    this.scope = scope;
    this.reading = reading;
    this.own = own;
    this.clients = clients;
  }

  @GetMapping("/exercises")
  LibraryView list() {
    return reading.list();
  }

  /** An exercise; for a client, in their notation, at their breath and with their loads. */
  @GetMapping("/exercises/{exerciseId}")
  ExerciseView read(
      @PathVariable String exerciseId,
      @RequestParam Optional<UUID> client,
      @RequestParam Optional<Integer> version) {
    return reading.read(exerciseId, client.map(clients::require), version);
  }

  @GetMapping("/exercises/{exerciseId}/versions")
  List<VersionView> versions(@PathVariable String exerciseId) {
    return reading.versions(exerciseId);
  }

  /** The form of an exercise: to change an own one, or to copy any. */
  @GetMapping("/exercises/{exerciseId}/form")
  FormView form(@PathVariable String exerciseId) {
    return reading.form(exerciseId);
  }

  /** The exercise that a form stands for, unsaved. */
  @PostMapping("/preview")
  Preview<ExerciseView> preview(@Valid @RequestBody ExerciseForm form) {
    return Preview.of(reading.preview(form));
  }

  /** How far the library reaches with what somebody has at hand. */
  @PostMapping("/at-hand")
  AtHandView atHand(@Valid @RequestBody AtHandForm form) {
    return reading.atHand(form);
  }

  @PostMapping("/exercises")
  @ResponseStatus(HttpStatus.CREATED)
  ExerciseView create(@Valid @RequestBody ExerciseForm form) {
    return reading.stored(own.create(scope.coachId(), form).id());
  }

  @PutMapping("/exercises/{exerciseId}")
  ExerciseView change(@PathVariable String exerciseId, @Valid @RequestBody ExerciseForm form) {
    return reading.stored(own.change(scope.coachId(), exerciseId, form).id());
  }

  @PostMapping("/exercises/{exerciseId}/archive")
  ExerciseView archive(@PathVariable String exerciseId) {
    own.archive(scope.coachId(), exerciseId, true);
    return reading.stored(exerciseId);
  }

  @PostMapping("/exercises/{exerciseId}/restore")
  ExerciseView restore(@PathVariable String exerciseId) {
    own.archive(scope.coachId(), exerciseId, false);
    return reading.stored(exerciseId);
  }

  /** What can be chosen while an exercise is written. */
  @GetMapping("/choices")
  Choices choices() {
    return reading.choices();
  }
}
