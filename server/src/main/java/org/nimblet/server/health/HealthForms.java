package org.nimblet.server.health;

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
import java.util.UUID;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.HealthWord.MindedKind;
import org.nimblet.core.progress.SignAnswer;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.Sensation;

/** What goes over the wire about health. */
public final class HealthForms {

  private HealthForms() {}

  static final String LEVEL_RULE = "A whole number from 0 (none) to 10 (the worst there is).";
  static final String WORDS_RULE = "1 to 280 characters.";

  /** Pain that is told of, some places at once. */
  public record ToldPainsForm(
      @NotEmpty(message = "At least one place.") @Size(max = 30, message = "At most 30 places.")
          List<@Valid ToldPainForm> pains) {}

  /**
   * Pain of one place.
   *
   * @param course new or steady, for those who do not know the day; a day counts before it
   * @param since the day from which it has been there
   */
  public record ToldPainForm(
      @NotNull(message = "Left or right.") Side side,
      @NotNull(message = "One of the regions.") Region region,
      @Min(value = 0, message = LEVEL_RULE) @Max(value = 10, message = LEVEL_RULE) int level,
      @Schema(nullable = true) Sensation sensation,
      @Schema(nullable = true) Pain.Course course,
      @Schema(nullable = true) LocalDate since) {}

  /** Answers to some of the signs. */
  public record ScreeningForm(
      @NotEmpty(message = "At least one answer.") @Size(max = 16, message = "At most 16 answers.")
          List<@Valid AnswerForm> answers) {}

  /** One answer; where it is yes, with the place. */
  public record AnswerForm(
      @NotNull(message = "One of the signs.") ReferralSign sign,
      boolean yes,
      @Schema(nullable = true) Side side,
      @NotNull(message = "The places, or an empty list.") Set<Region> regions,
      @NotNull(message = "Up to 60 characters.") @Size(max = 60, message = "Up to 60 characters.")
          String since) {}

  /** What was wrong about a sign that was touched. */
  public record MistakeForm(
      @NotNull(message = "Up to 280 characters.")
          @Size(max = 280, message = "Up to 280 characters.")
          String words) {}

  /** What a clinician said about a sign. */
  public record ClearanceForm(
      @NotBlank(message = WORDS_RULE) @Size(max = 280, message = WORDS_RULE) String words) {}

  /** Something to be minded. */
  public record MindedForm(
      @NotNull(message = "One of the kinds.") MindedKind kind,
      @NotNull(message = "Left, right or both.") Set<Side> sides,
      @Schema(nullable = true) Condition condition,
      @Schema(nullable = true) Region region,
      @Schema(nullable = true) Movement movement,
      @Schema(nullable = true) String exerciseId,
      @NotNull(message = "Up to 280 characters.")
          @Size(max = 280, message = "Up to 280 characters.")
          String words,
      @Schema(nullable = true) LocalDate until) {}

  /** Everything about one client's health. */
  public record HealthView(
      List<PainNowView> pains,
      List<SignView> signs,
      List<ScreeningEntryView> history,
      List<MindedView> minded,
      List<ConditionView> conditions,
      List<MovementView> movements,
      int endingPain,
      int steadyDays) {}

  /** Pain of one place today, with what it asks for. */
  public record PainNowView(
      Side side,
      Region region,
      String regionWord,
      int level,
      Pain.Course course,
      LocalDate saidOn,
      @Schema(nullable = true) LocalDate since,
      String dose,
      List<EarlierView> earlier) {}

  /** What was said before about the same place, the latest first. */
  public record EarlierView(LocalDate date, int level) {}

  /**
   * A sign with what is known of it; identified while it stands.
   *
   * @param raisedBy what was told in passing that raises the question; empty if nothing did
   * @param mayTakeBack whether whoever told it may still take it back as a mistake
   */
  public record SignView(
      ReferralSign sign,
      String word,
      SignAnswer answer,
      @Schema(nullable = true) UUID id,
      @Schema(nullable = true) Side side,
      List<Region> regions,
      String place,
      String since,
      @Schema(nullable = true) LocalDate askedOn,
      String consequence,
      String words,
      String raisedBy,
      boolean mayTakeBack) {}

  /** One dated entry of the history, the latest first. */
  public record ScreeningEntryView(
      LocalDate date,
      ReferralSign sign,
      String word,
      SignAnswer answer,
      String place,
      String words) {}

  /** Something that is minded, or was. */
  public record MindedView(
      UUID id,
      MindedKind kind,
      Set<Side> sides,
      @Schema(nullable = true) Condition condition,
      @Schema(nullable = true) Region region,
      @Schema(nullable = true) Movement movement,
      @Schema(nullable = true) String exerciseId,
      String name,
      String words,
      LocalDate saidOn,
      @Schema(nullable = true) LocalDate until,
      @Schema(nullable = true) LocalDate endedOn,
      boolean holds) {}

  /** A condition that can be recorded. */
  public record ConditionView(
      Condition condition, String word, String adaptation, boolean hasPlace) {}

  /** A direction of movement that can be left out. */
  public record MovementView(Movement movement, String word) {}

  /** The latest word about a region. */
  public record PainView(Side side, Region region, String regionWord, int level, LocalDate date) {}
}
