package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.routine.Composition;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
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

  private final ClientFiles clients;
  private final DaySchedules days;
  private final WarmUps warmUps;
  private final RoutineViews views;

  WarmUpController(ClientFiles clients, DaySchedules days, WarmUps warmUps, RoutineViews views) {
    this.views = views;
    this.clients = clients;
    this.days = days;
    this.warmUps = warmUps;
  }

  /** A warm-up with everything it takes to play it without the network; null if there is none. */
  record WarmUpView(String reason, @Schema(nullable = true) RoutineView routine) {}

  @GetMapping
  WarmUpView warmUp(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    ClientFile client = clients.require(clientId);
    DaySchedule day = days.dayOf(client, blockId);
    DaySchedule.DayBlock block = day.block(blockId).orElseThrow();
    WarmUps.Answer answer = warmUps.forBlock(client, day, block);
    return new WarmUpView(
        answer.reason(),
        answer.planned().map(planned -> view(client, block, planned)).orElse(null));
  }

  private RoutineView view(ClientFile client, DaySchedule.DayBlock block, PlannedWarmUp planned) {
    Composition.Composed composed = planned.composed();
    return views.played(
        client,
        new RoutineViews.Occasion(
            Optional.of(block.id()),
            Optional.empty(),
            composed.purpose().word() + " before " + block.title(),
            block.title(),
            planned.start(),
            client.activity(block.activityId())),
        composed);
  }
}
