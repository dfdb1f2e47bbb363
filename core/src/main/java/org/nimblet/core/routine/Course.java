package org.nimblet.core.routine;

import java.util.Set;

/**
 * What a person is in the midst of in routines of one purpose.
 *
 * @param exercises what the last two routines of the purpose held, by identifier
 * @param daysSinceNew whole days since something entered it that had not been done for two weeks
 */
public record Course(Set<String> exercises, int daysSinceNew) {

  /** Nothing was done for the purpose lately. */
  public static final Course NONE = new Course(Set.of(), 0);

  /** So many routines are the present course (ours). */
  public static final int ROUTINES = 2;

  /** What was not done for so many days is new again. */
  public static final int NEW_AFTER_DAYS = 14;

  /** After so many days without anything new a course goes stale (ours). */
  private static final int STALE_AFTER_DAYS = 7;

  /** Copies the set. */
  public Course {
    exercises = Set.copyOf(exercises);
  }

  /** Whether it is time for something new. */
  boolean isStale() {
    return !exercises.isEmpty() && daysSinceNew >= STALE_AFTER_DAYS;
  }
}
