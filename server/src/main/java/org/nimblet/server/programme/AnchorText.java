package org.nimblet.server.programme;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.UUID;
import org.nimblet.core.schedule.Anchor;
import org.nimblet.core.schedule.Anchor.AfterActivity;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.server.client.ClientFile;

/** Anchors as they go over the wire: "MORNING", "08:15", "after:" and an activity. */
final class AnchorText {

  static final String RULE =
      "MORNING, NOON, EVENING, BEDTIME, a time such as 08:15, or after: and one of the client's"
          + " activities.";
  static final String AFTER = "after:";

  private AnchorText() {}

  /**
   * Reads an anchor.
   *
   * @throws IllegalArgumentException if it is none
   */
  static Anchor parse(String text, ClientFile client) {
    if (Arrays.stream(PartOfDay.values()).anyMatch(part -> part.name().equals(text))) {
      return PartOfDay.valueOf(text);
    }
    try {
      if (text.startsWith(AFTER)) {
        UUID id = UUID.fromString(text.substring(AFTER.length()));
        return client
            .activity(id)
            .<Anchor>map(activity -> new AfterActivity(id.toString(), activity.title()))
            .orElseThrow(() -> new IllegalArgumentException(RULE));
      }
      return new AtClock(LocalTime.parse(text));
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException(RULE, e);
    }
  }
}
