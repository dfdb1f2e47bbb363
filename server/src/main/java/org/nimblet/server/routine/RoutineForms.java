package org.nimblet.server.routine;

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
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Step;
import org.nimblet.server.routine.StepDrafts.StepDraft;

/** What goes over the wire about stored routines. */
public final class RoutineForms {

  private RoutineForms() {}

  static final String TITLE_RULE = "A title has 1 to 60 characters.";

  /**
   * A routine to be saved.
   *
   * @param version the one it was changed from, 0 for a new one
   * @param composed the exercises that were composed for it last; null if none were
   */
  record RoutineForm(
      int version,
      @Schema(nullable = true) UUID clientId,
      @NotBlank(message = TITLE_RULE) @Size(max = 60, message = TITLE_RULE) String title,
      @NotNull(message = "One of the purposes.") Purpose purpose,
      @Min(value = 60, message = Bench.SECONDS_RULE)
          @Max(value = 1800, message = Bench.SECONDS_RULE)
          int budgetSeconds,
      @NotEmpty(message = "At least one step.") @Size(max = 60, message = "At most 60 steps.")
          List<@Valid @NotNull(message = "A step.") StepDraft> steps,
      @Schema(nullable = true) @Size(max = 60, message = "At most 60 exercises.")
          List<@NotNull(message = "An exercise.") @Size(max = 80, message = "An exercise.") String>
              composed) {

    /** What had been composed and is not in it. */
    List<String> takenOut() {
      return composed == null
          ? List.of()
          : composed.stream()
              .distinct()
              .filter(id -> steps.stream().noneMatch(step -> step.exerciseId().equals(id)))
              .sorted()
              .toList();
    }
  }

  /** The newest version as the page knows it, so that nothing newer is passed over unseen. */
  record RestorationForm(@Min(value = 1, message = "A version, from 1 on.") int newestVersion) {}

  /** A routine in a list. */
  record RoutineSummary(
      UUID id,
      @Schema(nullable = true) UUID clientId,
      String clientName,
      String title,
      Purpose purpose,
      int version,
      Instant changedAt) {}

  /** A stored routine at one of its versions. */
  record StoredRoutine(
      UUID id,
      @Schema(nullable = true) UUID clientId,
      int version,
      int shownVersion,
      String title,
      Purpose purpose,
      int budgetSeconds,
      List<StepDraft> steps,
      List<RoutineVersionView> versions) {}

  /** A version, the newest first. */
  record RoutineVersionView(int number, String title, int steps, Instant createdAt) {}

  /** A routine that ships with the program. */
  record TemplateView(
      String id,
      String title,
      Purpose purpose,
      Discipline discipline,
      int seconds,
      String aim,
      boolean warmed,
      List<StepDraft> steps,
      List<TapeStepView> tape) {}

  /**
   * A theme to choose.
   *
   * @param own whether the coach has made it
   */
  record ThemeView(String id, String title, boolean own) {}

  /** A theme as a coach makes it: some exercises under a title. */
  record ThemeForm(
      @NotBlank(message = TITLE_RULE) @Size(max = 60, message = TITLE_RULE) String title,
      @NotEmpty(message = "At least one exercise.") @Size(max = 60, message = "At most 60.")
          List<@NotNull(message = "An exercise.") String> exercises) {}

  /**
   * A step as it is drawn small.
   *
   * @param side the one that works, or begins
   * @param circuit the number of the circuit in which it is a set; 0 by itself
   */
  public record TapeStepView(
      String title, Kind kind, long lengthMillis, Laterality laterality, Side side, int circuit) {
    /** A step of a cue sheet. */
    static TapeStepView of(Step step, long lengthMillis) {
      return new TapeStepView(
          step.exercise().title(),
          step.exercise().kind(),
          lengthMillis,
          step.dose().laterality(),
          step.firstSide(),
          step.circuit());
    }
  }
}
