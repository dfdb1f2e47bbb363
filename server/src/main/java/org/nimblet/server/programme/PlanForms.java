package org.nimblet.server.programme;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.programme.PlanForms.LineCountView;
import org.nimblet.server.programme.PlanForms.PinForm;
import org.nimblet.server.programme.PlanForms.PlanSessionView;
import org.nimblet.server.programme.PlanForms.UnmetView;

/** What goes over the wire about plans. */
public final class PlanForms {

  private PlanForms() {}

  /**
   * The plan of the week in which a date lies, this week without one.
   *
   * @param moves what stands elsewhere than was agreed, for people
   */
  public record PlanView(
      LocalDate monday,
      List<PlanSessionView> sessions,
      List<UnmetView> unmet,
      List<LineCountView> counts,
      List<String> moves) {}

  /** A free-standing session. */
  public record PlanSessionView(
      String lineId,
      String title,
      Purpose purpose,
      LocalDate date,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      boolean fixed,
      boolean pinned,
      String why) {}

  /** Something without a place. */
  public record UnmetView(
      String lineId, @Schema(nullable = true) LocalDate date, String sentence) {}

  /** How much of a line has a place. */
  public record LineCountView(
      String lineId, String title, Purpose purpose, int placed, int wanted) {}

  /**
   * A session that is put somewhere, or left out.
   *
   * @param startsAt where it is put; null to leave that to the plan
   * @param pinned whether it stays there whatever comes; otherwise it moves if it must
   * @param skipped whether it is left out and not owed
   */
  public record PinForm(
      @NotNull(message = "A line of the programme.") @Size(max = 80, message = "A line.")
          String lineId,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(type = "string", nullable = true, example = "18:00") LocalTime startsAt,
      boolean pinned,
      boolean skipped) {}

  /**
   * What would be moved.
   *
   * @param pin a session that would stand elsewhere
   * @param blockId a block that would stand elsewhere
   * @param toDate the date it would stand on; null for its own
   */
  public record PreviewForm(
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(nullable = true) @Valid PinForm pin,
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) LocalDate toDate,
      @Schema(type = "string", nullable = true) LocalTime startsAt,
      @Schema(type = "string", nullable = true) LocalTime endsAt) {}

  /**
   * What came of fitting the weeks ahead.
   *
   * @param weeks how many
   * @param sessions how many have a place
   * @param moves what stands elsewhere than was agreed before
   * @param unmet what has no room
   */
  public record AgreementView(int weeks, int sessions, List<String> moves, List<UnmetView> unmet) {}
}
