package org.nimblet.core.routine;

import java.util.OptionalInt;

/**
 * What lies around a routine in the day.
 *
 * @param warmed whether something warmed the hands in the last 30 minutes
 * @param minutesToPlay minutes from the end of the routine to the next block; empty if none is near
 * @param performanceTomorrow whether there is a performance on the next day
 */
public record Around(boolean warmed, OptionalInt minutesToPlay, boolean performanceTomorrow) {

  /** Nothing near, the hands cold. */
  public static final Around NOTHING = new Around(false, OptionalInt.empty(), false);

  /** Play comes next, the hands cold. */
  public static final Around BEFORE_PLAY = new Around(false, OptionalInt.of(0), false);
}
