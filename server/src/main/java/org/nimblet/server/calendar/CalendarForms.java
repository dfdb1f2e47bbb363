package org.nimblet.server.calendar;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the endpoints for calendars. */
final class CalendarForms {

  static final int LONGEST_ALARM = 120;

  private CalendarForms() {}

  /**
   * A calendar to be brought in.
   *
   * @param name what it is called here; a calendar of the same name is read again
   * @param text the text of the file; null if it is at an address
   * @param address where it is; null if it is a file
   * @param choices what titles mean; null for what was chosen before, or what is likely
   */
  record CalendarForm(
      @NotNull(message = "Up to 80 characters.") @Size(max = 80, message = "Up to 80 characters.")
          String name,
      @Schema(nullable = true) String text,
      @Schema(nullable = true) @Size(max = 500, message = "Up to 500 characters.") String address,
      @Schema(nullable = true) @Size(max = 500, message = "At most 500 titles.")
          List<@Valid TitleChoice> choices) {}

  /**
   * What a title means.
   *
   * @param title empty for all titles that are not chosen for
   * @param meaning null if nobody has decided
   * @param activityId the activity, if it is one
   */
  record TitleChoice(
      @NotNull(message = "A title of the calendar.") @Size(max = 80, message = "A title.")
          String title,
      @Schema(nullable = true) TitleMeaning meaning,
      @Schema(nullable = true) UUID activityId) {}

  /**
   * What would become of a calendar; nothing is stored yet.
   *
   * @param name what it is called
   * @param again whether it was read before
   * @param titles its titles, the most frequent first
   * @param changes what would be new, changed or gone, in the order of time
   * @param unchanged how many times stay as they are
   * @param notes what was read otherwise than it is written, or left out
   */
  record CalendarPreview(
      String name,
      boolean again,
      List<TitleView> titles,
      List<ChangeView> changes,
      int unchanged,
      List<String> notes) {}

  /**
   * A title with its times.
   *
   * @param times how many
   * @param example when the next one is
   * @param allDay whether none of them has a time of day
   */
  record TitleView(TitleChoice choice, int times, String example, boolean allDay) {}

  /** What happens to one time. */
  enum ChangeKind {
    NEW,
    CHANGED,
    GONE
  }

  /**
   * One time that is new, changed or gone.
   *
   * @param before when it was; null if it is new
   * @param after when it will be; null if it is gone
   */
  record ChangeView(
      ChangeKind kind,
      String title,
      @Schema(nullable = true) EventTime before,
      @Schema(nullable = true) EventTime after) {}

  /**
   * When something of a calendar is.
   *
   * @param endsAt on the next date if it is not after the start
   * @param words for people
   */
  record EventTime(
      LocalDate date,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      boolean allDay,
      String words) {}

  /**
   * A calendar that is brought in.
   *
   * @param address where it is read again; null for a file
   * @param failure why it could not be read the last time; null if it could
   * @param undecided how many of its titles nobody has decided on
   */
  record CalendarView(
      UUID id,
      String name,
      @Schema(nullable = true) String address,
      Instant readAt,
      @Schema(nullable = true) String failure,
      int undecided,
      List<TitleChoice> choices) {}

  /** The calendars of a client, and how large a file may be. */
  record CalendarsView(List<CalendarView> calendars, int largestBytes) {}

  /** What was done with a calendar. */
  record CalendarTaken(CalendarView calendar, int made, int changed, int removed) {}

  /** How a feed should be. */
  record FeedForm(
      @Min(value = 0, message = "0 to 120 minutes; 0 for none.")
          @Max(value = LONGEST_ALARM, message = "0 to 120 minutes; 0 for none.")
          int alarmMinutes,
      boolean breaks) {}

  /**
   * The feed of a client.
   *
   * @param address where it is, only in the answer that made it; later nobody can tell
   */
  record FeedView(
      boolean active,
      int alarmMinutes,
      boolean breaks,
      @Schema(nullable = true) Instant madeAt,
      @Schema(nullable = true) String address) {}
}
