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
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.session.SessionEnding;

/** What goes over the wire about sessions. */
public final class SessionForms {

  private SessionForms() {}

  static final String LEVEL_RULE = "A whole number from 0 (none) to 10 (the worst there is).";

  /** A session as the device tells of it when it ends. */
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
          List<@Valid PainForm> hurts) {}

  /** What became of a step. */
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
      @NotNull(message = "DONE, SKIPPED or HURT.") StepOutcome outcome) {}

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
