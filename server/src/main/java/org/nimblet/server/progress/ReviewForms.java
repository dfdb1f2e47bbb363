package org.nimblet.server.progress;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.ReviewQuestion;
import org.nimblet.core.progress.Verdict;
import org.nimblet.server.progress.ProgressForms.KeptView;
import org.nimblet.server.progress.ProgressForms.LadderView;
import org.nimblet.server.progress.ProgressForms.PainCurveView;

/** What goes over the wire about reviews. */
final class ReviewForms {

  private ReviewForms() {}

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
    DOWN
  }

  /**
   * A line of the next weeks.
   *
   * @param purpose of an obligation; null for an exercise
   * @param kind of an exercise; null for an obligation
   */
  record NextLine(
      @Schema(nullable = true) Purpose purpose,
      @Schema(nullable = true) Kind kind,
      String title,
      String words,
      Change change) {}

  /** The next weeks as they would be. */
  record NextView(LocalDate from, LocalDate until, int weeks, int changes, List<NextLine> lines) {}

  /** What was decided once. */
  record PastReview(LocalDate on, LocalDate since, List<Review.Answer> answers) {}

  /** What is decided about each question. */
  record ReviewForm(
      long version,
      @NotNull(message = VERDICTS)
          Map<@NotNull(message = VERDICTS) ReviewQuestion, @NotNull(message = VERDICTS) Verdict>
              verdicts) {}
}
