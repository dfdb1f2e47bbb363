package org.nimblet.core.routine;

import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;

/**
 * Pain of one region.
 *
 * @param side on which side
 * @param region where
 * @param level 0 (none) to 10 (the worst there is)
 * @param course whether it is new or has been about the same for a while
 */
public record Pain(Side side, Region region, int level, Course course) {

  /** No pain. */
  public static final int NONE = 0;

  /** The worst there is. */
  public static final int WORST = 10;

  /** How long pain has been there. */
  public enum Course {
    /** First felt, or risen by two or more, within two weeks. */
    NEW("new"),
    /** About the same for two weeks or more. */
    STEADY("steady");

    private final String word;

    Course(String word) {
      this.word = word;
    }

    /** The course as a word inside a sentence. */
    public String word() {
      return word;
    }
  }

  /** Checks the range. */
  public Pain {
    if (level < NONE || level > WORST) {
      throw new IllegalArgumentException(
          "pain (%d) must be between %d and %d".formatted(level, NONE, WORST));
    }
  }

  /** Pain that has been about the same for a while. */
  public static Pain steady(Side side, Region region, int level) {
    return new Pain(side, region, level, Course.STEADY);
  }

  /** Whether it touches a region of this side; neck and back have no side of their own. */
  boolean touches(Region other, Side otherSide) {
    return region == other && (side == otherSide || !region.paired());
  }
}
