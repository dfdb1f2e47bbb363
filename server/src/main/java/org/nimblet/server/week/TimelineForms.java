package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.schedule.BlockTimeline;
import org.nimblet.core.schedule.BreakPlan.RoundOver;

/** What goes over the wire about a block that is gone through. */
final class TimelineForms {

  private TimelineForms() {}

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
}
