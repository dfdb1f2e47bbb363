package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Finding.Severity;
import org.nimblet.core.routine.Gate;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.routine.SaidMoment;
import org.nimblet.core.routine.StepLengths;
import org.nimblet.server.library.FigureParts;
import org.nimblet.server.routine.RoutineViews.LeftOutView;
import org.nimblet.server.routine.StepDrafts.StepDraft;

/** What goes over the wire at the bench. */
final class Bench {

  private Bench() {}

  static final String SECONDS_RULE = "60 to 1800 seconds.";

  /**
   * A routine as it is worked on.
   *
   * @param clientId for whom; null for a template
   * @param activityId the activity it is for; null for all
   * @param discipline for whom a template is made; null for everybody
   * @param warmed whether the hands were warmed in the last half hour; null for what is usual
   *     before a routine of the purpose
   * @param minutesToPlay minutes from its end to the next play; null if none is near
   * @param theme what is taken first when it is composed, by its identifier; null for nothing
   */
  record Draft(
      @Schema(nullable = true) UUID clientId,
      @Schema(nullable = true) UUID activityId,
      @Schema(nullable = true) Discipline discipline,
      @NotNull(message = "One of the purposes.") Purpose purpose,
      @Min(value = 60, message = SECONDS_RULE) @Max(value = 1800, message = SECONDS_RULE)
          int budgetSeconds,
      @Schema(nullable = true) Boolean warmed,
      @Schema(nullable = true)
          @Min(value = 0, message = "0 to 1440 minutes.")
          @Max(value = 1440, message = "0 to 1440 minutes.")
          Integer minutesToPlay,
      @Schema(nullable = true) @Size(max = 60, message = "One of the themes.") String theme,
      @NotNull(message = "The steps, or an empty list.")
          @Size(max = 60, message = "At most 60 steps.")
          List<@Valid @NotNull(message = "A step.") StepDraft> steps) {

    /** A routine that has no steps yet. */
    static Draft empty(UUID clientId, Purpose purpose, int seconds) {
      return new Draft(clientId, null, null, purpose, seconds, null, null, null, List.of());
    }

    /** The same draft in a moment. */
    Draft in(SaidMoment moment) {
      return new Draft(
          clientId,
          activityId,
          discipline,
          moment.purpose(),
          moment.minutes() * 60,
          warmed,
          minutesToPlay,
          theme,
          steps);
    }

    /** The same draft around a theme. */
    Draft around(String wanted) {
      return new Draft(
          clientId,
          activityId,
          discipline,
          purpose,
          budgetSeconds,
          warmed,
          minutesToPlay,
          wanted,
          steps);
    }

    /** Whether the hands were warmed: as it was said, or as it is usual. */
    boolean isWarmed() {
      return warmed == null ? PurposePlan.of(purpose).followsPlay() : warmed;
    }

    /** The same draft at another time. */
    Draft near(Boolean hands, Integer minutes) {
      return new Draft(
          clientId, activityId, discipline, purpose, budgetSeconds, hands, minutes, theme, steps);
    }
  }

  /** The routine with everything that follows from it. */
  record CheckView(
      List<BenchStep> steps,
      long lengthMillis,
      long freeSeconds,
      boolean warmed,
      List<String> haveReady,
      List<FindingView> findings,
      int rulesKept,
      List<CoverageView> coverage,
      List<String> signs) {}

  /** A step with what can be changed about it. */
  record BenchStep(
      StepDraft draft,
      String title,
      Kind kind,
      int intensity,
      String doseWords,
      @Schema(nullable = true) String typedWrong,
      Laterality laterality,
      Laterality usualLaterality,
      long offsetMillis,
      long lengthMillis,
      List<PartView> parts,
      QuantityView quantity,
      int repetitions,
      int sets,
      List<BenchRung> rungs,
      List<Position> positions,
      boolean mayRelease,
      String setUp,
      List<String> action,
      String cue,
      String feltAt,
      List<String> cautions,
      @Schema(nullable = true) String turn,
      FigureParts figure) {}

  /** A part of a step's time. */
  record PartView(PartKind kind, @Schema(nullable = true) Side side, long millis) {}

  /** What a part of a step's time is. */
  enum PartKind {
    SET_UP,
    WORK,
    CHANGE,
    RELEASE
  }

  /** What varies in a dose, with its bounds; each neighbour is a whole dose. */
  record QuantityView(
      String name,
      int now,
      int least,
      int greatest,
      @Schema(nullable = true) String less,
      @Schema(nullable = true) String more) {}

  /** A rung of the exercise's ladder as a whole dose. */
  record BenchRung(String words, String dose, boolean current) {}

  /** A broken rule. */
  record FindingView(
      String rule, String title, Severity severity, String sentence, List<String> steps) {}

  /**
   * What is to be repaired.
   *
   * @param finding one of the findings of the check, counted from 0; all of them where it is null
   */
  record RepairForm(
      @NotNull(message = "The draft.") @Valid Draft draft,
      @Schema(nullable = true) @Min(value = 0, message = "A finding, counted from 0.")
          Integer finding) {}

  /** How far a target is served, per cent. */
  record CoverageView(String target, String word, Side side, int given, int wanted) {}

  /** Two drafts that are laid beside each other. */
  record CompareForm(
      @NotNull(message = "The first draft.") @Valid Draft a,
      @NotNull(message = "The second draft.") @Valid Draft b) {}

  /**
   * Two routines beside each other.
   *
   * @param strands where the same exercise stands in both
   * @param changes what differs, in words; empty if nothing but the order
   * @param coverage what both give to the most wanted targets
   */
  record CompareView(
      CheckView a,
      CheckView b,
      List<StrandView> strands,
      List<String> changes,
      List<CoverageRow> coverage,
      String cost) {}

  /** The places of the same exercise, and whether it is dosed alike. */
  record StrandView(int a, int b, boolean sameDose) {}

  /** What both routines give to a target, the mean of left and right, per cent. */
  record CoverageRow(String word, int a, int b, int wanted) {}

  /**
   * What should be composed.
   *
   * @param draft for whom and how long; its pinned steps stay
   * @param earlier the exercises of routines from which this one has to differ
   * @param lengths whether its steps should be shorter or longer than those of the draft; null for
   *     whatever is best
   * @param said a moment that it is for, as it was said; counts before the minutes and the purpose
   *     of the draft; null if none was
   */
  record ComposeForm(
      @NotNull(message = "The draft.") @Valid Draft draft,
      @NotNull(message = "Up to two routines, or an empty list.")
          @Size(max = 2, message = "Up to two routines.")
          List<@NotNull(message = "Identifiers of exercises.") Set<String>> earlier,
      @Schema(nullable = true) StepLengths.Wish lengths,
      @Schema(nullable = true)
          @Size(max = SaidMoment.LONGEST, message = "A line of up to 200 characters.")
          String said) {}

  /** A composed routine, or why there is none. */
  record ComposeView(
      boolean composed,
      String reason,
      Purpose purpose,
      int budgetSeconds,
      List<StepDraft> steps,
      List<String> choices,
      List<LeftOutView> leftOut,
      List<String> shortPhases) {}

  /** What could be added, the most valuable first. */
  record OffersView(List<OfferView> fits, List<LeftOutView> doesNot) {}

  /**
   * Something that could be added.
   *
   * @param share what a second of it is worth, per cent of the most that anything offers
   * @param why what speaks for it
   */
  record OfferView(
      StepDraft step, String title, Kind kind, int seconds, int share, String why, boolean fits) {}

  /** Why an exercise is not in the routine. */
  record WhyNotForm(
      @NotNull(message = "The draft.") @Valid Draft draft,
      @NotNull(message = "An exercise of the library.") String exerciseId) {}

  /** What each gate says, and what decided. */
  record WhyNotView(String title, Kind kind, List<GateView> gates, String decided) {}

  /** What one gate says; nothing where it is open. */
  record GateView(Gate gate, String title, String closed) {}

  /** The same dose on the sides in another way, or split in two steps. */
  record SidesForm(
      @NotNull(message = "The draft.") @Valid Draft draft,
      @NotNull(message = "The key of a step.") String key,
      @NotNull(message = "USUAL, LEFT, RIGHT or SPLIT.") SidesChoice sides) {}

  /** Steps in another order about one of them. */
  record TurnForm(
      @NotNull(message = "The draft.") @Valid Draft draft,
      @NotNull(message = "The key of a step.") String key,
      @NotNull(message = "WITH_THE_NEXT, APART or ARM_BY_ARM.") Turn turn) {}

  /** Which order. */
  enum Turn {
    /** In turn with the step after it: a circuit. */
    WITH_THE_NEXT,
    /** The circuit it stands in is taken apart. */
    APART,
    /** What each side does by itself, on one arm first. */
    ARM_BY_ARM
  }

  /** How a step can be shared between the sides. */
  enum SidesChoice {
    USUAL,
    LEFT,
    RIGHT,
    SPLIT
  }
}
