package org.nimblet.core.schedule;

import java.time.Duration;

/** Whether and how long a block is warmed up for, with the reason. */
public sealed interface AttachedPlace {

  /** The reason as one sentence. */
  String reason();

  /**
   * There is a warm-up; it ends as the block starts.
   *
   * @param length how long it may be at most
   * @param shortened whether less than was wanted
   * @param reason why so long
   */
  record Placed(Duration length, boolean shortened, String reason) implements AttachedPlace {}

  /**
   * There is none.
   *
   * @param reason why
   */
  record LeftOut(String reason) implements AttachedPlace {}
}
