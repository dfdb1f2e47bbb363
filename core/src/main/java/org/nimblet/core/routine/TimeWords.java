package org.nimblet.core.routine;

/** Lengths of time in words. */
public final class TimeWords {

  private TimeWords() {}

  /** Seconds for people: "9 min 30 s". */
  public static String words(long seconds) {
    long minutes = seconds / 60;
    long rest = seconds % 60;
    if (minutes == 0) {
      return rest + " s";
    }
    return rest == 0 ? minutes + " min" : minutes + " min " + rest + " s";
  }
}
