package org.nimblet.core.measure;

/**
 * A value against an earlier one.
 *
 * @param counts from which difference on it means something
 * @param verdict what it means
 */
public record Change(double before, double now, SmallestChange counts, ChangeVerdict verdict) {

  /** What a difference means. */
  public enum ChangeVerdict {
    NO_CHANGE("no change"),
    BETTER("better"),
    WORSE("worse"),
    NOT_COMPARABLE("not comparable");

    private final String words;

    ChangeVerdict(String words) {
      this.words = words;
    }

    /** For people. */
    public String words() {
      return words;
    }
  }

  /**
   * Judges a difference; of unequal conditions nothing is called better or worse.
   *
   * @param better whether what it is now is the better one of the two
   */
  static Change of(
      double before, double now, SmallestChange counts, boolean better, boolean equalConditions) {
    ChangeVerdict verdict = ChangeVerdict.NO_CHANGE;
    if (!equalConditions) {
      verdict = ChangeVerdict.NOT_COMPARABLE;
    } else if (Math.abs(now - before) > counts.amount()) {
      verdict = better ? ChangeVerdict.BETTER : ChangeVerdict.WORSE;
    }
    return new Change(before, now, counts, verdict);
  }
}
