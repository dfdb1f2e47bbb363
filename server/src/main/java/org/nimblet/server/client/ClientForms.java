package org.nimblet.server.client;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.schedule.ActivityKind;

/** What goes over the wire about clients. */
public final class ClientForms {

  private ClientForms() {}

  static final String HAND_RULE = "Choose left or right.";
  static final String CHOICE_RULE = "Choose one of those listed.";
  static final String WEIGHTS_RULE = "Up to 12 weights of 50 to 20000 g.";
  static final String TIME_RULE = "A time such as 07:00.";

  private static final String EMAIL =
      "An address such as ines@harbourhands.example, or nothing for a link to hand on.";

  /** A client in the coach's list. */
  public record ClientSummary(UUID id, String name, String occupation) {}

  /** An invitation: to an address, or as a link to hand on. */
  record InvitationForm(
      @Schema(nullable = true) @Email(message = EMAIL) @Size(max = 100, message = EMAIL)
          String email) {}

  /** That a client is to be deleted for good. */
  record DeletionForm(
      @NotNull(message = "Their name, to be sure.")
          @Size(max = 80, message = "Their name, to be sure.")
          String name) {}

  /** What a coach or client may write. */
  public record ClientForm(
      long version,
      @NotBlank(message = "A name has 1 to 80 characters.")
          @Size(max = 80, message = "A name has 1 to 80 characters.")
          String name,
      @NotNull(message = "Up to 120 characters.")
          @Size(max = 120, message = "Up to 120 characters.")
          String occupation,
      @NotNull(message = HAND_RULE) Side dominantHand,
      @NotNull(message = CHOICE_RULE) Notation notation,
      @NotNull(message = CHOICE_RULE) Method method,
      @NotNull(message = CHOICE_RULE) AgeGroup ageGroup,
      @Schema(nullable = true) Side claspSide,
      @Min(value = 3, message = "3 to 15 breaths a minute.")
          @Max(value = 15, message = "3 to 15 breaths a minute.")
          int breathsPerMinute,
      @Min(value = 3, message = "A warm-up takes 3 to 30 minutes.")
          @Max(value = 30, message = "A warm-up takes 3 to 30 minutes.")
          int warmUpMinutes,
      @Min(value = 1, message = "A break takes 1 to 10 minutes.")
          @Max(value = 10, message = "A break takes 1 to 10 minutes.")
          int breakMinutes,
      @Min(value = 1, message = "A routine takes 1 to 30 minutes.")
          @Max(value = 30, message = "A routine takes 1 to 30 minutes.")
          int careMinutes,
      @NotBlank(message = "A time zone such as Europe/Lisbon.") String timeZone,
      @Schema(type = "string", example = "07:00") @NotNull(message = TIME_RULE) LocalTime wakesAt,
      @Schema(type = "string", example = "23:00") @NotNull(message = TIME_RULE) LocalTime sleepsAt,
      @NotEmpty(message = "Choose at least one position.") Set<Position> positions,
      @NotNull(message = "Choose from those listed, or none.") Set<Thing> things,
      @NotNull(message = WEIGHTS_RULE) @Size(max = 12, message = WEIGHTS_RULE)
          List<
                  @NotNull(message = WEIGHTS_RULE) @Min(value = 50, message = WEIGHTS_RULE)
                  @Max(value = 20_000, message = WEIGHTS_RULE) Integer>
              weightsGrams,
      @NotNull(message = "At most 12 activities.")
          @Size(max = 12, message = "At most 12 activities.")
          List<@Valid ActivityForm> activities,
      @NotNull(message = "What was asked so far, or an empty list.")
          Set<IntakeQuestion> intakeAnswered) {}

  /**
   * One activity; without an identifier it is new.
   *
   * @param roles which hand does what; null for the usual hands of the discipline
   */
  public record ActivityForm(
      @Schema(nullable = true) UUID id,
      @NotNull(message = CHOICE_RULE) ActivityKind kind,
      @NotBlank(message = "A title has 1 to 40 characters.")
          @Size(max = 40, message = "A title has 1 to 40 characters.")
          String title,
      @NotNull(message = CHOICE_RULE) Discipline discipline,
      @NotEmpty(message = "Choose the left hand, the right hand or both.") Set<Side> hands,
      @NotNull(message = "Choose from those listed, or none.") Set<Digit> digits,
      @Schema(nullable = true) Map<HandRole, @NotNull(message = HAND_RULE) Side> roles,
      @Min(value = 0, message = "0 to 6000 minutes a week.")
          @Max(value = 6000, message = "0 to 6000 minutes a week.")
          int weeklyMinutes,
      @Schema(nullable = true)
          List<@Valid @NotNull(message = "A target, a side and a weight.") WeightForm> weights) {}

  /** How much a target on a side should be served. */
  public record WeightForm(
      @NotBlank(message = "A tissue, a digit or a quality.") String target,
      @NotNull(message = HAND_RULE) Side side,
      @Min(value = 0, message = "0 to 10.") @Max(value = 10, message = "0 to 10.") int weight) {}

  /** What of an activity decides what it asks for. */
  public record ActivityShape(
      @NotNull(message = CHOICE_RULE) Discipline discipline,
      @NotNull(message = "Choose the left hand, the right hand or both.") Set<@NotNull Side> hands,
      @NotNull(message = "Choose from those listed, or none.") Set<@NotNull Digit> digits) {}

  /** What an activity asks for by itself of a target on a side, 0 to 10. */
  public record WeightView(String target, String word, Side side, int usual) {}

  /** What one hand can do in a discipline. */
  public record HandRoleView(HandRole role, String word) {}

  /**
   * A client as shown.
   *
   * @param intakeFinished whether everything was asked that is asked of a new client
   * @param discipline what their hands are likely to do, from what they say they do; null if nobody
   *     can tell
   */
  public record ClientView(
      UUID id,
      boolean intakeFinished,
      @Schema(nullable = true) Discipline discipline,
      ClientForm facts) {}
}
