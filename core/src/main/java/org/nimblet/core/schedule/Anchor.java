package org.nimblet.core.schedule;

import java.time.LocalTime;
import java.util.Locale;

/** The time of the day from which a free-standing session should not be far. */
public sealed interface Anchor {

  /** The anchor inside a sentence: "morning", "08:15". */
  String word();

  /** A part of the day; the minutes are ours. */
  enum PartOfDay implements Anchor {
    /** An hour after waking. */
    MORNING,
    /** Half past twelve. */
    NOON,
    /** Seven in the evening. */
    EVENING,
    /** An hour before sleep. */
    BEDTIME;

    /** From waking to the morning's anchor, and from the anchor of bedtime to sleep. */
    static final int FROM_THE_EDGE_MINUTES = 60;

    static final LocalTime AT_NOON = LocalTime.of(12, 30);
    static final LocalTime IN_THE_EVENING = LocalTime.of(19, 0);

    @Override
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /** A time of the clock where the person is. */
  record AtClock(LocalTime time) implements Anchor {
    @Override
    public String word() {
      return time.toString();
    }
  }

  /**
   * The end of another activity of that day; on a day without it there is no such time.
   *
   * @param activityId which activity
   * @param title what it is called
   */
  record AfterActivity(String activityId, String title) implements Anchor {
    @Override
    public String word() {
      return "the end of " + title.toLowerCase(Locale.ROOT);
    }
  }

  /**
   * After all play of the day, never before it; on a day without play another anchor serves.
   *
   * @param otherwise the anchor of a day without play
   */
  record AfterPlay(Anchor otherwise) implements Anchor {
    @Override
    public String word() {
      return "after play";
    }
  }
}
