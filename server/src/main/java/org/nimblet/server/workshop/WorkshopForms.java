package org.nimblet.server.workshop;

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
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.TwoHandedRow;

/** What goes over the wire about the workshop. */
public final class WorkshopForms {

  static final int LEAST_A_MINUTE = 20;
  static final int GREATEST_A_MINUTE = 240;
  static final String A_MINUTE_RULE = "20 to 240 changes a minute.";
  static final int MOST_MINUTES = 15;
  static final String MINUTES_RULE = "1 to 15 minutes.";
  static final int GREATEST_SEED = 999_999;
  static final String SEED_RULE = "0 to 999999.";

  /** Nobody has come so far (ours). */
  static final int LONGEST_ROW = 60;

  private static final int MOST_TRIES = 200;
  private static final String TRIES_RULE = "1 to 200 tries.";
  private static final String PATTERN_RULE = "One of the patterns.";

  private WorkshopForms() {}

  /**
   * A state of one hand, as it is drawn.
   *
   * @param bent the fingers that are bent
   * @param open the gaps that are open, by the nearer of their fingers
   */
  public record StateView(List<Digit> bent, List<Digit> open) {}

  /** A part of a difficulty. */
  public record DifficultyPartView(String words, double amount) {}

  /**
   * A pattern as somebody stands with it.
   *
   * @param hand the hand that does it; without one both do
   * @param first the states of that hand, or of the left one
   * @param second the states of the right one, where both do it
   * @param expected how likely it is clean, 0 to 1
   * @param closed why it may not be done
   */
  public record DrillView(
      String pattern,
      @Schema(nullable = true) Side hand,
      String title,
      String doing,
      List<StateView> first,
      List<StateView> second,
      double difficulty,
      double expected,
      boolean rude,
      int tries,
      int clean,
      boolean weak,
      boolean next,
      @Schema(nullable = true) String closed) {}

  /** A family with its patterns, from easy to hard. */
  public record FamilyView(String id, String words, boolean open, List<DrillView> drills) {}

  /**
   * All patterns for one hand and tempo.
   *
   * @param offeredAt the difficulty of which four of five are clean
   * @param easyAt the difficulty of which nine of ten are
   * @param hardAt the difficulty of which seven of ten are
   * @param forecast what opens the next family, as a sentence
   */
  public record PatternsView(
      int aMinute,
      double offeredAt,
      double easyAt,
      double hardAt,
      int tries,
      int clean,
      String forecast,
      List<FamilyView> families) {}

  /**
   * One pattern with its difficulty in parts, and at other tempi.
   *
   * @param exercise the exercise of the library that its family belongs to
   */
  public record PatternView(
      String exercise, DrillView drill, List<DifficultyPartView> parts, List<TempoView> faster) {}

  /** A pattern at a tempo. */
  public record TempoView(int aMinute, double difficulty, double expected) {}

  /**
   * A drill of a round.
   *
   * @param changes how many changes it lasts
   */
  public record RoundDrillView(DrillView drill, int changes, int seconds) {}

  /**
   * A round, to be drilled now.
   *
   * @param readSeconds for each drill, to see what comes
   */
  public record DrillRoundView(
      UUID roundId, int aMinute, int minutes, int readSeconds, List<RoundDrillView> drills) {}

  /** What is asked for. */
  public record DrillRoundForm(
      @NotNull(message = A_MINUTE_RULE)
          @Min(value = LEAST_A_MINUTE, message = A_MINUTE_RULE)
          @Max(value = GREATEST_A_MINUTE, message = A_MINUTE_RULE)
          Integer aMinute,
      @NotNull(message = MINUTES_RULE)
          @Min(value = 1, message = MINUTES_RULE)
          @Max(value = MOST_MINUTES, message = MINUTES_RULE)
          Integer minutes) {}

  /** A try as it was judged. */
  public record TryForm(
      @NotNull(message = "An identifier.") UUID id,
      @NotNull(message = PATTERN_RULE) @Size(max = 200, message = PATTERN_RULE) String pattern,
      @Schema(nullable = true) Side hand,
      @NotNull(message = A_MINUTE_RULE)
          @Min(value = LEAST_A_MINUTE, message = A_MINUTE_RULE)
          @Max(value = GREATEST_A_MINUTE, message = A_MINUTE_RULE)
          Integer aMinute,
      @NotNull(message = "Clean or not.") Boolean clean,
      @NotNull(message = "When it was tried.") Instant at) {}

  /** All tries of a round; those that are known are passed over. */
  public record TriesForm(
      @NotNull(message = "An identifier.") UUID roundId,
      @NotNull(message = TRIES_RULE)
          @NotEmpty(message = TRIES_RULE)
          @Size(max = MOST_TRIES, message = TRIES_RULE)
          List<@NotNull(message = "A try.") @Valid TryForm> tries) {}

  /**
   * A row of taps.
   *
   * @param left what the left hand taps; empty if it rests
   * @param walk the number of each transition in the walk: from finger, to finger
   */
  public record RowView(
      Circle.What what,
      String words,
      List<Digit> left,
      List<Digit> right,
      List<Digit> row,
      List<TransitionView> walk) {}

  /** A transition between two fingers, by its place in the walk, from 1 on. */
  public record TransitionView(Digit from, Digit to, int place) {}

  /** Which row is asked for. */
  public record RowForm(Circle.What what, TwoHandedRow hands, boolean thumb, int another) {}

  /** A form of a clasp. */
  public record ClaspFormView(String pose, String words, List<Side> tops) {}

  /** A clasp with its forms. */
  public record ClaspView(
      String letter, String words, String held, List<Digit> crossed, List<ClaspFormView> forms) {}

  /** A move of the walk; without a form at the hub. */
  public record MoveView(
      @Schema(nullable = true) String from,
      @Schema(nullable = true) String to,
      String words,
      boolean changesTop) {}

  /** The walk through every form. */
  public record ClaspsView(List<ClaspView> clasps, List<MoveView> walk, int forms, int changes) {}
}
