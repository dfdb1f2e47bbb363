package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.schedule.BlockTimeline;
import org.nimblet.core.schedule.BreakPlan;
import org.nimblet.core.schedule.BreakPlan.RoundOver;
import org.nimblet.core.schedule.WorkRhythm;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A block as it is gone through: what is now, what is next, and when a round is over. */
@RestController
@RequestMapping("/api/clients/{clientId}/blocks/{blockId}")
class TimelineController {

  private final ClientFiles clients;
  private final DaySchedules schedules;
  private final RoundLengths roundLengths;

  TimelineController(ClientFiles clients, DaySchedules schedules, RoundLengths roundLengths) {
    this.clients = clients;
    this.schedules = schedules;
    this.roundLengths = roundLengths;
  }

  /**
   * A block with its stretches.
   *
   * @param rounds whether the lengths of its parts are not surely known, so that somebody says when
   *     one is over
   */
  record TimelineView(
      UUID blockId,
      String title,
      Instant start,
      Instant end,
      String timeZone,
      boolean rounds,
      List<StretchView> stretches) {}

  /** One stretch. */
  record StretchView(
      BlockTimeline.StretchKind kind,
      String title,
      int minutes,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt) {}

  /**
   * A round that is over.
   *
   * @param workedSince the start of the block, or the end of the last break
   */
  record RoundForm(
      @NotNull(message = "A moment.") Instant workedSince,
      @NotNull(message = "A moment.") Instant beganAt,
      @NotNull(message = "A moment.") Instant endedAt) {}

  /**
   * What to do now.
   *
   * @param minutes how long the round was
   */
  record RoundView(RoundOver say, String sentence, int minutes, int breakMinutes) {}

  @GetMapping("/timeline")
  TimelineView timeline(@PathVariable UUID clientId, @PathVariable UUID blockId) {
    ClientFile client = clients.require(clientId);
    DayBlock block = block(client, blockId);
    int minutes = (int) Duration.between(block.start(), block.end()).toMinutes();
    return new TimelineView(
        block.id(),
        block.title(),
        block.start(),
        block.end(),
        client.zone().getId(),
        block.parts().stream().anyMatch(part -> part.certainty() != BlockPart.Certainty.KNOWN),
        BlockTimeline.of(minutes, block.parts(), rhythm(client, block)).stretches().stream()
            .map(stretch -> view(client, block, stretch))
            .toList());
  }

  /**
   * Takes down how long a round was, and says whether the break comes now or after the next one.
   */
  @PostMapping("/rounds")
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  RoundView roundOver(
      @PathVariable UUID clientId, @PathVariable UUID blockId, @Valid @RequestBody RoundForm form) {
    ClientFile client = clients.require(clientId);
    DayBlock block = block(client, blockId);
    int minutes =
        (int) Math.round(Duration.between(form.beganAt(), form.endedAt()).toSeconds() / 60.0);
    if (minutes < 1 || minutes > BlockPart.LONGEST) {
      throw new InvalidFieldException(
          "endedAt",
          "(%d min after the start) must be 1 to %d min.".formatted(minutes, BlockPart.LONGEST));
    }
    int worked = (int) Duration.between(form.workedSince(), form.endedAt()).toMinutes();
    if (worked < 0) {
      throw new InvalidFieldException("workedSince", "must not lie after the end of the round.");
    }
    RoundLength length = new RoundLength();
    length.id = UUID.randomUUID();
    length.coachId = client.coachId();
    length.clientId = client.id();
    length.activityId = block.activityId();
    length.minutes = minutes;
    length.endedAt = form.endedAt();
    roundLengths.saveAndFlush(length);
    WorkRhythm rhythm =
        rhythm(client, block).orElseGet(() -> ActivityKind.PRACTICE.rhythm().orElseThrow());
    int next =
        schedules.dayOf(client, blockId).block(blockId).stream()
            .flatMap(b -> b.parts().stream())
            .filter(part -> part.certainty() != BlockPart.Certainty.KNOWN)
            .map(BlockPart::minutes)
            .findFirst()
            .orElse(minutes);
    RoundOver say = BreakPlan.roundOver(rhythm, worked, next);
    return new RoundView(
        say,
        say == RoundOver.NOW
            ? "Break now: %d min of work, %d min off.".formatted(worked, rhythm.breakMinutes())
            : "One more: %d min of work so far, the break comes after the next.".formatted(worked),
        minutes,
        rhythm.breakMinutes());
  }

  private DayBlock block(ClientFile client, UUID blockId) {
    return schedules.dayOf(client, blockId).block(blockId).orElseThrow();
  }

  private static Optional<WorkRhythm> rhythm(ClientFile client, DayBlock block) {
    return block.performance()
        ? Optional.empty()
        : client
            .activity(block.activityId())
            .map(ClientFile.ActivityFile::kind)
            .flatMap(ActivityKind::rhythm);
  }

  private static StretchView view(
      ClientFile client, DayBlock block, BlockTimeline.Stretch stretch) {
    Instant start = block.start().plus(Duration.ofMinutes(stretch.startMinute()));
    Instant end = start.plus(Duration.ofMinutes(stretch.minutes()));
    return new StretchView(
        stretch.kind(),
        stretch.title(),
        stretch.minutes(),
        start,
        end,
        start.atZone(client.zone()).toLocalTime(),
        end.atZone(client.zone()).toLocalTime());
  }
}
