package org.nimblet.server.programme;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Obligation.Frequency;

/** What goes over the wire about programmes. */
public final class ProgrammeForms {

  private ProgrammeForms() {}

  private static final String MINUTES = "1 to 60 minutes.";
  private static final String A_DAY = "1 to 8 sessions a day.";
  private static final String MINUTES_A_DAY = "1 to 240 minutes a day.";

  /** A programme as written. */
  public record ProgrammeForm(
      long version,
      @NotBlank(message = "A title.") @Size(max = 60, message = "Up to 60 characters.")
          String title,
      @NotNull(message = "What it is to reach, or nothing.")
          @Size(max = 200, message = "Up to 200 characters.")
          String target,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate startsOn,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate reviewsOn,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate endsOn,
      @Min(value = 1, message = A_DAY) @Max(value = 8, message = A_DAY) int sessionsADay,
      @Min(value = 1, message = MINUTES_A_DAY) @Max(value = 240, message = MINUTES_A_DAY)
          int minutesADay,
      @NotNull(message = "The obligations.") @Size(max = 12, message = "At most 12 obligations.")
          List<@Valid @NotNull(message = "An obligation.") ObligationForm> obligations) {}

  /** An obligation as written. */
  public record ObligationForm(
      @NotNull(message = "One of the purposes.") Purpose purpose,
      @Min(value = 1, message = MINUTES) @Max(value = 60, message = MINUTES) int minutes,
      @NotNull(message = "How often.") Frequency frequency,
      @Schema(example = "MORNING") @NotNull(message = AnchorText.RULE) String anchor,
      boolean heavy,
      @NotNull(message = "Days of the week, or none.") Set<DayOfWeek> notOn) {}

  /** A programme as it stands. */
  public record ProgrammeView(
      UUID id, ProgrammeForm programme, List<ObligationView> obligations, String painWords) {}

  /**
   * An obligation with what it comes to.
   *
   * @param words how often and where, for people
   * @param byPain whether the frequency follows pain
   * @param limits why it is not placed, or what of it waits; empty if nothing stands against it
   */
  public record ObligationView(
      String id,
      Purpose purpose,
      int minutes,
      Frequency frequency,
      String words,
      boolean byPain,
      boolean heavy,
      List<String> limits) {}

  /**
   * What can be chosen while a programme is written.
   *
   * @param frequencies how often something comes
   * @param anchors where in the day it may stand
   * @param another what an obligation more begins as
   * @param ready the programmes to start from
   */
  public record ProgrammeChoices(
      List<FrequencyChoice> frequencies,
      List<AnchorChoice> anchors,
      ObligationForm another,
      List<ReadyProgrammeView> ready) {}

  /**
   * How often something comes.
   *
   * @param place where it then stands; null where that is chosen
   */
  public record FrequencyChoice(
      Frequency frequency, String words, @Schema(nullable = true) String place) {}

  /** Where in the day something may stand. */
  public record AnchorChoice(String anchor, String words) {}

  /** A programme to start from, as it would be if it began today. */
  public record ReadyProgrammeView(String id, String aim, int weeks, ProgrammeForm programme) {}
}
