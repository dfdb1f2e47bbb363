package org.nimblet.server.week;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.schedule.BlockTimeline;
import org.nimblet.core.schedule.BreakPlan;
import org.nimblet.core.schedule.BreakPlan.RoundOver;
import org.nimblet.core.schedule.WorkRhythm;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.TimelineForms.RoundForm;
import org.nimblet.server.week.TimelineForms.RoundView;
import org.nimblet.server.week.TimelineForms.StretchView;
import org.nimblet.server.week.TimelineForms.TimelineView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A block as it is gone through: what is now, what is next, and when a round is over. */
@Service
class TimelineService {

  private final DaySchedules schedules;
  private final DayEntries entries;

  TimelineService(DaySchedules schedules, DayEntries entries) {
    this.schedules = schedules;
    this.entries = entries;
  }

  /** A block with its stretches. */
  TimelineView timeline(ClientFile client, UUID blockId) {
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

  /** Takes down how long a round was, and says whether the break comes now or after the next. */
  @Transactional
  RoundView roundOver(ClientFile client, UUID blockId, RoundForm form) {
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
    RoundLength length = new RoundLength().of(client, RoundLength.class);
    length.date = LocalDate.ofInstant(form.endedAt(), client.zone());
    length.activityId = block.activityId();
    length.minutes = minutes;
    length.endedAt = form.endedAt();
    entries.saveAndFlush(length);
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
