package org.nimblet.server.session;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Shift;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.health.HealthWriter.ToldPain;

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
   * @param account what was counted, held and felt in it; null if nothing was
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
      @Schema(nullable = true) Shift shift,
      @Schema(nullable = true) @Valid StepAccount account) {

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
          null,
          null);
    }

    /** How much of it a side did. */
    int percent(Side acting) {
      Integer told = acting == Side.LEFT ? leftPercent : rightPercent;
      return told == null ? donePercent : told;
    }

    /** How it was changed on the way, all in all. */
    Shift changed() {
      boolean fewerNotes = account != null && account.notesToBeat() != null;
      return fewerNotes ? Shift.withFewerNotes(Optional.ofNullable(shift)).orElse(null) : shift;
    }

    /** Why not all of it was done; what hurt needs no further word. */
    Shortfall why() {
      return shortfall == null && outcome == StepOutcome.HURT ? Shortfall.HURT : shortfall;
    }
  }

  /**
   * What was counted, held and felt in a step; null where it was not told.
   *
   * @param leftRepetitions repetitions that the left side did
   * @param rightRepetitions repetitions that the right side did
   * @param leftHeldMillis how long the left side held
   * @param rightHeldMillis how long the right side held
   * @param paceMillis from one repetition to the next at one's own pace
   * @param notesToBeat of something played to a beat, to how few notes a beat it was brought down
   * @param repeats how often the step was begun once more after it was done
   * @param stayedMillis how long somebody stayed beyond its time
   * @param tighterSide which side was tighter
   * @param feltSide where it was felt instead of where it was meant to be
   * @param feltRegion the region of it
   * @param feltAs what kind of feeling it was
   */
  public record StepAccount(
      @Schema(nullable = true)
          @Min(value = 0, message = COUNTED)
          @Max(value = 3000, message = COUNTED)
          Integer leftRepetitions,
      @Schema(nullable = true)
          @Min(value = 0, message = COUNTED)
          @Max(value = 3000, message = COUNTED)
          Integer rightRepetitions,
      @Schema(nullable = true)
          @Min(value = 0, message = HELD)
          @Max(value = 7_200_000, message = HELD)
          Long leftHeldMillis,
      @Schema(nullable = true)
          @Min(value = 0, message = HELD)
          @Max(value = 7_200_000, message = HELD)
          Long rightHeldMillis,
      @Schema(nullable = true)
          @Min(value = 50, message = "50 to 120 000 ms.")
          @Max(value = 120_000, message = "50 to 120 000 ms.")
          Integer paceMillis,
      @Schema(nullable = true)
          @Min(value = 1, message = "1 to 8 notes to a beat.")
          @Max(value = 8, message = "1 to 8 notes to a beat.")
          Integer notesToBeat,
      @Min(value = 0, message = "0 to 50.") @Max(value = 50, message = "0 to 50.") int repeats,
      @Min(value = 0, message = HELD) @Max(value = 7_200_000, message = HELD) long stayedMillis,
      @Schema(nullable = true) TighterSide tighterSide,
      @Schema(nullable = true) Side feltSide,
      @Schema(nullable = true) Region feltRegion,
      @Schema(nullable = true) Sensation feltAs) {

    private static final String COUNTED = "0 to 3000 repetitions.";
    private static final String HELD = "0 ms to 2 h.";
  }

  /**
   * What a step came to.
   *
   * @param place which step, from 0 on
   * @param unit what is counted
   * @param value how much of it
   */
  public record ResultForm(
      @Min(value = 0, message = "A step of the session, from 0 on.")
          @Max(value = 59, message = "A step of the session, from 0 on.")
          int place,
      @NotNull(message = "MILLIMETRES, SEMITONES or FRET.") ResultUnit unit,
      @Min(value = 0, message = "0 to 1000.") @Max(value = 1000, message = "0 to 1000.")
          int value) {}

  /** Pain of one region. */
  public record PainForm(
      @NotNull(message = "Left or right.") Side side,
      @NotNull(message = "One of the regions.") Region region,
      @Min(value = 0, message = LEVEL_RULE) @Max(value = 10, message = LEVEL_RULE) int level,
      @Schema(nullable = true) Sensation sensation) {

    /** The same as it is written down. */
    public ToldPain told() {
      return new ToldPain(side, region, level, Optional.ofNullable(sensation));
    }
  }

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
          String words,
      @Schema(nullable = true) @Size(max = 20, message = "At most 20.")
          List<@Valid @NotNull(message = "A result.") ResultForm> results) {}

  private static final String REASON_RULE = "A reason of 1 to 200 characters.";
  private static final String SHARE_RULE = "0 to 100 per cent.";

  /**
   * A session as it should have been told of.
   *
   * @param reason why it is corrected
   * @param steps all of its steps, in their order
   * @param during what hurt while it was done
   * @param after what hurt after it
   */
  public record CorrectionForm(
      @NotBlank(message = REASON_RULE) @Size(max = 200, message = REASON_RULE) String reason,
      @Schema(nullable = true)
          @Min(value = 0, message = LEVEL_RULE)
          @Max(value = 10, message = LEVEL_RULE)
          Integer effort,
      @Schema(nullable = true) TighterSide tighterSide,
      @NotEmpty(message = "All steps of the session.")
          @Size(max = 60, message = "At most 60 steps.")
          List<@Valid @NotNull(message = "A step.") CorrectedStep> steps,
      @NotNull(message = "What hurt, or an empty list.") @Size(max = 60, message = "At most 60.")
          List<@Valid @NotNull(message = "What hurt.") PainForm> during,
      @NotNull(message = "What hurts, or an empty list.") @Size(max = 30, message = "At most 30.")
          List<@Valid @NotNull(message = "What hurts.") PainForm> after) {}

  /**
   * A step as it should have been told of.
   *
   * @param shortfall why not all of it was done; null if nobody said
   * @param complete repetitions that were complete before it burned, where they were counted
   */
  public record CorrectedStep(
      @Min(value = 0, message = SHARE_RULE) @Max(value = 100, message = SHARE_RULE) int leftPercent,
      @Min(value = 0, message = SHARE_RULE) @Max(value = 100, message = SHARE_RULE)
          int rightPercent,
      @Schema(nullable = true) Shortfall shortfall,
      @Schema(nullable = true)
          @Min(value = 0, message = "0 to 300 repetitions.")
          @Max(value = 300, message = "0 to 300 repetitions.")
          Integer complete) {}

  /** What a coach notes about a session; nothing takes the note away. */
  public record NoteForm(
      @NotNull(message = "Up to 1000 characters.")
          @Size(max = 1000, message = "Up to 1000 characters.")
          String words) {}
}
