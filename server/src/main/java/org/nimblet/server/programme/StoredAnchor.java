package org.nimblet.server.programme;

import java.time.LocalTime;
import java.util.UUID;
import org.nimblet.core.schedule.Anchor;
import org.nimblet.core.schedule.Anchor.AfterActivity;
import org.nimblet.core.schedule.Anchor.AtClock;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.server.client.ClientFile;

/** An anchor as it is kept: a part of the day, a time of the clock, or what it comes after. */
record StoredAnchor(PartOfDay part, LocalTime at, UUID afterActivity) {

  /** Exactly one of the three says it. */
  StoredAnchor {
    int said = (part == null ? 0 : 1) + (at == null ? 0 : 1) + (afterActivity == null ? 0 : 1);
    if (said != 1) {
      throw new IllegalArgumentException(
          "anchor (%s, %s, %s) must be a part of the day, a time or an activity"
              .formatted(part, at, afterActivity));
    }
  }

  /** An anchor that was read from a form. */
  static StoredAnchor of(Anchor anchor) {
    if (anchor instanceof PartOfDay part) {
      return new StoredAnchor(part, null, null);
    }
    if (anchor instanceof AtClock clock) {
      return new StoredAnchor(null, clock.time(), null);
    }
    if (anchor instanceof AfterActivity after) {
      return new StoredAnchor(null, null, UUID.fromString(after.activityId()));
    }
    throw new IllegalArgumentException("anchor (%s) is made by nobody".formatted(anchor.word()));
  }

  /** The anchor of a client; an activity may have gone since, then no day has that time. */
  Anchor of(ClientFile client) {
    if (part != null) {
      return part;
    }
    if (at != null) {
      return new AtClock(at);
    }
    String id = afterActivity.toString();
    return client
        .activity(afterActivity)
        .map(activity -> new AfterActivity(id, activity.title()))
        .orElseGet(() -> new AfterActivity(id, "an activity that is gone"));
  }

  /** As it goes over the wire. */
  String text() {
    if (part != null) {
      return part.name();
    }
    return at != null ? at.toString() : AnchorText.AFTER + afterActivity;
  }
}
