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
import org.nimblet.core.schedule.Contents;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.server.routine.SessionContents;

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
      @NotNull(message = "Days of the week, or none.") Set<DayOfWeek> notOn,
      @Schema(nullable = true) @Valid ContentsForm contents) {}

  /**
   * What is in the sessions of an obligation; without a routine they are composed anew each time.
   *
   * @param required exercises that are in it whenever they may be done
   * @param theme what is taken first; null if nothing is
   * @param routineId a routine of the shelf; null if it is composed
   * @param routineVersion which of its versions; null for the newest there is now
   */
  public record ContentsForm(
      @NotNull(message = "Exercises, or none.")
          @Size(max = Contents.Composed.MOST_REQUIRED, message = "At most 6 exercises.")
          List<@NotNull(message = "An exercise.") String> required,
      @Schema(nullable = true) String theme,
      @Schema(nullable = true) UUID routineId,
      @Schema(nullable = true) @Min(value = 1, message = "1 or more.") Integer routineVersion) {}

  /**
   * What would be in a session as things stand.
   *
   * @param minutes how long a session is planned
   * @param newestVersion of a routine, its newest version; 0 if it is composed
   * @param pain what each level of pain makes of how often it comes, the present one marked
   */
  public record ContentsView(
      SessionContents.Look look, int minutes, int newestVersion, List<PainZoneView> pain) {}

  /**
   * Levels of pain that ask for the same.
   *
   * @param from the lowest level
   * @param to the highest level, itself included
   * @param present whether the pain of what it works that asks for the least lies in it
   * @param forbids whether nothing may be done
   */
  public record PainZoneView(int from, int to, String words, boolean present, boolean forbids) {}

  /** What is asked to be looked at. */
  public record ContentsAsked(
      @NotNull(message = "One of the purposes.") Purpose purpose,
      @Min(value = 1, message = MINUTES) @Max(value = 60, message = MINUTES) int minutes,
      boolean heavy,
      @NotNull(message = "What is in it.") @Valid ContentsForm contents) {}

  /** A programme as it stands. */
  public record ProgrammeView(
      UUID id, ProgrammeForm programme, List<ObligationView> obligations, String painWords) {}

  /**
   * An obligation with what it comes to.
   *
   * @param words how often and where, for people
   * @param byPain whether the frequency follows pain
   * @param contents what is in it, for people
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
      String contents,
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
   * @param attached whether its sessions belong to blocks
   * @param ofTheBlock whether they are composed for the block and hold nothing else
   */
  public record FrequencyChoice(
      Frequency frequency,
      String words,
      @Schema(nullable = true) String place,
      boolean attached,
      boolean ofTheBlock) {}

  /** Where in the day something may stand. */
  public record AnchorChoice(String anchor, String words) {}

  /** A programme to start from, as it would be if it began today. */
  public record ReadyProgrammeView(String id, String aim, int weeks, ProgrammeForm programme) {}
}
