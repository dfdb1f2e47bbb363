package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Optional;

/** How an exercise uses a part of the body, or a direction of a joint; from little to much. */
public enum Use {
  /** It is moved freely or touched on the way. */
  MOVES(1, "moves or touches"),
  /** It is what the work is about, or it goes to its end. */
  WORKS(2, "works or takes to its end"),
  /** It is loaded. */
  LOADS(3, "loads");

  private final int level;
  private final String words;

  Use(int level, String words) {
    this.level = level;
    this.words = words;
  }

  /** 1 to 3, as it is written in files. */
  public int level() {
    return level;
  }

  /** What it does, inside a sentence. */
  public String words() {
    return words;
  }

  /** Whether it is this much or more. */
  public boolean isAtLeast(Use other) {
    return compareTo(other) >= 0;
  }

  /** The use of a level, if there is one. */
  public static Optional<Use> of(int level) {
    return Arrays.stream(values()).filter(use -> use.level == level).findFirst();
  }

  /** The greater of two. */
  static Use greater(Use one, Use other) {
    return one.isAtLeast(other) ? one : other;
  }
}
