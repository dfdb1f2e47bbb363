package org.nimblet.server.session;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Shift;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.session.SessionEnding;

/** What goes over the wire about sessions. */
public final class SessionForms {

  private SessionForms() {}

  static final String LEVEL_RULE = "A whole number from 0 (none) to 10 (the worst there is).";

  /**
   * A session as the device tells of it when it ends.
   *
   * @param before what hurt before it; null if nobody was asked
   */
  public record SessionForm(
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) UUID routineId,
      @NotNull(message = "One of the purposes.") Purpose purpose,
      @NotNull(message = "When it began.") Instant beganAt,
      @NotNull(message = "When it ended.") Instant endedAt,
      @Min(value = 1, message = "At least 1 ms.") @Max(value = 7_200_000, message = "At most 2 h.")
          long plannedMillis,
      @NotNull(message = "DONE, LEFT or STOPPED.") SessionEnding state,
      @NotEmpty(message = "At least one step.") @Size(max = 60, message = "At most 60 steps.")
          List<@Valid StepForm> steps,
      @NotNull(message = "What hurt, or an empty list.") @Size(max = 60, message = "At most 60.")
          List<@Valid PainForm> hurts,
      @Schema(nullable = true) @Size(max = 30, message = "At most 30.")
          List<@Valid @NotNull(message = "What hurt before.") PainForm> before) {}

  /**
   * What became of a step.
   *
   * @param side the one side that did it; null if both did
   * @param leftPercent how much of it the left side did; null if that is not told apart
   * @param rightPercent how much of it the right side did; null if that is not told apart
   * @param shortfall why not all of it was done
   * @param complete repetitions that were complete before it burned, where they were counted
   * @param shift whether it was made easier or harder on the way
   */
  public record StepForm(
      @NotNull(message = "An exercise of the library.") String exerciseId,
      @Min(value = 0, message = "0, or the version of an own exercise.") int exerciseVersion,
      @NotNull(message = "The dose in words.") @Size(max = 200, message = "Up to 200 characters.")
          String dose,
      @NotNull(message = "One of the lateralities.") Laterality laterality,
      @Min(value = 1, message = "At least 1 ms.") @Max(value = 7_200_000, message = "At most 2 h.")
          long plannedMillis,
      @Min(value = 0, message = "0 to 100 per cent.")
          @Max(value = 100, message = "0 to 100 per cent.")
          int donePercent,
      @NotNull(message = "DONE, SKIPPED or HURT.") StepOutcome outcome,
      @Schema(nullable = true) Side side,
      @Schema(nullable = true)
          @Min(value = 0, message = "0 to 100 per cent.")
          @Max(value = 100, message = "0 to 100 per cent.")
          Integer leftPercent,
      @Schema(nullable = true)
          @Min(value = 0, message = "0 to 100 per cent.")
          @Max(value = 100, message = "0 to 100 per cent.")
          Integer rightPercent,
      @Schema(nullable = true) Shortfall shortfall,
      @Schema(nullable = true)
          @Min(value = 0, message = "0 to 300 repetitions.")
          @Max(value = 300, message = "0 to 300 repetitions.")
          Integer complete,
      @Schema(nullable = true) Shift shift) {

    /** A step of which no more is known than how much of it was done. */
    public StepForm(
        String exerciseId,
        int exerciseVersion,
        String dose,
        Laterality laterality,
        long plannedMillis,
        int donePercent,
        StepOutcome outcome) {
      this(
          exerciseId,
          exerciseVersion,
          dose,
          laterality,
          plannedMillis,
          donePercent,
          outcome,
          null,
          null,
          null,
          null,
          null,
          null);
    }

    /** How much of it a side did. */
    int percent(Side acting) {
      Integer told = acting == Side.LEFT ? leftPercent : rightPercent;
      return told == null ? donePercent : told;
    }

    /** Why not all of it was done; what hurt needs no further word. */
    Shortfall why() {
      return shortfall == null && outcome == StepOutcome.HURT ? Shortfall.HURT : shortfall;
    }
  }

  /** Pain of one region. */
  public record PainForm(
      @NotNull(message = "Left or right.") Side side,
      @NotNull(message = "One of the regions.") Region region,
      @Min(value = 0, message = LEVEL_RULE) @Max(value = 10, message = LEVEL_RULE) int level,
      @Schema(nullable = true) Sensation sensation) {}

  /** How it was, after the session. */
  public record CheckInForm(
      @Schema(nullable = true)
          @Min(value = 0, message = LEVEL_RULE)
          @Max(value = 10, message = LEVEL_RULE)
          Integer effort,
      @NotNull(message = "What hurts, or an empty list.") @Size(max = 30, message = "At most 30.")
          List<@Valid PainForm> pains,
      @Schema(nullable = true) TighterSide tighterSide,
      @NotNull(message = "Up to 280 characters.")
          @Size(max = 280, message = "Up to 280 characters.")
          String words) {}
}
