package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.CoachHand;
import org.nimblet.core.routine.CoachHand.Habit;
import org.nimblet.server.account.Scope;
import org.nimblet.server.hand.CoachHands;
import org.nimblet.server.hand.CoachHands.Hands;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the signed-in coach's own keeping moves what is composed: shown, set, switched off. */
@RestController
@RequestMapping("/api/hand")
class HandController {

  private static final String PERCENT = "60 to 170 per cent.";

  private final Scope scope;
  private final CoachHands hands;
  private final CoachLibraries libraries;

  HandController(Scope scope, CoachHands hands, CoachLibraries libraries) {
    this.scope = scope;
    this.hands = hands;
    this.libraries = libraries;
  }

  /**
   * The hand.
   *
   * @param on whether it moves anything
   * @param least the least that anything can count, per cent
   * @param greatest the most
   */
  record HandView(boolean on, int least, int greatest, List<HandLine> lines) {}

  /**
   * What an exercise counts in routines of a purpose.
   *
   * @param percent of what it would count for an even hand
   * @param words what that came from
   * @param byHand whether it was set by hand
   */
  record HandLine(
      Purpose purpose,
      String exerciseId,
      String title,
      Kind kind,
      int percent,
      String words,
      boolean byHand) {}

  /** Whether it moves anything. */
  record SwitchForm(boolean on) {}

  /** What an exercise should count; null to leave it to what is seen. */
  record SetForm(
      @Schema(nullable = true)
          @Min(value = CoachHand.LEAST, message = PERCENT)
          @Max(value = CoachHand.GREATEST, message = PERCENT)
          Integer percent) {}

  @GetMapping
  HandView hand() {
    Hands own = hands.of(scope.coachId());
    CoachLibrary library = libraries.of(scope.coachId());
    List<HandLine> lines = new ArrayList<>();
    for (Purpose purpose : Purpose.values()) {
      Map<String, Habit> habits = own.habits().getOrDefault(purpose, Map.of());
      Map<String, Integer> byHand = own.byHand().getOrDefault(purpose, Map.of());
      Set<String> ids = new TreeSet<>(habits.keySet());
      ids.addAll(byHand.keySet());
      for (String id : ids) {
        library.find(id).map(e -> line(purpose, e, habits, byHand)).ifPresent(lines::add);
      }
    }
    lines.sort(
        Comparator.comparing(HandLine::purpose)
            .thenComparing(Comparator.comparing(HandLine::percent).reversed())
            .thenComparing(HandLine::title));
    return new HandView(own.on(), CoachHand.LEAST, CoachHand.GREATEST, lines);
  }

  private static HandLine line(
      Purpose purpose, Exercise exercise, Map<String, Habit> habits, Map<String, Integer> byHand) {
    Habit habit = habits.getOrDefault(exercise.id(), new Habit(0, 0));
    Integer set = byHand.get(exercise.id());
    return new HandLine(
        purpose,
        exercise.id(),
        exercise.title(),
        exercise.kind(),
        set == null ? habit.percent() : set,
        habit.words(),
        set != null);
  }

  @PutMapping
  HandView switchOn(@Valid @RequestBody SwitchForm form) {
    hands.switchOn(scope.coachId(), form.on());
    return hand();
  }

  @PutMapping("/{purpose}/{exerciseId}")
  HandView set(
      @PathVariable Purpose purpose,
      @PathVariable String exerciseId,
      @Valid @RequestBody SetForm form) {
    if (libraries.of(scope.coachId()).find(exerciseId).isEmpty()) {
      throw new NotFoundException("exercise");
    }
    hands.set(scope.coachId(), purpose, exerciseId, Optional.ofNullable(form.percent()));
    return hand();
  }
}
