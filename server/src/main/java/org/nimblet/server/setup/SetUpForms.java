package org.nimblet.server.setup;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What goes over the wire about set-ups. */
public final class SetUpForms {

  private static final String VALUE_RULE = "0 to 1000.";
  private static final String NAME_RULE = "1 to 40 characters.";

  private SetUpForms() {}

  /** The set-up of a client, activity by activity. */
  public record SetUpView(List<ActivitySetUp> activities, List<MeasureView> measures) {}

  /** The points of one activity, and how two set-ups of it compared. */
  public record ActivitySetUp(
      UUID activityId,
      String title,
      List<PointView> points,
      @Schema(nullable = true) String ridingPoint,
      List<ComparisonView> comparisons) {}

  /** A point with the last look at it. */
  public record PointView(
      String id,
      String says,
      String why,
      PointState state,
      @Schema(nullable = true) LocalDate lookedOn,
      String words) {}

  /** Two set-ups beside each other. */
  public record ComparisonView(
      LocalDate date,
      String measure,
      String unit,
      String firstName,
      BigDecimal firstValue,
      String secondName,
      BigDecimal secondValue,
      String better) {}

  /** A number by which set-ups can be compared. */
  public record MeasureView(SetUpMeasure measure, String word, String unit) {}

  /** A look at a point. */
  public record LookForm(
      @NotNull(message = "One of the client's activities.") UUID activityId,
      @NotNull(message = "One of the points.") @Size(max = 60, message = "One of the points.")
          String point,
      @NotNull(message = "FINE or NOT_YET.") PointState state,
      @NotNull(message = "Up to 120 characters.")
          @Size(max = 120, message = "Up to 120 characters.")
          String words) {}

  /** The point that rides along, or none. */
  public record RidingForm(
      @NotNull(message = "One of the client's activities.") UUID activityId,
      @Schema(nullable = true) @Size(max = 60, message = "One of the points.") String point) {}

  /** A comparison of two set-ups. */
  public record ComparisonForm(
      @NotNull(message = "One of the client's activities.") UUID activityId,
      @NotNull(message = "One of the measures.") SetUpMeasure measure,
      @NotBlank(message = NAME_RULE) @Size(max = 40, message = NAME_RULE) String firstName,
      @NotNull(message = VALUE_RULE)
          @DecimalMin(value = "0", message = VALUE_RULE)
          @DecimalMax(value = "1000", message = VALUE_RULE)
          BigDecimal firstValue,
      @NotBlank(message = NAME_RULE) @Size(max = 40, message = NAME_RULE) String secondName,
      @NotNull(message = VALUE_RULE)
          @DecimalMin(value = "0", message = VALUE_RULE)
          @DecimalMax(value = "1000", message = VALUE_RULE)
          BigDecimal secondValue) {}
}
