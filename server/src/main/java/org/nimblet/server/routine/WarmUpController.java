package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.routine.Composition;
import org.nimblet.server.person.Person;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.nimblet.server.routine.WarmUps.PlannedWarmUp;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedules;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/blocks/{blockId}/warm-up")
class WarmUpController {

  private final DaySchedules days;
  private final WarmUps warmUps;

  WarmUpController(DaySchedules days, WarmUps warmUps) {
    this.days = days;
    this.warmUps = warmUps;
  }

  /** A warm-up with everything it takes to play it without the network; null if there is none. */
  record WarmUpView(String reason, @Schema(nullable = true) RoutineView routine) {}

  @GetMapping
  WarmUpView warmUp(@PathVariable("clientId") Person person, @PathVariable UUID blockId) {
    DaySchedule day = days.dayOf(person.client(), blockId);
    DaySchedule.DayBlock block = day.block(blockId).orElseThrow();
    WarmUps.Answer answer = warmUps.forBlock(person, day, block);
    return new WarmUpView(
        answer.reason(),
        answer.planned().map(planned -> view(person, block, planned)).orElse(null));
  }

  private RoutineView view(Person person, DaySchedule.DayBlock block, PlannedWarmUp planned) {
    Composition.Composed composed = planned.composed();
    return RoutineViews.played(
        person,
        new RoutineViews.Occasion(
            Optional.of(block.id()),
            Optional.empty(),
            composed.purpose().beside(block.title()),
            block.title(),
            planned.start(),
            person.client().activity(block.activityId())),
        composed);
  }
}
