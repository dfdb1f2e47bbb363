package org.nimblet.server.routine;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.routine.RoutineForms.RestorationForm;
import org.nimblet.server.routine.RoutineForms.RoutineForm;
import org.nimblet.server.routine.RoutineForms.RoutineSummary;
import org.nimblet.server.routine.RoutineForms.StoredRoutine;
import org.nimblet.server.routine.RoutineForms.TemplateView;
import org.nimblet.server.routine.RoutineForms.ThemeForm;
import org.nimblet.server.routine.RoutineForms.ThemeView;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RoutineController {

  private final RoutineService service;
  private final Playing playing;
  private final Themes themes;

  RoutineController(RoutineService service, Playing playing, Themes themes) {
    this.themes = themes;
    this.service = service;
    this.playing = playing;
  }

  @GetMapping("/routines")
  List<RoutineSummary> list() {
    return service.all();
  }

  @GetMapping("/templates")
  List<TemplateView> templates() {
    return service.templates();
  }

  /** What a routine may be composed around. */
  @GetMapping("/themes")
  List<ThemeView> themes() {
    return themes.all();
  }

  /** Keeps some exercises as a theme of one's own. */
  @PostMapping("/themes")
  @ResponseStatus(HttpStatus.CREATED)
  ThemeView makeTheme(@Valid @RequestBody ThemeForm form) {
    return themes.make(form);
  }

  @DeleteMapping("/themes/{themeId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeTheme(@PathVariable UUID themeId) {
    themes.remove(themeId);
  }

  @PostMapping("/routines")
  @ResponseStatus(HttpStatus.CREATED)
  StoredRoutine create(@Valid @RequestBody RoutineForm form) {
    return service.create(form);
  }

  @GetMapping("/routines/{routineId}")
  StoredRoutine read(@PathVariable UUID routineId) {
    return service.view(routineId, 0);
  }

  @GetMapping("/routines/{routineId}/versions/{number}")
  StoredRoutine readVersion(@PathVariable UUID routineId, @PathVariable int number) {
    return service.view(routineId, Math.max(1, number));
  }

  @PutMapping("/routines/{routineId}")
  StoredRoutine update(@PathVariable UUID routineId, @Valid @RequestBody RoutineForm form) {
    return service.update(routineId, form);
  }

  /** Makes an earlier version the newest again. */
  @PostMapping("/routines/{routineId}/versions/{number}/restoration")
  StoredRoutine restoreVersion(
      @PathVariable UUID routineId,
      @PathVariable int number,
      @Valid @RequestBody RestorationForm form) {
    return service.restore(routineId, Math.max(1, number), form.newestVersion());
  }

  @PostMapping("/routines/{routineId}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(@PathVariable UUID routineId) {
    service.archive(routineId, true);
  }

  @PostMapping("/routines/{routineId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID routineId) {
    service.archive(routineId, false);
  }

  @GetMapping("/clients/{clientId}/routines")
  List<RoutineSummary> ofClient(@PathVariable("clientId") ClientFile client) {
    return service.of(client);
  }

  @GetMapping("/clients/{clientId}/routines/{routineId}/play")
  RoutineView play(@PathVariable("clientId") Person person, @PathVariable UUID routineId) {
    return playing.playKept(person, routineId, 0);
  }
}
