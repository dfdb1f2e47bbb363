package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.FigureArrow;
import org.nimblet.core.exercise.FigureProp;
import org.nimblet.core.exercise.FigureView;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.Cue;
import org.nimblet.core.routine.Purpose;
import org.nimblet.core.routine.Rejection;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Step;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
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
  private final CoachLibraries libraries;

  WarmUpController(
      ClientFiles clients, DaySchedules days, WarmUps warmUps, CoachLibraries libraries) {
    this.libraries = libraries;
    this.clients = clients;
    this.days = days;
    this.warmUps = warmUps;
  }

  /** A warm-up with everything it takes to play it without the network; null if there is none. */
  record WarmUpView(String reason, @Schema(nullable = true) RoutineView routine) {}

  /** A routine at a time. */
  record RoutineView(
      UUID clientId,
      UUID blockId,
      Purpose purpose,
      String title,
      String blockTitle,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      long lengthMillis,
      List<String> haveReady,
      List<StepView> steps,
      List<Cue> cues,
      List<LeftOutView> leftOut,
      List<String> shortPhases,
      SafetyView safety) {}

  /** A step with its words, its figure and the reason for it. */
  record StepView(
      String exerciseId,
      int exerciseVersion,
      String title,
      Kind kind,
      String dose,
      Laterality laterality,
      long offsetMillis,
      long lengthMillis,
      String reason,
      String purpose,
      String setUp,
      List<String> action,
      String cue,
      String breath,
      String feltAt,
      List<String> mistakes,
      List<String> cautions,
      FigureView view,
      List<Keyframe> poses,
      List<Digit> worked,
      FigureArrow arrow,
      FigureProp prop,
      @Schema(nullable = true) Keyframe wrong) {}

  /** An exercise that was left out, and why. */
  record LeftOutView(String title, Kind kind, String reason) {}

  /** When to stop, in words and in numbers that the player acts on. */
  record SafetyView(
      List<String> stopRules, int endingPain, List<Sensation> endingSensations, String advice) {}

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
    return new RoutineView(
        client.id(),
        block.id(),
        composed.purpose(),
        composed.purpose().word() + " before " + block.title(),
        block.title(),
        planned.start(),
        planned.end(),
        planned.start().atZone(client.zone()).toLocalTime(),
        planned.end().atZone(client.zone()).toLocalTime(),
        composed.cueSheet().lengthMillis(),
        haveReady(composed.steps()),
        steps(client, composed),
        composed.cueSheet().cues(),
        composed.rejections().stream()
            .map(
                (Rejection rejection) ->
                    new LeftOutView(
                        rejection.exercise().title(),
                        rejection.exercise().kind(),
                        rejection.sentence()))
            .toList(),
        composed.shortPhases().stream()
            .map(
                phase ->
                    "%s: %d s of %d s, %s."
                        .formatted(
                            phase.phase(), phase.gotSeconds(), phase.leastSeconds(), phase.cause()))
            .toList(),
        new SafetyView(
            SafetyRules.STOP_RULES,
            SafetyRules.ENDING_PAIN,
            SafetyRules.ENDING_SENSATIONS.stream().sorted().toList(),
            SafetyRules.ADVICE));
  }

  private static List<String> haveReady(List<Step> steps) {
    Set<Thing> things = EnumSet.noneOf(Thing.class);
    steps.forEach(step -> things.addAll(step.things()));
    return things.stream().map(Thing::word).toList();
  }

  private List<StepView> steps(ClientFile client, Composition.Composed composed) {
    CoachLibrary library = libraries.of(client.coachId());
    List<StepView> views = new ArrayList<>();
    for (int i = 0; i < composed.steps().size(); i++) {
      Step step = composed.steps().get(i);
      Exercise exercise = step.exercise();
      views.add(
          new StepView(
              exercise.id(),
              library.versionOf(exercise.id()),
              exercise.title(),
              exercise.kind(),
              step.doseWords(client.method(), client.notation()),
              step.dose().laterality(),
              composed.cueSheet().stepStarts().get(i),
              composed.cueSheet().stepMillis(i),
              composed.choices().get(i).sentence(),
              exercise.guidance().purpose(),
              step.setUp(),
              exercise.guidance().action(),
              exercise.guidance().cue(),
              exercise.guidance().breath(),
              exercise.guidance().feltAt(),
              exercise.guidance().mistakes(),
              exercise.guidance().cautions(),
              exercise.figure().view(),
              exercise.figure().poses(),
              exercise.figure().worked().stream().sorted().toList(),
              exercise.figure().arrow(),
              exercise.figure().prop(),
              exercise.figure().wrong().orElse(null)));
    }
    return views;
  }
}
