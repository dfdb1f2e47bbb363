package org.nimblet.server.progress;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Overruling;
import org.nimblet.core.progress.RungDecision;
import org.nimblet.server.session.SessionForms.PainForm;

/** What goes over the wire about progress. */
public final class ProgressForms {

  private ProgressForms() {}

  private static final String REASON_RULE = "A reason of 1 to 200 characters.";

  /**
   * Everything somebody climbs, what was done last first.
   *
   * @param lookedOn when the weeks were last looked at; null if not in these
   * @param decided what changed since then
   */
  record ProgressView(
      LocalDate since,
      LocalDate today,
      @Schema(nullable = true) LocalDate lookedOn,
      List<LadderView> ladders,
      List<DecisionView> decided,
      List<KeptView> kept,
      List<PainCurveView> pains) {}

  /** The worst that a place hurt on each day on which it was spoken of. */
  record PainCurveView(Side side, Region region, String words, List<PainPoint> points) {}

  /** The worst of a day. */
  record PainPoint(LocalDate date, int level) {}

  /**
   * A ladder and where each side stands.
   *
   * @param rungs the words of the rungs, the easiest first
   */
  record LadderView(
      String exerciseId,
      String title,
      Kind kind,
      String methodWord,
      List<String> rungs,
      List<SideView> sides,
      String dose) {}

  /**
   * One side on a ladder.
   *
   * @param rung from 0
   * @param need how many times in a row it has to go well before the next step
   * @param word what the coach has said of it, and has not taken back
   * @param last why it stands there, as a sentence; empty if nothing was decided yet
   */
  record SideView(
      Side side,
      int rung,
      int streak,
      int need,
      boolean ready,
      boolean stuck,
      boolean paused,
      boolean stopped,
      boolean lowered,
      boolean held,
      @Schema(nullable = true) Overruling.Word word,
      String last,
      @Schema(nullable = true) LocalDate decidedOn) {}

  /** A decision with its sentence. */
  public record DecisionView(
      LocalDate date,
      String exerciseId,
      String title,
      Kind kind,
      List<Side> sides,
      RungDecision.Effect effect,
      String sentence) {}

  /** What was planned and kept of a purpose, a day after another. */
  record KeptView(Purpose purpose, String word, int kept, int planned, List<KeptDay> days) {}

  /** What was planned on a day, and what of it was done. */
  record KeptDay(LocalDate date, int planned, int kept) {}

  /** A point of a curve: the rung after a date. */
  record RungPoint(LocalDate date, int rung) {}

  /** The curve of one side. */
  record CurveView(Side side, List<RungPoint> points) {}

  /** A ladder with all that happened on it, the newest first. */
  record StoryView(LadderView ladder, List<CurveView> curves, List<DecisionView> decisions) {}

  /**
   * When a rung will be reached.
   *
   * @param full the date if everything is done and goes well
   * @param early by then with 10 per cent; null if not within a year
   * @param middle by then with 50 per cent
   * @param late by then with 90 per cent
   * @param attendancePercent how much of what was planned was done in the last four weeks
   * @param successPercent how much of that went well
   */
  record ForecastView(
      String exerciseId,
      Side side,
      int goal,
      String goalWords,
      int daysAWeek,
      @Schema(nullable = true) LocalDate full,
      @Schema(nullable = true) LocalDate early,
      @Schema(nullable = true) LocalDate middle,
      @Schema(nullable = true) LocalDate late,
      List<RungPoint> curve,
      int attendancePercent,
      int successPercent,
      String sentence) {}

  /** A ladder with when its next rungs come. */
  record AheadView(LadderView ladder, ForecastView forecast) {}

  /**
   * How often is often enough.
   *
   * @param daysAWeek null if not even every day is
   */
  record OftenView(@Schema(nullable = true) Integer daysAWeek, String sentence) {}

  /** A word of the coach about rungs. */
  record WordForm(
      @NotEmpty(message = "Left, right or both.") Set<@NotNull(message = "A side.") Side> sides,
      @NotNull(message = "PIN, HOLD, RESET, ALLOW or LET_GO.") Overruling.Word word,
      @Schema(nullable = true)
          @Min(value = 0, message = "A rung, from 0 on.")
          @Max(value = 100, message = "A rung, up to 100.")
          Integer rung,
      @NotBlank(message = REASON_RULE) @Size(max = 200, message = REASON_RULE) String reason) {}

  /** How somebody is this morning. */
  record MorningForm(
      @NotNull(message = "What hurts, or an empty list.") @Size(max = 30, message = "At most 30.")
          List<@Valid @NotNull(message = "What hurts.") PainForm> pains) {}

  /**
   * What is asked on a morning.
   *
   * @param asked whether there is something to ask: something was done the day before, and it is
   *     not noon yet
   * @param sessions what was done, in words
   * @param yesterday the worst of each place the day before
   */
  record MorningView(
      LocalDate date,
      boolean asked,
      boolean answered,
      String sessions,
      List<PainForm> yesterday,
      int endingPain) {}
}
