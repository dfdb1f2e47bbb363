package org.nimblet.server.progress;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.ReviewQuestion;
import org.nimblet.core.progress.Verdict;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.server.progress.ProgressForms.KeptView;
import org.nimblet.server.progress.ProgressForms.LadderView;
import org.nimblet.server.progress.ProgressForms.PainCurveView;

/** What goes over the wire about reviews. */
final class ReviewForms {

  private ReviewForms() {}

  private static final int MOST_LINES = 200;
  private static final String VERDICTS =
      "A verdict for KEPT, PAIN, STEPS and SIDES: MAINTAIN, STEP_ON, BACK_OFF or REFER.";

  /**
   * Some weeks, looked at.
   *
   * @param due whether its date has come
   * @param usualDifferencePercent within which the sides are as usual
   * @param past what was decided before, the latest first
   */
  record ReviewView(
      boolean due,
      LocalDate since,
      LocalDate today,
      long version,
      List<AnsweredView> findings,
      List<KeptView> kept,
      List<PainCurveView> pains,
      List<ClimbView> climbs,
      List<ApartView> apart,
      int usualDifferencePercent,
      NextView next,
      List<PastReview> past) {}

  /** What the weeks say to a question, and what the rule makes of it. */
  record AnsweredView(
      ReviewQuestion question,
      String words,
      String says,
      String because,
      Verdict suggested,
      List<VerdictChoice> choices) {}

  /** What may be decided. */
  record VerdictChoice(Verdict verdict, String word) {}

  /** How a ladder went. */
  record ClimbView(LadderView ladder, int climbed, boolean stuck) {}

  /** How much less the left does than the right, per cent. */
  record ApartView(String exerciseId, String title, Kind kind, int percent) {}

  /** Where something goes. */
  enum Change {
    SAME,
    UP,
    DOWN,
    /** Neither more nor less, but otherwise. */
    OTHERWISE
  }

  /**
   * A line of the next weeks.
   *
   * @param key tells the lines apart when one is changed by hand
   * @param purpose of an obligation; null for an exercise
   * @param kind of an exercise; null for an obligation
   * @param byHand whether the coach has changed what the verdicts make of it
   * @param frequencies how often an obligation could come instead; none for an exercise, which can
   *     only be left where it is
   */
  record NextLine(
      String key,
      @Schema(nullable = true) Purpose purpose,
      @Schema(nullable = true) Kind kind,
      String title,
      String words,
      Change change,
      boolean byHand,
      List<FrequencyWord> frequencies) {}

  /** How often something could come. */
  record FrequencyWord(Frequency frequency, String words) {}

  /** The next weeks as they would be. */
  record NextView(LocalDate from, LocalDate until, int weeks, int changes, List<NextLine> lines) {}

  /** What was decided once. */
  record PastReview(LocalDate on, LocalDate since, List<Review.Answer> answers) {}

  /**
   * What is decided about each question, and what is changed by hand of what comes of it.
   *
   * @param frequencies how often obligations come instead, by the keys of their lines
   * @param left the keys of exercises that stay on their rung
   */
  record ReviewForm(
      long version,
      @NotNull(message = VERDICTS)
          Map<@NotNull(message = VERDICTS) ReviewQuestion, @NotNull(message = VERDICTS) Verdict>
              verdicts,
      @NotNull(message = "How often, by line, or none.")
          @Size(max = MOST_LINES, message = "At most 200 lines.")
          Map<@NotNull(message = "A line.") String, @NotNull(message = "How often.") Frequency>
              frequencies,
      @NotNull(message = "Lines that stay, or none.")
          @Size(max = MOST_LINES, message = "At most 200 lines.")
          Set<@NotNull(message = "A line.") String> left) {}
}
