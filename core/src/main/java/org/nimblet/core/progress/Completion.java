package org.nimblet.core.progress;

import java.util.Collection;

/** Whether a session that was gone through to its end was done, or only skipped through. */
public final class Completion {

  /** A session counts as done from this share of its time on, per cent (ours). */
  public static final int DONE_PERCENT = 50;

  private Completion() {}

  /**
   * A step as it was done.
   *
   * @param plannedMillis its planned length, at least 1
   * @param donePercent how much of it was done, 0–100
   */
  public record Part(long plannedMillis, int donePercent) {
    /** Checks the ranges. */
    public Part {
      if (plannedMillis < 1) {
        throw new IllegalArgumentException(
            "planned length (%d ms) must be at least 1 ms".formatted(plannedMillis));
      }
      if (donePercent < 0 || donePercent > 100) {
        throw new IllegalArgumentException(
            "done (%d %%) must be between 0 and 100".formatted(donePercent));
      }
    }
  }

  /**
   * How much of the planned time was done, 0–100, rounded down; nothing planned is nothing done.
   */
  public static int percent(Collection<Part> parts) {
    long planned = parts.stream().mapToLong(Part::plannedMillis).sum();
    long done = parts.stream().mapToLong(part -> part.plannedMillis() * part.donePercent()).sum();
    return planned == 0 ? 0 : Math.toIntExact(done / planned);
  }

  /** Whether at least half of the planned time was done; nothing planned is nothing done. */
  public static boolean isDone(Collection<Part> parts) {
    return percent(parts) >= DONE_PERCENT;
  }
}
