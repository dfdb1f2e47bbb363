package org.nimblet.core.schedule;

/**
 * How long an activity may go on without a break, and how long the break is. The numbers are ours.
 *
 * @param workMinutes the longest unbroken work, at least 1
 * @param breakMinutes the length of a break, at least 1 and shorter than the work
 */
public record WorkRhythm(int workMinutes, int breakMinutes) {

  static final WorkRhythm PRACTICE = new WorkRhythm(50, 10);
  static final WorkRhythm GAMING = new WorkRhythm(60, 10);
  static final WorkRhythm SCREEN = new WorkRhythm(50, 5);
  static final WorkRhythm HANDWRITING = new WorkRhythm(30, 5);

  /**
   * So much longer than the clock's answer may a piece be that ends at a natural boundary (ours).
   */
  private static final double STRETCH = 1.2;

  /**
   * Checks the numbers.
   *
   * @throws IllegalArgumentException if one is below 1, or breaks are as long as the work
   */
  public WorkRhythm {
    if (breakMinutes < 1 || breakMinutes >= workMinutes) {
      throw new IllegalArgumentException(
          "a break (%2$d min) must be at least 1 min and shorter than the work (%1$d min)"
              .formatted(workMinutes, breakMinutes));
    }
  }

  /** The longest piece that a natural boundary may bring about, in whole minutes. */
  public int stretchedWorkMinutes() {
    return (int) Math.floor(workMinutes * STRETCH);
  }
}
