package org.nimblet.server.week;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.schedule.PracticeDay;
import org.nimblet.core.schedule.PracticeDay.PracticePartKind;
import org.nimblet.core.schedule.PracticeDay.Rests;
import org.nimblet.core.schedule.PracticeDay.Segment;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.week.PracticeDayForms.PracticeDayForm;
import org.nimblet.server.week.PracticeDayForms.PracticeDayView;
import org.nimblet.server.week.PracticeDayForms.PracticePartView;
import org.nimblet.server.week.PracticeDayForms.SegmentForm;

/** What goes over the wire about days of practice. */
final class PracticeDayForms {

  private static final int MOST_TECHNIQUES = 12;
  private static final int LONGEST_MINUTES = 960;

  /** What the page begins with (ours): a morning of two techniques. */
  private static final LocalTime BEGINS = LocalTime.of(9, 30);

  private static final LocalTime ENDS = LocalTime.of(13, 0);
  private static final int TECHNIQUE_MINUTES = 40;
  private static final int ANOTHER_MINUTES = 30;
  private static final int REPERTOIRE_MINUTES = 50;
  private static final int STEP_MINUTES = 5;

  private PracticeDayForms() {}

  /** What a day of practice of somebody begins as. */
  static PracticeProposal proposal(ClientFile client, Clock clock) {
    PracticeDayForm form =
        client.activities().stream()
            .findFirst()
            .map(
                activity ->
                    new PracticeDayForm(
                        activity.id(),
                        nextMorning(LocalDateTime.now(clock.withZone(client.zone()))),
                        BEGINS,
                        ENDS,
                        List.of(
                            new SegmentForm("Technique", TECHNIQUE_MINUTES),
                            new SegmentForm("Second technique", TECHNIQUE_MINUTES)),
                        Rests.USUAL.rest(),
                        Rests.USUAL.beforeRepertoire(),
                        new SegmentForm("Repertoire", REPERTOIRE_MINUTES)))
            .orElse(null);
    return new PracticeProposal(form, new SegmentForm("Technique", ANOTHER_MINUTES), STEP_MINUTES);
  }

  private static LocalDate nextMorning(LocalDateTime now) {
    return now.toLocalTime().isBefore(BEGINS) ? now.toLocalDate() : now.toLocalDate().plusDays(1);
  }

  /**
   * A day of practice.
   *
   * @param endsAt if given, the techniques share the time until then; otherwise it follows from
   *     their lengths
   * @param techniques in order
   * @param repertoire what comes after the long break; null for nothing
   */
  record PracticeDayForm(
      @NotNull(message = "Choose one of the client's activities.") UUID activityId,
      @NotNull(message = "A date such as 2026-03-02.") LocalDate date,
      @Schema(type = "string", example = "09:00") @NotNull(message = "A time such as 09:00.")
          LocalTime startsAt,
      @Schema(type = "string", nullable = true, example = "13:00") LocalTime endsAt,
      @NotNull(message = "At most 12 techniques.")
          @Size(max = MOST_TECHNIQUES, message = "At most 12 techniques.")
          List<@Valid SegmentForm> techniques,
      @Min(value = 0, message = "0 to 120 min.") @Max(value = 120, message = "0 to 120 min.")
          int restMinutes,
      @Min(value = 0, message = "0 to 240 min.") @Max(value = 240, message = "0 to 240 min.")
          int longBreakMinutes,
      @Schema(nullable = true) @Valid SegmentForm repertoire) {}

  /** Something that is worked at. */
  record SegmentForm(
      @NotNull(message = "1 to 40 characters.")
          @Size(min = 1, max = 40, message = "1 to 40 characters.")
          String title,
      @Min(value = 1, message = "1 to 720 min.")
          @Max(value = BlockPart.LONGEST, message = "1 to 720 min.")
          int minutes) {}

  /** A day of practice, worked out. */
  record PracticeDayView(
      List<PracticePartView> parts,
      @Schema(type = "string") LocalTime endsAt,
      int playingMinutes,
      int spareMinutes,
      List<UUID> blockIds) {}

  /**
   * What a day of practice begins as.
   *
   * @param form the form; null where there is no activity to practise
   * @param another what a technique more begins as
   * @param stepMinutes by how much lengths are changed with a touch
   */
  record PracticeProposal(
      @Schema(nullable = true) PracticeDayForm form, SegmentForm another, int stepMinutes) {}

  /** One part of it. */
  record PracticePartView(
      PracticePartKind kind,
      String title,
      int minutes,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt) {}

  /**
   * The day that a form asks for.
   *
   * @throws InvalidFieldException naming the field and what is allowed
   */
  static PracticeDay day(PracticeDayForm form) {
    Rests rests = new Rests(form.restMinutes(), form.longBreakMinutes());
    Optional<Segment> repertoire =
        Optional.ofNullable(form.repertoire()).map(r -> new Segment(r.title(), r.minutes()));
    PracticeDay day;
    try {
      day =
          form.endsAt() == null
              ? PracticeDay.of(
                  form.techniques().stream().map(t -> new Segment(t.title(), t.minutes())).toList(),
                  rests,
                  repertoire)
              : PracticeDay.within(
                  BlockBook.minutes(form.startsAt(), form.endsAt()),
                  form.techniques().stream().map(SegmentForm::title).toList(),
                  rests,
                  repertoire);
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException(
          form.endsAt() == null ? "techniques" : "endsAt", e.getMessage() + ".");
    }
    if (day.minutes() > LONGEST_MINUTES) {
      throw new InvalidFieldException(
          "techniques",
          "(%d min in all) must not be longer than %d min."
              .formatted(day.minutes(), LONGEST_MINUTES));
    }
    day.parts().stream()
        .filter(part -> part.minutes() > BlockPart.LONGEST)
        .findFirst()
        .ifPresent(
            part -> {
              throw new InvalidFieldException(
                  form.endsAt() == null ? "techniques" : "endsAt",
                  "(%s would last %d min) must leave nothing longer than %d min."
                      .formatted(part.title(), part.minutes(), BlockPart.LONGEST));
            });
    return day;
  }

  /** A day as it is shown. */
  static PracticeDayView view(PracticeDayForm form, PracticeDay day, List<UUID> ids) {
    return new PracticeDayView(
        day.parts().stream()
            .map(
                part ->
                    new PracticePartView(
                        part.kind(),
                        part.title(),
                        part.minutes(),
                        form.startsAt().plusMinutes(part.startMinute()),
                        form.startsAt().plusMinutes((long) part.startMinute() + part.minutes())))
            .toList(),
        form.startsAt().plusMinutes(day.minutes()),
        day.playingMinutes(),
        day.spareMinutes(),
        ids);
  }
}
