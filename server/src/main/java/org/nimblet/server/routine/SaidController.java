package org.nimblet.server.routine;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.nimblet.core.routine.SaidMoment;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A moment said in a line: what is understood of it, and a routine for it at once. */
@RestController
@RequestMapping("/api/clients/{clientId}/moments")
class SaidController {

  private static final String LINE = "A line of up to 200 characters, such as: 4 min, standing.";

  private final Playing playing;

  SaidController(Playing playing) {
    this.playing = playing;
  }

  /**
   * What is understood of what is said so far; half a line is no error.
   *
   * @param understood whether a routine can be composed for it
   * @param words what was understood, or what is missing
   */
  record SaidView(boolean understood, String words) {}

  @GetMapping
  SaidView read(
      @PathVariable("clientId") Person person,
      @RequestParam @NotNull(message = LINE) @Size(max = SaidMoment.LONGEST, message = LINE)
          String said) {
    try {
      return new SaidView(true, playing.read(said).words());
    } catch (IllegalArgumentException e) {
      return new SaidView(false, e.getMessage());
    }
  }

  @GetMapping("/play")
  RoutineView play(
      @PathVariable("clientId") Person person,
      @RequestParam @NotNull(message = LINE) @Size(max = SaidMoment.LONGEST, message = LINE)
          String said) {
    return playing.playSaid(person, moment(said));
  }

  private SaidMoment moment(String said) {
    try {
      return playing.read(said);
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("said", e.getMessage());
    }
  }
}
